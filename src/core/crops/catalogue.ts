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
import type { CropFacts, FlowerHours } from './crop';
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
import { tomato } from './tomato';
import { watermelon } from './watermelon';
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
  hours !== undefined && protocols.fruit !== undefined && protocols.fruit.operations.includes('collect');

/**
 * Do the evening walk and the morning round lead through this crop? Its flowers are covered before they open, and open
 * by the sun of one morning.
 *
 * @example isCoveredTheEveningBefore(cropOf('bottleGourd')) // false: it opens at dusk
 */
export const isCoveredTheEveningBefore = ({ protocols, hours }: Crop): boolean =>
  hours?.from === 'sunrise' && protocols.seed !== undefined && protocols.seed.operations.includes('cover');

export const COVERED_CROP_IDS = CROP_IDS.filter((id) => isCoveredTheEveningBefore(cropOf(id)));
