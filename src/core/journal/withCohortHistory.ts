import type { Journal } from './journal';
import type { Donor } from './kinds/stops';
import { byTime } from './order';
import { pollinationsOf } from './pollinations';
import type { Bloom, Look, Pollination } from './state';

/**
 * A bloom with what it inherits: of the cohort it was one of its pollinations, and looks by count that speak for all of
 * them, since all or none were growing; of mixed pollen the blooms it came from.
 *
 * @example withCohortHistory(journal, bloom) === bloom // true for one without either
 */
export function withCohortHistory(journal: Journal, bloom: Bloom): Bloom {
  const cohort = bloom.of === undefined ? undefined : journal.all('bloom').get(bloom.of);
  const own = cohort ? joined(bloom, cohort) : bloom;
  return journal.all('pollen').size > 0 ? withDonorsOfMixes(journal, own) : own;
}

function joined(bloom: Bloom, cohort: Bloom): Bloom {
  const [first, ...later] = [...pollinationsOf(cohort), ...pollinationsOf(bloom)].sort(byTime);
  const looks = [...cohort.looks.filter(speaksForAll), ...bloom.looks].sort(byTime);
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
