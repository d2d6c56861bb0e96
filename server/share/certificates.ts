import { X509Certificate } from 'node:crypto';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { generate } from 'selfsigned';

export interface Certificates {
  /** What a phone should trust: the authority of this computer alone, PEM. */
  readonly authority: string;
  /** Of the server, signed by it, PEM. */
  readonly cert: string;
  readonly key: string;
}

interface Stored extends Certificates {
  readonly authorityKey: string;
}

const DAY_MS = 86_400_000;
const AUTHORITY_DAYS = 3650;
/** Browsers refuse certificates that hold longer (CA/Browser Forum Baseline Requirements 6.3.2, from memory). */
const SERVER_DAYS = 397;
/** One that ends so soon is made again. */
const ENDS_SOON_DAYS = 30;
/** The kinds of names in a certificate: a host, an address [RFC 5280, 4.2.1.6]. */
const [HOST, ADDRESS] = [2, 7] as const;

/**
 * The certificates to serve these addresses with: those of the last time, as long as they fit and hold, so that a phone is
 * asked once. Only this user can read the keys.
 *
 * @param folder where they are stored.
 * @param addresses IPv4 addresses of this computer.
 */
export async function certificatesFor(
  folder: string,
  addresses: readonly string[],
  now: number,
): Promise<Certificates> {
  const file = path.join(folder, 'certificates.json');
  const stored = readStored(file);
  if (stored && fits(stored, addresses, now)) return stored;
  const authority = stored && holds(stored.authority, now) ? stored : await newAuthority(now);
  const { authority: cert, authorityKey: key } = authority;
  const server = await generate([{ name: 'commonName', value: 'Steady Trowel' }], {
    ...validFor(SERVER_DAYS, now),
    ca: { cert, key },
    extensions: [
      { name: 'basicConstraints', cA: false, critical: true },
      { name: 'keyUsage', digitalSignature: true, keyEncipherment: true, critical: true },
      { name: 'extKeyUsage', serverAuth: true },
      {
        name: 'subjectAltName',
        altNames: [
          { type: HOST, value: 'localhost' },
          ...['127.0.0.1', ...addresses].map((ip) => ({ type: ADDRESS, ip })),
        ],
      },
    ],
  });
  const made: Stored = { authority: cert, authorityKey: key, cert: server.cert, key: server.private };
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  writeFileSync(file, JSON.stringify(made), { mode: 0o600 });
  return made;
}

async function newAuthority(now: number): Promise<Pick<Stored, 'authority' | 'authorityKey'>> {
  const made = await generate([{ name: 'commonName', value: 'Steady Trowel on my computer' }], {
    ...validFor(AUTHORITY_DAYS, now),
    extensions: [
      { name: 'basicConstraints', cA: true, critical: true },
      { name: 'keyUsage', keyCertSign: true, cRLSign: true, critical: true },
    ],
  });
  return { authority: made.cert, authorityKey: made.private };
}

const validFor = (days: number, now: number) =>
  ({
    keySize: 2048,
    algorithm: 'sha256',
    // Clocks of phones are not all right.
    notBeforeDate: new Date(now - DAY_MS),
    notAfterDate: new Date(now + days * DAY_MS),
  }) as const;

function readStored(file: string): Stored | undefined {
  try {
    const stored = JSON.parse(readFileSync(file, 'utf8')) as Partial<Stored>;
    const { authority, authorityKey, cert, key } = stored;
    return authority && authorityKey && cert && key ? { authority, authorityKey, cert, key } : undefined;
  } catch {
    return undefined;
  }
}

/** Is it a certificate that holds for some time? What is damaged does not. */
function holds(pem: string, now: number): boolean {
  try {
    return Date.parse(new X509Certificate(pem).validTo) - now > ENDS_SOON_DAYS * DAY_MS;
  } catch {
    return false;
  }
}

function fits({ authority, cert }: Stored, addresses: readonly string[], now: number): boolean {
  if (!holds(authority, now) || !holds(cert, now)) return false;
  const server = new X509Certificate(cert);
  return addresses.every((address) => server.checkIP(address) !== undefined);
}
