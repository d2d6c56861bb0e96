import { CAUSES, type Cause, type FruitSign } from '../../journal/kinds/fruit';

/** What can be named as a cause: all but not knowing. */
export type NamedCause = Exclude<Cause, 'unknown'>;
export const NAMED_CAUSES = CAUSES.filter((cause): cause is NamedCause => cause !== 'unknown');

/** What the records say of a flower, besides what is seen at its fruit. */
export const CIRCUMSTANCES = [
  'grew',
  'fewMales',
  'late',
  'oneDay',
  'ownPlant',
  'unfitPollen',
  'rained',
  'hotOrCold',
] as const;
type Circumstance = (typeof CIRCUMSTANCES)[number];

/** What speaks for one cause or another. */
export type EvidenceName = FruitSign | Circumstance;

/** One cause: of a hundred failures so many have it, and of a hundred that have it so many show each piece of evidence. */
export interface FailureRow {
  readonly prior: number;
  readonly shows: Readonly<Partial<Record<EvidenceName, number>>>;
}

/**
 * Why what a flower bears may fail. What goes with what is common practice, no source; the numbers are our defaults,
 * none is published. Signs are taken to be independent of each other once the cause is known.
 */
export interface FailureTable {
  /** What can be seen or known of it; a piece of evidence that is not here says nothing of it. */
  readonly evidence: readonly EvidenceName[];
  /** Those of its signs that somebody can look for. */
  readonly signs: readonly FruitSign[];
  /** A cause that is not here is none of it. */
  readonly causes: ReadonlyMap<NamedCause, FailureRow>;
}

/** A number for each column. */
type Numbers<Columns extends readonly unknown[]> = { readonly [I in keyof Columns]: number };

/**
 * A table from its columns and its rows.
 *
 * @param signs the columns of what can be seen.
 * @param known the columns of what the records say.
 * @param rows the prior, then a number for each sign, then one for each of what is known, all of a hundred.
 * @example failureTable(['hole'], [], { pest: [10, [90], []] }).causes.get('pest')!.shows.hole // 90
 */
export function failureTable<
  const Signs extends readonly FruitSign[],
  const Known extends readonly Circumstance[],
>(
  signs: Signs,
  known: Known,
  rows: Readonly<
    Partial<Record<NamedCause, readonly [prior: number, signs: Numbers<Signs>, known: Numbers<Known>]>>
  >,
): FailureTable {
  const evidence: readonly EvidenceName[] = [...signs, ...known];
  const causes = NAMED_CAUSES.flatMap((cause): [NamedCause, FailureRow][] => {
    const row = rows[cause];
    if (!row) return [];
    const numbers: readonly number[] = [...row[1], ...row[2]];
    return [
      [cause, { prior: row[0], shows: Object.fromEntries(evidence.map((name, i) => [name, numbers[i]!])) }],
    ];
  });
  return { evidence, signs, causes: new Map(causes) };
}

/** A table without some of its evidence and some of its causes. */
export function without(
  table: FailureTable,
  evidence: readonly EvidenceName[],
  causes: readonly NamedCause[],
): FailureTable {
  return {
    evidence: table.evidence.filter((name) => !evidence.includes(name)),
    signs: table.signs.filter((sign) => !evidence.includes(sign)),
    causes: new Map([...table.causes].filter(([cause]) => !causes.includes(cause))),
  };
}
