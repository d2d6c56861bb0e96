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
  return withDonorsOfMixes(journal, own);
}

/** Was it one of those without a tag at that time? */
const hadNoTag = (taggedAt: Instant | undefined, { at }: { readonly at: Instant }): boolean =>
  taggedAt === undefined || toMs(at) <= toMs(taggedAt);

/**
 * Did a look by count at a cohort count one of it that has a tag now? It did before it got that, and where it was at more
 * than had none.
 *
 * @param all when each that has a tag got it.
 * @example wasCounted({ at, of: 2 }, { count: 3 }, dayBefore, [dayBefore]) // false: it was at the two that had none
 */
export function wasCounted(
  look: Pick<Look, 'at' | 'of'>,
  { count }: Pick<Bloom, 'count'>,
  taggedAt: Instant | undefined,
  all: readonly (Instant | undefined)[],
): boolean {
  if (hadNoTag(taggedAt, look)) return true;
  const tagged = all.filter((each) => !hadNoTag(each, look)).length;
  return look.of === undefined || look.of > count - tagged;
}

function joined(journal: Journal, bloom: Bloom, cohort: Bloom): Bloom {
  const { taggedAt } = bloom;
  const all = cohort.members.map((id) => journal.all('bloom').get(id)?.taggedAt);
  // Afterwards it was none of those that got any.
  const given = pollinationsOf(cohort).filter((each) => hadNoTag(taggedAt, each));
  const [first, ...later] = [...given, ...pollinationsOf(bloom)].sort(byTime);
  const counts = cohort.looks.filter((look) => speaksForAll(look) && wasCounted(look, cohort, taggedAt, all));
  const looks = [...counts, ...bloom.looks].sort(byTime);
  return { ...bloom, ...(first && { pollination: first }), laterPollinations: later, looks };
}

const speaksForAll = ({ growing, of }: Look): boolean =>
  growing === undefined || growing === 0 || growing === of;

/** A bloom whose mixed pollen is told by the blooms it came from. */
export function withDonorsOfMixes(journal: Journal, bloom: Bloom): Bloom {
  if (journal.all('pollen').size === 0) return bloom;
  const expand = (pollination: Pollination): Pollination => ({
    ...pollination,
    donors: pollination.donors.flatMap((donor) => donorsOf(journal, donor, pollination.at)),
  });
  return {
    ...bloom,
    ...(bloom.pollination && { pollination: expand(bloom.pollination) }),
    laterPollinations: bloom.laterPollinations.map(expand),
  };
}

/**
 * The blooms that a donor may stand for: of a portion all that was ever put into it by then, and of a portion that was put
 * into another all of that.
 */
function donorsOf(journal: Journal, donor: Donor, at: Instant, within: readonly string[] = []): Donor[] {
  const mix = journal.all('pollen').get(donor.bloom);
  if (!mix || within.includes(donor.bloom)) return mix ? [] : [donor];
  const by = mix.fills.filter((fill) => toMs(fill.at) <= toMs(at));
  // Told only afterwards it was filled before.
  const fills = by.length > 0 ? by : mix.fills.slice(0, 1);
  return [...new Set(fills.flatMap(({ of }) => of))].flatMap((bloom) =>
    donorsOf(journal, { plant: journal.all('bloom').get(bloom)?.plant ?? '', bloom }, at, [
      ...within,
      donor.bloom,
    ]),
  );
}
