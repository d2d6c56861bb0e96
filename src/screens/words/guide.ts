import type { Crop } from '@/core/crops/catalogue';
import type { Habit, Method, PollenVector, Span } from '@/core/crops/crop';
import type { StyleLength } from '@/core/crops/flowerForm';
import type { CoverMethod } from '@/core/journal/kinds/walk';
import type { Hygiene, Mistake } from '@/core/guide/mistakes';
import type { SeasonStage } from '@/core/guide/usualSeason';
import { MILD_DAY } from '@/core/season/flowering';
import type { Format } from '../format/format';
import { wordsOf } from './forms/forms';

const HABITS: Readonly<Record<Habit, string>> = {
  monoecious: 'Male and female flowers, both on each plant.',
  andromonoecious:
    'Male flowers, and others that carry the fruit: in most varieties these have anthers of their own as well.',
  perfect: 'Every flower is male and female at once.',
};

const VECTORS: Readonly<Record<PollenVector, string>> = {
  insects: 'Insects carry its pollen.',
  nightInsects: 'Moths and other insects of the night carry its pollen.',
  wind: 'Wind carries its pollen.',
  self: 'Its pollen falls on its own stigma; insects carry some to others.',
};

/** How it flowers, in a few sentences. */
export function sayHabit({ habit, flower, pollenVector, earlyBees, xenia }: Crop): string {
  const own = wordsOf(flower).habit ?? HABITS[habit];
  return [
    own,
    VECTORS[pollenVector],
    earlyBees ? 'Some bees that live on it fly before sunrise.' : '',
    xenia
      ? 'Strange pollen shows in this year’s kernels.'
      : 'This year’s fruit is the same whatever pollen comes; its seed is not.',
  ]
    .filter(Boolean)
    .join(' ');
}

export const MISTAKE_WORDS: Readonly<Record<Mistake, string>> = {
  greenForEve: 'Covering a green bud: it opens a day later. Look for colour along the seams.',
  stalkOfSmallFlower: 'Judging by the stalk. In small flowers look for the little fruit.',
  onlyMales: 'Worrying when there are only males. They come first, often for a week or more.',
  lateInTheMorning: 'Coming late. By mid-morning it shuts, in heat sooner.',
  dampPollen: 'Working at dawn or in damp air: the pollen clumps. Wait until flowers are dry.',
  pollinatedForNothing:
    'Pollinating a variety that sets without: its fruit turns bulbous, seedy and bitter at the end.',
  shortStyled: 'Working flowers whose stigma hides below the anthers: they do not set.',
  brushedOnce:
    'Brushing once only. Its pistils ripen one after another: two or three days make an even berry.',
  tapeTooLow: 'Taping too far down: it tears the petals, or cannot be opened. Half-way at most.',
  holeOverlooked: 'Missing a small hole near the base: an insect has been in.',
  pressedTooHard: 'Pressing too hard when shutting it: the flower breaks off.',
  tagOnFlower: 'Tagging the flower. It falls within days: tag the stalk, in a loose loop.',
  loadedVine: 'Expecting seed fruit on a vine that carries fruit already: strip those first.',
  ownPollenInside:
    'Forgetting that the fruiting flower may have anthers of its own: for a cross they come off in the bud.',
  raysOut: 'Bagging a head whose rays have unfolded: insects have been on it.',
  oneRing:
    'Brushing once only: a ring of florets opens a day, and each that was missed is a ring of empty hulls.',
  ownHead: 'Brushing a head with its own pollen only: older lines take none of their own plant.',
  silkOutside: 'Bagging the shoot when silk is out: it has met pollen of anybody.',
  ownTassel: 'Using the ear’s own tassel: that is selfing, and corn weakens fast.',
  oneDayOfSilk: 'Stopping after one day: silk of the tip comes last, and the tip stays bare.',
  openForCross: 'Choosing an open flower as the mother of a cross: it has pollinated itself.',
  endRotForPollen:
    'Taking end rot for poor pollination. A dark, sunken patch comes from uneven water and calcium.',
};

export const HYGIENE_WORDS: Readonly<Record<Hygiene, string>> = {
  dryLeaves: 'Do not work while leaves are wet.',
  suspectLast: 'Suspect plants last, or not at all.',
  cleanTools: 'Clean hands, brushes and blades between beds.',
  freshBags: 'Wash bags, or use new ones, before they go to another plant.',
  noSeedFromMottled: 'Keep no seed of a plant with mottled leaves.',
};

const SEASON: Readonly<Record<SeasonStage, string>> = {
  males: 'Males open',
  bearing: 'Females open',
  flowers: 'Flowers open',
  eating: 'To eat',
  seed: 'Seed ripe on the plant',
};

export const saySeasonStage = (stage: SeasonStage, { flower }: Crop): string =>
  wordsOf(flower).season[stage] ?? SEASON[stage];

export const STYLE_WORDS: Readonly<Record<StyleLength, { readonly title: string; readonly text: string }>> = {
  long: { title: 'Long style', text: 'It stands out of the anthers: the flower can set.' },
  medium: { title: 'Medium', text: 'Level with the anthers: some set.' },
  short: { title: 'Short style', text: 'Hidden below the anthers: it does not set.' },
};

/** Of which days the picture of the season is true. */
export const sayMildDays = (f: Format): string =>
  `on days of ${f.temperature(MILD_DAY.min)} to ${f.temperature(MILD_DAY.max)}`;

const BY_ROUTINE: Readonly<Partial<Record<Method, string>>> = {
  vibrate: 'Vibrate',
  shake: 'Shake',
  brush: 'Brush',
};

const spanOf = ([from, to]: Span, f: Format): string =>
  from === to ? f.number(from) : `${f.number(from)} to ${f.number(to)}`;

/**
 * How open flowers are helped for fruit, where no insect does it.
 *
 * @example sayRoutine(cropOf('tomato'), f) // 'Vibrate each open flower for 3 to 5 seconds, every 1 to 2 days, …'
 */
export function sayRoutine({ routine, methods, parts }: Crop, f: Format): string {
  if (!routine) return '';
  const [from, by] = routine.best.value;
  const takes = `${spanOf(routine.takes.value, f)} seconds`;
  const often = routine.every.value[1] === 1 ? 'every day' : `every ${spanOf(routine.every.value, f)} days`;
  const best = `best from ${f.hour(from)} to ${f.hour(by)}`;
  if (parts && routine.forDays) {
    return `Shake a tassel that sheds over the silks of each plant for ${takes}, ${often} for ${spanOf(routine.forDays.value, f)} days from when silk shows, ${best}, once the dew is off. In a block of four rows or more the wind does it.`;
  }
  const style = routine.longStyledOnly
    ? ' Only flowers whose style stands out above the anthers can set: pass the others.'
    : '';
  return `${BY_ROUTINE[methods[0]!] ?? 'Shake'} each open flower for ${takes}, ${often}, ${best}, when flowers are dry.${style}`;
}

/** Each way to cover a flower, as a thing one does. */
export const COVER_TITLES: Readonly<Record<CoverMethod, string>> = {
  tape: 'Cover with tape',
  cord: 'Cover with cord',
  bag: 'Cover with a bag',
  peg: 'Cover with a peg',
  indoors: 'Or cut males, and stand them in water',
  shootBag: 'Bag a shoot',
  tasselBag: 'Bag a tassel',
  none: 'Only mark it',
};
