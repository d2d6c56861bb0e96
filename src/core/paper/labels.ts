import type { LabelForm } from './labelForm';
import { line, PAPERS, type Mark, type Means, type Page, type Room } from './page';
import { qrMark } from './qr';
import { CAPITALS, fitted, LEADING, textMark } from './text';

/** What stands on a label. */
export interface Label {
  /** Large: a tag's code, or a name. */
  readonly head: string;
  /** Below it, the most important first: what there is no room for is left out. */
  readonly lines: readonly string[];
  /** What a camera reads of it. */
  readonly scanned?: string;
}

/** Sizes of type, mm: what is read at arm's length, and what can be read at all. */
const HEAD = 9;
const LEAST_HEAD = 2.5;
const BODY = 3.2;
const LEAST_BODY = 1.8;
/** A code need not be larger, mm. */
const LARGEST_CODE = 24;

const CUT = { width: 0.15, dash: [1.5, 1.5] } as const;

/**
 * Labels side by side on as many sheets as they take, from the first that is still on a used sheet on.
 *
 * @param skipped labels of the first sheet that are used up.
 * @example labelPages([{ head: 'K7-4Q', lines: [] }], LABEL_FORMS.a4By24, 0, means).length // 1
 */
export function labelPages(labels: readonly Label[], form: LabelForm, skipped: number, means: Means): Page[] {
  const each = form.columns * form.rows;
  const first = ((skipped % each) + each) % each;
  const pages = Math.ceil((first + labels.length) / each);
  return Array.from({ length: labels.length === 0 ? 0 : pages }, (_, page): Page => {
    const { width, height } = PAPERS[form.paper];
    const marks = Array.from({ length: each }, (_each, place): readonly Mark[] => {
      const label = labels[page * each + place - first];
      if (!label) return [];
      const x = form.left + (place % form.columns) * (form.width + form.gapAcross);
      const y = form.top + Math.floor(place / form.columns) * (form.height + form.gapDown);
      return labelMarks(label, { x, y, width: form.width, height: form.height }, means);
    });
    return { width, height, marks: [...(form.cut ? cutLines(form) : []), ...marks.flat()] };
  });
}

/** One label: its code to scan at the left, as large as its height allows; the rest beside it. */
function labelMarks({ head, lines, scanned }: Label, room: Room, means: Means): Mark[] {
  // Labels shift a little in the printer.
  const inside = Math.min(2.5, room.height * 0.08);
  const side = Math.min(room.height - 2 * inside, (room.width - 2 * inside) * 0.45, LARGEST_CODE);
  const code =
    scanned === undefined
      ? undefined
      : qrMark(scanned, room.x + inside, room.y + (room.height - side) / 2, side, means);
  const x = room.x + (code ? inside + side + 1 : Math.max(inside, 2));
  const width = room.x + room.width - Math.max(inside, 2) - x;
  const high = room.height - 2 * inside;
  const title = fitted(
    head,
    width,
    { face: 'code', size: Math.min(HEAD, high * (lines.length === 0 ? 0.8 : 0.5)), least: LEAST_HEAD },
    means,
  );
  const least = LEAST_BODY * LEADING;
  const forLines = high - title.size * (CAPITALS + 0.25);
  const shown = lines.slice(0, Math.max(0, Math.floor(forLines / least)));
  const body = shown.length === 0 ? 0 : Math.min(BODY, forLines / shown.length / LEADING);
  const rows = shown.map((text, i) =>
    fitted(
      text,
      width,
      { face: i === 0 ? 'strong' : 'text', size: body, least: Math.min(body, LEAST_BODY) },
      means,
    ),
  );
  const tall =
    title.size * CAPITALS + (shown.length === 0 ? 0 : title.size * 0.25 + shown.length * body * LEADING);
  const top = room.y + inside + Math.max(0, (high - tall) / 2);
  const base = top + title.size * CAPITALS;
  return [
    ...(code ? [code] : []),
    textMark(x, base, title.text, { face: 'code', size: title.size }),
    ...rows.map(({ text, size }, i) =>
      textMark(x, base + title.size * 0.25 + (i + 0.8) * body * LEADING, text, {
        face: i === 0 ? 'strong' : 'text',
        size,
      }),
    ),
  ];
}

/** Lines between labels, through to the edges of what is printed. */
function cutLines({ left, top, columns, rows, width, height, gapAcross, gapDown }: LabelForm): Mark[] {
  const right = left + columns * width + (columns - 1) * gapAcross;
  const bottom = top + rows * height + (rows - 1) * gapDown;
  const edges = (from: number, many: number, size: number, gap: number): number[] => [
    ...new Set(
      Array.from({ length: many }, (_, i) => [
        from + i * (size + gap),
        from + i * (size + gap) + size,
      ]).flat(),
    ),
  ];
  return [
    ...edges(left, columns, width, gapAcross).map((x) => line(x, top, x, bottom, CUT)),
    ...edges(top, rows, height, gapDown).map((y) => line(left, y, right, y, CUT)),
  ];
}
