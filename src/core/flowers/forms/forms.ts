import type { FlowerForm } from '../../crops/flowerForm';
import { DOME } from './dome';
import type { FormFacts } from './form';
import { GOURD } from './gourd';
import { GRASS } from './grass';
import { HEAD } from './head';
import { KEEL } from './keel';
import { MALLOW } from './mallow';
import { NIGHTSHADE } from './nightshade';

/** Every form of flower: one that is missing does not compile. */
const FORMS: { readonly [Form in FlowerForm as Form['type']]: FormFacts<Form> } = {
  gourd: GOURD,
  grass: GRASS,
  nightshade: NIGHTSHADE,
  dome: DOME,
  head: HEAD,
  mallow: MALLOW,
  keel: KEEL,
};

/**
 * What is known of a form of flower.
 *
 * @example factsOf({ type: 'grass' }).sexesApart // true: tassel and ear
 */
export const factsOf = ({ type }: FlowerForm): FormFacts => FORMS[type] as FormFacts;
