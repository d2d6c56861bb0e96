import type { Journal } from '../journal/journal';
import type { Stop } from '../journal/kinds/stops';
import type { Round } from '../journal/state';
import type { Instant } from '../time/types';

/** A plan of a round as it may have been printed: a round that is planned again has other numbers. */
export interface PlanOnPaper {
  /** By which the paper is told from others of the round. */
  readonly list: string;
  readonly planned: Instant;
  readonly stops: readonly Stop[];
}

const LETTERS = 4;

/** The end of an entry's id is chance, and the same on every phone. */
const nameOf = (entry: string): string => entry.slice(-LETTERS).toUpperCase();

/**
 * All plans that a round has had, the one that holds first.
 *
 * @example plansOnPaper(journal, round)[0].stops // round.stops
 */
export function plansOnPaper(
  journal: Journal,
  { round, planned, stops }: Round,
): readonly [PlanOnPaper, ...PlanOnPaper[]] {
  const before = journal
    .entriesAbout('round', round)
    .flatMap((entry): PlanOnPaper[] =>
      entry.kind === 'round.planned' && entry.id !== planned.id
        ? [{ list: nameOf(entry.id), planned: entry.at, stops: entry.body.stops }]
        : [],
    );
  return [{ list: nameOf(planned.id), planned: planned.at, stops }, ...before.reverse()];
}
