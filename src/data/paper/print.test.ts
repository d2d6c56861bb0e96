import { readFileSync } from 'node:fs';
import jsQR from 'jsqr';
import { PDFDocument, PDFName } from 'pdf-lib';
import { LABEL_FORMS } from '@/core/paper/labelForm';
import type { Page, PathMark } from '@/core/paper/page';
import type { Sheets } from '@/core/paper/sheets';
import { Fonts, type FontFiles } from './fonts';
import { printerWith } from './print';
import { POINTS } from './writePdf';

const font = (file: string): Uint8Array =>
  new Uint8Array(readFileSync(require.resolve(`@expo-google-fonts/${file}`)));
const FILES: FontFiles = {
  text: font('atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf'),
  strong: font('atkinson-hyperlegible-next/600SemiBold/AtkinsonHyperlegibleNext_600SemiBold.ttf'),
  code: font('bitter/700Bold/Bitter_700Bold.ttf'),
};
const printer = printerWith(() => Promise.resolve(FILES));

const pdf = async (what: Sheets): Promise<Uint8Array> =>
  printer.pdf((await printer.layOut(what)).pages, 'Tags', '2026-07-12T05:00:00Z');

const tags = (...heads: string[]): Sheets => ({
  sheets: 'labels',
  labels: heads.map((head) => ({
    head,
    scanned: head.replace('-', ''),
    lines: ['Copper Acorn', 'A1·2 × A2·1'],
  })),
  form: LABEL_FORMS.a4By65,
  skipped: 0,
});

/** A code as a printer of 300 dots an inch prints it, on white paper. */
function printed({ d, x, y, scale }: PathMark): { pixels: Uint8ClampedArray; width: number; height: number } {
  const dots = 300 / 25.4;
  const [width, height] = [Math.ceil((x + 30 * scale) * dots), Math.ceil((y + 30 * scale) * dots)];
  const pixels = new Uint8ClampedArray(4 * width * height).fill(255);
  for (const [, left, top, wide] of d.matchAll(/M(\d+) (\d+)h(\d+)v1h-\d+z/g)) {
    const across = (at: number): number => Math.round((x + at * scale) * dots);
    const down = (at: number): number => Math.round((y + at * scale) * dots);
    for (let row = down(Number(top)); row < down(Number(top) + 1); row += 1)
      for (let column = across(Number(left)); column < across(Number(left) + Number(wide)); column += 1)
        pixels.fill(0, 4 * (row * width + column), 4 * (row * width + column) + 3);
  }
  return { pixels, width, height };
}

const codesOf = ({ marks }: Page): PathMark[] =>
  marks.flatMap((mark) => (mark.mark === 'path' && mark.fill === 0 ? [mark] : []));

// Read back by another library of the registry than the one that made it.
test('the code of a tag is read from the paper, on small labels too', async () => {
  const { pages } = await printer.layOut(tags('K7-4Q', 'K1-23'));
  const read = codesOf(pages[0]!).map((code) => {
    const { pixels, width, height } = printed(code);
    return jsQR(pixels, width, height)?.data;
  });
  expect(read).toContain('K74Q');
  expect(codesOf(pages[0]!)).toHaveLength(2);
});

test('a page of the file is as large as its paper, with its letters inside', async () => {
  const file = await PDFDocument.load(await pdf(tags('K7-4Q')));
  expect(file.getTitle()).toBe('Tags');
  const [page] = file.getPages();
  // A4 in points, as ISO 216 and 72 points an inch give it.
  expect(page!.getWidth()).toBeCloseTo(595.28, 1);
  expect(page!.getHeight()).toBeCloseTo(841.89, 1);
  expect(POINTS * 25.4).toBeCloseTo(72, 9);
  const fonts = page!.node.Resources()!.lookup(PDFName.of('Font'))!.toString();
  // The code, what is strong and what is text.
  expect(fonts.match(/\/[\w-]+ \d+ 0 R/g)).toHaveLength(3);
});

test('the same pages make the same file', async () => {
  const [one, two] = await Promise.all([1, 2].map(() => pdf(tags('K7-4Q'))));
  expect(one!.length).toBe(two!.length);
});

test('letters that a face lacks come from the other; of those that none has it is told', async () => {
  const fonts = new Fonts(FILES);
  expect(fonts.runsOf('Ядро No 1', 'text').map(({ face }) => face)).toEqual(['code', 'text']);
  expect(fonts.missing).toBe('');
  expect(fonts.runsOf('南瓜', 'text')).toEqual([{ face: 'text', text: '??' }]);
  expect(fonts.missing).toBe('南 瓜');
  const { missing } = await printer.layOut({
    ...{ sheets: 'packets', paper: 'a4' },
    packets: [{ head: '南', front: [], back: [] }],
  });
  expect(missing).toContain('南');
  await expect(pdf(tags('Ядро'))).resolves.toBeDefined();
});

test('what is decomposed is measured and set as one letter', () => {
  const fonts = new Fonts(FILES);
  expect(fonts.widthOf('e\u0301', 4, 'text')).toBeCloseTo(fonts.widthOf('é', 4, 'text'), 9);
});
