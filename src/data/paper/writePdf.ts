import fontkit from '@pdf-lib/fontkit';
import { grayscale, PDFDocument, type PDFFont, type PDFPage } from 'pdf-lib';
import { FACES, type Face, type Mark, type Page, type TextMark } from '@/core/paper/page';
import type { Fonts } from './fonts';

/** A point, of which PDF counts 72 to an inch [ISO 32000-1, 8.3.2.3], of a millimetre. */
export const POINTS = 72 / 25.4;

interface Made {
  readonly title: string;
  /** When, as text of ISO 8601. */
  readonly at: string;
}

/** Pages as a PDF file, with the letters that it uses inside. */
export async function writePdf(
  pages: readonly Page[],
  fonts: Fonts,
  { title, at }: Made,
): Promise<Uint8Array> {
  const file = await PDFDocument.create();
  file.registerFontkit(fontkit);
  file.setTitle(title, { showInWindowTitleBar: true });
  file.setCreator('Steady Trowel');
  file.setProducer('pdf-lib');
  file.setCreationDate(new Date(at));
  file.setModificationDate(new Date(at));
  const used = facesUsed(pages, fonts);
  const embedded = new Map<Face, PDFFont>();
  for (const face of FACES)
    if (used.has(face)) embedded.set(face, await file.embedFont(fonts.files[face], { subset: true }));
  for (const { width, height, marks } of pages) {
    const page = file.addPage([width * POINTS, height * POINTS]);
    for (const mark of marks) draw(page, mark, height, fonts, embedded);
  }
  return file.save();
}

const facesUsed = (pages: readonly Page[], fonts: Fonts): ReadonlySet<Face> =>
  new Set(
    pages.flatMap(({ marks }) =>
      marks.flatMap((mark) =>
        mark.mark === 'text' ? fonts.runsOf(mark.text, mark.face).map(({ face }) => face) : [],
      ),
    ),
  );

/** Heights are counted from the foot of a page. */
function draw(
  page: PDFPage,
  mark: Mark,
  height: number,
  fonts: Fonts,
  embedded: ReadonlyMap<Face, PDFFont>,
): void {
  switch (mark.mark) {
    case 'text':
      return drawText(page, mark, height, fonts, embedded);
    case 'line':
      page.drawLine({
        start: { x: mark.x1 * POINTS, y: (height - mark.y1) * POINTS },
        end: { x: mark.x2 * POINTS, y: (height - mark.y2) * POINTS },
        thickness: mark.width * POINTS,
        color: grayscale(0),
        ...(mark.dash && { dashArray: mark.dash.map((each) => each * POINTS) }),
      });
      return;
    case 'path':
      page.drawSvgPath(mark.d, {
        x: mark.x * POINTS,
        y: (height - mark.y) * POINTS,
        scale: mark.scale * POINTS,
        ...(mark.fill !== undefined && { color: grayscale(mark.fill) }),
        // The scale counts for the line as well.
        ...(mark.line !== undefined && {
          borderColor: grayscale(mark.line),
          borderWidth: (mark.width ?? 0) / mark.scale,
        }),
      });
  }
}

function drawText(
  page: PDFPage,
  { x, y, size, face, align, text }: TextMark,
  height: number,
  fonts: Fonts,
  embedded: ReadonlyMap<Face, PDFFont>,
): void {
  const wide = fonts.widthOf(text, size, face);
  let left = align === 'left' ? x : align === 'right' ? x - wide : x - wide / 2;
  for (const run of fonts.runsOf(text, face)) {
    page.drawText(run.text, {
      x: left * POINTS,
      y: (height - y) * POINTS,
      size: size * POINTS,
      font: embedded.get(run.face)!,
      color: grayscale(0),
    });
    left += fonts.widthOf(run.text, size, run.face);
  }
}
