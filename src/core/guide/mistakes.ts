import type { Crop } from '../crops/catalogue';
import { factsOf } from '../flowers/forms/forms';
import type { FormMistake } from '../flowers/forms/form';

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
  'raysOut',
  'oneRing',
  'ownHead',
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
  const ofForm = flower ? factsOf(flower).mistakes : [];
  const invites = (mistake: FormMistake): boolean => ofForm.includes(mistake);
  const happens: Readonly<Record<Mistake, boolean>> = {
    greenForEve: invites('greenForEve'),
    stalkOfSmallFlower: crop.smallFlowered === true,
    onlyMales: invites('onlyMales') && habit !== 'perfect',
    lateInTheMorning: hours?.from === 'sunrise' && hours.shuts.value[1] <= SHORT_MORNING_H,
    dampPollen: weather?.humidity !== undefined,
    pollinatedForNothing: crop.pollinationSpoilsFruit === true,
    shortStyled: routine?.longStyledOnly === true,
    brushedOnce: invites('brushedOnce'),
    tapeTooLow: covers.includes('tape'),
    holeOverlooked: invites('holeOverlooked') && protocols.seed !== undefined,
    pressedTooHard: invites('pressedTooHard') && protocols.seed?.close === true,
    tagOnFlower: invites('tagOnFlower') && protocols.seed?.tag === true,
    loadedVine: crop.seedFruits !== undefined,
    ownPollenInside: variableTraits.includes('flowers'),
    raysOut: invites('raysOut'),
    oneRing: invites('oneRing'),
    ownHead: invites('ownHead'),
    silkOutside: invites('silkOutside'),
    ownTassel: invites('ownTassel'),
    oneDayOfSilk: invites('oneDayOfSilk'),
    openForCross: protocols.cross !== undefined,
    endRotForPollen: invites('endRotForPollen'),
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
