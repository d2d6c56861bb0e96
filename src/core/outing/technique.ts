import { CARRYING_METHODS, type CarryingMethod, type Protocol } from '../crops/crop';
import { cropOf, protocolFor, type Crop } from '../crops/catalogue';
import { wantsSeed } from '../crops/variety';
import type { Journal } from '../journal/journal';

import { COVER_METHODS, type CoverMethod } from '../journal/kinds/walk';
import type { Meant } from '../journal/matingOf';
import type { Variety } from '../journal/state';

/** How flowers are worked: as the grower chose, else as is usual for the crop and the purpose. */
export interface Technique {
  /** Males for each female. */
  readonly males: number;
  readonly method: CarryingMethod;
  readonly cover: CoverMethod;
  /** How often each female is pollinated. */
  readonly times: number;
}

type Wanted = Pick<Meant, 'mating' | 'mother' | 'father' | 'purpose'>;

/**
 * What is usual where nothing was chosen: two males for fruit and three for seed, the crop's own tool, and a cover
 * where seed is wanted (our defaults among the schools).
 *
 * @example usualTechnique(cropOf('pepo'), { purpose: 'seedToKeep', mother: 'v', father: 'v' }).males // 3
 */
export function usualTechnique(crop: Crop, wanted: Wanted): Technique {
  const { purpose, mother, father } = wanted;
  const isForSeed = wantsSeed(purpose) || mother !== father;
  return {
    males: (isForSeed ? crop.malesWanted.seed : crop.malesWanted.fruit).value,
    method: usualMethod(crop),
    cover: isForSeed ? (COVER_METHODS.find((method) => method === crop.covers[0]) ?? 'bag') : 'none',
    times: protocolFor(crop, wanted)?.pollinate.times.value ?? 1,
  };
}

/** The crop's own way to bring pollen to a single flower: the first of its methods that does. */
const usualMethod = ({ methods }: Crop): CarryingMethod =>
  methods.flatMap((method) => CARRYING_METHODS.find((each) => each === method) ?? [])[0] ?? 'maleFlower';

/**
 * Days from one pollination of a female to the next; `undefined` where no round leads to her again.
 *
 * @example daysApart(cropOf('tomato').protocols.cross!) // 1
 */
export function daysApart({ pollinate: { apart } }: Protocol): number | undefined {
  return apart.unit === 'd' && apart.value > 0 ? apart.value : undefined;
}

/**
 * Hours after which an open female gets a second dab on the same day; `undefined` where that is not done.
 *
 * @example hoursApart(cropOf('watermelon').protocols.fruit!) // 1
 */
export function hoursApart({ pollinate: { apart } }: Protocol): number | undefined {
  return apart.unit === 'h' && apart.value > 0 ? apart.value : undefined;
}

/** On one day; a third time is not known to help. Our default. */
export const SAME_DAY_TIMES = 2;

/**
 * Does the grower get seed of a variety from flowers that are kept to their own pollen? Where none is carried to them in
 * any case, that is a choice.
 *
 * @example isSelfed(new Journal(), pepper) // false
 */
export const isSelfed = (
  journal: Journal,
  { variety, crop, purpose }: Pick<Variety, 'variety' | 'crop' | 'purpose'>,
): boolean =>
  wantsSeed(purpose) && canBeSelfed(cropOf(crop)) && journal.all('ways').get(variety)?.selfed === true;

/**
 * Can its flowers be kept to their own pollen, where that is chosen?
 *
 * @example canBeSelfed(cropOf('tomato')) // true
 */
export const canBeSelfed = ({ protocols }: Pick<Crop, 'protocols'>): boolean =>
  protocols.self !== undefined && protocols.seed === undefined;

/** Of a mother whose variety is not known. */
const ONCE: Technique = { males: 1, method: 'maleFlower', cover: 'none', times: 1 };

/**
 * How flowers are worked that are meant for something: what was chosen for the cross, else for the mother's variety,
 * else what is usual.
 *
 * @example techniqueOf(new Journal(), meant).method // 'maleFlower' for squash
 */
export function techniqueOf(journal: Journal, meant: Wanted): Technique {
  const variety = journal.all('variety').get(meant.mother);
  const usual = variety ? usualTechnique(cropOf(variety.crop), meant) : ONCE;
  const chosen = journal.all('ways');
  const [cross, line] = [chosen.get(meant.mating ?? ''), chosen.get(meant.mother)];
  return {
    males: cross?.males ?? line?.males ?? usual.males,
    method: cross?.method ?? line?.method ?? usual.method,
    cover: cross?.cover ?? line?.cover ?? usual.cover,
    times: cross?.times ?? line?.times ?? usual.times,
  };
}
