import { annuum } from './annuum';
import { argyrosperma } from './argyrosperma';
import { aubergine } from './aubergine';
import { baccatum } from './baccatum';
import { bitterGourd } from './bitterGourd';
import { bottleGourd } from './bottleGourd';
import { broadBean } from './broadBean';
import { chinense } from './chinense';
import { citron } from './citron';
import { commonBean } from './commonBean';
import { corn } from './corn';
import {
  CARRYING_METHODS,
  METHOD_FACTS,
  type CarryingMethod,
  type CropFacts,
  type FlowerHours,
  type Part,
  type Protocol,
} from './crop';
import { cucumber } from './cucumber';
import { frutescens } from './frutescens';
import { lettuce } from './lettuce';
import { limaBean } from './limaBean';
import { luffa } from './luffa';
import { maxima } from './maxima';
import { melon } from './melon';
import { moschata } from './moschata';
import { okra } from './okra';
import { pea } from './pea';
import { pepo } from './pepo';
import { potato } from './potato';
import { pubescens } from './pubescens';
import { runnerBean } from './runnerBean';
import { snakeGourd } from './snakeGourd';
import { strawberry } from './strawberry';
import { sunflower } from './sunflower';
import { tomato } from './tomato';
import type { VarietyTraits } from './traits';
import { wantsSeed, type Purpose } from './variety';
import { watermelon } from './watermelon';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import { waxGourd } from './waxGourd';

/** Every crop there is, a file a crop; its place here is its place in lists. */
const FACTS = {
  pepo,
  maxima,
  moschata,
  argyrosperma,
  melon,
  cucumber,
  watermelon,
  citron,
  bottleGourd,
  luffa,
  bitterGourd,
  waxGourd,
  snakeGourd,
  corn,
  tomato,
  annuum,
  chinense,
  frutescens,
  baccatum,
  pubescens,
  aubergine,
  potato,
  okra,
  strawberry,
  sunflower,
  commonBean,
  runnerBean,
  limaBean,
  broadBean,
  pea,
  lettuce,
} satisfies Readonly<Record<string, CropFacts>>;

export type CropId = keyof typeof FACTS;

export type Crop = CropFacts & { readonly id: CropId };

export const CROP_IDS = Object.keys(FACTS) as CropId[];

const CATALOGUE = Object.fromEntries(CROP_IDS.map((id) => [id, { ...FACTS[id], id }])) as Record<
  CropId,
  Crop
>;

/**
 * The facts of a crop.
 *
 * @example cropOf('pepo').species // 'Cucurbita pepo'
 */
export const cropOf = (id: CropId): Crop => CATALOGUE[id];

/** A crop whose flowers open and shut at known hours. */
export type BloomingCrop = Crop & { readonly hours: FlowerHours };

/**
 * The crop, if it is known when its flowers open.
 *
 * @example bloomingCropOf('bottleGourd')?.hours.from // 'sunset'
 */
export function bloomingCropOf(id: CropId): BloomingCrop | undefined {
  const crop = cropOf(id);
  return crop.hours ? (crop as BloomingCrop) : undefined;
}

/**
 * Does somebody who wants fruit carry pollen from open male flowers to open females?
 *
 * @example isPollinatedOpen(cropOf('melon')) // true
 */
export const isPollinatedOpen = ({ protocols, hours }: Crop): boolean =>
  hours !== undefined && protocols.fruit !== undefined && protocols.fruit.walk === undefined;

/**
 * Is pollen carried to its flowers one by one, from flowers that are male alone? What bears in ears or heads has few.
 *
 * @example isPollinatedByFlower(cropOf('corn')) // false
 */
export const isPollinatedByFlower = ({ habit, hours, parts, protocols }: Crop): boolean =>
  habit !== 'perfect' &&
  hours !== undefined &&
  parts === undefined &&
  (protocols.fruit ?? protocols.seed)?.collect !== undefined;

export type CoveringProtocol = Protocol & Required<Pick<Protocol, 'walk' | 'cover'>>;
/** A crop whose flowers are found and covered before they open, and then pollinated on a round. */
export type CoveredCrop = BloomingCrop & {
  readonly protocols:
    | { readonly seed: CoveringProtocol }
    | { readonly cross: CoveringProtocol }
    | { readonly self: CoveringProtocol };
};

const covers = (protocol: Protocol | undefined): boolean =>
  protocol?.walk !== undefined && protocol.cover !== undefined;

/** What is covered for its seed, where that is a way of the crop; else for a cross, else each for itself. */
const guardedOf = ({ seed, cross, self }: Crop['protocols']): Protocol | undefined => seed ?? cross ?? self;

/**
 * Can a walk and a round lead through this crop, be it only for a cross or where the grower chooses so?
 *
 * @example isCoveredBeforeOpening(cropOf('lettuce')) // false
 */
export const isCoveredBeforeOpening = (crop: Crop): crop is CoveredCrop =>
  crop.hours !== undefined && covers(guardedOf(crop.protocols));

/**
 * How its flowers are found and covered.
 *
 * @example coveringOf(tomato).cover.bearing // 'eve'
 */
export const coveringOf = ({ protocols }: CoveredCrop): CoveringProtocol =>
  guardedOf(protocols) as CoveringProtocol;

/**
 * Is seed of one variety of this crop got by covering flowers before they open?
 *
 * @example isCoveredForSeed(cropOf('tomato')) // false: only for a cross
 */
export const isCoveredForSeed = (crop: Crop): boolean =>
  crop.hours !== undefined && covers(crop.protocols.seed);

export const COVERED_CROP_IDS = CROP_IDS.filter((id) => isCoveredForSeed(cropOf(id)));

/** What a bloom is wanted for, as far as its crop is worked for that in a way of its own. */
export interface Wanted {
  readonly purpose: Purpose;
  /** Varieties. */
  readonly mother: string;
  readonly father: string;
}

/**
 * How a crop's flowers are pollinated for a purpose; where only the other way is known, that.
 *
 * @example protocolFor(cropOf('corn'), { purpose: 'seedToKeep', mother: 'v', father: 'v' })?.collect?.serves.value // 1
 */
export function protocolFor({ protocols }: Crop, { purpose, mother, father }: Wanted): Protocol | undefined {
  const { fruit, seed, cross, self } = protocols;
  if (mother !== father && cross) return cross;
  return wantsSeed(purpose) ? (seed ?? self ?? fruit) : (fruit ?? seed);
}

/**
 * Does each flower get its own pollen, so that none is carried?
 *
 * @example keepsToItself(tomato.protocols.self!) // true
 */
export const keepsToItself = ({ collect }: Protocol): boolean => collect === undefined;

/**
 * The sex of the flowers that carry a crop's fruit.
 *
 * @example bearingSexOf(cropOf('tomato'), {}) // 'perfect'
 */
export const bearingSexOf = ({ habit }: Pick<Crop, 'habit'>, traits: VarietyTraits): 'female' | 'perfect' =>
  habit === 'perfect' || traits.flowers === 'perfect' ? 'perfect' : 'female';

/**
 * Days on which a female can be pollinated, the first one counted; where a range is known, the cautious end of it.
 *
 * @example receptiveDays(cropOf('corn')) // 5
 */
export const receptiveDays = ({ receptive }: Crop): number =>
  Math.max(1, Math.floor((receptive?.value[0] ?? 0) / HOURS_A_DAY));

const HOURS_A_DAY = 24;

/**
 * Days on which a female may take pollen, the first one counted: the late end of what is known.
 *
 * @example mostReceptiveDays(cropOf('corn')) // 10
 */
const mostReceptiveDays = ({ receptive }: Crop): number =>
  Math.max(1, Math.ceil((receptive?.value[1] ?? 0) / HOURS_A_DAY));

/**
 * The last day on which a female of a day may take pollen. What opens at dusk and shuts the next morning is open on both.
 *
 * @example lastReceptiveDay(cropOf('bottleGourd'), '2026-07-19') // '2026-07-20'
 */
export const lastReceptiveDay = (crop: Crop, day: Day): Day =>
  addDays(day, mostReceptiveDays(crop) - (crop.hours?.shutsFrom === 'nextSunrise' ? 0 : 1));

/**
 * Days on which a bloom that is worked for a goal is looked at again, the first one counted. What opens floret by floret
 * is gone to as long as any may be open; who finds none says so. What is kept to its own pollen has it in its bag, and is
 * gone to until that comes off.
 *
 * @example daysWorked(sunflower, sunflower.protocols.seed) // 10
 */
export const daysWorked = (crop: Crop, protocol: Protocol | undefined): number =>
  protocol?.collect?.fromBearing
    ? mostReceptiveDays(crop)
    : Math.max(
        receptiveDays(crop),
        protocol && keepsToItself(protocol) ? (protocol.uncover?.after.value ?? 0) : 0,
      );

/**
 * Days besides its own on which a bloom's pollen may be used: as long as it keeps, or as what bears as well stands open.
 *
 * @example pollenGoodFor(tomato, tomato.protocols.cross) // 1
 */
export const pollenGoodFor = (crop: Crop, protocol: Protocol | undefined): number =>
  protocol?.collect?.fromBearing ? daysWorked(crop, protocol) - 1 : (protocol?.collect?.keeps.value ?? 0);

/**
 * The most often that one bloom may be pollinated: what opens floret by floret as long as it does.
 *
 * @example mostTimes(corn, corn.protocols.seed) // 3
 */
export const mostTimes = (crop: Crop, protocol: Protocol | undefined): number =>
  protocol?.collect?.fromBearing
    ? Math.ceil(daysWorked(crop, protocol) / Math.max(1, protocol.pollinate.apart.value))
    : MAX_TIMES_OF_A_FLOWER;

/** More often one does not go to a flower. Our default. */
const MAX_TIMES_OF_A_FLOWER = 3;

/**
 * Ways of carrying pollen to what a crop bears.
 *
 * @example carryingMethodsFor(cropOf('tomato')) // ['anthers', 'antherCone', 'brush', 'swab']
 */
export const carryingMethodsFor = (crop: Pick<Crop, 'parts' | 'habit' | 'flower'>): CarryingMethod[] =>
  CARRYING_METHODS.filter(
    (method) =>
      (METHOD_FACTS[method].to as readonly Part[]).includes(crop.parts?.bearing ?? 'flower') &&
      (GIVES[method]?.(crop) ?? true),
  );

/** Whose flowers can give pollen in a way that not all can. */
const GIVES: { readonly [M in CarryingMethod]?: (crop: Pick<Crop, 'habit' | 'flower'>) => boolean } = {
  maleFlower: ({ habit }) => habit !== 'perfect',
  anthers: ({ habit }) => habit === 'perfect',
  antherCone: ({ flower }) => flower?.type === 'nightshade' && flower.anthers !== 'free',
};
