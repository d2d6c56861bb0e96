import type { Journal } from '../journal/journal';
import { effectiveSize, effectiveSizeOver } from '../population/effectiveSize';
import { dealtOut } from '../population/populationSoFar';
import type { Day } from '../time/types';
import { couplesOf } from './couples';
import { lotContents } from './lotContents';
import { sownAs, type LotThen } from './sownAs';

/** A plant, or one of a stand (`plantOfDealt`), with its share of the seed, 0 to 1. */
export interface ParentShare {
  readonly plant: string;
  readonly share: number;
}

export interface LotParents {
  /** The greatest share first. */
  readonly mothers: readonly ParentShare[];
  readonly fathers: readonly ParentShare[];
  /** The share of its seed whose father nobody knows, or that came from elsewhere. */
  readonly unknown: number;
  /** Effective size, plants; missing where any father, or any mother, is not known. */
  readonly size?: number;
}

/**
 * The plants that bore and fathered the seed of a lot, with their shares. Pollen of several males on one flower is split
 * evenly, since nobody can see which took; of a stand that nobody numbers each fruit, and each male, is taken to be of
 * another plant.
 *
 * @param until as it was on that day.
 * @example lotParents(journal, 'l1').mothers // [{ plant: 'p1', share: 1 }]
 */
export function lotParents(journal: Journal, id: string, until?: Day): LotParents {
  const [mothers, fathers] = [new Map<string, number>(), new Map<string, number>()];
  const more = (of: Map<string, number>, plant: string, share: number): unknown =>
    of.set(plant, (of.get(plant) ?? 0) + share);
  const { couples, elsewhere } = couplesOf(journal, { lot: id, until }, dealtOut(journal));
  let unknown = elsewhere;
  for (const couple of couples) {
    more(mothers, couple.mother, couple.share);
    if (couple.fathers.length === 0) unknown += couple.share;
    for (const father of couple.fathers) more(fathers, father, couple.share / couple.fathers.length);
  }
  const plants = [...new Set([...mothers.keys(), ...fathers.keys()])];
  const isKnown = unknown < ROUNDING && plants.length > 0;
  const size =
    isKnown &&
    effectiveSize(
      plants.map((plant) => ({ seed: mothers.get(plant) ?? 0, pollen: fathers.get(plant) ?? 0 })),
    );
  return {
    mothers: sharesOf(mothers),
    fathers: sharesOf(fathers),
    unknown: unknown < ROUNDING ? 0 : unknown,
    ...(size !== false && { size }),
  };
}

/** Shares are sums of fractions. */
const ROUNDING = 1e-9;

const sharesOf = (shares: ReadonlyMap<string, number>): ParentShare[] =>
  [...shares]
    .map(([plant, share]) => ({ plant, share }))
    .sort((a, b) => b.share - a.share || (a.plant < b.plant ? -1 : 1));

/** The generations of a lot that grew here, as far back as the lots that were sown are known. */
export interface Generations {
  /** Effective size of each, the latest first; `undefined` where it is not known. */
  readonly sizes: readonly (number | undefined)[];
  /** Over all of them: their harmonic mean. Missing where one is not known. */
  readonly over?: number;
}

/**
 * Follows a lot back through the lots that its mothers were sown from: of several the one that most of its seed goes
 * back to.
 *
 * @example generationsOf(journal, 'l2').sizes // [4, 3.2]: two generations
 */
export function generationsOf(journal: Journal, id: string): Generations {
  const sizes: (number | undefined)[] = [];
  const seen = new Set<string>();
  for (let next: LotThen | undefined = { lot: id }; next && !seen.has(next.lot);) {
    seen.add(next.lot);
    const parents = lotParents(journal, next.lot, next.until);
    // What was had from elsewhere grew somewhere else.
    if (parents.mothers.length === 0) break;
    sizes.push(parents.size);
    next = sownFrom(journal, next);
  }
  const known = sizes.filter((size) => size !== undefined);
  return {
    sizes,
    ...(known.length > 0 && known.length === sizes.length && { over: effectiveSizeOver(known) }),
  };
}

function sownFrom(journal: Journal, { lot, until }: LotThen): LotThen | undefined {
  const shares = new Map<string, { readonly sown: LotThen; share: number }>();
  for (const content of lotContents(journal, lot, until).contents) {
    const bloom = content.from === 'fruit' ? journal.all('bloom').get(content.bloom) : undefined;
    const sown = bloom && sownAs(journal, bloom.plant, bloom.day)?.from;
    if (!sown) continue;
    const key = `${sown.lot} ${sown.until}`;
    shares.set(key, { sown, share: content.share + (shares.get(key)?.share ?? 0) });
  }
  const [most] = [...shares].sort(([a, one], [b, other]) => other.share - one.share || (a < b ? -1 : 1));
  return most?.[1].sown;
}
