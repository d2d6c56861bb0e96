import type { Face, Means, TextMark } from './page';

/** Of the height of the type: how far capital letters reach above the line they stand on. */
export const CAPITALS = 0.7;
/** Of the height of the type: from one line to the next. */
export const LEADING = 1.25;

interface Wanted {
  readonly face: Face;
  /** As large as that, where there is room, mm. */
  readonly size: number;
  /** And never smaller: what is too long then is cut. Left out where it may not shrink. */
  readonly least?: number;
}

/**
 * A text in one line: smaller where it is too long for its room, and cut with dots where the smallest type is too large.
 *
 * @param room mm.
 * @example fitted('Copper Acorn', 30, { face: 'strong', size: 5, least: 2 }, means).size // 4.6
 */
export function fitted(
  text: string,
  room: number,
  { face, size, least = size }: Wanted,
  { widthOf }: Pick<Means, 'widthOf'>,
): { readonly text: string; readonly size: number } {
  const wide = widthOf(text, size, face);
  const fits = wide <= room ? size : (size * room) / wide;
  if (fits >= least) return { text, size: fits };
  const letters = [...text];
  let [kept, cut] = [0, letters.length];
  while (cut - kept > 1) {
    const half = Math.floor((kept + cut) / 2);
    if (widthOf(`${letters.slice(0, half).join('')}…`, least, face) <= room) kept = half;
    else cut = half;
  }
  return { text: `${letters.slice(0, kept).join('').trimEnd()}…`, size: least };
}

/**
 * A text in lines, broken between words; a word that is longer than a line is broken inside.
 *
 * @param room mm.
 */
export function wrapped(
  text: string,
  room: number,
  { face, size }: Pick<Wanted, 'face' | 'size'>,
  { widthOf }: Pick<Means, 'widthOf'>,
): string[] {
  const fits = (part: string): boolean => widthOf(part, size, face) <= room;
  const lines: string[] = [];
  let current = '';
  for (let word of text.split(/\s+/).filter(Boolean)) {
    if (current && fits(`${current} ${word}`)) {
      current = `${current} ${word}`;
      continue;
    }
    if (current) lines.push(current);
    while (!fits(word) && [...word].length > 1) {
      const letters = [...word];
      let kept = letters.length - 1;
      while (kept > 1 && !fits(letters.slice(0, kept).join(''))) kept -= 1;
      lines.push(letters.slice(0, kept).join(''));
      word = letters.slice(kept).join('');
    }
    current = word;
  }
  if (current) lines.push(current);
  return lines;
}

export const textMark = (
  x: number,
  y: number,
  text: string,
  { face, size }: { readonly face: Face; readonly size: number },
  align: TextMark['align'] = 'left',
): TextMark => ({ mark: 'text', x, y, size, face, align, text });
