import QRCode from 'qrcode';
import type { Means } from '@/core/paper/page';
import { pagesOf } from '@/core/paper/sheets';
import { Fonts, type FontFiles } from './fonts';
import type { Printer } from './printer';
import { writePdf } from './writePdf';

/** A code that hangs outside for months is scratched and stained [ISO/IEC 18004, table 8: level Q restores 25 %]. */
const RESTORES = 'Q';

function squaresOf(text: string): boolean[][] {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: RESTORES });
  return Array.from({ length: modules.size }, (_, row) =>
    Array.from({ length: modules.size }, (_each, column) => modules.get(row, column) === 1),
  );
}

/** Lays out and writes what is to be printed. */
export function printerWith(load: () => Promise<FontFiles>): Printer {
  let fonts: Promise<Fonts> | undefined;
  const open = (): Promise<Fonts> => (fonts ??= load().then((files) => new Fonts(files)));
  const meansOf = ({ widthOf }: Fonts): Means => ({ widthOf, squaresOf });
  return {
    async layOut(what) {
      const opened = await open();
      const pages = pagesOf(what, meansOf(opened));
      return { pages, missing: opened.missing };
    },
    async pdf(what, title, at) {
      const opened = await open();
      return writePdf(pagesOf(what, meansOf(opened)), opened, { title, at });
    },
  };
}
