import type { SeedSource } from '../crops/variety';
import { fathersOf } from '../journal/fathersOf';
import type { Journal } from '../journal/journal';
import { perRevision } from '../journal/perRevision';
import type { Bloom } from '../journal/state';
import type { Day } from '../time/types';
import { lotContents } from './lotContents';
import { sownAs } from './sownAs';

/**
 * What seed is by its parents. `line`: of one variety; `hybrid`: of an F1 variety whose parents nobody here knows, so many
 * generations on (1: the F1 itself); `cross`: of two
 * lines, `filial` generations on (1: F1), after so many `backcrosses` to one of them; `complex`: of a cross and something
 * else; `mixture`: of seed that differs; `unknown`: nobody knows a parent.
 */
export type Descent =
  | { readonly of: 'line'; readonly variety: string }
  | { readonly of: 'hybrid'; readonly variety: string; readonly filial: number }
  | {
      readonly of: 'cross';
      /** Varieties. */
      readonly mother: string;
      readonly father: string;
      readonly filial: number;
      readonly backcrossed?: { readonly to: string; readonly times: number };
    }
  | { readonly of: 'complex'; readonly mother: Descent; readonly father: Descent }
  | { readonly of: 'mixture' | 'unknown' };

const UNKNOWN: Descent = { of: 'unknown' };

/**
 * What the seed of a mother and a father is.
 *
 * @example descentOf({ of: 'line', variety: 'a' }, { of: 'line', variety: 'b' }) // F1 of a × b
 * @example descentOf(f1, f1) // F2
 * @example descentOf(f1, { of: 'line', variety: 'a' }) // once backcrossed to a
 */
export function descentOf(mother: Descent, father: Descent): Descent {
  const isKnown = ({ of }: Descent): boolean => of !== 'unknown' && of !== 'mixture';
  if (!isKnown(mother) || !isKnown(father)) return UNKNOWN;
  if (mother.of === 'line' && father.of === 'line')
    return mother.variety === father.variety
      ? mother
      : { of: 'cross', mother: mother.variety, father: father.variety, filial: 1 };
  if (mother.of === 'hybrid' && father.of === 'hybrid' && mother.variety === father.variety)
    return { ...mother, filial: Math.max(mother.filial, father.filial) + 1 };
  if (mother.of === 'cross' && father.of === 'cross' && isSameCross(mother, father))
    return { ...mother, filial: Math.max(mother.filial, father.filial) + 1 };
  return backcross(mother, father) ?? backcross(father, mother) ?? { of: 'complex', mother, father };
}

type Cross = Extract<Descent, { of: 'cross' }>;

const isSameCross = (a: Cross, b: Cross): boolean =>
  [a.mother, a.father].sort().join(' ') === [b.mother, b.father].sort().join(' ') &&
  a.backcrossed?.to === b.backcrossed?.to &&
  a.backcrossed?.times === b.backcrossed?.times;

/**
 * Is it the first generation of a cross of two lines?
 *
 * @example isF1({ of: 'cross', mother: 'a', father: 'b', filial: 2 }) // false
 */
export const isF1 = (descent: Descent): descent is Cross =>
  descent.of === 'cross' && descent.filial === 1 && descent.backcrossed === undefined;

/** A cross, and a line that is one of its parents. */
function backcross(cross: Descent, line: Descent): Descent | undefined {
  if (cross.of !== 'cross' || line.of !== 'line') return undefined;
  const { mother, father, backcrossed } = cross;
  const to = line.variety;
  if (to !== mother && to !== father) return undefined;
  // To the other parent in turn is no backcross of a backcross.
  if (backcrossed && backcrossed.to !== to) return undefined;
  return {
    of: 'cross',
    mother,
    father,
    filial: 1,
    backcrossed: { to, times: (backcrossed?.times ?? 0) + 1 },
  };
}

/** What is being asked: of 20 generations each fruit once, though each has two parents. */
interface Asked {
  /** The fruits whose forebears are being asked about: none is its own. */
  readonly within: Set<Bloom>;
  /** How often a fruit was met among its own forebears: what was answered meanwhile holds in that question alone. */
  circles: number;
}

const knownDescents = perRevision(() => new Map<Bloom, Descent>());
const newlyAsked = (): Asked => ({ within: new Set(), circles: 0 });

/**
 * What the seed of a fruit is, by the plants that bore and fathered it and the lots they were sown from. Where nobody
 * noted whose pollen came, it goes by its mother: how sure that is its purity says.
 *
 * @example fruitDescent(journal, bloom) // { of: 'line', variety: 'v' }
 */
export const fruitDescent = (journal: Journal, bloom: Bloom): Descent =>
  descentOfFruit(journal, bloom, newlyAsked());

function descentOfFruit(journal: Journal, bloom: Bloom, asked: Asked): Descent {
  const known = knownDescents(journal);
  const held = known.get(bloom);
  if (held) return held;
  if (asked.within.has(bloom)) {
    asked.circles += 1;
    return UNKNOWN;
  }
  const { circles } = asked;
  asked.within.add(bloom);
  const mother = plantDescent(journal, bloom.plant, bloom.day, asked);
  const fathers = [...new Set(fathersOf(journal, bloom))];
  const descent =
    fathers.length === 0
      ? mother
      : alike(fathers.map((father) => descentOf(mother, plantDescent(journal, father, bloom.day, asked))));
  asked.within.delete(bloom);
  if (asked.circles === circles) known.set(bloom, descent);
  return descent;
}

/** What a plant is that stood on a day, by the lot it was sown from. */
function plantDescent(journal: Journal, id: string, day: Day | undefined, asked: Asked): Descent {
  const sown = sownAs(journal, id, day);
  if (!sown) return UNKNOWN;
  const { from, seedSource, variety } = sown;
  const of = from && descentOfLot(journal, from.lot, from.until, asked);
  return of && of.of !== 'unknown' ? of : bought(seedSource, variety);
}

/**
 * What the seed of a lot is: the same for all of it, or a mixture.
 *
 * @param until as it was on that day.
 * @example lotDescent(journal, 'l1') // F1 of two varieties
 */
export const lotDescent = (journal: Journal, id: string, until?: Day): Descent =>
  descentOfLot(journal, id, until, newlyAsked());

function descentOfLot(journal: Journal, id: string, until: Day | undefined, asked: Asked): Descent {
  const { contents } = lotContents(journal, id, until);
  return alike(
    contents.map((content): Descent => {
      if (content.from === 'elsewhere') return bought(content.source, content.variety);
      const bloom = journal.all('bloom').get(content.bloom);
      return bloom ? descentOfFruit(journal, bloom, asked) : UNKNOWN;
    }),
  );
}

/**
 * What was had as seed of a variety.
 *
 * @example bought('f1', 'v') // { of: 'hybrid', variety: 'v', filial: 1 }
 */
export const bought = (source: SeedSource, variety: string): Descent =>
  source === 'f1' ? { of: 'hybrid', variety, filial: 1 } : { of: 'line', variety };

function alike(all: readonly Descent[]): Descent {
  const [first] = all;
  if (!first) return UNKNOWN;
  return new Set(all.map((each) => JSON.stringify(each))).size === 1 ? first : { of: 'mixture' };
}
