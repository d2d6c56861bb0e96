import type { Crop } from '../crops/catalogue';

/** What goes wrong most often. Common practice, no source. */
export const MISTAKES = [
  'greenForEve',
  'stalkOfSmallFlower',
  'onlyMales',
  'lateInTheMorning',
  'dampPollen',
  'pollinatedForNothing',
  'shortStyled',
  'brushedOnce',
  'tapeTooLow',
  'holeOverlooked',
  'pressedTooHard',
  'tagOnFlower',
  'loadedVine',
  'ownPollenInside',
  'silkOutside',
  'ownTassel',
  'oneDayOfSilk',
  'openForCross',
  'endRotForPollen',
] as const;
export type Mistake = (typeof MISTAKES)[number];

/** A flower that has shut so many hours after sunrise is not met by who sleeps in. Our default. */
const SHORT_MORNING_H = 6;

/**
 * The mistakes to know of with a crop, in the order of the work.
 *
 * @example mistakesOf(cropOf('corn')) // ['silkOutside', 'ownTassel', 'oneDayOfSilk']
 */
export function mistakesOf(crop: Crop): Mistake[] {
  const { flower, habit, hours, protocols, covers, weather, routine, variableTraits } = crop;
  const isGourd = flower?.type === 'gourd';
  const isCorn = flower?.type === 'grass';
  const happens: Readonly<Record<Mistake, boolean>> = {
    greenForEve: isGourd,
    stalkOfSmallFlower: crop.smallFlowered === true,
    onlyMales: isGourd && habit !== 'perfect',
    lateInTheMorning: hours?.from === 'sunrise' && hours.shuts.value[1] <= SHORT_MORNING_H,
    dampPollen: weather?.humidity !== undefined,
    pollinatedForNothing: crop.pollinationSpoilsFruit === true,
    shortStyled: routine?.longStyledOnly === true,
    brushedOnce: flower?.type === 'dome',
    tapeTooLow: covers.includes('tape'),
    holeOverlooked: isGourd && protocols.seed !== undefined,
    pressedTooHard: isGourd && protocols.seed?.close === true,
    tagOnFlower: isGourd && protocols.seed?.tag === true,
    loadedVine: crop.seedFruits !== undefined,
    ownPollenInside: variableTraits.includes('flowers'),
    silkOutside: isCorn,
    ownTassel: isCorn,
    oneDayOfSilk: isCorn,
    openForCross: protocols.cross !== undefined,
    endRotForPollen: isGourd || flower?.type === 'nightshade',
  };
  return MISTAKES.filter((mistake) => happens[mistake]);
}

/** What keeps disease from travelling with the work. */
const HYGIENE = ['dryLeaves', 'suspectLast', 'cleanTools', 'freshBags', 'noSeedFromMottled'] as const;
export type Hygiene = (typeof HYGIENE)[number];

/**
 * What to mind so that the work does not carry disease.
 *
 * @example hygieneOf(cropOf('strawberry')) // ['dryLeaves', 'suspectLast', 'cleanTools']
 */
export function hygieneOf({ cautions, covers, protocols, methods }: Crop): Hygiene[] {
  const travels = cautions.includes('mosaicOnHands') || cautions.includes('fruitBlotch');
  const minds: Readonly<Record<Hygiene, boolean>> = {
    dryLeaves: true,
    suspectLast: true,
    cleanTools: travels || methods.includes('brush') || methods.includes('emasculate'),
    freshBags: covers.includes('bag'),
    noSeedFromMottled: travels && (protocols.seed ?? protocols.cross) !== undefined,
  };
  return HYGIENE.filter((each) => minds[each]);
}
