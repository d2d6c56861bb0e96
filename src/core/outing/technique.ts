import { carryingMethodsFor, cropOf, mostTimes, protocolFor, type Crop } from '../crops/catalogue';
import type { CarryingMethod, Protocol } from '../crops/crop';
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
  /** Is that within one day, where days apart are usual? */
  readonly sameDay?: true;
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
    method: usualMethod(crop, mother !== father),
    cover: isForSeed ? (COVER_METHODS.find((method) => method === crop.covers[0]) ?? 'bag') : 'none',
    times: protocolFor(crop, wanted)?.pollinate.times.value ?? 1,
  };
}

/**
 * The crop's own way to bring pollen to a single flower: the first of its methods that does. A cross of perfect flowers
 * is dabbed with the father's anthers (our default among the schools).
 */
function usualMethod(crop: Crop, isCross: boolean): CarryingMethod {
  const can = carryingMethodsFor(crop);
  if (isCross && can.includes('anthers')) return 'anthers';
  return (
    crop.methods.flatMap((method) => can.find((each) => each === method) ?? [])[0] ?? can[0] ?? 'maleFlower'
  );
}

/** How far the pollinations of one female are apart, in days or in hours of one day, and how many there may be. */
export interface Spacing {
  readonly unit: 'd' | 'h';
  readonly value: number;
  readonly most: number;
}

/** A second dab of an open flower on one day; a third is not known to help. Our default. */
const SAME_DAY_TIMES = 2;

/**
 * When a female that was pollinated is so again; `undefined` where no round leads to her a second time.
 *
 * @param sameDay as chosen: within one day in place of days apart, where a protocol has both.
 * @example spacingOf(tomato, tomato.protocols.cross!) // { unit: 'd', value: 1, most: 3 }
 * @example spacingOf(tomato, tomato.protocols.cross!, true) // { unit: 'h', value: 2, most: 4 }
 */
export function spacingOf(crop: Crop, protocol: Protocol, sameDay = false): Spacing | undefined {
  const { apart, sameDay: within } = protocol.pollinate;
  if (sameDay && within) return { unit: 'h', value: within.apart.value, most: within.times.value };
  if (apart.value <= 0) return undefined;
  return apart.unit === 'h'
    ? { unit: 'h', value: apart.value, most: SAME_DAY_TIMES }
    : { unit: 'd', value: apart.value, most: mostTimes(crop, protocol) };
}

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
  // When is said with how often.
  const often = [cross, line].find((each) => each?.times !== undefined);
  return {
    males: cross?.males ?? line?.males ?? usual.males,
    method: cross?.method ?? line?.method ?? usual.method,
    cover: cross?.cover ?? line?.cover ?? usual.cover,
    times: often?.times ?? usual.times,
    ...(often?.sameDay && { sameDay: true }),
  };
}
