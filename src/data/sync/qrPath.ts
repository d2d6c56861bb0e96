import QRCode from 'qrcode';

/** Shown on a screen, a code is neither scratched nor stained [ISO/IEC 18004, table 8: level L restores 7 %]. */
const RESTORES = 'L';

/**
 * A QR code as one path.
 *
 * @returns the path of its dark squares, each 1 wide, and how many squares it is wide.
 */
export function qrPath(text: string): { readonly path: string; readonly squares: number } {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: RESTORES });
  let path = '';
  for (let row = 0; row < modules.size; row += 1)
    for (let column = 0; column < modules.size; column += 1)
      if (modules.get(row, column)) path += `M${column} ${row}h1v1h-1z`;
  return { path, squares: modules.size };
}
