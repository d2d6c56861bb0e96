import { cropOf } from '../crops/catalogue';
import type { Journal } from '../journal/journal';
import type { MissedReason } from '../journal/kinds/roundBodies';
import type { Stop } from '../journal/kinds/stops';
import type { Round } from '../journal/state';
import { malesOf } from '../due/flowersDue';
import type { OutingDay } from '../outing/outingDay';
import { groupBy } from '../text/groupBy';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import { motherAt } from './operations/operations';

/** What of one variety was pollinated on a round. */
export interface RoundFruits {
  readonly variety: string;
  readonly blooms: readonly string[];
  /** The day of the first look at them. */
  readonly look: Day;
}

export interface RoundResult {
  /** Females that it led to. */
  readonly females: number;
  readonly pollinated: number;
  readonly fruits: readonly RoundFruits[];
  /** Males of the day that nobody used, by plant: to eat, where they are flowers. */
  readonly malesLeft: readonly { readonly plant: string; readonly count: number }[];
  /** Stops that did not go as planned, in the order of the round. */
  readonly missed: readonly { readonly stop: Stop; readonly why: MissedReason }[];
}

/**
 * What came of a round.
 *
 * @example roundResult(journal, round).fruits[0].look // three days after its day, of squash
 */
export function roundResult(journal: Journal, round: Round): RoundResult {
  const { stops, done, day } = round;
  const females = stops.filter((stop) => motherAt(stop) !== undefined);
  const pollinated = females.filter(({ stop }) => done.get(stop)?.outcome === 'done');
  const fruits = [...groupBy(pollinated, ({ variety }) => variety)].flatMap(
    ([variety, own]): RoundFruits[] => {
      const crop = journal.all('variety').get(variety)?.crop;
      const blooms = [...new Set(own.flatMap((stop) => motherAt(stop) ?? []))];
      return crop ? [{ variety, blooms, look: addDays(day, cropOf(crop).looks.early.value[0]) }] : [];
    },
  );
  return {
    females: females.length,
    pollinated: pollinated.length,
    fruits,
    malesLeft: malesLeft(journal, round),
    missed: stops.flatMap((stop) => {
      const why = done.get(stop.stop)?.outcome;
      return why === undefined || why === 'done' ? [] : [{ stop, why }];
    }),
  };
}

/** Flowers that were covered or cut for their pollen and gave none to anybody. */
function malesLeft(journal: Journal, service: OutingDay): RoundResult['malesLeft'] {
  const blooms = journal.all('bloom');
  const left = malesOf(journal, service).filter(({ bloom, used, standing }) => {
    const male = blooms.get(bloom);
    return (
      used === 0 && !standing && male?.part === 'flower' && male.sex === 'male' && male.day === service.day
    );
  });
  return [...groupBy(left, ({ plant }) => plant)].map(([plant, own]) => ({ plant, count: own.length }));
}
