/** Base64 of bytes [RFC 4648, 4]. */
export function toBase64(bytes: Uint8Array): string {
  let text = '';
  for (let i = 0; i < bytes.length; i += CHUNK) text += String.fromCharCode(...bytes.subarray(i, i + CHUNK));
  return btoa(text);
}

/** As many arguments as any engine takes. */
const CHUNK = 8_192;

/** @throws DOMException for what is no base64. */
export const fromBase64 = (text: string): Bytes => Uint8Array.from(atob(text), (char) => char.charCodeAt(0));

/** For addresses [RFC 4648, 5]. */
export const toBase64Url = (bytes: Uint8Array): string =>
  toBase64(bytes).replaceAll('+', '-').replaceAll('/', '_').replaceAll('=', '');

export const fromBase64Url = (text: string): Bytes =>
  fromBase64(text.replaceAll('-', '+').replaceAll('_', '/'));

export const joinBytes = (...parts: readonly Uint8Array[]): Bytes => {
  const joined = new Uint8Array(parts.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const part of parts) {
    joined.set(part, at);
    at += part.length;
  }
  return joined;
};

export const utf8 = (text: string): Bytes => new Uint8Array(new TextEncoder().encode(text));

/** As the browser's cryptography takes them. */
export type Bytes = Uint8Array<ArrayBuffer>;
