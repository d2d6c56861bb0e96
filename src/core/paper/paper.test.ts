import fc from 'fast-check';
import { LABEL_FORMS, overEdge, type LabelForm } from './labelForm';
import { labelPages, type Label } from './labels';
import { listPages, type PaperList } from './listSheet';
import { packetPages } from './packets';
import { box, PAPERS, type Mark, type Means, type Page } from './page';
import { fitted, wrapped } from './text';

/** Every letter is half as wide as the type is high; a code of 21 squares. */
const MEANS: Means = {
  widthOf: (text, size) => [...text].length * size * 0.5,
  squaresOf: () =>
    Array.from({ length: 21 }, (_, row) => Array.from({ length: 21 }, (_each, at) => (row * at) % 3 === 0)),
};
const TYPE = { face: 'text', size: 4 } as const;

const texts = ({ marks }: Page): string[] =>
  marks.flatMap((mark) => (mark.mark === 'text' ? [mark.text] : []));

/** From left to right, mm; of a path the squares it is made of. */
function acrossOf(mark: Mark): [number, number] {
  if (mark.mark === 'line') return [mark.x1, mark.x2];
  if (mark.mark === 'path') return [mark.x, mark.x + 21 * mark.scale];
  const wide = MEANS.widthOf(mark.text, mark.size, mark.face);
  const left = mark.align === 'left' ? mark.x : mark.align === 'right' ? mark.x - wide : mark.x - wide / 2;
  return [left, left + wide];
}

describe('text', () => {
  test('fits its room: smaller first, then cut with dots', () => {
    expect(fitted('Copper', 12, TYPE, MEANS)).toEqual({ text: 'Copper', size: 4 });
    expect(fitted('Copper', 9, { ...TYPE, least: 3 }, MEANS)).toEqual({ text: 'Copper', size: 3 });
    expect(fitted('Copper', 6, { ...TYPE, least: 3 }, MEANS)).toEqual({ text: 'Cop…', size: 3 });
  });

  test('whatever is written stays within its room', () => {
    const any = fc.record({
      text: fc.string({ maxLength: 60 }),
      room: fc.double({ min: 4, max: 80, noNaN: true }),
    });
    fc.assert(
      fc.property(any, ({ text, room }) => {
        const fit = fitted(text, room, { ...TYPE, least: 2 }, MEANS);
        expect(MEANS.widthOf(fit.text, fit.size, 'text')).toBeLessThanOrEqual(room + 1e-9);
        const lines = wrapped(text, room, TYPE, MEANS);
        for (const each of lines) expect(MEANS.widthOf(each, 4, 'text')).toBeLessThanOrEqual(room + 1e-9);
        expect(lines.join('').replace(/\s/g, '')).toBe(text.replace(/\s/g, ''));
      }),
    );
  });
});

describe('labels', () => {
  test('every form we offer lies on its paper', () => {
    for (const form of Object.values(LABEL_FORMS)) expect(overEdge(form)).toBeUndefined();
    expect(overEdge({ ...LABEL_FORMS.a4By24, columns: 4 })).toEqual({ side: 'right', by: 70 });
    expect(overEdge({ ...LABEL_FORMS.a4By24, top: 20 })?.side).toBe('bottom');
  });

  const label = (i: number): Label => ({
    head: `K${i}`,
    scanned: `K${i}`,
    lines: ['Copper Acorn', 'A1·1 × A1·2'],
  });

  test('three hundred follow each other, each once, from the first that is left on a used sheet', () => {
    const labels = Array.from({ length: 300 }, (_, i) => label(i));
    const pages = labelPages(labels, LABEL_FORMS.a4By24, 5, MEANS);
    expect(pages).toHaveLength(Math.ceil((300 + 5) / 24));
    expect(pages.flatMap(texts).filter((text) => text.startsWith('K'))).toEqual(
      labels.map(({ head }) => head),
    );
    const [first] = pages[0]!.marks.filter((mark) => mark.mark === 'text');
    // The sixth: its second row, third column.
    expect(first!.x).toBeGreaterThan(140);
    expect(first!.y).toBeGreaterThan(37);
    expect(first!.y).toBeLessThan(75);
    expect(labelPages([], LABEL_FORMS.a4By24, 5, MEANS)).toEqual([]);
  });

  const anyLabel = fc.record({
    head: fc.string({ minLength: 1, maxLength: 20 }),
    lines: fc.array(fc.string({ minLength: 1, maxLength: 60 }), { maxLength: 5 }),
    scanned: fc.constantFrom('K74Q', undefined),
  });
  const anyForm = fc.record({
    ...{ paper: fc.constant('a4' as const), columns: fc.constant(1), rows: fc.constant(1) },
    ...{ left: fc.constant(10), top: fc.constant(10), gapAcross: fc.constant(0), gapDown: fc.constant(0) },
    ...{ width: fc.integer({ min: 20, max: 180 }), height: fc.integer({ min: 8, max: 200 }) },
    cut: fc.boolean(),
  });

  test('nothing of a label lies outside of it, however small it is and however long its texts are', () => {
    fc.assert(
      fc.property(anyLabel, anyForm, ({ scanned, ...rest }, form: LabelForm) => {
        const [page] = labelPages([{ ...rest, ...(scanned && { scanned }) }], form, 0, MEANS);
        for (const mark of page!.marks) {
          const [left, right] = acrossOf(mark);
          expect(left).toBeGreaterThanOrEqual(form.left - 1e-6);
          expect(right).toBeLessThanOrEqual(form.left + form.width + 1e-6);
          if (mark.mark !== 'text') continue;
          expect(mark.y - mark.size * 0.7).toBeGreaterThanOrEqual(form.top);
          expect(mark.y + mark.size * 0.2).toBeLessThanOrEqual(form.top + form.height);
        }
      }),
    );
  });

  test('a code that would be too small to be read is left out', () => {
    const hasCode = (height: number): boolean =>
      labelPages([label(1)], { ...LABEL_FORMS.tapeStrips, height }, 0, MEANS)[0]!.marks.some(
        ({ mark }) => mark === 'path',
      );
    expect([hasCode(8), hasCode(12)]).toEqual([false, true]);
  });
});

describe('packets', () => {
  const packet = { head: 'Copper Acorn', front: ['Pepo squash'], back: ['True to type.'.repeat(80)] };

  test.each(['a4', 'letter'] as const)('two lie on a sheet of %s, within what printers print', (paper) => {
    const pages = packetPages([packet, packet, packet], paper, MEANS);
    expect(pages).toHaveLength(2);
    for (const { marks, height, width } of pages)
      for (const mark of marks) {
        if (mark.mark !== 'line') continue;
        expect(Math.min(mark.x1, mark.x2)).toBeGreaterThanOrEqual(5);
        expect(Math.max(mark.x1, mark.x2)).toBeLessThanOrEqual(width - 5);
        expect(Math.max(mark.y1, mark.y2)).toBeLessThanOrEqual(height - 5);
      }
  });

  test('of a long text as much is printed as there is room for, and none of it outside', () => {
    const [page] = packetPages([packet], 'a4', MEANS);
    const folds = page!.marks.flatMap((mark) => (mark.mark === 'line' && mark.dash ? [mark] : []));
    const right = Math.max(...folds.map(({ x2 }) => x2));
    const foot = Math.max(...folds.map(({ y2 }) => y2));
    for (const mark of page!.marks) {
      if (mark.mark !== 'text') continue;
      expect(acrossOf(mark)[1]).toBeLessThanOrEqual(right);
      expect(mark.y).toBeLessThanOrEqual(foot);
    }
  });
});

describe('lists', () => {
  const listOf = (groups: number, lines: number, text: string): PaperList => ({
    title: 'Round',
    about: ['About it.'],
    groups: Array.from({ length: groups }, (_, g) => ({
      head: `Bed ${g}`,
      lines: Array.from({ length: lines }, (_each, i) => ({ number: `${g * lines + i + 1}`, text })),
    })),
    boxes: ['Done', 'Letter'],
    key: ['Tick it.', 'A letter says why.'],
    pageOf: 'Page {page} of {pages}',
  });

  test('every line stands on some page, once, in order; no heading ends one; nothing runs into the foot', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 1, max: 30 }),
        fc.integer({ min: 1, max: 300 }),
        fc.constantFrom('a4' as const, 'letter' as const),
        (groups, lines, long, paper) => {
          const pages = listPages(listOf(groups, lines, 'ab '.repeat(long)), paper, MEANS);
          const words = pages.map(texts);
          const numbers = words.flat().filter((text) => /^\d+$/.test(text));
          expect(numbers).toEqual(Array.from({ length: groups * lines }, (_, i) => `${i + 1}`));
          words.forEach((own, i) => {
            expect(own).toContain(`Page ${i + 1} of ${pages.length}`);
            expect(own).toContain('A letter says why.');
            const shown = own.filter((text) => /^(Bed )?\d+$/.test(text));
            expect(shown.at(-1)).toMatch(/^\d+$/);
          });
        },
      ),
      { numRuns: 40 },
    );
  });

  test('each line has its boxes, between its rule and the one before', () => {
    const [page] = listPages(listOf(1, 3, 'Pick 1 male'), 'a4', MEANS);
    const rules = page!.marks.flatMap((mark) => (mark.mark === 'line' ? [mark.y1] : []));
    const boxes = page!.marks.flatMap((mark) => (mark.mark === 'path' ? [mark.y] : []));
    expect(boxes).toHaveLength(6);
    boxes.forEach((y, i) => {
      expect(y).toBeLessThan(rules[Math.floor(i / 2)]!);
      if (i >= 2) expect(y).toBeGreaterThan(rules[Math.floor(i / 2) - 1]!);
    });
  });
});

test('a rectangle is as large as it is said', () => {
  expect(box(1, 2, 3, 4).d).toBe('M0 0h3v4h-3z');
  expect(PAPERS.letter.width).toBeCloseTo(8.5 * 25.4, 6);
});
