import { crossingFrequency } from '../isolation/compatibility';
import type { Journal } from '../journal/journal';
import { pollinationsOf } from '../journal/pollinations';
import type { Bloom, Pollination } from '../journal/state';
import { addDays, MS_PER_HOUR, toMs } from '../time/calendar';

/** What a brush had on it from flowers of the same outing before. */
export interface CarriedPollen {
  /** The variety whose pollen it was. */
  readonly variety: string;
  /** Was it noted that the brush was not cleaned? Else nobody noted either. */
  readonly noted: boolean;
}

/** Pollen on a brush is dead after this. Our default: as long as a morning's round. */
const DEAD_AFTER_MS = 6 * MS_PER_HOUR;
/** A bloom can be pollinated so many days after its own. */
const RECEPTIVE_DAYS = 10;

const isBrush = ({ method }: Pollination): boolean => method === 'brush' || method === 'swab';

/**
 * What a brush or swab may have carried to a flower from another variety that crosses: one person uses one brush, until
 * it is noted that a clean one was used. `undefined` when nothing came along.
 *
 * @example pollenCarriedTo(new Journal(), bloom) // undefined
 */
export function pollenCarriedTo(journal: Journal, bloom: Bloom): CarriedPollen | undefined {
  const brushed = pollinationsOf(bloom).filter(isBrush);
  if (brushed.length === 0) return undefined;
  const [first, last] = [brushed[0]!, brushed.at(-1)!].map(({ day = bloom.day }) => day);
  if (first === undefined || last === undefined) return undefined;
  const others = journal
    .bloomsBetween(addDays(first, -RECEPTIVE_DAYS), last)
    .flatMap((each) => pollinationsOf(each).filter(isBrush));
  for (const pollination of brushed) {
    const carried = carriedBy(journal, pollination, others);
    if (carried) return carried;
  }
  return undefined;
}

function carriedBy(
  journal: Journal,
  pollination: Pollination,
  others: readonly Pollination[],
): CarriedPollen | undefined {
  if (pollination.tool === 'clean') return undefined;
  const own = fathersOf(journal, pollination);
  if (own.size === 0) return undefined;
  const now = toMs(pollination.at);
  const before = others
    .filter(({ device, entry, at }) => {
      const since = now - toMs(at);
      const isEarlier = since > 0 || (since === 0 && entry < pollination.entry);
      return device === pollination.device && isEarlier && since <= DEAD_AFTER_MS;
    })
    .sort((a, b) => toMs(b.at) - toMs(a.at) || (a.entry < b.entry ? 1 : -1));
  let noted = pollination.tool === 'used';
  for (const each of before) {
    for (const variety of fathersOf(journal, each)) {
      if (!own.has(variety) && [...own].some((other) => cross(journal, variety, other)))
        return { variety, noted };
    }
    if (each.tool === 'clean') return undefined;
    noted ||= each.tool === 'used';
  }
  return undefined;
}

/** The varieties whose pollen was put on, as far as they are known. */
function fathersOf(journal: Journal, { donors }: Pollination): Set<string> {
  const plants = journal.all('plant');
  return new Set(donors.flatMap(({ plant }) => plants.get(plant)?.variety ?? []));
}

function cross(journal: Journal, one: string, other: string): boolean {
  const varieties = journal.all('variety');
  const [a, b] = [varieties.get(one)?.crop, varieties.get(other)?.crop];
  return a !== undefined && b !== undefined && crossingFrequency(a, b) !== 'never';
}
