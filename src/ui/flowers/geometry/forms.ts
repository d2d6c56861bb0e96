import type { FlowerForm } from '@/core/crops/flowerForm';
import { DOME } from './dome';
import type { DrawnForm } from './form';
import { GOURD } from './gourd';
import { GRASS } from './grass';
import { HEAD } from './head';
import { KEEL } from './keel';
import { MALLOW } from './mallow';
import { NIGHTSHADE } from './nightshade';

/** Every form of flower: one that is not drawn does not compile. */
const DRAWN: { readonly [Form in FlowerForm as Form['type']]: DrawnForm<Form> } = {
  gourd: GOURD,
  grass: GRASS,
  nightshade: NIGHTSHADE,
  dome: DOME,
  head: HEAD,
  mallow: MALLOW,
  keel: KEEL,
};

/**
 * How flowers of a form are drawn.
 *
 * @example drawnAs({ type: 'grass' }).face // undefined: corn has none to look into
 */
export const drawnAs = ({ type }: FlowerForm): DrawnForm => DRAWN[type] as DrawnForm;
