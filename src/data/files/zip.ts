/** A zip archive begins with these letters [PKWARE APPNOTE 4.3.7]. */
const SIGNATURE = [0x50, 0x4b];

/**
 * Is a file a zip archive, as workbooks and data packages are?
 *
 * @example isZip(new TextEncoder().encode('PK\u0003\u0004')) // true
 */
export const isZip = (bytes: Uint8Array): boolean => SIGNATURE.every((byte, i) => bytes[i] === byte);
