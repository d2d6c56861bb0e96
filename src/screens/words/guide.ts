import type { Crop } from '@/core/crops/catalogue';
import type {
  CropCover,
  Figure,
  FlowerHours,
  Habit,
  Method,
  PollenVector,
  Span,
  Standing,
} from '@/core/crops/crop';
import type { StyleLength } from '@/core/crops/flowerForm';
import type { CoverMethod } from '@/core/journal/kinds/scout';
import type { FigureCode, GuideFigure } from '@/core/guide/guideFigures';
import type { Hygiene, Mistake } from '@/core/guide/mistakes';
import type { OurWay, SchoolQuestion, Way } from '@/core/guide/schools';
import type { SeasonStage } from '@/core/guide/usualSeason';
import type { Format } from '../format/format';
import { COVERS } from './names';
import { MILD_DAY } from '@/core/opening/budStages';
import { wordsOf } from './forms/forms';

/** The words of the field guide. */

export const STANDINGS: Readonly<Record<Standing, string>> = {
  practice: 'common practice, no source',
  memory: 'published, quoted from memory',
  default: 'our default',
};

export const sayStanding = ({ standing, source }: Figure<unknown>): string =>
  source ? `${STANDINGS[standing]}: ${source}` : STANDINGS[standing];

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

const FROM: Readonly<Record<FlowerHours['from'], string>> = {
  sunrise: 'sunrise',
  noon: 'noon by the sun',
  sunset: 'sunset',
};

function hours(from: number, to: number, f: Format): string {
  if (from !== to) return `${f.number(from, 1)} to ${f.number(to, 1)} hours`;
  return from < 1
    ? f.count(60 * from, 'minute', 'minutes')
    : `${f.number(from, 1)} ${f.plural(from, 'hour', 'hours')}`;
}

/**
 * Hours from the sun's mark, before or after it.
 *
 * @example sayFromSun([-0.5, 0.5], 'sunrise', f) // '30 minutes before to 30 minutes after sunrise'
 */
export function sayFromSun([from, to]: Span, mark: string, f: Format): string {
  if (from < 0 && to > 0) return `${hours(-from, -from, f)} before to ${hours(to, to, f)} after ${mark}`;
  if (to === 0) return `From ${hours(-from, -from, f)} before ${mark} to ${mark}`;
  if (to < 0) return `${hours(-to, -from, f)} before ${mark}`;
  return `${hours(from, to, f)} after ${mark}`;
}

const FIGURES: Readonly<Record<FigureCode, string>> = {
  base: 'Grows from',
  cap: 'Grows no faster above',
  toFlower: 'Warmth from sowing to the first flowers',
  bearingAfterMales: 'From the first males to the first females',
  floweringDays: 'Flowers for',
  opens: 'Opens',
  shuts: 'Shuts',
  doneByClock: 'To be safe, done by',
  floor: 'Opens late below',
  receptive: 'A female is good for',
  malesPerFemale: 'Males that come for each female',
  malesForFruit: 'Males to use on each, for fruit',
  malesForSeed: 'Males to use on each, for seed',
  routineEvery: 'Shake or brush every',
  routineTakes: 'At each flower',
  routineBest: 'Best between',
  routineForDays: 'For',
  hotDay: 'Trouble on days hotter than',
  hotNight: 'Trouble in nights warmer than',
  coldNight: 'Trouble in nights colder than',
  dewPointSign: 'Sign of such air: a dew point of',
  humidityBest: 'Best humidity at the work',
  humidityClumpsFrom: 'Pollen clumps from',
  humiditySticksPoorlyBelow: 'Pollen sticks poorly below',
  setPrior: 'Of ten flowers worked, that set',
  looksEarly: 'First look, after',
  looksSet: 'Set or not, after',
  looksKept: 'Kept for good, after',
  eatAfter: 'To eat, after',
  seedAfter: 'Seed ripe on the plant, after',
  seedFruits: 'Fruits for seed on a plant',
  outcrossing: 'Seed with another father, in a mixed open patch',
  distanceCasual: 'Isolation distance, seed for fun',
  distanceSaving: 'Isolation distance, to keep a variety',
  distanceRare: 'Isolation distance, rare or for sale',
  timeApart: 'Or isolated by time',
  mothersAny: 'Fewest mothers, for any seed',
  mothersKeep: 'Fewest mothers, to keep a variety',
  mothersConserve: 'Fewest mothers, to conserve it',
};

/** Figures whose words hang on what the crop bears. */
export const sayFigureName = (code: FigureCode, { flower, habit }: Crop): string => {
  const own = wordsOf(flower).figures[code];
  if (own !== undefined) return own;
  return habit === 'perfect' && code === 'receptive' ? 'A flower is good for' : FIGURES[code];
};

/** A figure with its unit. */
export function sayFigure({ code, figure }: GuideFigure, { hours: open }: Crop, f: Format): string {
  const { value, unit } = figure;
  const [from, to] = value;
  if (open && code === 'opens') return sayFromSun(value, FROM[open.from], f);
  if (open && code === 'shuts') {
    return sayFromSun(value, open.shutsFrom ? 'the next sunrise' : FROM[open.from], f);
  }
  if (code === 'doneByClock') return `${f.hour(from)} o’clock`;
  if (code === 'routineBest') return `${f.hour(from)} and ${f.hour(to)} o’clock`;
  if (code === 'setPrior') return f.number(10 * from, 1);
  const range = (say: (n: number) => string): string =>
    from === to ? say(from) : `${say(from)} to ${say(to)}`;
  switch (unit) {
    case 'h':
      return to > HOURS_AS_DAYS
        ? `${range((n) => f.number(n / 24))} ${f.plural(to / 24, 'day', 'days')}`
        : hours(from, to, f);
    case 'd':
      return `${range((n) => f.number(n))} ${f.plural(to, 'day', 'days')}`;
    case 's':
      return `${range((n) => f.number(n))} ${f.plural(to, 'second', 'seconds')}`;
    case 'min':
      return `${range((n) => f.number(n))} ${f.plural(to, 'minute', 'minutes')}`;
    case 'degC':
      return range((n) => f.temperature(n));
    case 'degCd':
      return `${range((n) => f.number(n))} degree days (°C)`;
    case 'share':
      return range((n) => `${f.number(100 * n, n < 0.02 ? 1 : 0)} %`);
    case 'percent':
      return range((n) => `${f.number(n)} %`);
    case 'm':
      return range((n) => f.length(n));
    case 'count':
      return range((n) => f.number(n, 1));
  }
}

/** Longer than this, hours are said in days. */
const HOURS_AS_DAYS = 24;

export const QUESTIONS: Readonly<Record<SchoolQuestion, string>> = {
  tool: 'What carries the pollen?',
  males: 'How many males?',
  ownPlant: 'Pollen of the same plant?',
  cover: 'Cover the flower?',
  hour: 'At what hour?',
  fadedMale: 'Is a faded male of use?',
  lateFemale: 'A female that is closing?',
  again: 'Once, or again?',
  judging: 'When is it known to have set?',
  brush: 'Clean the brush?',
};

const TOOLS: Readonly<Record<Method, string>> = {
  maleFlower: 'the male flower itself',
  brush: 'a soft, dry brush',
  swab: 'a cotton swab',
  vibrate: 'vibration',
  shake: 'shaking',
  emasculate: 'emasculation',
  tasselBag: 'the bag of a tassel',
  headToHead: 'head against head',
};

export const WAYS: Readonly<Record<Way, string>> = {
  ...TOOLS,
  oneMale: 'one',
  twoMales: 'two',
  fourMales: 'four',
  allMales: 'as many as there are',
  oneTassel: 'one tassel for each ear',
  sharedTassel: 'one tassel for several ears',
  ownPollenFine: 'fine',
  ownPollenAvoided: 'avoided',
  noCover: 'no',
  tiedAfter: 'tied shut afterwards only',
  taped: 'taped before and after',
  baggedThroughout: 'in a bag before and after',
  firstLight: 'at first light',
  inTheMorning: 'in the morning',
  anyTimeOpen: 'whenever it is open',
  fadedUsed: 'yes',
  fadedLeft: 'no',
  lateTried: 'try it',
  lateLeft: 'too late',
  once: 'once',
  sameMorning: 'again the same morning',
  nextDay: 'again the next day',
  petalsGone: 'when the petals are gone',
  growthSeen: 'two or three days of growth',
  lobesBrown: 'when the lobes turn brown, day 4 or 5',
  aWeek: 'after a week',
  neverWashed: 'never: one variety, indoors',
  brushPerCrop: 'one brush for each crop',
  cleanAtEach: 'at each variety',
};

const OUR_TOOL: Readonly<Record<Method, string>> = {
  maleFlower: 'The flower itself: it gives most pollen, and nothing is carried over to the next variety.',
  brush: 'A brush: gentle on small flowers.',
  swab: 'A swab: gentle on small flowers.',
  vibrate: 'Vibration: it shakes the pollen out of the tube.',
  shake: 'Shaking: quick, and enough in dry air.',
  emasculate: 'Emasculation.',
  tasselBag:
    'The bag: pollen that was shed in it is known, and stray pollen on the tassel is dead by morning.',
  headToHead: 'Head against head: quick where two can be bent together.',
};

const OUR_COVER: Readonly<Record<CropCover, string>> = { ...COVERS, cage: 'A cage' };

/** What is done here by default, and why. */
export function sayOurs(ours: OurWay, f: Format): string {
  switch (ours.code) {
    case 'method':
      return OUR_TOOL[ours.method];
    case 'malesOfOthers':
      return `${f.number(ours.fruit)} for fruit, ${f.number(ours.seed)} for seed where there are so many, from different plants: more fathers, and one that is poor does no harm.`;
    case 'oneTasselEach':
      return 'One each. A tassel can serve more ears, but then fewer plants are fathers.';
    case 'othersForSeed':
      return 'For fruit any. For seed other plants first, its own only when there is nothing else: inbred lines weaken.';
    case 'coverForSeed':
      return `By purpose: none for fruit; for seed covered the evening before and again after. ${OUR_COVER[ours.cover]} unless you choose otherwise.`;
    case 'byTheHours':
      return 'By the hours of the day: seed first, before insects fly; fruit until the flowers shut.';
    case 'fadedForFruit':
      return 'For fruit, yes: fewer set. For seed only if it was covered.';
    case 'lateMarked':
      return 'Try it: it is marked as late, and fewer are expected to set.';
    case 'againSameDay':
      return `Once more ${f.count(ours.hours, 'hour', 'hours')} later the same morning. The next day is near useless: it does not open again.`;
    case 'againNextDay':
      return `Again after ${f.count(ours.days, 'day', 'days')}: it stays receptive, and not all takes the first time.`;
    case 'onceOnly':
      return 'Once. The next day is near useless: a female has a single morning.';
    case 'onceOrNextDay':
      return 'Once; again the next day if you want all of it to fill: what is youngest comes last.';
    case 'threeLooks':
      return 'Three looks: an early one, one at which set shows, and one when it is kept for good. What is not due yet is no failure.';
    case 'cleanBrush':
      return 'A clean or a new one at each change of variety among those that cross, and after a suspect plant.';
  }
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
  pressedTooHard: 'Pressing too hard when shutting her: she breaks off.',
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
  noSeedFromMottled: 'Keep no seed of a mottled mother.',
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
