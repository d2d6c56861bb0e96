import type { Journal } from '../journal/journal';
import { dealtOut, plantOfDealt } from '../population/populationSoFar';
import { inbreedingOf, type Individual, type ParentPair } from '../population/inbreeding';
import type { Day } from '../time/types';
import { couplesOf, type Couple } from './couples';
import { bought, lotDescent, type Descent } from './descent';
import { lotName } from './lotName';
import { sownAs, type LotThen, type SownAs } from './sownAs';

/** Some seed, with what it comes of. */
export interface Pedigree {
  /** Of a lot that is kept here. */
  readonly lot?: string;
  readonly name?: string;
  readonly descent: Descent;
  /** Nothing of what came from elsewhere, or whose parents nobody noted. */
  readonly parents: readonly Forebears[];
  /** Its parents are known, and too many generations back to be told here. */
  readonly goesOn?: true;
}

/** Plants that gave seed, or pollen, or both, to a lot, and were sown from the same. */
export interface Forebears {
  readonly as: 'mother' | 'father' | 'both';
  /** Each once; those of a stand by the stand. */
  readonly plants: readonly string[];
  /** Each flower got the pollen of its own plant. */
  readonly selfed: boolean;
  /** Of all mothers, or of all fathers, 0 to 1. */
  readonly share: number;
  readonly of: Pedigree;
}

/**
 * What a lot comes of, generation by generation, as far as it grew here.
 *
 * @example lotPedigree(journal, 'f2').parents[0] // { as: 'both', plants: ['x1'], selfed: true, of: the F1 }
 */
export const lotPedigree = (journal: Journal, lot: string): Pedigree =>
  pedigreeOf(journal, { lot }, new Set());

function pedigreeOf(journal: Journal, then: LotThen, within: ReadonlySet<string>): Pedigree {
  const raw = journal.all('lot').get(then.lot);
  const name = raw && lotName(raw);
  const descent = lotDescent(journal, then.lot, then.until);
  // What went round in a circle has no beginning.
  const { couples } = within.has(then.lot) ? { couples: [] } : couplesOf(journal, then, dealtOut(journal));
  const inside = new Set([...within, then.lot]);
  const own = { lot: then.lot, ...(name !== undefined && { name }), descent };
  return inside.size > MOST_GENERATIONS && couples.length > 0
    ? { ...own, parents: [], goesOn: true }
    : { ...own, parents: forebearsOf(journal, couples, inside) };
}

/** Generations that are told: of a cross of crosses each has twice as many. */
const MOST_GENERATIONS = 6;

interface Origin {
  readonly sown: SownAs;
  readonly plants: Set<string>;
  share: number;
}

function forebearsOf(
  journal: Journal,
  couples: readonly Couple[],
  within: ReadonlySet<string>,
): readonly Forebears[] {
  const [mothers, fathers] = [new Map<string, Origin>(), new Map<string, Origin>()];
  const add = (to: Map<string, Origin>, plant: string, day: Day | undefined, share: number): void => {
    const sown = sownAs(journal, plant, day);
    if (!sown) return;
    const key = `${sown.variety} ${sown.from?.lot} ${sown.from?.until}`;
    const origin = to.get(key) ?? { sown, plants: new Set<string>(), share: 0 };
    origin.plants.add(plantOfDealt(plant));
    origin.share += share;
    to.set(key, origin);
  };
  for (const { bloom, mother, fathers: of, share } of couples) {
    add(mothers, mother, bloom.day, share);
    for (const father of of) add(fathers, father, bloom.day, share / of.length);
  }
  const selfed =
    couples.length > 0 &&
    couples.every(({ mother, fathers: of }) => of.length > 0 && of.every((one) => one === mother));
  const forebears = (as: Forebears['as'], { sown, plants, share }: Origin): Forebears => ({
    as,
    plants: [...plants].sort(),
    selfed: as === 'both' && selfed,
    share,
    of: sown.from
      ? pedigreeOf(journal, sown.from, within)
      : { descent: bought(sown.seedSource, sown.variety), parents: [] },
  });
  // Seed of a line has one origin, and a cross two.
  const [only] = mothers.keys();
  if (mothers.size === 1 && fathers.size === 1 && only !== undefined && fathers.has(only)) {
    const [mother, father] = [mothers.get(only)!, fathers.get(only)!];
    return [forebears('both', { ...mother, plants: new Set([...mother.plants, ...father.plants]) })];
  }
  const listed = (as: 'mother' | 'father', origins: ReadonlyMap<string, Origin>): Forebears[] =>
    [...origins]
      .sort(([a, one], [b, other]) => other.share - one.share || (a < b ? -1 : 1))
      .map(([, origin]) => forebears(as, origin));
  return [...listed('mother', mothers), ...listed('father', fathers)];
}

/** How closely related the parents of a lot's seed are. */
export interface LotInbreeding {
  /** Of its seed on the average, 0 to 1, against the plants at the beginning of what is known here. */
  readonly coefficient: number;
  /** Some parents are not known, so that it may be more. */
  readonly atLeast: boolean;
}

/**
 * The inbreeding of a lot's seed: by its parents, theirs, and so on, as far as the lots they were sown from are known.
 * Plants at the beginning are taken to be unrelated. Two plants sown from one lot are of the same parents by chance, as
 * the lot's shares say.
 *
 * @returns `undefined` where no parents of it are known.
 * @example inbreedingOfLot(journal, 'f2')?.coefficient // 0.5: a plant of the F1, selfed
 */
export function inbreedingOfLot(journal: Journal, lot: string): LotInbreeding | undefined {
  const individuals: Individual[] = [];
  const numbers = new Map<string, number>();
  const pairs = new Map<string, readonly ParentPair[]>();
  const nextOf = dealtOut(journal);
  let atLeast = false;
  const numberOf = (plant: string, day: Day | undefined): number => {
    const sown = sownAs(journal, plant, day);
    const key = `${plant} ${sown?.from?.lot} ${sown?.from?.until}`;
    const held = numbers.get(key);
    if (held !== undefined) return held;
    const parents = sown?.from ? pairsOf(sown.from) : [];
    individuals.push({ parents });
    numbers.set(key, individuals.length - 1);
    return individuals.length - 1;
  };
  function pairsOf(then: LotThen): readonly ParentPair[] {
    const key = `${then.lot} ${then.until}`;
    const held = pairs.get(key);
    if (held) return held;
    // What went round in a circle begins here.
    pairs.set(key, []);
    const { couples, elsewhere } = couplesOf(journal, then, nextOf);
    const known = couples.flatMap(({ bloom, mother, fathers, share }): ParentPair[] => {
      const female = numberOf(mother, bloom.day);
      if (fathers.length === 0) return [{ mother: female, father: undefined, share }];
      return fathers.map((father) => ({
        mother: female,
        father: numberOf(father, bloom.day),
        share: share / fathers.length,
      }));
    });
    if (elsewhere > ROUNDING || known.some(({ father }) => father === undefined)) atLeast = true;
    const found =
      known.length > 0 && elsewhere > 0
        ? [...known, { mother: undefined, father: undefined, share: elsewhere }]
        : known;
    pairs.set(key, found);
    return found;
  }
  const parents = pairsOf({ lot });
  if (parents.length === 0) return undefined;
  individuals.push({ parents });
  return { coefficient: inbreedingOf(individuals).coefficients.at(-1)!, atLeast };
}

/** Shares are sums of fractions. */
const ROUNDING = 1e-9;
