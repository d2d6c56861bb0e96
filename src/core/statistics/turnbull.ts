/** Something happened after `after` and not later than `by`; where it has not happened yet, `by` is `Infinity`. */
export interface Bracket {
  readonly after: number;
  readonly by: number;
  /** How many there are of it; 1 where it is missing. */
  readonly count?: number;
}

/** A share of all for which it happened after `after` and not later than `by`: where in between nobody can tell. */
export interface Mass {
  readonly after: number;
  readonly by: number;
  readonly share: number;
}

const TOLERANCE = 1e-6;
const MAX_ROUNDS = 20_000;
/** A share that gains less than this in a round ends at nothing: where there is mass, a round leaves it as it is. */
const STAYS = 0.999;

/**
 * When it happens, from times that are only bracketed: the nonparametric maximum likelihood estimate by
 * self-consistency [Turnbull 1976, Journal of the Royal Statistical Society B 38, 290–295], until no share could be
 * raised with gain [condition of Gentleman & Geyer 1994, Biometrika 81, 618–623]. Where each time is exact or still to
 * come it is the estimate of Kaplan and Meier.
 *
 * Each bracket holds a run of the intervals that can have mass, so that a round costs as many steps as there are
 * different brackets, however many flowers there are of each.
 *
 * @param tolerance at the end no share may gain more than this part of it in a round.
 * @returns the intervals with mass, in order; their shares add up to 1. Empty without brackets.
 * @throws RangeError where `by` is not after `after`.
 * @example turnbull([{ after: 2, by: 4 }, { after: 3, by: 7 }]) // [{ after: 3, by: 4, share: 1 }]
 */
export function turnbull(brackets: readonly Bracket[], tolerance: number = TOLERANCE): Mass[] {
  const different = counted(brackets);
  if (different.length === 0) return [];
  const cells = innermost(different);
  // Of each bracket the first cell that it holds, and the one after the last.
  const first = Int32Array.from(different, ({ after }) => cells.findIndex((cell) => cell.after >= after));
  const end = Int32Array.from(different, ({ by }) => {
    const beyond = cells.findIndex((cell) => cell.by > by);
    return beyond === -1 ? cells.length : beyond;
  });
  const count = Float64Array.from(different, (bracket) => bracket.count);
  const all = count.reduce((sum, each) => sum + each, 0);
  const share = new Float64Array(cells.length).fill(1 / cells.length);
  const upTo = new Float64Array(cells.length + 1);
  // What a cell would gain, as differences from the cell before.
  const gain = new Float64Array(cells.length + 1);
  for (let round = 0; round < MAX_ROUNDS; round += 1) {
    for (let cell = 0; cell < cells.length; cell += 1) upTo[cell + 1] = upTo[cell]! + share[cell]!;
    gain.fill(0);
    for (let i = 0; i < count.length; i += 1) {
      const each = count[i]! / (upTo[end[i]!]! - upTo[first[i]!]!);
      gain[first[i]!]! += each;
      gain[end[i]!]! -= each;
    }
    let sum = 0;
    let most = 0;
    for (let cell = 0; cell < cells.length; cell += 1) {
      sum += gain[cell]!;
      most = Math.max(most, sum / all);
      share[cell]! *= sum / all;
    }
    if (most <= 1 + tolerance) break;
  }
  let gained = 0;
  const masses = cells.flatMap((cell, i) => {
    gained += gain[i]!;
    return gained / all >= STAYS ? [{ ...cell, share: share[i]! }] : [];
  });
  const sum = masses.reduce((total, mass) => total + mass.share, 0);
  return masses.map((mass) => ({ ...mass, share: mass.share / sum }));
}

function counted(brackets: readonly Bracket[]): Required<Bracket>[] {
  const different = new Map<string, Required<Bracket>>();
  for (const { after, by, count = 1 } of brackets) {
    if (!(by > after)) throw new RangeError(`Nothing lies after ${after} and not later than ${by}`);
    if (count === 0) continue;
    const key = `${after} ${by}`;
    different.set(key, { after, by, count: count + (different.get(key)?.count ?? 0) });
  }
  return [...different.values()].sort((a, b) => a.after - b.after || a.by - b.by);
}

/** From a beginning to the nearest end, with no other between them: only there can the likelihood have mass. */
function innermost(brackets: readonly Bracket[]): Pick<Bracket, 'after' | 'by'>[] {
  const begins = new Set(brackets.map(({ after }) => after));
  const stops = new Set(brackets.map(({ by }) => by));
  const ends = [
    ...Array.from(begins, (at) => ({ at, begins: true })),
    ...Array.from(stops, (at) => ({ at, begins: false })),
  ].sort(
    // What ends at a time holds it, and what begins there does not: ends come first.
    (a, b) => (a.at === b.at ? Number(a.begins) - Number(b.begins) : a.at - b.at),
  );
  return ends.flatMap(({ at, begins }, i) => {
    const next = ends[i + 1];
    return begins && next && !next.begins ? [{ after: at, by: next.at }] : [];
  });
}

/** How large a share has been spared until the end of a time; between the two where nobody can tell. */
export interface Spared {
  readonly low: number;
  readonly high: number;
}

/**
 * The share for which it has not happened by a time.
 *
 * @example sparedUntil([{ after: 3, by: 5, share: 0.4 }, { after: 9, by: Infinity, share: 0.6 }], 4) // 0.6 to 1
 */
export function sparedUntil(masses: readonly Mass[], time: number): Spared {
  let low = 0;
  let high = 0;
  for (const { after, by, share } of masses) {
    if (by > time) high += share;
    // `after` Infinity cannot be; what begins at the time or later has not happened by it.
    if (after >= time) low += share;
  }
  return { low, high: Math.min(1, high) };
}
