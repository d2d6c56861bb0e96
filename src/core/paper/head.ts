import { EDGE, type Mark, type Means } from './page';
import { fitted, LEADING, textMark, wrapped } from './text';

/** White round what is read, mm. */
export const MARGIN = EDGE + 5;
/** Height of the type that is read, mm, and of what stands beside it. */
export const BODY = 3.9;
export const SMALL = 3.1;

const TITLE = 6.5;
const LEAST_TITLE = 4;

/**
 * A title at the top of a page, and what is said of it.
 *
 * @param width of the page, mm.
 * @returns its marks, and where what follows may begin.
 */
export function headMarks(
  title: string,
  about: readonly string[],
  width: number,
  means: Means,
): { readonly marks: readonly Mark[]; readonly bottom: number } {
  const room = width - 2 * MARGIN;
  const name = fitted(title, room, { face: 'code', size: TITLE, least: LEAST_TITLE }, means);
  const lines = about.flatMap((text) => wrapped(text, room, { face: 'text', size: BODY }, means));
  const top = MARGIN + TITLE;
  return {
    marks: [
      textMark(MARGIN, top, name.text, { face: 'code', size: name.size }),
      ...lines.map((text, i) =>
        textMark(MARGIN, top + 2 + (i + 1) * BODY * LEADING, text, { face: 'text', size: BODY }),
      ),
    ],
    bottom: top + 5 + lines.length * BODY * LEADING,
  };
}
