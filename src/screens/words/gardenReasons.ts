import type { Kernel } from '@/core/crossing/crossing';
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
};

export function sayGardenReason({ code, params }: Reason, f: Format): string {
  return SENTENCES[code]?.(params, f) ?? code;
}

/** Every code that has a sentence, so that a test can hold it against the core's. */
export const WORDED_GARDEN_REASONS: readonly string[] = Object.keys(SENTENCES);
