import { createServer } from 'node:https';
import type { AddressInfo, Server } from 'node:net';
import { networkInterfaces } from 'node:os';
import path from 'node:path';
import QRCode from 'qrcode';
import { createApp } from '../app';
import type { SyncRoutesOptions } from '../sync/syncRoutes';
import { localAddresses } from './addresses';
import { certificatesFor } from './certificates';
import { keyGate, keyIn } from './keyGate';
import { withPlainHttp } from './plainHttp';
import { shareWords } from './shareWords';

export interface ShareOptions {
  /** Folder of the built app. */
  readonly dist: string;
  /** Where certificates and key are stored. */
  readonly folder: string;
  readonly port: number;
  /** IPv4 addresses to serve; those of the local network, where nothing is said. */
  readonly addresses?: readonly string[];
  readonly sync?: SyncRoutesOptions;
  readonly now: number;
}

export interface Shared {
  readonly servers: readonly Server[];
  /** With the key in each. */
  readonly addresses: readonly string[];
  readonly words: string;
  /** The server's certificate, PEM. */
  readonly cert: string;
}

/**
 * Serves the app to the local network over https, to those who have the key.
 *
 * @returns nothing where this computer is in no local network.
 */
export async function share(options: ShareOptions): Promise<Shared | undefined> {
  const { dist, folder, port, now, sync, addresses = localAddresses(networkInterfaces()) } = options;
  if (addresses.length === 0) return undefined;
  const { authority, cert, key } = await certificatesFor(folder, addresses, now);
  const secret = keyIn(folder);
  const app = createApp(dist, {
    sharing: { hosts: addresses, gate: keyGate(secret), authority },
    ...(sync && { sync }),
  });
  // At these addresses alone: one of the open internet is not listened at.
  const servers = addresses.map((address) => {
    const secure = createServer({ cert: `${cert}\n${authority}`, key }, app);
    const front = withPlainHttp(
      secure,
      () => `https://${address}:${(front.address() as AddressInfo | null)?.port ?? port}`,
    );
    return front;
  });
  await Promise.all(servers.map((server, i) => listening(server, port, addresses[i]!)));
  const opened = addresses.map((address) => `https://${address}:${port}/?key=${secret}`);
  const qr = await QRCode.toString(opened[0]!, { type: 'terminal', small: true });
  return { servers, addresses: opened, words: shareWords(opened, qr), cert };
}

const listening = (server: Server, port: number, address: string): Promise<void> =>
  new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, address, resolve);
  });

/** Where a computer stores what it shares with. */
export const shareFolder = (root: string): string => path.join(root, '.cache', 'share');
