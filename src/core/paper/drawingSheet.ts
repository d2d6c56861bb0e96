import { BODY, headMarks, MARGIN } from './head';
import { listPages, type PaperList } from './listSheet';
import {
  filled,
  line,
  PAPERS,
  type Face,
  type Grey,
  type Mark,
  type Means,
  type Page,
  type PaperName,
  type Room,
} from './page';
import { fitted, LEADING, textMark } from './text';

/** Lines and letters in units of their own, drawn as large as there is room. */
export interface Drawing {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly shapes: readonly DrawnShape[];
  readonly words?: readonly DrawnWord[];
}

export interface DrawnShape {
  readonly d: string;
  readonly fill?: Grey;
  readonly line?: Grey;
  /** On paper, mm, whatever the scale. */
  readonly width?: number;
}

export interface DrawnWord {
  readonly x: number;
  readonly y: number;
  readonly text: string;
  readonly face: Face;
  /** On paper, mm, whatever the scale. */
  readonly size: number;
  /** Room for it, in the drawing's units: a longer one is smaller. */
  readonly room?: number;
}

const LEAST_WORD = 1.6;

/** A drawing in the middle of its room, as large as it fits. */
function drawn(drawing: Drawing, room: Room, means: Means): Mark[] {
  const scale = Math.min(room.width / drawing.width, room.height / drawing.height);
  const x = room.x + (room.width - drawing.width * scale) / 2 - drawing.x * scale;
  const y = room.y + (room.height - drawing.height * scale) / 2 - drawing.y * scale;
  const words = (drawing.words ?? []).flatMap((word): Mark[] => {
    const { text, size } =
      word.room === undefined
        ? word
        : fitted(word.text, word.room * scale, { ...word, least: LEAST_WORD }, means);
    const [middle, base] = [x + word.x * scale, y + word.y * scale + size / 3];
    const wide = means.widthOf(text, size, word.face) + size / 2;
    // White below it, so that no line runs through a word.
    const ground = filled(middle - wide / 2, base - size * 0.85, wide, size * 1.1);
    return [ground, textMark(middle, base, text, { face: word.face, size }, 'middle')];
  });
  const shapes = drawing.shapes.map((shape): Mark => ({ mark: 'path', x, y, scale, ...shape }));
  return [...shapes, ...words];
}

/** A title, what is said of it, and drawings below. */
export interface DrawingSheet {
  readonly title: string;
  readonly about: readonly string[];
  readonly drawings: readonly {
    readonly drawing: Drawing;
    /** Over its left corner. */
    readonly name?: string;
  }[];
  readonly columns: number;
  readonly rows: number;
  /** Empty lines below each drawing, to write on. */
  readonly written: number;
  /** Answers, or what is where, on pages of their own. */
  readonly key?: PaperList;
}

const WRITTEN = 9;

export function drawingPages(sheet: DrawingSheet, paper: PaperName, turned: boolean, means: Means): Page[] {
  const { width: short, height: long } = PAPERS[paper];
  const [width, height] = turned ? [long, short] : [short, long];
  const room = width - 2 * MARGIN;
  const perPage = sheet.columns * sheet.rows;
  const pages: Page[] = [];
  for (let from = 0; from < Math.max(1, sheet.drawings.length); from += perPage) {
    const head = headMarks(sheet.title, from === 0 ? sheet.about : [], width, means);
    const each = { width: room / sheet.columns, height: (height - MARGIN - head.bottom) / sheet.rows };
    const marks = sheet.drawings.slice(from, from + perPage).flatMap(({ drawing, name }, i) => {
      const x = MARGIN + (i % sheet.columns) * each.width;
      const y = head.bottom + Math.floor(i / sheet.columns) * each.height;
      const below = sheet.written * WRITTEN;
      const above = name === undefined ? 0 : BODY * LEADING;
      return [
        ...(name === undefined ? [] : [textMark(x + 1, y + BODY, name, { face: 'strong', size: BODY })]),
        ...drawn(
          drawing,
          { x: x + 2, y: y + above, width: each.width - 4, height: each.height - above - below - 2 },
          means,
        ),
        ...Array.from({ length: sheet.written }, (_, at): Mark => {
          const down = y + each.height - below + (at + 1) * WRITTEN - 2;
          return line(x + 2, down, x + each.width - 2, down, { width: 0.15 });
        }),
      ];
    });
    pages.push({ width, height, marks: [...head.marks, ...marks] });
  }
  if (sheet.key) pages.push(...listPages(sheet.key, paper, means));
  return pages;
}
