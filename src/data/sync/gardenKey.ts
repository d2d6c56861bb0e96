import { fromBase64Url, joinBytes, toBase64Url, utf8, type Bytes } from './bytes';

/**
 * A key of a garden: 256 bits that only its devices have. With it they seal what they write; what a server must know
 * is derived from it and tells nothing of it.
 */
export interface GardenKey {
  /** 43 letters of base64url. */
  readonly secret: string;
  /** How often the key was changed before. */
  readonly generation: number;
}

/** AES-GCM with a random value of 96 bits for each message [NIST SP 800-38D, 8.2.2]: up to 2^32 of them. */
const IV_BYTES = 12;
const TAG_BYTES = 16;
const KEY_BYTES = 32;
/** By which a message names its key. */
const NAME_BYTES = 8;

const randomBytes = (length: number): Bytes => crypto.getRandomValues(new Uint8Array(length));

/** Of 128 bits: a token, or an address that nobody guesses. */
export const newToken = (): string => toBase64Url(randomBytes(16));

export const newGardenKey = (generation: number): GardenKey => ({
  secret: toBase64Url(randomBytes(KEY_BYTES)),
  generation,
});

const SECRET = /^[\w-]{43}$/;

export const isSecret = (text: string): boolean => SECRET.test(text);

/** @throws DOMException, or an OperationError, for bytes that are no key. */
const importKey = (bytes: Bytes): Promise<CryptoKey> =>
  crypto.subtle.importKey('raw', bytes, 'AES-GCM', false, ['encrypt', 'decrypt']);

/**
 * Bits derived from a secret for one use [HKDF, RFC 5869, with SHA-256 and no salt].
 *
 * @param info the use: another one gives other bits.
 */
async function derive(secret: Bytes, info: string, bytes: number): Promise<Bytes> {
  const key = await crypto.subtle.importKey('raw', secret, 'HKDF', false, ['deriveBits']);
  const bits = await crypto.subtle.deriveBits(
    { name: 'HKDF', hash: 'SHA-256', salt: new Uint8Array(), info: utf8(`steady-trowel/${info}`) },
    key,
    bytes * 8,
  );
  return new Uint8Array(bits);
}

/** Where a server stores the garden: of its first key, and the same for good. */
export const addressOf = async ({ secret }: GardenKey): Promise<string> =>
  toBase64Url(await derive(fromBase64Url(secret), 'address', 16));

/** What shows a server that one has the key. */
export const admitOf = async ({ secret }: GardenKey): Promise<string> =>
  toBase64Url(await derive(fromBase64Url(secret), 'admit', 16));

/** Of the derived keys, so that none has to be derived or imported for each message. */
const prepared = new Map<string, Promise<{ readonly key: CryptoKey; readonly name: Bytes }>>();

function prepare({ secret }: GardenKey): Promise<{ readonly key: CryptoKey; readonly name: Bytes }> {
  let ready = prepared.get(secret);
  if (!ready) {
    const bytes = fromBase64Url(secret);
    ready = Promise.all([
      derive(bytes, 'seal', KEY_BYTES).then(importKey),
      derive(bytes, 'name', NAME_BYTES),
    ]).then(([key, name]) => ({ key, name }));
    prepared.set(secret, ready);
  }
  return ready;
}

/**
 * Seals a message: the name of the key, a random value, and the message by AES-GCM.
 *
 * @param about what the message belongs to, which is not in it: opened for anything else it counts as altered.
 */
export async function seal(garden: GardenKey, message: Bytes, about: string): Promise<Bytes> {
  const { key, name } = await prepare(garden);
  return joinBytes(name, await encrypt(key, message, about));
}

async function encrypt(key: CryptoKey, message: Bytes, about: string): Promise<Bytes> {
  const iv = randomBytes(IV_BYTES);
  const sealed = await crypto.subtle.encrypt(
    { name: 'AES-GCM', iv, additionalData: utf8(about) },
    key,
    message,
  );
  return joinBytes(iv, new Uint8Array(sealed));
}

async function decrypt(key: CryptoKey, sealed: Bytes, about: string): Promise<Bytes | undefined> {
  if (sealed.length < IV_BYTES + TAG_BYTES) return undefined;
  const [iv, rest] = [sealed.slice(0, IV_BYTES), sealed.slice(IV_BYTES)];
  try {
    const additionalData = utf8(about);
    return new Uint8Array(await crypto.subtle.decrypt({ name: 'AES-GCM', iv, additionalData }, key, rest));
  } catch {
    return undefined;
  }
}

export type OpenedMessage =
  { readonly message: Bytes; readonly key: GardenKey } | { readonly why: 'otherKey' | 'altered' };

/**
 * Opens a sealed message.
 *
 * @param keys of the garden, that of the message among them or not.
 * @returns `otherKey` where none of them is the message's, `altered` where it is not what was sealed about this.
 */
export async function openSealed(
  keys: readonly GardenKey[],
  sealed: Bytes,
  about: string,
): Promise<OpenedMessage> {
  const name = sealed.slice(0, NAME_BYTES);
  for (const each of keys) {
    const { key, name: own } = await prepare(each);
    if (name.length !== NAME_BYTES || own.some((byte, i) => byte !== name[i])) continue;
    const message = await decrypt(key, sealed.slice(NAME_BYTES), about);
    return message ? { message, key: each } : { why: 'altered' };
  }
  return { why: 'otherKey' };
}

const CURVE = { name: 'ECDH', namedCurve: 'P-256' } as const;

/** A device's own pair of keys, with which a new key of the garden is given to it alone. */
export interface DeviceKeys {
  readonly secret: JsonWebKey;
  /** Base64url of the point on the curve. */
  readonly open: string;
}

export async function newDeviceKeys(): Promise<DeviceKeys> {
  const { privateKey, publicKey } = await crypto.subtle.generateKey(CURVE, true, ['deriveBits']);
  const [secret, open] = await Promise.all([
    crypto.subtle.exportKey('jwk', privateKey),
    crypto.subtle.exportKey('raw', publicKey),
  ]);
  return { secret, open: toBase64Url(new Uint8Array(open)) };
}

/** The key that two devices share [ECDH, NIST SP 800-56A, on P-256]. */
async function sharedKey({ secret }: DeviceKeys, theirs: string): Promise<CryptoKey> {
  const [own, other] = await Promise.all([
    crypto.subtle.importKey('jwk', secret, CURVE, false, ['deriveBits']),
    crypto.subtle.importKey('raw', fromBase64Url(theirs), CURVE, false, []),
  ]);
  const bits = await crypto.subtle.deriveBits({ name: 'ECDH', public: other }, own, 256);
  return importKey(await derive(new Uint8Array(bits), 'give', KEY_BYTES));
}

/** A key of the garden for one device: only that one can read it. */
export const sealFor = async (
  own: DeviceKeys,
  theirs: string,
  key: GardenKey,
  about: string,
): Promise<string> => toBase64Url(await encrypt(await sharedKey(own, theirs), utf8(key.secret), about));

/** A key that another device gave to this one; nothing where it was given to another, or altered. */
export async function openFrom(
  own: DeviceKeys,
  theirs: string,
  sealed: string,
  about: string,
): Promise<string | undefined> {
  const message = await decrypt(await sharedKey(own, theirs), fromBase64Url(sealed), about);
  const secret = message && new TextDecoder().decode(message);
  return secret && isSecret(secret) ? secret : undefined;
}

/** Letters of a code that is read aloud: Crockford's base 32, without I, L, O and U. */
const SPOKEN = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
const SPOKEN_LETTERS = 12;

/** A code of 60 bits to read aloud, once. */
export const newSpokenCode = (): string =>
  Array.from(randomBytes(SPOKEN_LETTERS), (byte) => SPOKEN.charAt(byte % SPOKEN.length)).join('');

/**
 * A code as heard or typed: spaces, dashes and case do not matter, and letters that look like others are read as them.
 *
 * @returns nothing where it is no such code.
 * @example readSpokenCode('k7qf 2m9x tr4o') // 'K7QF2M9XTR40'
 */
export function readSpokenCode(typed: string): string | undefined {
  const code = typed
    .toUpperCase()
    .replace(/[\s·-]/g, '')
    .replace(/[IL]/g, '1')
    .replace(/O/g, '0');
  return code.length === SPOKEN_LETTERS && [...code].every((char) => SPOKEN.includes(char))
    ? code
    : undefined;
}

/** So often the code is hashed, so that guessing takes long [PBKDF2 with SHA-256, OWASP 2023: 600,000]. */
const ROUNDS = 600_000;

/** Where what a spoken code opens lies at the server, and the key of it. */
export async function handOverOf(code: string): Promise<{ readonly place: string; readonly key: GardenKey }> {
  const given = await crypto.subtle.importKey('raw', utf8(code), 'PBKDF2', false, ['deriveBits']);
  const bits = await crypto.subtle.deriveBits(
    { name: 'PBKDF2', hash: 'SHA-256', salt: utf8('steady-trowel/hand-over'), iterations: ROUNDS },
    given,
    256,
  );
  const strong = new Uint8Array(bits);
  const place = toBase64Url(await derive(strong, 'place', 16));
  return { place, key: { secret: toBase64Url(strong), generation: 0 } };
}
