import type { Means, PathMark } from './page';

/** Squares of white round a code, without which it may not be read [ISO/IEC 18004, 6.3.8: four]. */
const QUIET = 4;
/** The smallest square that a common printer prints and a common camera reads at arm's length, mm. Common practice, no source. */
const LEAST_SQUARE = 0.33;

/**
 * A QR code in a square with its own white round it; `undefined` where its squares would be too small to be read.
 *
 * @param side of the square with the white, mm.
 */
export function qrMark(
  text: string,
  x: number,
  y: number,
  side: number,
  { squaresOf }: Pick<Means, 'squaresOf'>,
): PathMark | undefined {
  const squares = squaresOf(text);
  const scale = side / (squares.length + 2 * QUIET);
  if (scale < LEAST_SQUARE) return undefined;
  const runs = squares.flatMap((row, down) =>
    runsOf(row).map(([from, many]) => `M${from} ${down}h${many}v1h${-many}z`),
  );
  return { mark: 'path', x: x + QUIET * scale, y: y + QUIET * scale, scale, d: runs.join(''), fill: 0 };
}

/** Where dark squares of a row begin, and how many there are side by side. */
function runsOf(row: readonly boolean[]): [from: number, many: number][] {
  const runs: [number, number][] = [];
  row.forEach((dark, at) => {
    const last = runs.at(-1);
    if (dark && last && last[0] + last[1] === at) last[1] += 1;
    else if (dark) runs.push([at, 1]);
  });
  return runs;
}
