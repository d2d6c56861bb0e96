import { createServer as createFront, type Server, type Socket } from 'node:net';
import type { Server as SecureServer } from 'node:https';

/** How a TLS connection begins: a handshake record [RFC 8446, 5.1]. */
const HANDSHAKE = 0x16;
/** So long an answer to somebody who says nothing is waited for, ms. */
const SILENT_MS = 10_000;

/**
 * One port for https and for whoever typed the address without the `s`: that one is sent on to the right address, always
 * the first page of this server. What was in the plain address, a key perhaps, is not sent on.
 *
 * @param origin of the https server, known once it listens.
 */
export function withPlainHttp(secure: SecureServer, origin: () => string): Server {
  return createFront((socket) => {
    socket.on('error', () => socket.destroy());
    socket.setTimeout(SILENT_MS, () => socket.destroy());
    socket.once('readable', () => {
      const first = socket.read() as Buffer | null;
      if (first === null) return;
      if (first[0] !== HANDSHAKE) {
        answerPlain(socket, first, origin());
        return;
      }
      socket.setTimeout(0);
      socket.unshift(first);
      secure.emit('connection', socket);
    });
  });
}

const REQUEST = /^(GET|HEAD) \S+ HTTP\/1\.[01]\r?\n/;

function answerPlain(socket: Socket, first: Buffer, origin: string): void {
  const text = `Open ${origin}/ instead, with an s after http.`;
  socket.end(
    REQUEST.test(first.toString('latin1'))
      ? [
          'HTTP/1.1 307 Temporary Redirect',
          `Location: ${origin}/`,
          'Content-Type: text/plain',
          `Content-Length: ${Buffer.byteLength(text)}`,
          'Cache-Control: no-store',
          'Connection: close',
          '',
          text,
        ].join('\r\n')
      : text,
  );
}
