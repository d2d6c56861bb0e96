import type { FlowerForm } from '@/core/crops/flowerForm';
import { FLOWER, PERFECT } from './flower';
import type { FormWords } from './form';
import { GOURD } from './gourd';
import { GRASS } from './grass';
import { HEAD } from './head';
import { KEEL } from './keel';
import { MALLOW } from './mallow';
import { NIGHTSHADE } from './nightshade';

/** Every form of flower: one without words does not compile. */
const WORDS: { readonly [Type in FlowerForm['type']]: FormWords } = {
  gourd: GOURD,
  grass: GRASS,
  nightshade: NIGHTSHADE,
  dome: { ...FLOWER, ...PERFECT },
  head: HEAD,
  mallow: MALLOW,
  keel: KEEL,
};

/** What is said of a form of flower; of flowers that nobody handles, what is said of any. */
export const wordsOf = (form: FlowerForm | undefined): FormWords => (form ? WORDS[form.type] : FLOWER);
