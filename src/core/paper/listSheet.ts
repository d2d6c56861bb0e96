import { BODY, headMarks, MARGIN, SMALL } from './head';
import { box, line, PAPERS, type Mark, type Means, type Page, type PaperName } from './page';
import { fitted, LEADING, textMark, wrapped } from './text';

/** One line of a list, to be ticked or filled in by hand. */
interface ListLine {
  /** By which it is entered afterwards. */
  readonly number?: string;
  readonly text: string;
  readonly note?: string;
}

interface ListGroup {
  readonly head: string;
  readonly lines: readonly ListLine[];
}

/** A list for somebody with a pencil. */
export interface PaperList {
  readonly title: string;
  readonly about: readonly string[];
  readonly groups: readonly ListGroup[];
  /** What stands over the boxes at the right of each line; a box is as wide as its name asks. */
  readonly boxes: readonly string[];
  /** What is written into the boxes, at the foot of each page. */
  readonly key: readonly string[];
  /** How a page is named, where `{page}` and `{pages}` stand for the numbers. */
  readonly pageOf: string;
}

const ROW = 9;
const HEAD_ROW = 9.5;
const BOX = 6;
const NUMBER = 10;

/** A row as it is laid out. */
interface Row {
  readonly height: number;
  readonly marks: (y: number) => Mark[];
  /** A heading stays with the line below it. */
  readonly withNext: boolean;
}

/**
 * A list on as many pages as it takes: each page says which it is, what the boxes are and what is written into them;
 * a heading is never the last on its page.
 */
export function listPages(list: PaperList, paper: PaperName, means: Means): Page[] {
  const { width, height } = PAPERS[paper];
  const right = width - MARGIN;
  const boxes = boxesOf(list.boxes, right, means);
  const textRight = (boxes[0]?.x ?? right) - 3;
  const key = list.key.flatMap((text) => wrapped(text, right - MARGIN, { face: 'text', size: SMALL }, means));
  const foot = height - MARGIN - (key.length + 1) * SMALL * LEADING;
  const first = headMarks(list.title, list.about, width, means);
  const pages: { readonly marks: Mark[]; y: number }[] = [];
  const open = (): { readonly marks: Mark[]; y: number } => {
    const top = pages.length === 0 ? first.bottom : MARGIN;
    const page = { marks: pages.length === 0 ? [...first.marks] : [], y: top + SMALL * LEADING + 1 };
    for (const { x, width: wide, name } of boxes)
      page.marks.push(textMark(x + wide / 2, top + SMALL, name, { face: 'text', size: SMALL }, 'middle'));
    pages.push(page);
    return page;
  };
  let page = open();
  const rows = list.groups.flatMap((group) => rowsOf(group, { textRight, right, boxes }, means));
  rows.forEach((row, i) => {
    const wanted = row.height + (row.withNext ? (rows[i + 1]?.height ?? 0) : 0);
    if (page.y + wanted > foot && page.y > MARGIN + 2 * ROW) page = open();
    page.marks.push(...row.marks(page.y));
    page.y += row.height;
  });
  return pages.map(({ marks }, i) => ({
    width,
    height,
    marks: [
      ...marks,
      ...key.map((text, at) =>
        textMark(MARGIN, foot + (at + 1) * SMALL * LEADING, text, { face: 'text', size: SMALL }),
      ),
      textMark(
        right,
        height - MARGIN,
        list.pageOf.replace('{page}', String(i + 1)).replace('{pages}', String(pages.length)),
        { face: 'text', size: SMALL },
        'right',
      ),
    ],
  }));
}

interface BoxAt {
  readonly x: number;
  readonly width: number;
  readonly name: string;
}

function boxesOf(names: readonly string[], right: number, { widthOf }: Means): BoxAt[] {
  const widths = names.map((name) => Math.max(BOX, widthOf(name, SMALL, 'text')));
  return names.map((name, i) => {
    const after = widths.slice(i).reduce((sum, each) => sum + each + 3, -3);
    return { x: right - after, width: widths[i]!, name };
  });
}

interface Across {
  readonly textRight: number;
  readonly right: number;
  readonly boxes: readonly BoxAt[];
}

const rowsOf = (
  { head: name, lines }: ListGroup,
  { textRight, right, boxes }: Across,
  means: Means,
): Row[] => [
  ...(name
    ? [
        {
          height: HEAD_ROW,
          withNext: true,
          marks: (y: number): Mark[] => {
            const fit = fitted(name, textRight - MARGIN, { face: 'strong', size: BODY, least: 2.6 }, means);
            return [textMark(MARGIN, y + HEAD_ROW - 2.5, fit.text, { face: 'strong', size: fit.size })];
          },
        },
      ]
    : []),
  ...lines.map(({ number, text, note }): Row => {
    const left = number === undefined ? MARGIN : MARGIN + NUMBER;
    const parts = wrapped(text, textRight - left, { face: 'text', size: BODY }, means);
    const notes = note ? wrapped(note, textRight - left, { face: 'text', size: SMALL }, means) : [];
    const tall = parts.length * BODY * LEADING + notes.length * SMALL * LEADING;
    const height = Math.max(ROW, tall + 3);
    return {
      height,
      withNext: false,
      marks: (y) => {
        const top = y + (height - tall) / 2;
        return [
          line(MARGIN, y + height, right, y + height, { width: 0.1 }),
          ...(number === undefined
            ? []
            : [textMark(MARGIN, top + BODY * 0.95, number, { face: 'strong', size: BODY })]),
          ...parts.map((part, i) =>
            textMark(left, top + (i * LEADING + 0.95) * BODY, part, { face: 'text', size: BODY }),
          ),
          ...notes.map((part, i) =>
            textMark(left, top + parts.length * BODY * LEADING + (i * LEADING + 0.95) * SMALL, part, {
              face: 'text',
              size: SMALL,
            }),
          ),
          ...boxes.map(({ x, width }) => box(x, y + (height - BOX) / 2, width, BOX, 0.35)),
        ];
      },
    };
  }),
];
