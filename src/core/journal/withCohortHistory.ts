import { toMs } from '../time/calendar';
import type { Instant } from '../time/types';
import type { Journal } from './journal';
import type { Donor } from './kinds/stops';
import { byTime } from './order';
import { pollinationsOf } from './pollinations';
import type { Bloom, Look, Pollination } from './state';

/**
 * A bloom with what it inherits: of the cohort it was one of until it got its tag its pollinations, and looks by count
 * that were at it too and speak for all, since all or none were growing; of mixed pollen the blooms it came from.
 *
 * @example withCohortHistory(journal, bloom) === bloom // true for one without either
 */
export function withCohortHistory(journal: Journal, bloom: Bloom): Bloom {
  const cohort = bloom.of === undefined ? undefined : journal.all('bloom').get(bloom.of);
  const own = cohort ? joined(journal, bloom, cohort) : bloom;
  return journal.all('pollen').size > 0 ? withDonorsOfMixes(journal, own) : own;
}

/**
 * Was a look by count at those of a cohort too that have a tag? It says of how many: of more than those without one.
 *
 * @param tagged when each that has a tag got it.
 * @example wasAtTaggedToo({ at, of: 2 }, { count: 3 }, [dayBefore]) // false: at the two that have none
 */
export function wasAtTaggedToo(
  { at, of }: Pick<Look, 'at' | 'of'>,
  { count }: Pick<Bloom, 'count'>,
  tagged: readonly (Instant | undefined)[],
): boolean {
  const byThen = tagged.filter((each) => each !== undefined && toMs(each) <= toMs(at)).length;
  return of === undefined || of > count - byThen;
}

function joined(journal: Journal, bloom: Bloom, cohort: Bloom): Bloom {
  const tagged = cohort.members.map((id) => journal.all('bloom').get(id)?.taggedAt);
  // Afterwards it was none of those that were done and counted.
  const wasOneThen = ({ at }: { readonly at: Instant }): boolean =>
    bloom.taggedAt === undefined || toMs(at) <= toMs(bloom.taggedAt);
  const given = [...pollinationsOf(cohort).filter(wasOneThen), ...pollinationsOf(bloom)];
  const [first, ...later] = given.sort(byTime);
  const looksAtHer = cohort.looks.filter(
    (look) => speaksForAll(look) && (wasOneThen(look) || wasAtTaggedToo(look, cohort, tagged)),
  );
  const looks = [...looksAtHer, ...bloom.looks].sort(byTime);
  return { ...bloom, ...(first && { pollination: first }), laterPollinations: later, looks };
}

const speaksForAll = ({ growing, of }: Look): boolean =>
  growing === undefined || growing === 0 || growing === of;

function withDonorsOfMixes(journal: Journal, bloom: Bloom): Bloom {
  const expand = (pollination: Pollination): Pollination => ({
    ...pollination,
    donors: pollination.donors.flatMap((donor) => donorsOf(journal, donor)),
  });
  return {
    ...bloom,
    ...(bloom.pollination && { pollination: expand(bloom.pollination) }),
    laterPollinations: bloom.laterPollinations.map(expand),
  };
}

function donorsOf(journal: Journal, donor: Donor): Donor[] {
  const mix = journal.all('pollen').get(donor.bloom);
  if (!mix) return [donor];
  return mix.of.map((bloom) => ({ plant: journal.all('bloom').get(bloom)?.plant ?? '', bloom }));
}
