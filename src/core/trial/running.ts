import type { Journal } from '../journal/journal';
import type { Bloom, Trial } from '../journal/state';
import type { TrialSide, TrialWay } from '../journal/kinds/trial';
import { byId } from '../text/byId';
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
 * The trial whose flowers of a variety are dealt on a day: of several that were planned on different devices the one
 * that was planned first, so that no flower is in two.
 *
 * @example runningTrial(new Journal(), 'v', '2026-07-19') // undefined
 */
export function runningTrial(journal: Journal, variety: string, day: Day): Trial | undefined {
  return [...journal.all('trial').values()]
    .filter((trial) => trial.variety === variety && trial.from <= day && trial.endedAt === undefined)
    .sort((a, b) => byId(a.plannedAt, b.plannedAt) || byId(a.trial, b.trial))[0];
}

/** The other of the two ways. */
export const otherSide = (side: TrialSide): TrialSide => (side === 0 ? 1 : 0);
