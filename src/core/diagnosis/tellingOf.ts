import type { EvidenceName, FailureTable, NamedCause } from './tables/failureTable';

/** Seen so much oftener with a cause than with the others, it tells of it. Our default. */
const OFTENER = 1.3;
/** What is rarer with a cause is no sign of it, of a hundred. Our default. */
const AT_LEAST = 30;

/**
 * What tells of a cause, the commonest first.
 *
 * @example tellingOf(failureTableOf({ type: 'grass' }), 'notAllOpen')[0] // { name: 'emptyTip', percent: 92 }
 */
export function tellingOf(
  { evidence, causes }: FailureTable,
  cause: NamedCause,
): readonly { readonly name: EvidenceName; readonly percent: number }[] {
  const others = [...causes].filter(([other]) => other !== cause).map(([, row]) => row);
  const all = others.reduce((sum, { prior }) => sum + prior, 0);
  const usual = (name: EvidenceName): number =>
    others.reduce((sum, { prior, shows }) => sum + (prior / all) * shows[name]!, 0);
  return evidence
    .map((name) => ({ name, percent: causes.get(cause)!.shows[name]! }))
    .filter(({ name, percent }) => percent >= AT_LEAST && percent >= OFTENER * usual(name))
    .sort((a, b) => b.percent - a.percent);
}
