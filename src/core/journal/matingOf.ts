import { cropOf, type CropId } from '../crops/catalogue';
import type { OwnPollenRule, Purpose } from '../crops/variety';
import { addDays, dayAt, MS_PER_HOUR, toMs } from '../time/calendar';
import { sunTimes } from '../time/sun';
import type { Day, Instant } from '../time/types';
import type { Journal } from './journal';
import { compareEntries } from './order';
import { SEASON_DAYS } from './seasonDays';
import { zoneOf } from './zoneOf';
import type { Bloom, Garden, Mating, MatingSaid, PurposeSince, Variety } from './state';

/** Who is to father a bloom, and what for. */
export interface Meant {
  /** Missing where it is simply the variety with itself. */
  readonly mating?: string;
  /** Varieties. */
  readonly mother: string;
  readonly father: string;
  /** The plants of it that alone may father; any where it is missing. */
  readonly fathers?: readonly string[];
  readonly purpose: Purpose;
  readonly ownPollen: OwnPollenRule;
}

/**
 * What a bloom of a plant is meant for that opens on a day, as it is decided now: the mating that was set last for her,
 * else for her variety, else the variety with itself, for what it was grown for on that day. `undefined` where the
 * variety is not known.
 *
 * @param day of the bloom; without it a cross that has no end yet.
 * @example meantFor(journal, 'p1', '2026-07-19')?.father // her own variety
 */
export const meantFor = (journal: Journal, plant: string, day: Day | undefined): Meant | undefined =>
  meantWith(journal, { variety: varietyNow(journal, plant), plant, day }, latestOf);

const varietyNow = (journal: Journal, plant: string): Variety | undefined =>
  journal.all('variety').get(journal.all('plant').get(plant)?.variety ?? '');

/**
 * What a bloom is meant for. Of one that was pollinated, what held when that was recorded: a cross that is set, edited or
 * ended later changes nothing of it. It is noted with the pollination; where that was not done yet, what had been said of
 * crosses by then.
 *
 * @param variety what it is of, where that is not what now grows under its plant's name.
 * @example meantOf(journal, flower)?.father // her own variety
 */
export function meantOf(
  journal: Journal,
  { plant, day, cover, pollination }: MeantBloom,
  variety = varietyNow(journal, plant),
): Meant | undefined {
  const zone = zoneOf(journal);
  const known = day ?? (cover && dayAt(toMs(cover.at), zone));
  if (!pollination) return meantWith(journal, { variety, plant, day: known }, latestOf);
  const { mating, matingEntry, at } = pollination;
  const told = journal.all('mating').get(mating ?? '')?.versions;
  const noted = told && (told.find(({ id }) => id === matingEntry) ?? saidBy(told, at) ?? told[0]);
  if (noted) return asMeant(noted);
  return meantWith(journal, { variety, plant, day: known }, ({ versions }) => saidBy(versions, at));
}

type MeantBloom = Pick<Bloom, 'plant' | 'day' | 'cover' | 'pollination'>;

/** Which of what was ever said of a mating holds; none where nothing had been. */
type Said = (mating: Mating) => MatingSaid | undefined;

const latestOf: Said = ({ versions }) => versions.at(-1);

const saidBy = (versions: readonly MatingSaid[], at: Instant): MatingSaid | undefined =>
  versions.findLast((each) => toMs(each.at) <= toMs(at));

interface MeantOn {
  readonly variety: Variety | undefined;
  readonly plant: string;
  readonly day: Day | undefined;
}

function meantWith(journal: Journal, { variety, plant, day }: MeantOn, said: Said): Meant | undefined {
  if (!variety) return undefined;
  const mating = matingAt(journal, plant, { variety: variety.variety, day, said });
  if (mating) return asMeant(mating);
  const { purpose, ownPollen } = purposeOn(variety, day, journal.all('garden').get(''));
  return { mother: variety.variety, father: variety.variety, purpose, ownPollen };
}

const asMeant = ({ mating, mother, father, fathers, purpose, ownPollen }: MatingSaid): Meant => ({
  mating,
  mother,
  father,
  ...(fathers && { fathers }),
  purpose,
  ownPollen,
});

/** One that names the plant goes before one for all of them; of several the one valid from the latest day. */
function matingAt(
  journal: Journal,
  plant: string,
  { variety, day, said }: { readonly variety: string; readonly day: Day | undefined; readonly said: Said },
): MatingSaid | undefined {
  const matings = journal.all('mating');
  if (matings.size === 0) return undefined;
  return [...matings.values()]
    .flatMap((mating) => said(mating) ?? [])
    .filter(
      (each) =>
        each.mother === variety &&
        (each.plants?.includes(plant) ?? true) &&
        (day === undefined ? each.until === undefined : each.from <= day && day <= lastDayOf(journal, each)),
    )
    .sort(
      (a, b) =>
        Number(a.plants !== undefined) - Number(b.plants !== undefined) ||
        (a.from < b.from ? -1 : a.from > b.from ? 1 : compareEntries(a, b)),
    )
    .at(-1);
}

/**
 * The last day whose flowers a cross is for: the day told, else the end of the season in which it began. Without a season
 * it is as long as a long one.
 *
 * @example lastDayOf(journal, { from: '2026-07-19' }) // '2027-02-03'
 */
export function lastDayOf(journal: Journal, { from, until }: Pick<MatingSaid, 'from' | 'until'>): Day {
  if (until !== undefined) return until;
  const ends = [...journal.all('season').values()].flatMap((season) =>
    season.from <= from && from <= season.to ? [season.to] : [],
  );
  return ends.sort().at(-1) ?? addDays(from, SEASON_DAYS - 1);
}

/**
 * What a variety was grown for on a day: what was decided holds for flowers that open after it.
 *
 * @example purposeOn(variety, '2026-07-19', garden).purpose // 'eat'
 */
function purposeOn(
  { crop, purposes, purpose, ownPollen }: Pick<Variety, 'crop' | 'purposes' | 'purpose' | 'ownPollen'>,
  day: Day | undefined,
  garden: Garden | undefined,
): Pick<PurposeSince, 'purpose' | 'ownPollen'> {
  if (day === undefined) return { purpose, ownPollen };
  const held = purposes.findLast(({ from }) => {
    const decided = dayAt(toMs(from), garden?.zone ?? 'UTC');
    return decided < day || (decided === day && garden !== undefined && opensAfter(crop, day, garden, from));
  });
  // Before anything was decided, what was decided first.
  return held ?? purposes[0]!;
}

/** Do a crop's flowers of a day open after a moment of it, as they usually do? */
function opensAfter(crop: CropId, day: Day, garden: Garden, at: Instant): boolean {
  const { hours } = cropOf(crop);
  const anchor = hours && sunTimes(day, garden)[hours.from];
  return hours !== undefined && anchor != null && toMs(at) < anchor + hours.opens.value[0] * MS_PER_HOUR;
}
