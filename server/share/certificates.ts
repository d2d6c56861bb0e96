import 'reflect-metadata';
import { AsnConvert } from '@peculiar/asn1-schema';
import { GeneralName, GeneralSubtree, GeneralSubtrees, NameConstraints } from '@peculiar/asn1-x509';
import {
  BasicConstraintsExtension,
  ExtendedKeyUsage,
  ExtendedKeyUsageExtension,
  Extension,
  KeyUsageFlags,
  KeyUsagesExtension,
  SubjectAlternativeNameExtension,
  X509CertificateGenerator,
  type X509CertificateCreateParams,
} from '@peculiar/x509';
import { KeyObject, webcrypto, X509Certificate } from 'node:crypto';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';

export interface Certificates {
  /** What a phone should trust: it can vouch for this computer at these addresses, and its key is gone. PEM. */
  readonly authority: string;
  /** Of the server, signed by it, PEM. */
  readonly cert: string;
  readonly key: string;
}

const DAY_MS = 86_400_000;
/** Browsers refuse certificates that hold longer (CA/Browser Forum Baseline Requirements 6.3.2, from memory). */
const VALID_DAYS = 397;
/** One that ends so soon is made again. */
const ENDS_SOON_DAYS = 30;

/** Every browser of today knows the curve [FIPS 186-5, P-256]. */
const ALGORITHM = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' } as const;
const NAME_CONSTRAINTS = '2.5.29.30';

/**
 * The certificates to serve these addresses with: those of the last time, as long as they fit and hold, so that a phone is
 * asked once. Only this user can read the key. Two are made together, since a phone is told to trust an authority and
 * no server: it is limited to these addresses [RFC 5280, 4.2.1.10], and its own key is never stored, so that nobody
 * can sign anything else with it.
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
  const made = await newCertificates(['127.0.0.1', ...addresses], now);
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  writeFileSync(file, JSON.stringify(made), { mode: 0o600 });
  return made;
}

async function newCertificates(addresses: readonly string[], now: number): Promise<Certificates> {
  const [authority, server] = await Promise.all([newKeys(), newKeys()]);
  const common = {
    issuer: 'CN=Steady Trowel on my computer',
    signingKey: authority.privateKey,
    signingAlgorithm: ALGORITHM,
    // Clocks of phones are not all right.
    notBefore: new Date(now - DAY_MS),
    notAfter: new Date(now + VALID_DAYS * DAY_MS),
  } satisfies Partial<X509CertificateCreateParams>;
  const [authorityCert, serverCert] = await Promise.all([
    X509CertificateGenerator.create({
      ...common,
      subject: common.issuer,
      publicKey: authority.publicKey,
      extensions: [
        new BasicConstraintsExtension(true, 0, true),
        new KeyUsagesExtension(KeyUsageFlags.keyCertSign, true),
        onlyFor(addresses),
      ],
    }),
    X509CertificateGenerator.create({
      ...common,
      subject: 'CN=Steady Trowel',
      publicKey: server.publicKey,
      extensions: [
        new BasicConstraintsExtension(false, undefined, true),
        new KeyUsagesExtension(KeyUsageFlags.digitalSignature, true),
        new ExtendedKeyUsageExtension([ExtendedKeyUsage.serverAuth]),
        new SubjectAlternativeNameExtension([
          { type: 'dns', value: 'localhost' },
          ...addresses.map((value) => ({ type: 'ip', value }) as const),
        ]),
      ],
    }),
  ]);
  const key = KeyObject.from(server.privateKey).export({ type: 'pkcs8', format: 'pem' }) as string;
  return { authority: authorityCert.toString('pem'), cert: serverCert.toString('pem'), key };
}

const newKeys = (): Promise<webcrypto.CryptoKeyPair> =>
  webcrypto.subtle.generateKey(ALGORITHM, true, ['sign', 'verify']);

/** What an authority may vouch for: these addresses, each by itself, and this machine by its name. */
function onlyFor(addresses: readonly string[]): Extension {
  const names = [
    { dNSName: 'localhost' },
    ...addresses.map((address) => ({ iPAddress: `${address}/32` })),
  ].map((name) => new GeneralSubtree({ base: new GeneralName(name) }));
  const constraints = new NameConstraints({ permittedSubtrees: new GeneralSubtrees(names) });
  return new Extension(NAME_CONSTRAINTS, true, AsnConvert.serialize(constraints));
}

/** Those of earlier versions, which stored the authority's key as well, are made again. */
function readStored(file: string): Certificates | undefined {
  try {
    const stored = JSON.parse(readFileSync(file, 'utf8')) as Partial<Certificates & { authorityKey: string }>;
    const { authority, cert, key, authorityKey } = stored;
    return authority && cert && key && !authorityKey ? { authority, cert, key } : undefined;
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

function fits({ authority, cert }: Certificates, addresses: readonly string[], now: number): boolean {
  if (!holds(authority, now) || !holds(cert, now)) return false;
  const server = new X509Certificate(cert);
  return addresses.every((address) => server.checkIP(address) !== undefined);
}
