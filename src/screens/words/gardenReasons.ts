import type { Kernel } from '@/core/journal/entry';
import type { Reason } from '@/core/reason';
import type { Format } from '../format';

type Params = Reason['params'];
type Say = (params: Params, f: Format) => string;

export const KERNELS: Readonly<Record<Kernel, string>> = {
  sweet: 'sweet',
  supersweet: 'supersweet',
  pop: 'pop',
  starchy: 'flint, dent or flour',
};

const kernel = (value: Params[string] | undefined): string => KERNELS[value as Kernel] ?? 'this';
const metres = (value: Params[string] | undefined, f: Format): string => f.length(Number(value ?? 0));

/** A distance, or from least to most. */
const range = (p: Params, f: Format): string =>
  p['least'] === p['most'] ? metres(p['least'], f) : `${metres(p['least'], f)} to ${metres(p['most'], f)}`;

const PURPOSE_ASKS: Readonly<Record<string, string>> = {
  seedForFun: 'Seed for fun',
  seedToKeep: 'Seed to keep the variety',
  rareOrSold: 'Seed that is rare or for sale',
};

/** One sentence for every reason that the core gives about the garden's plan. */
const SENTENCES: Readonly<Record<string, Say>> = {
  sameSpecies: (p) => `Both are ${p['species']}: within a species all varieties cross.`,
  sameGroup: (p) => `${p['mother']} and ${p['father']} cross freely.`,
  nowAndThen: (p) => `${p['mother']} and ${p['father']} cross now and then.`,
  seldom: (p) => `${p['mother']} and ${p['father']} cross only rarely.`,
  otherSpecies: (p) => `${p['mother']} and ${p['father']} do not cross.`,
  kernelsStarchy: (p) =>
    `Pollen of ${kernel(p['father'])} corn turns kernels of ${kernel(p['mother'])} corn starchy this very year.`,
  kernelsSpoil: (p) => `Pollen of ${kernel(p['father'])} corn spoils popping this very year.`,
  kernelsShow: (p) =>
    `Pollen of ${kernel(p['father'])} corn shows in this year’s kernels and does them no harm.`,
  kernelsKeep: (p) => `Both are ${kernel(p['mother'])} corn: this year’s kernels stay as they are.`,
  kernelsUnknown: () => 'Say what kind of corn both are: kernels may change this very year.',

  eatenOnly: () =>
    'Grown to eat: foreign pollen changes the seed and not the fruit, so no distance is asked.',
  kernelsAreEaten: (p, f) => `Corn kernels are changed this very year: ${range(p, f)} even when only eaten.`,
  forPurpose: (p, f) => `${PURPOSE_ASKS[String(p['purpose'])] ?? 'Seed'} asks for ${range(p, f)}.`,
  sheltered: () => 'The ground is sheltered: the lower end is taken.',
  openGround: () => 'The ground is open: the upper end is taken.',
  styleOut: () => 'Its style stands out of the cone, where insects reach it.',
  selfer: () => 'It mostly pollinates itself.',

  seedlessHasParent: (p) => `Seedless: ${p['have']} plants with seeds near give it pollen.`,
  seedlessNeedsParent: (p) =>
    `Seedless: it sets only by pollen of a kind with seeds. Plant at least ${p['want']} of one beside it; there are ${p['have']}.`,
  allFemaleHasParent: () => 'All female: another variety gives it pollen, so its seed is a cross.',
  allFemaleNeedsParent: () => 'All female: it needs a pollen parent beside it.',
  keepUnpollinated: () =>
    'Sets without pollen, and pollen spoils the fruit (bulging, seedy, bitter ends): keep bees and brushes away.',
  swellingProvesNothing: () => 'Sets without pollen too: a swelling fruit does not prove that pollen took.',
  f1NotTrue: () => 'An F1 hybrid: its seed does not come true.',
  seedMayBeCrossed: () =>
    'The seed sown may be crossed already: cover cannot mend that. Rogue off-types early.',
  ownAnthersOff: () =>
    'Its fruit-bearing flowers are perfect: for a controlled cross their own anthers come off in the bud; a self harms a line’s purity not.',

  noMothersAsked: () => 'Grown to eat: one plant is enough.',
  mothersEnough: (p) => `${p['plants']} plants: ${mothersAsked(p)} asked, so there are enough.`,
  mothersTooFew: (p) => `${p['plants']} plants, and ${mothersAsked(p)} asked: too few to keep it whole.`,
  alleleKept: (p, f) =>
    `If every plant gives seed, traits carried by more than ${f.percent(Number(p['share']))} of the line are kept with 95 % chance.`,
  inbreedingAdds: (p, f) =>
    `Saved from all of them alike, a generation adds about ${f.number(100 * Number(p['share']), 1)} % inbreeding, if they are not related.`,
  plantsForFruit: (p) => `${p['fruit']} fruits for seed take ${p['plants']} plants: there are enough.`,
  plantsTooFewForFruit: (p) => `${p['fruit']} fruits for seed take ${p['plants']} plants.`,

  seenFlowering: (p, f) => `Seen in flower on ${f.day(day(p))}.`,
  daysGiven: (p) => `Flowers ${p['days']} days after, as you say.`,
  byDegreeDays: (p, f) =>
    `Reckoned: ${p['sum']} degree days above ${f.temperature(Number(p['baseC']))} by the warmth of your site.`,
  byOwnDegreeDays: (p, f) =>
    `Reckoned by its own record: ${p['sum']} degree days above ${f.temperature(Number(p['baseC']))}.`,
  untilFrost: (p, f) => `Until the season ends on ${f.day(day(p))}.`,
};

const day = (p: Params): string => String(p['day'] ?? '2000-01-01');
const mothersAsked = (p: Params): string =>
  p['least'] === p['most'] ? `${p['least']} are` : `${p['least']} to ${p['most']} are`;

export function sayGardenReason({ code, params }: Reason, f: Format): string {
  return SENTENCES[code]?.(params, f) ?? code;
}

/** Every code that has a sentence, so that a test can hold it against the core's. */
export const WORDED_GARDEN_REASONS: readonly string[] = Object.keys(SENTENCES);
