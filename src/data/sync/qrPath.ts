import { qrSquares } from '../qrSquares';

/**
 * A QR code as one path. On a screen it is neither scratched nor stained.
 *
 * @returns the path of its dark squares, each 1 wide, and how many squares it is wide.
 */
export function qrPath(text: string): { readonly path: string; readonly squares: number } {
  const rows = qrSquares(text, 'L');
  const path = rows.flatMap((row, y) => row.map((dark, x) => (dark ? `M${x} ${y}h1v1h-1z` : ''))).join('');
  return { path, squares: rows.length };
}
