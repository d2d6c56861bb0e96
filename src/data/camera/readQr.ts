import jsQR from 'jsqr';

/**
 * The text of a QR code in a picture.
 *
 * @param pixels red, green, blue and alpha of each, row by row, 0 to 255.
 * @returns `undefined` where there is none, or it cannot be read.
 */
export const readQr = (pixels: Uint8ClampedArray, width: number, height: number): string | undefined =>
  jsQR(pixels, width, height, { inversionAttempts: 'dontInvert' })?.data || undefined;
