import { cropOf } from '../crops/catalogue';
import type { Journal } from '../journal/journal';
import type { MissedReason } from '../journal/kinds/roundBodies';
import type { Stop } from '../journal/kinds/stops';
import type { Round } from '../journal/state';
import { motherAt } from './operations/operations';

export interface RoundResult {
  /** Females that it led to. */
  readonly females: number;
  readonly pollinated: number;
  /** Days until a fruit of what was pollinated is looked at for the first time; missing where none was. */
  readonly firstLook?: number;
  /** Stops that did not go as planned, in the order of the round. */
  readonly missed: readonly { readonly stop: Stop; readonly why: MissedReason }[];
}

/**
 * What came of a round.
 *
 * @example roundResult(journal, round).firstLook // 3 where squash was pollinated
 */
export function roundResult(journal: Journal, { stops, done }: Round): RoundResult {
  const females = stops.filter((stop) => motherAt(stop) !== undefined);
  const pollinated = females.filter(({ stop }) => done.get(stop)?.outcome === 'done');
  const looks = pollinated.flatMap(({ variety }) => {
    const crop = journal.all('variety').get(variety)?.crop;
    return crop ? [cropOf(crop).looks.early.value[0]] : [];
  });
  return {
    females: females.length,
    pollinated: pollinated.length,
    ...(looks.length > 0 && { firstLook: Math.min(...looks) }),
    missed: stops.flatMap((stop) => {
      const why = done.get(stop.stop)?.outcome;
      return why === undefined || why === 'done' ? [] : [{ stop, why }];
    }),
  };
}
