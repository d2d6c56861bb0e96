import { expose } from 'comlink';
import type { Face } from '@/core/paper/page';
import { FONT_FILES, type FontFiles } from './fonts';
import { printerWith } from './print';

const load = async (face: Face): Promise<Uint8Array> => {
  const answer = await fetch(`/packages/${FONT_FILES[face]}`);
  if (!answer.ok) throw new Error(`the font ${FONT_FILES[face]} is not there`);
  return new Uint8Array(await answer.arrayBuffer());
};

async function loadFonts(): Promise<FontFiles> {
  const [text, strong, code] = await Promise.all([load('text'), load('strong'), load('code')]);
  return { text, strong, code };
}

expose(printerWith(loadFonts));
