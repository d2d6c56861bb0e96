import { ENDOSPERMS, type Endosperm } from '@/core/crops/traits';
import type { Purpose } from '@/core/crops/variety';
import type { CompatibilityReason } from '@/core/isolation/compatibility';
import type { NeedReason } from '@/core/isolation/pollinationNeeds';
import type { DistanceReason } from '@/core/isolation/requiredDistance';
import type { MothersReason } from '@/core/population/mothers';
import type { FloweringReason } from '@/core/season/flowering';
import type { Reason } from '@/core/text/reason';
import type { Format } from '../../format/format';

export type GardenReason =
  CompatibilityReason | DistanceReason | NeedReason | MothersReason | FloweringReason;

type Params = Reason['params'];
type Say = (params: Params, f: Format) => string;

export const ENDOSPERM_NAMES: Readonly<Record<Endosperm, string>> = {
  sweet: 'sweet',
  supersweet: 'supersweet',
  pop: 'pop',
  starchy: 'flint, dent or flour',
};

const corn = (value: Params[string] | undefined): string =>
  `${ENDOSPERM_NAMES[ENDOSPERMS.find((each) => each === value) ?? 'starchy']} corn`;
const metres = (value: Params[string] | undefined, f: Format): string => f.length(Number(value ?? 0));

/** One number, or a range from least to most. */
const range = (p: Params, of: (value: Params[string] | undefined) => string): string =>
  p['least'] === p['most'] ? of(p['least']) : `${of(p['least'])} to ${of(p['most'])}`;
const distance = (p: Params, f: Format): string => range(p, (value) => metres(value, f));
const mothers = (p: Params): string => range(p, String);
const plants = (p: Params, f: Format): string => f.count(Number(p['plants']), 'plant', 'plants');
const fruits = (p: Params, f: Format): string => f.count(Number(p['fruit']), 'fruit', 'fruits');
const day = (p: Params): string => String(p['day'] ?? '2000-01-01');

const PURPOSE_NAMES: Readonly<Record<Exclude<Purpose, 'eat'>, string>> = {
  seedForFun: 'Seed for fun',
  seedToKeep: 'Seed to keep the variety',
  rareOrSold: 'Seed that is rare or for sale',
};

/** One sentence for every reason about the garden's plan; a code without a sentence does not compile. */
const SENTENCES: Readonly<Record<GardenReason, Say>> = {
  sameSpecies: (p) => `Both are ${p['species']}: within a species all varieties cross.`,
  sameGroup: (p) => `${p['mother']} and ${p['father']} cross freely.`,
  crossOccasionally: (p) => `${p['mother']} and ${p['father']} cross now and then.`,
  crossSeldom: (p) => `${p['mother']} and ${p['father']} cross only rarely.`,
  otherSpecies: (p) => `${p['mother']} and ${p['father']} do not cross.`,
  xeniaStarchy: (p) =>
    `Pollen of ${corn(p['father'])} makes the kernels of ${corn(p['mother'])} starchy in the same year.`,
  xeniaSpoilsPopping: (p) => `Pollen of ${corn(p['father'])} spoils popping in the same year.`,
  xeniaVisible: (p) => `Pollen of ${corn(p['father'])} shows in this year’s kernels, but does no harm.`,
  xeniaNone: (p) => `Both are ${corn(p['mother'])}: this year’s kernels stay as they are.`,
  xeniaUnknown: () => 'Say what kind of corn both are: kernels may change in the same year.',

  eatenOnly: () =>
    'Grown to eat: foreign pollen changes the seed and not the fruit, so no distance is needed.',
  xeniaWhenEaten: (p, f) =>
    `Foreign pollen changes corn kernels in the same year: keep ${distance(p, f)} away even when only eaten.`,
  spoiltByPollen: (p, f) =>
    `It sets fruit without pollen, and any pollen makes the fruit seedy and bitter: keep ${distance(p, f)} away from other kinds, or keep insects out.`,
  seedlessWantsPollen: () =>
    'Seedless: pollen of a variety with seeds is wanted here, not kept away. Grow one next to it.',
  forPurpose: (p, f) =>
    `${PURPOSE_NAMES[p['purpose'] as keyof typeof PURPOSE_NAMES] ?? 'Seed'} needs an isolation distance of ${distance(p, f)}.`,
  sheltered: () => 'The land is sheltered, so the lower end is enough.',
  openGround: () => 'The land is open, so the upper end is needed.',
  exsertedStyle: () => 'Its style stands out of the cone, where insects reach it.',
  selfPollinating: () => 'It mostly pollinates itself.',

  seedlessHasPolliniser: (p) => `Seedless: ${p['have']} plants with seeds nearby give it pollen.`,
  seedlessNeedsPolliniser: (p) =>
    `Seedless: it sets fruit only with pollen of a variety with seeds. Plant at least ${p['needed']} of one next to it; there are ${p['have']}.`,
  gynoeciousHasPolliniser: () => 'All female: another variety gives it pollen, so its seed is a cross.',
  gynoeciousNeedsPolliniser: () => 'All female: it needs another variety next to it for pollen.',
  keepUnpollinated: () =>
    'Sets fruit without pollen, and pollen spoils the fruit (bulging, seedy, bitter ends): keep bees and brushes away.',
  swellingProvesNothing: () =>
    'Sets fruit without pollen too, so a swelling fruit does not prove that pollination worked.',
  f1NotTrue: () => 'An F1 hybrid: its seed does not come true.',
  seedMayBeCrossed: () =>
    'The seed you sowed may already be crossed, and covering cannot undo that. Pull out off-types early.',
  emasculatePerfect: () =>
    'Its fruit-bearing flowers are perfect: for a controlled cross, remove their anthers in the bud. Its own pollen does not harm purity.',

  mothersNotRequired: () => 'Grown to eat: one plant is enough.',
  mothersEnough: (p, f) => `${plants(p, f)}; it takes ${mothers(p)}, so there are enough.`,
  mothersTooFew: (p, f) => `${plants(p, f)}, but it takes ${mothers(p)}: too few to keep all of its traits.`,
  alleleKept: (p, f) =>
    `If every plant gives seed, what at least ${f.percent(Number(p['carriers']))} of the plants carry, seen or not, is kept with 95 % chance. Rarer traits may be lost.`,
  inbreedingAdds: (p, f) =>
    `With equal seed from every plant, a generation adds about ${f.number(100 * Number(p['share']), 1)} % inbreeding, if they are not related.`,
  plantsForFruit: (p, f) => `${fruits(p, f)} for seed: it takes ${plants(p, f)}, so there are enough.`,
  plantsTooFewForFruit: (p, f) => `${fruits(p, f)} for seed: it takes ${plants(p, f)}.`,

  seenOver: (p, f) => `No flower was seen to open after ${f.day(day(p))}.`,
  seenFlowering: (p, f) => `Seen in flower on ${f.day(day(p))}.`,
  daysGiven: (p) => `Flowers ${p['days']} days after, as you say.`,
  byDegreeDays: (p, f) =>
    `Estimated: ${p['sum']} degree days above ${f.temperature(Number(p['baseC']))} in your climate.`,
  byOwnDegreeDays: (p, f) =>
    `Estimated from its own record: ${p['sum']} degree days above ${f.temperature(Number(p['baseC']))}.`,
  untilFrost: (p, f) => `Until the season ends on ${f.day(day(p))}.`,
};

export const sayGardenReason = ({ code, params }: Reason<GardenReason>, f: Format): string =>
  SENTENCES[code](params, f);

/** Every code, for the test that reads all sentences. */
export const GARDEN_REASONS = Object.keys(SENTENCES) as readonly GardenReason[];
