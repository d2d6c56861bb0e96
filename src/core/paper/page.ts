/** Sheets that printers take, millimetres [ISO 216; ANSI/ASME Y14.1, 8.5 × 11 in]. */
export const PAPERS = {
  a4: { width: 210, height: 297 },
  letter: { width: 215.9, height: 279.4 },
} as const;

export type PaperName = keyof typeof PAPERS;

/** What printers leave white at each edge, mm. Our default: most manage 5. */
export const EDGE = 10;

/** Letters to read, their heavier weight, and those of codes and headings. */
export const FACES = ['text', 'strong', 'code'] as const;
export type Face = (typeof FACES)[number];

/** From 0, black, to 1, white. */
export type Grey = number;

/** Lengths are millimetres from the top left corner of the page. */
export interface TextMark {
  readonly mark: 'text';
  readonly x: number;
  /** Of the line on which letters stand. */
  readonly y: number;
  /** Height of the type. */
  readonly size: number;
  readonly face: Face;
  readonly align: 'left' | 'middle' | 'right';
  readonly text: string;
}

export interface LineMark {
  readonly mark: 'line';
  readonly x1: number;
  readonly y1: number;
  readonly x2: number;
  readonly y2: number;
  readonly width: number;
  /** Lengths of what is drawn and what is left out. */
  readonly dash?: readonly number[];
}

/** An outline of SVG, in units of its own. */
export interface PathMark {
  readonly mark: 'path';
  readonly x: number;
  readonly y: number;
  /** Millimetres of one unit. */
  readonly scale: number;
  readonly d: string;
  readonly fill?: Grey;
  readonly line?: Grey;
  /** Of the line, mm. */
  readonly width?: number;
}

export type Mark = TextMark | LineMark | PathMark;

/** One side of a sheet as it is printed. */
export interface Page {
  readonly width: number;
  readonly height: number;
  readonly marks: readonly Mark[];
}

/** A part of a page, mm. */
export interface Room {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** What a layout cannot know by itself. */
export interface Means {
  /** How wide a text is, mm. */
  readonly widthOf: (text: string, size: number, face: Face) => number;
  /** The squares of a QR code, row by row; `true` is dark. */
  readonly squaresOf: (text: string) => readonly (readonly boolean[])[];
}

/** Thin enough to write next to, thick enough for any printer, mm. */
export const THIN = 0.2;

export const line = (
  x1: number,
  y1: number,
  x2: number,
  y2: number,
  { width = THIN, dash }: { readonly width?: number; readonly dash?: readonly number[] } = {},
): LineMark => ({ mark: 'line', x1, y1, x2, y2, width, ...(dash && { dash }) });

const rectangle = (x: number, y: number, width: number, height: number) =>
  ({ mark: 'path', x, y, scale: 1, d: `M0 0h${width}v${height}h${-width}z` }) as const;

/** A rectangle that is drawn and not filled. */
export const box = (x: number, y: number, width: number, height: number, thick = THIN): PathMark => ({
  ...rectangle(x, y, width, height),
  line: 0,
  width: thick,
});

/** A rectangle of white, over what was drawn before. */
export const filled = (x: number, y: number, width: number, height: number): PathMark => ({
  ...rectangle(x, y, width, height),
  fill: 1,
});
