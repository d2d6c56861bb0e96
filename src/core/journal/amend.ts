import type { Fact } from './entry';
import type { Bodies, Kind } from './kinds/kinds';

/** The facts that take some entries back. */
export const strikesOf = (targets: readonly string[]): Fact[] =>
  targets.map((target) => ({ kind: 'struck', body: { target } }));

/**
 * A fact as it is put right: the entry that said it before gets another body; without one it is said for the first
 * time.
 *
 * @example amendOrRecord('counted', body, undefined) // { kind: 'counted', body }
 */
export const amendOrRecord = <K extends Kind>(kind: K, body: Bodies[K], before: string | undefined): Fact =>
  before === undefined
    ? ({ kind, body } as Fact)
    : { kind: 'amended', body: { target: before, of: kind, body } };

/**
 * A fact that several entries said in parts, put right as a whole: the last comes to say all of it, the others, also
 * those of other devices, are struck. Nothing to say strikes all.
 *
 * @example amendAsOne('covered', undefined, ['a', 'b']).map(({ kind }) => kind) // ['struck', 'struck']
 */
export function amendAsOne<K extends Kind>(
  kind: K,
  body: Bodies[K] | undefined,
  before: readonly string[],
): Fact[] {
  if (body === undefined) return strikesOf(before);
  return [...strikesOf(before.slice(0, -1)), amendOrRecord(kind, body, before.at(-1))];
}
