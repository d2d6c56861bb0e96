import { randomBytes, timingSafeEqual } from 'node:crypto';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import type { RequestHandler } from 'express';

const COOKIE = 'steady-trowel-key';
const YEAR_S = 365 * 24 * 3600;
/** 128 bits, 22 letters of base64url. */
const KEY_BYTES = 16;
const KEY = /^[\w-]{22}$/;

/**
 * The key of this computer, made when it is first shared; it stays the same, so that phones stay let in.
 *
 * @param folder where it is stored, for this user alone.
 */
export function keyIn(folder: string): string {
  const file = path.join(folder, 'key');
  try {
    const stored = readFileSync(file, 'utf8').trim();
    if (KEY.test(stored)) return stored;
  } catch {
    // Not shared before.
  }
  const key = randomBytes(KEY_BYTES).toString('base64url');
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  writeFileSync(file, key, { mode: 0o600 });
  return key;
}

/** Browsers fetch these without cookies, and they tell nothing. */
const OPEN = new Set(['/manifest.webmanifest', '/icon.svg', '/certificate.crt']);

/**
 * Lets in who has the key: in the address at the first use, in a cookie from then on. The address is then shown without
 * it, so that no picture of the screen gives it away.
 */
export function keyGate(key: string): RequestHandler {
  return (request, response, next) => {
    if (OPEN.has(request.path) || isKey(cookieOf(request.headers.cookie), key)) {
      next();
      return;
    }
    const given = request.query['key'];
    if (request.method === 'GET' && typeof given === 'string' && isKey(given, key)) {
      response.cookie(COOKIE, key, {
        httpOnly: true,
        secure: true,
        sameSite: 'strict',
        maxAge: YEAR_S * 1000,
      });
      response.set('Cache-Control', 'no-store').set('Referrer-Policy', 'no-referrer');
      // With one stroke in front: two would be another host.
      response.redirect(303, request.path.replace(/^[/\\]+/, '/'));
      return;
    }
    response
      .status(403)
      .type('text/plain')
      .send('Open the whole address that the computer shows, with its key, or scan its QR code.');
  };
}

function cookieOf(header: string | undefined): string {
  const found = (header ?? '').split(/;\s*/).find((part) => part.startsWith(`${COOKIE}=`));
  return found?.slice(COOKIE.length + 1) ?? '';
}

function isKey(given: string, key: string): boolean {
  const [a, b] = [Buffer.from(given), Buffer.from(key)];
  return a.length === b.length && timingSafeEqual(a, b);
}
