import type { PollinationMethod } from '../crops/crop';
import { controlsAmong, isControl, type Controls } from '../fruit/controls';
import { fruitOf, type Fruit } from '../fruit/fruits';
import { fruitSetRates, type SetRates } from '../fruit/setRates';
import type { Journal } from '../journal/journal';
import { meantOf } from '../journal/matingOf';
import { pollinationsOf } from '../journal/pollinations';
import type { Garden } from '../journal/state';
import { byId } from '../text/byId';
import { groupBy } from '../text/groupBy';
import type { Day } from '../time/types';

/** The flowers of a cross that were worked in one way. */
export interface WayOfCross {
  readonly method: PollinationMethod;
  /** How often each was pollinated, as long as it hung. */
  readonly times: number;
  readonly sameDay: boolean;
  readonly rates: SetRates;
}

export interface CrossResult {
  /** The one with most flowers first. */
  readonly ways: readonly WayOfCross[];
  /** Of its flowers that were left without pollen. */
  readonly controls: Controls;
}

/**
 * How the flowers of a cross set, by the way in which they were worked, over all its seasons. Those first pollinated on
 * one day count as worked as often as the one of them that was so most often: one that fell off before its second turn
 * is no flower that got pollen once.
 *
 * @example crossResult(journal, garden, 'x', today).ways[0]?.method // 'anthers'
 */
export function crossResult(journal: Journal, garden: Garden, mating: string, today: Day): CrossResult {
  const mother = journal.all('mating').get(mating)?.mother;
  const own = [...journal.all('bloom').values()].filter(
    (bloom) =>
      (bloom.pollination !== undefined || isControl(bloom)) &&
      // What is noted with a pollination, or may follow from its plant.
      (bloom.pollination?.mating === mating || journal.all('plant').get(bloom.plant)?.variety === mother) &&
      meantOf(journal, bloom)?.mating === mating,
  );
  const fruits = own.flatMap((bloom): Fruit[] => {
    const fruit = bloom.pollination && fruitOf(journal, garden, today, bloom);
    return fruit ? [fruit] : [];
  });
  const batches = [...groupBy(fruits, batchOf).values()].map((batch) => ({ batch, way: wayOf(batch) }));
  const groups = groupBy(batches, ({ way }) => keyOf(way));
  const ways = [...groups.values()].map((alike): WayOfCross => ({
    ...alike[0]!.way,
    rates: fruitSetRates(alike.flatMap(({ batch }) => batch.flatMap(({ histories }) => histories))),
  }));
  return {
    ways: ways.sort(
      (a, b) => b.rates.pollinated - a.rates.pollinated || a.times - b.times || byId(keyOf(a), keyOf(b)),
    ),
    controls: controlsAmong(journal, own.filter(isControl), garden.zone),
  };
}

const keyOf = ({ method, times, sameDay }: Pick<WayOfCross, 'method' | 'times' | 'sameDay'>): string =>
  `${method} ${times} ${sameDay}`;

/** What flowers that were worked together have in common: the day of the first pollination, and what brought the pollen. */
const batchOf = ({ bloom }: Fruit): string => {
  const { method, day = bloom.day } = bloom.pollination!;
  return `${day} ${method}`;
};

function wayOf(batch: readonly Fruit[]): Pick<WayOfCross, 'method' | 'times' | 'sameDay'> {
  const given = batch.map(({ bloom }) => pollinationsOf(bloom).map(({ day = bloom.day }) => day));
  const most = given.reduce((a, b) => (b.length > a.length ? b : a));
  return {
    method: batch[0]!.bloom.pollination!.method,
    times: most.length,
    sameDay: most.length > 1 && new Set(most).size === 1,
  };
}
