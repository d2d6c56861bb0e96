import { pagesOf } from '@/core/paper/sheets';
import { qrSquares } from '../qrSquares';
import { Fonts, type FontFiles } from './fonts';
import type { Printer } from './printer';
import { writePdf } from './writePdf';

/** A code that hangs outside for months is scratched and stained. */
const squaresOf = (text: string): boolean[][] => qrSquares(text, 'Q');

/** Lays out and writes what is to be printed. */
export function printerWith(load: () => Promise<FontFiles>): Printer {
  let fonts: Promise<Fonts> | undefined;
  const open = (): Promise<Fonts> => (fonts ??= load().then((files) => new Fonts(files)));
  return {
    async layOut(what) {
      const opened = await open();
      const pages = pagesOf(what, { widthOf: opened.widthOf, squaresOf });
      return { pages, missing: opened.missing };
    },
    pdf: async (pages, title, at) => writePdf(pages, await open(), { title, at }),
  };
}
