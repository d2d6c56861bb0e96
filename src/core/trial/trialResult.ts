import type { Journal } from '../journal/journal';
import { TRIAL_SIDES, type TrialSide, type TrialWay } from '../journal/kinds/trial';
import { getsItsOwn, pollinationsOf } from '../journal/pollinations';
import type { Bloom, Garden, Trial } from '../journal/state';
import { windowsOf } from '../opening/windowsOf';
import { pairedDifference, type PairedDifference } from '../statistics/pairedShares';
import { toMs } from '../time/calendar';
import { byId } from '../text/byId';
import type { Day } from '../time/types';
import { lateFrom } from './lateFrom';
import { isSeasonOver } from './running';
import { trialPairs, type TrialPair } from './trialPairs';

/** How many set, of those of which it is known. */
interface SideCount {
  readonly hits: number;
  readonly of: number;
}

/** How a trial stands; while it runs nothing is said of which way does better. */
export type TrialResult = {
  readonly pairs: { readonly known: number; readonly waiting: number; readonly lost: number };
  /** Flowers, or visits, that did not get the way that fell to them. They count with the way that fell to them. */
  readonly otherwise: number;
  readonly plants: number;
} & (
  | { readonly state: 'running' | 'waiting' }
  | { readonly state: 'empty' }
  | {
      readonly state: 'done';
      /** Pairs that it is judged by. */
      readonly judged: number;
      readonly sides: readonly [SideCount, SideCount];
      readonly found: PairedDifference;
      readonly verdict: Verdict;
    }
);

/**
 * `other` or `one`: that way sets more, as would come by chance alone in fewer than 5 of 100 trials; `alike`: a
 * difference as large as was asked for is not there; `open`: it cannot be told.
 */
export type Verdict = 'one' | 'other' | 'alike' | 'open';

/** Rarer than this by chance alone, a difference is shown. */
const SHOWN = 0.05;

/**
 * What came of a trial. It is judged once as many pairs are known as were planned, or it was ended and nothing is left
 * to look at: who looks in between would stop when chance is kind.
 *
 * @example trialResult(journal, garden, { ...trial, dealt: [] }, today).state // 'running'
 */
export function trialResult(journal: Journal, garden: Garden, trial: Trial, today: Day): TrialResult {
  const pairs = trialPairs(journal, garden, trial, today);
  const count = (state: TrialPair['state']): number => pairs.filter((pair) => pair.state === state).length;
  const about = {
    pairs: { known: count('known'), waiting: count('waiting'), lost: count('lost') },
    otherwise: trial.dealt.filter((dealt) => isOtherwise(journal, garden, trial, dealt)).length,
    plants: new Set(trial.dealt.map(({ plant }) => plant)).size,
  };
  const judged = judgedPairs(pairs, trial.pairs);
  const known = judged.filter(({ state }) => state === 'known');
  const isComplete = known.length === trial.pairs;
  const isSeasonPast = isSeasonOver(journal, trial, today);
  if (!isComplete && trial.endedAt === undefined && !isSeasonPast) return { state: 'running', ...about };
  if (!isComplete && known.length < judged.length && !isSeasonPast) return { state: 'waiting', ...about };
  const units = known.map(({ units: [one, other] }) => ({ one: one!, other: other! }));
  const found = pairedDifference(units);
  if (!found) return { state: 'empty', ...about };
  const sides = TRIAL_SIDES.map((side) => ({
    hits: units.reduce((sum, pair) => sum + pair[side === 0 ? 'one' : 'other'].hits, 0),
    of: units.reduce((sum, pair) => sum + pair[side === 0 ? 'one' : 'other'].of, 0),
  })) as unknown as readonly [SideCount, SideCount];
  return {
    state: 'done',
    ...about,
    judged: units.length,
    sides,
    found,
    verdict: verdictOf(found, trial.difference),
  };
}

function verdictOf({ difference, low, high, chance }: PairedDifference, asked: number): Verdict {
  if (chance < SHOWN) return difference > 0 ? 'other' : 'one';
  return low > -asked && high < asked ? 'alike' : 'open';
}

/**
 * The pairs that are judged: the first that were dealt whole, as many as were planned. One that is known sooner takes no
 * place of one that waits, so that nothing which becomes known later changes what was said.
 */
function judgedPairs(pairs: readonly TrialPair[], wanted: number): readonly TrialPair[] {
  const lastDay = ({ units: [one, other] }: TrialPair): Day => [one!.day, other!.day].sort()[1]!;
  return pairs
    .filter(({ state, units: [one, other] }) => state !== 'lost' && one && other)
    .map((pair) => ({ pair, day: lastDay(pair) }))
    .sort(
      (a, b) =>
        byId(a.day, b.day) ||
        byId(a.pair.plant, b.pair.plant) ||
        byId(a.pair.units[0]!.bloom, b.pair.units[0]!.bloom),
    )
    .slice(0, wanted)
    .map(({ pair }) => pair);
}

/** Did it get another way than the one that fell to it? Of what nothing was done to it is not asked. */
function isOtherwise(
  journal: Journal,
  garden: Garden,
  { ways, variety }: Trial,
  { bloom: id, side }: { readonly bloom: string; readonly side: TrialSide },
): boolean {
  const bloom = journal.all('bloom').get(id);
  const way = ways[side];
  const [first] = bloom ? pollinationsOf(bloom) : [];
  if (!bloom || !first) return way.insects !== true && bloom?.missed?.why === 'leftToInsects';
  if (way.insects) return true;
  return (
    (way.method !== undefined && first.method !== way.method) ||
    (way.males !== undefined && first.donors.length !== way.males) ||
    (way.pollen !== undefined && !isPollenOf(way.pollen, bloom)) ||
    (way.hours !== undefined &&
      !isInHours(journal, garden, way.hours, { variety, at: toMs(first.at), bloom }))
  );
}

function isPollenOf(pollen: NonNullable<TrialWay['pollen']>, bloom: Bloom): boolean {
  const donors = bloom.pollination?.donors ?? [];
  const isOwn = donors.length > 0 && donors.every(({ plant }) => plant === bloom.plant);
  const isOthers = donors.every(({ plant }) => plant !== bloom.plant) && !getsItsOwn(bloom, donors);
  return pollen === 'own' ? isOwn : isOthers;
}

function isInHours(
  journal: Journal,
  garden: Garden,
  hours: NonNullable<TrialWay['hours']>,
  { variety, at, bloom: { day } }: { readonly variety: string; readonly at: number; readonly bloom: Bloom },
): boolean {
  const crop = journal.all('variety').get(variety)?.crop;
  const window = crop && day !== undefined ? windowsOf(journal, garden, day, [crop]).get(crop) : undefined;
  return window === undefined || (hours === 'late') === at >= lateFrom(window);
}
