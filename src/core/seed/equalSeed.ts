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
 * taken. Seed by seed where it is wanted most, then exchanged between two lots as long as that makes it more equal.
 *
 * @param wanted seeds in all; what there is, at the most.
 * @example equalSeed([{ lot: 'a', seeds: 100, … }, { lot: 'b', seeds: 30, … }], 100).take // 70 and 30
 */
export function equalSeed(lots: readonly SeedOfMothers[], wanted: number): EqualSeed {
  const held = lots
    .filter(({ seeds, mothers }) => seeds > 0 && mothers.size > 0)
    .toSorted((a, b) => byId(a.lot, b.lot));
  const there = held.reduce((sum, { seeds }) => sum + seeds, 0);
  const taken = held.map(() => 0);
  const ofMother = new Map<string, number>();
  const move = (i: number, by: 1 | -1): void => {
    taken[i]! += by;
    for (const [mother, share] of held[i]!.mothers)
      ofMother.set(mother, (ofMother.get(mother) ?? 0) + by * share);
  };
  /** How much less equal one more seed of a lot makes it: half the slope of the sum of squares. */
  const pressOf = (i: number): number =>
    [...held[i]!.mothers].reduce((sum, [mother, share]) => sum + share * (ofMother.get(mother) ?? 0), 0);
  const withRoom = (): number[] => held.flatMap(({ seeds }, i) => (taken[i]! < seeds ? [i] : []));
  const least = (of: readonly number[]): number | undefined =>
    of.reduce<number | undefined>(
      (best, i) => (best === undefined || pressOf(i) < pressOf(best) ? i : best),
      undefined,
    );
  for (let left = Math.min(Math.max(0, Math.floor(wanted)), there); left > 0; left -= 1)
    move(least(withRoom())!, 1);
  for (let exchanges = 0; exchanges < MOST_EXCHANGES; exchanges += 1) {
    const gives = held
      .flatMap((_, i) => (taken[i]! > 0 ? [i] : []))
      .reduce<number | undefined>(
        (best, i) => (best === undefined || pressOf(i) > pressOf(best) ? i : best),
        undefined,
      );
    const gets = least(withRoom());
    if (gives === undefined || gets === undefined || gives === gets) break;
    const before = sumOfSquares(ofMother);
    move(gives, -1);
    move(gets, 1);
    if (sumOfSquares(ofMother) < before - ROUNDING) continue;
    move(gets, -1);
    move(gives, 1);
    break;
  }
  return { take: held.map(({ lot }, i) => ({ lot, seeds: taken[i]! })), ofMother };
}

/** Far more than any drawer asked for. */
const MOST_EXCHANGES = 10_000;
const ROUNDING = 1e-9;

const sumOfSquares = (of: ReadonlyMap<string, number>): number =>
  [...of.values()].reduce((sum, seeds) => sum + seeds ** 2, 0);
