import { byId } from '../text/byId';

/** Seed that can be taken of, and whose it is. */
export interface SeedOfMothers {
  readonly lot: string;
  readonly seeds: number;
  /** Its mothers with their shares, 0 to 1, together 1. */
  readonly mothers: ReadonlyMap<string, number>;
}

export interface EqualSeed {
  /** How much of each lot. */
  readonly take: readonly { readonly lot: string; readonly seeds: number }[];
  /** So many seeds of each mother, on the average. */
  readonly ofMother: ReadonlyMap<string, number>;
}

/**
 * Seed of each mother in amounts as equal as they can be, so that each counts alike in what is sown: the sum of the squared
 * amounts is the least, which makes the mothers' effective number the greatest. Where one has too little, all of hers is
 * taken. A portion at a time of the lot whose mothers have least, then exchanged between two lots as long as that makes it
 * more equal, in smaller and smaller portions down to a seed.
 *
 * @param wanted seeds in all; what there is, at the most.
 * @example equalSeed([{ lot: 'a', seeds: 100, … }, { lot: 'b', seeds: 30, … }], 100).take // 70 and 30
 */
export function equalSeed(lots: readonly SeedOfMothers[], wanted: number): EqualSeed {
  const held = lots
    .filter(({ seeds, mothers }) => seeds > 0 && mothers.size > 0)
    .toSorted((a, b) => byId(a.lot, b.lot));
  const taken = held.map(() => 0);
  const ofMother = new Map<string, number>();
  const move = (i: number, by: number): void => {
    taken[i]! += by;
    for (const [mother, share] of held[i]!.mothers)
      ofMother.set(mother, (ofMother.get(mother) ?? 0) + by * share);
  };
  /** How much less equal one more seed of a lot makes it: half the slope of the sum of squares. */
  const pressOf = (i: number): number =>
    [...held[i]!.mothers].reduce((sum, [mother, share]) => sum + share * (ofMother.get(mother) ?? 0), 0);
  /** The lot that presses most, or least, of those that can give or take so many. */
  const farthest = (towards: 1 | -1, by: number): number | undefined => {
    let best: number | undefined;
    held.forEach(({ seeds }, i) => {
      const can = towards > 0 ? taken[i]! >= by : seeds - taken[i]! >= by;
      if (can && (best === undefined || towards * pressOf(i) > towards * pressOf(best))) best = i;
    });
    return best;
  };
  const there = held.reduce((sum, { seeds }) => sum + seeds, 0);
  let left = Math.min(Math.max(0, Math.floor(wanted)), there);
  const largest = Math.max(1, Math.floor(left / PORTIONS));
  for (let by = largest; left > 0;) {
    const gets = by <= left ? farthest(-1, by) : undefined;
    if (gets === undefined) {
      // No lot has room for so many any more, or fewer are wanted.
      by = Math.floor(by / 2);
      continue;
    }
    move(gets, by);
    left -= by;
  }
  for (let by = largest; by >= 1;) {
    const [gives, gets] = [farthest(1, by), farthest(-1, by)];
    const before = sumOfSquares(ofMother);
    if (gives !== undefined && gets !== undefined && gives !== gets) {
      move(gives, -by);
      move(gets, by);
      if (sumOfSquares(ofMother) < before - ROUNDING) continue;
      move(gets, -by);
      move(gives, by);
    }
    by = Math.floor(by / 2);
  }
  return { take: held.map(({ lot }, i) => ({ lot, seeds: taken[i]! })), ofMother };
}

/** A first portion is one of so many. */
const PORTIONS = 500;
const ROUNDING = 1e-9;

const sumOfSquares = (of: ReadonlyMap<string, number>): number =>
  [...of.values()].reduce((sum, seeds) => sum + seeds ** 2, 0);
