import type { Journal } from '../journal/journal';
import type { Bloom, Trial } from '../journal/state';
import type { TrialSide, TrialWay } from '../journal/kinds/trial';
import { SEASON_DAYS } from '../journal/seasonDays';
import { seasonsOf } from '../season/seasons';
import { byId } from '../text/byId';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';

/**
 * The way of a trial that fell to a flower.
 *
 * @example wayOf(new Journal(), {}) // undefined
 */
export function wayOf(journal: Journal, { dealt }: Pick<Bloom, 'dealt'>): TrialWay | undefined {
  const trial = dealt && journal.all('trial').get(dealt.trial);
  return trial?.ways[dealt!.side];
}

/**
 * The trial whose flowers of a variety are dealt on a day: of several the one that was planned last, so that no flower is
 * in two.
 *
 * @example runningTrial(new Journal(), 'v', '2026-07-19') // undefined
 */
export function runningTrial(journal: Journal, variety: string, day: Day): Trial | undefined {
  return [...journal.all('trial').values()]
    .filter(
      (trial) =>
        trial.variety === variety &&
        trial.from <= day &&
        trial.endedAt === undefined &&
        !isSeasonOver(journal, trial, day),
    )
    .sort((a, b) => byId(b.plannedAt, a.plannedAt) || byId(b.trial, a.trial))[0];
}

/**
 * Has the season of a trial ended? What was not looked at by then is looked at no more.
 *
 * @example isSeasonOver(new Journal(), { from: '2026-07-01' }, '2026-07-19') // false
 */
export const isSeasonOver = (journal: Journal, trial: Pick<Trial, 'from'>, today: Day): boolean =>
  addDays(trial.from, SEASON_DAYS) < today ||
  seasonsOf(journal).some(({ from, to }) => from <= trial.from && trial.from <= to && to < today);

/** The other of the two ways. */
export const otherSide = (side: TrialSide): TrialSide => (side === 0 ? 1 : 0);
