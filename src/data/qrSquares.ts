import QRCode from 'qrcode';

/**
 * A QR code as rows of squares, true where dark.
 *
 * @param restores so much of it may be spoiled [ISO/IEC 18004, table 8: L 7 %, Q 25 %].
 */
export function qrSquares(text: string, restores: 'L' | 'Q'): boolean[][] {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: restores });
  return Array.from({ length: modules.size }, (_, row) =>
    Array.from({ length: modules.size }, (_each, column) => modules.get(row, column) === 1),
  );
}
