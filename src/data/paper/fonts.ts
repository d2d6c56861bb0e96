import fontkit from '@pdf-lib/fontkit';
import type { Face } from '@/core/paper/page';

/** The files of the faces; `scripts/lib.mjs` puts them beside the pages. */
export const FONT_FILES = {
  text: 'AtkinsonHyperlegibleNext_400Regular.ttf',
  strong: 'AtkinsonHyperlegibleNext_600SemiBold.ttf',
  code: 'Bitter_700Bold.ttf',
} as const satisfies Readonly<Record<Face, string>>;

/** Letters that a face lacks come from the other: Bitter has Cyrillic. */
const INSTEAD: Readonly<Record<Face, Face>> = { text: 'code', strong: 'code', code: 'text' };

export type FontFiles = Readonly<Record<Face, Uint8Array>>;

/** A part of a text that one font has the letters of. */
export interface Run {
  readonly face: Face;
  readonly text: string;
}

interface Glyphs {
  readonly unitsPerEm: number;
  readonly hasGlyphForCodePoint: (point: number) => boolean;
  readonly layout: (text: string) => { readonly glyphs: readonly { readonly advanceWidth: number }[] };
}

/** Measures texts as they are set: letter by letter, without kerning. */
export class Fonts {
  readonly files: FontFiles;
  readonly #faces: Readonly<Record<Face, Glyphs>>;
  readonly #missing = new Set<string>();

  constructor(files: FontFiles) {
    const open = (face: Face): Glyphs => fontkit.create(files[face]) as unknown as Glyphs;
    this.files = files;
    this.#faces = { text: open('text'), strong: open('strong'), code: open('code') };
  }

  /** Letters that none of the fonts has: they are printed as a question mark. */
  get missing(): string {
    return [...this.#missing].join(' ');
  }

  runsOf(text: string, face: Face): Run[] {
    const runs: { readonly face: Face; text: string }[] = [];
    for (const letter of text.normalize('NFC')) {
      const own = this.#faceOf(letter, face);
      const last = runs.at(-1);
      const shown = own === undefined ? '?' : letter;
      if (own === undefined) this.#missing.add(letter);
      if (last && last.face === (own ?? face)) last.text += shown;
      else runs.push({ face: own ?? face, text: shown });
    }
    return runs;
  }

  widthOf = (text: string, size: number, face: Face): number =>
    this.runsOf(text, face).reduce((sum, run) => {
      const { unitsPerEm, layout } = this.#faces[run.face];
      const { glyphs } = layout.call(this.#faces[run.face], run.text);
      return sum + (size / unitsPerEm) * glyphs.reduce((wide, { advanceWidth }) => wide + advanceWidth, 0);
    }, 0);

  #faceOf(letter: string, face: Face): Face | undefined {
    const point = letter.codePointAt(0)!;
    return [face, INSTEAD[face]].find((each) => this.#faces[each].hasGlyphForCodePoint(point));
  }
}
