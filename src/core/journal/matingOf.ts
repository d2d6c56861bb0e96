import type { OwnPollenRule, Purpose } from '../crops/variety';
import { dayAt, toMs } from '../time/calendar';
import type { Day } from '../time/types';
import type { Journal } from './journal';
import { compareEntries } from './order';
import type { Mating, PurposeSince, Variety } from './state';

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
 * What a bloom of a plant is meant for that opens on a day: the mating that was set last for her, else for her variety,
 * else the variety with itself, for what it was grown for on that day. `undefined` where the variety is not known.
 *
 * @param stored the mating that was noted when it was pollinated; it holds whatever was decided since.
 * @example meantFor(journal, 'p1', '2026-07-19')?.father // her own variety
 */
export function meantFor(
  journal: Journal,
  plant: string,
  day: Day | undefined,
  stored?: string,
): Meant | undefined {
  const variety = journal.all('variety').get(journal.all('plant').get(plant)?.variety ?? '');
  if (!variety) return undefined;
  const noted = stored === undefined ? undefined : journal.all('mating').get(stored);
  const mating = noted ?? matingAt(journal, plant, variety.variety, day);
  if (mating) {
    const { mating: id, mother, father, fathers, purpose, ownPollen } = mating;
    return { mating: id, mother, father, ...(fathers && { fathers }), purpose, ownPollen };
  }
  const { purpose, ownPollen } = purposeOn(variety, day, journal.all('garden').get('')?.zone);
  return { mother: variety.variety, father: variety.variety, purpose, ownPollen };
}

/** One that names the plant goes before one for all of them; of several the one valid from the latest day. */
function matingAt(
  journal: Journal,
  plant: string,
  variety: string,
  day: Day | undefined,
): Mating | undefined {
  const matings = journal.all('mating');
  if (matings.size === 0) return undefined;
  return [...matings.values()]
    .filter(
      ({ mother, plants, from }) =>
        mother === variety && (plants?.includes(plant) ?? true) && (day === undefined || from <= day),
    )
    .sort(
      (a, b) =>
        Number(a.plants !== undefined) - Number(b.plants !== undefined) ||
        (a.from < b.from ? -1 : a.from > b.from ? 1 : compareEntries(a, b)),
    )
    .at(-1);
}

/**
 * What a variety was grown for on a day: what was decided later holds for flowers that open after it.
 *
 * @param zone IANA zone of the garden; without it days are those of UTC.
 * @example purposeOn(variety, '2026-07-19').purpose // 'eat'
 */
function purposeOn(
  { purposes, purpose, ownPollen }: Pick<Variety, 'purposes' | 'purpose' | 'ownPollen'>,
  day: Day | undefined,
  zone = 'UTC',
): Pick<PurposeSince, 'purpose' | 'ownPollen'> {
  const held = day === undefined ? undefined : purposes.findLast(({ from }) => dayAt(toMs(from), zone) < day);
  // Before anything was decided, what was decided first; without a day, what holds now.
  return held ?? (day === undefined ? { purpose, ownPollen } : purposes[0]!);
}
