import { PAPERS, type PaperName } from './page';

/** How labels lie on a sheet; lengths in mm. */
export interface LabelForm {
  readonly paper: PaperName;
  readonly columns: number;
  readonly rows: number;
  /** From the edges of the sheet to the first label. */
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
  /** Between two labels beside, and below each other. */
  readonly gapAcross: number;
  readonly gapDown: number;
  /** Lines to cut along, where the sheet is not cut already. */
  readonly cut: boolean;
}

/**
 * Forms that are sold in many places, measured by the sheet, and two to cut from plain paper. Common practice, no source:
 * sizes from memory, so a first sheet is printed on plain paper and held against the labels.
 */
export const LABEL_FORMS = {
  tapeStrips: form('a4', 2, 22, { left: 10, top: 16.5, width: 95, height: 12, cut: true }),
  cutTags: form('a4', 3, 9, { left: 15, top: 13.5, width: 60, height: 30, cut: true }),
  a4By24: form('a4', 3, 8, { left: 0, top: 0.5, width: 70, height: 37 }),
  a4By21: form('a4', 3, 7, { left: 7.2, top: 15.15, width: 63.5, height: 38.1, gapAcross: 2.55 }),
  a4By65: form('a4', 5, 13, { left: 4.75, top: 10.7, width: 38.1, height: 21.2, gapAcross: 2.5 }),
  letterStrips: form('letter', 2, 20, { left: 12.95, top: 19.7, width: 95, height: 12, cut: true }),
  letterBy30: form('letter', 3, 10, {
    left: 4.76,
    top: 12.7,
    width: 66.68,
    height: 25.4,
    gapAcross: 3.17,
  }),
  letterBy80: form('letter', 4, 20, {
    left: 7.62,
    top: 12.7,
    width: 44.45,
    height: 12.7,
    gapAcross: 7.62,
  }),
} as const satisfies Readonly<Record<string, LabelForm>>;

export type LabelFormName = keyof typeof LABEL_FORMS;

function form(
  paper: PaperName,
  columns: number,
  rows: number,
  measures: Pick<LabelForm, 'left' | 'top' | 'width' | 'height'> & Partial<LabelForm>,
): LabelForm {
  return { gapAcross: 0, gapDown: 0, cut: false, ...measures, paper, columns, rows };
}

/** Rounding of measures that were taken with a ruler, mm. */
const SLACK = 0.5;

/**
 * What of a form cannot be: it reaches over an edge of its paper. `undefined` where all is well.
 *
 * @example overEdge({ ...LABEL_FORMS.a4By24, columns: 4 }) // { side: 'right', by: 70 }
 */
export function overEdge({
  paper,
  columns,
  rows,
  left,
  top,
  width,
  height,
  gapAcross,
  gapDown,
}: LabelForm): { readonly side: 'right' | 'bottom'; readonly by: number } | undefined {
  const right = left + columns * width + (columns - 1) * gapAcross - PAPERS[paper].width;
  const bottom = top + rows * height + (rows - 1) * gapDown - PAPERS[paper].height;
  if (right > SLACK) return { side: 'right', by: right };
  return bottom > SLACK ? { side: 'bottom', by: bottom } : undefined;
}
