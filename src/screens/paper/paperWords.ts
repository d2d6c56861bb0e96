import { LABEL_FORMS, type LabelForm, type LabelFormName } from '@/core/paper/labelForm';
import type { PaperList } from '@/core/paper/listSheet';
import type { PaperName } from '@/core/paper/page';
import type { Format } from '../format/format';

export const PAPER_NAMES: Readonly<Record<PaperName, string>> = { a4: 'A4', letter: 'Letter' };

/** `24 on a sheet, 70 × 37 mm, A4`; labels are sold by these measures. */
export const sayForm = ({ paper, columns, rows, width, height, cut }: LabelForm, f: Format): string =>
  `${f.number(columns * rows)} on a sheet, ${f.number(width, 1)} × ${f.number(height, 1)} mm, ${PAPER_NAMES[paper]}${cut ? ', to cut' : ''}`;

export const FORM_NAMES = Object.keys(LABEL_FORMS) as LabelFormName[];

/** Countries in which printers are fed with Letter. Common practice, no source. */
const LETTER_COUNTRIES = new Set(['US', 'CA', 'MX', 'PH', 'CL', 'CO', 'VE', 'GT', 'CR', 'PA', 'DO']);

/**
 * The paper that is usual where a device's language is spoken.
 *
 * @example usualPaper('en-US') // 'letter'
 */
export function usualPaper(language: string): PaperName {
  try {
    return LETTER_COUNTRIES.has(new Intl.Locale(language).maximize().region ?? '') ? 'letter' : 'a4';
  } catch {
    return 'a4';
  }
}

/** How the pages of a list are named. */
export const sayPage = 'Page {page} of {pages}';

/** Lines to read, with nothing to fill in. */
export const plainList = (title: string, lines: readonly string[]): PaperList => ({
  title,
  about: [],
  groups: [{ head: '', lines: lines.map((text) => ({ text })) }],
  boxes: [],
  key: [],
  pageOf: sayPage,
});
