import { cropOf, isPollinatedByFlower } from '../crops/catalogue';
import { cohortOf } from '../journal/cohort';
import { groupBy } from '../text/groupBy';
import type { Fruit } from './fruits';
import { clusteredWilson, type Share } from '../statistics/wilson';
import { fateBy, fatesAmong } from './fates';
import { MAX_UNKNOWN_SHARE } from './setRates';
import { setDay } from './setVerdict';

/** Fruit counted on trusses and stands, of so many flowers that had opened, whoever pollinated them. */
export interface CountedSet extends Share {
  /** Of those that set: grown unevenly, where that was counted. */
  readonly misshapen: number;
}

interface Counted {
  readonly plant: string;
  readonly hits: number;
  readonly of: number;
  readonly misshapen: number;
}

/**
 * How many set where fruit was counted without anybody having recorded a pollination, as it was first counted, with its
 * 95 % interval; flowers of one plant count as a cluster. Not of what is pollinated flower by flower (`setByInsects`).
 *
 * @returns `undefined` where none was counted.
 * @example countedSet([truss])?.share // 0.625: of 8 flowers 5 set
 */
export function countedSet(fruits: readonly Fruit[]): CountedSet | undefined {
  const counts = fruits.flatMap((fruit) => (isByFlower(fruit) ? [] : (firstCount(fruit) ?? [])));
  if (counts.length === 0) return undefined;
  return {
    ...clusteredWilson(byPlant(counts)),
    misshapen: counts.reduce((sum, each) => sum + each.misshapen, 0),
  };
}

/**
 * How many set by insects alone where flowers are pollinated one by one: those that were left to them for a trial, and
 * young fruit of flowers that nobody had pollinated, as it was first counted.
 *
 * @returns clusters, a plant each; none where nothing is known.
 * @example setByInsects([left]) // [{ hits: 0, of: 1 }]
 */
export function setByInsects(
  fruits: readonly Fruit[],
): readonly { readonly hits: number; readonly of: number }[] {
  const known = fruits.filter(isByFlower);
  return byPlant([...leftToInsects(known), ...known.flatMap((fruit) => firstCount(fruit) ?? [])]);
}

/** One that nobody looked at again counts with its chance; none counts where that is known of too few. */
function leftToInsects(fruits: readonly Fruit[]): Counted[] {
  const left = fruits.flatMap(({ plant, histories }) =>
    histories.flatMap((history) => {
      const fate = history.followed === 'left' ? fateBy(history, setDay(history)) : undefined;
      return fate ? [{ plant: plant.plant, fate }] : [];
    }),
  );
  const fates = left.map(({ fate }) => fate);
  const among = fatesAmong(fates);
  const { unknown, effective } = among;
  if (unknown > MAX_UNKNOWN_SHARE * left.length) return [];
  const weight = effective / left.length;
  return left.map(({ plant, fate }) => ({
    plant,
    hits: weight * among.chanceOf(fate),
    of: weight,
    misshapen: 0,
  }));
}

const isByFlower = ({ variety }: Fruit): boolean => isPollinatedByFlower(cropOf(variety.crop));

/** What was found of a count of fruit, the first time. */
function firstCount({ bloom, history, plant }: Fruit): Counted | undefined {
  if (history.followed !== 'found' || !cohortOf(bloom.bloom)) return undefined;
  const first = bloom.looks.find(({ of, growing }) => of !== undefined && growing !== undefined);
  return (
    first && { plant: plant.plant, hits: first.growing!, of: first.of!, misshapen: first.misshapen ?? 0 }
  );
}

const byPlant = (counts: readonly Counted[]): { readonly hits: number; readonly of: number }[] =>
  [...groupBy(counts, ({ plant }) => plant).values()].map((own) => ({
    hits: own.reduce((sum, { hits }) => sum + hits, 0),
    of: own.reduce((sum, { of }) => sum + of, 0),
  }));
