import type { Span } from '../crops/crop';
import type { SeedBodies, SeedsTaken } from '../journal/kinds/seed';
import type { EntryOf } from '../journal/entry';
import type { Lot } from '../journal/state';
import { byId } from '../text/byId';
import type { Day } from '../time/types';

/** How much of a lot there is. */
export interface LotAmount {
  /** Seeds; missing where nobody counted, or weighed them with the weight of a thousand. */
  readonly seeds?: number;
  readonly grams?: number;
  /** What a thousand weigh, where that was found. */
  readonly thousandGrams?: number;
  /** Nothing is left. */
  readonly gone: boolean;
  /** The day on which it was last counted or weighed. */
  readonly measured?: Day;
}

type Change =
  EntryOf<'seed.extracted'> | EntryOf<'lot.filled'> | EntryOf<'lot.measured'> | EntryOf<'lot.used'>;

/**
 * How much of a lot is left: what was measured last, less what was taken since and with what was put in. Before it is
 * measured, the seeds that were counted as they were taken out or poured in.
 *
 * @example lotAmount(lot) // { seeds: 180, gone: false, measured: '2026-10-02' }
 */
export function lotAmount(lot: Lot): LotAmount {
  const changes: Change[] = [
    ...lot['seed.extracted'],
    ...lot['lot.filled'],
    ...lot['lot.measured'],
    ...lot['lot.used'],
  ];
  const counting: Counting = { isEmpty: true, gone: false };
  for (const change of changes.sort(byDay)) count(counting, change, lot);
  const { seeds, grams, thousandGrams, gone, measured } = counting;
  return {
    ...(seeds !== undefined && { seeds }),
    ...(grams !== undefined && { grams }),
    ...(thousandGrams !== undefined && { thousandGrams }),
    gone,
    ...(measured !== undefined && { measured }),
  };
}

/** By the day that it is about, then by when it was noted; of one lot's entries these are in their total order. */
const byDay = (a: Change, b: Change): number =>
  byId(a.body.day, b.body.day) || byId(a.at, b.at) || a.lamport - b.lamport || byId(a.id, b.id);

interface Counting {
  /** Nothing was put in yet. */
  isEmpty: boolean;
  seeds?: number | undefined;
  grams?: number | undefined;
  thousandGrams?: number;
  gone: boolean;
  measured?: Day;
}

function count(counting: Counting, change: Change, lot: Lot): void {
  switch (change.kind) {
    case 'seed.extracted':
      putIn(counting, sumOf(change.body.of));
      break;
    case 'lot.filled':
      if (change.body.lot === lot.lot) putIn(counting, sumOf(change.body.from));
      for (const from of change.body.from) if (from.lot === lot.lot) takeOut(counting, from);
      break;
    case 'lot.measured':
      measure(counting, change.body);
      break;
    case 'lot.used':
      takeOut(counting, change.body);
      break;
  }
}

/** The seeds of several; none where one of them was not counted. */
const sumOf = (all: readonly { readonly seeds?: number }[]): number | undefined =>
  all.reduce<number | undefined>(
    (sum, { seeds }) => (sum === undefined || seeds === undefined ? undefined : sum + seeds),
    0,
  );

function putIn(counting: Counting, more: number | undefined): void {
  const before = counting.isEmpty || counting.gone ? 0 : counting.seeds;
  counting.seeds = before === undefined || more === undefined ? undefined : before + more;
  counting.grams = gramsOf(counting);
  counting.isEmpty = false;
  counting.gone = false;
}

function takeOut(counting: Counting, { seeds, all }: SeedsTaken): void {
  if (all) {
    counting.seeds = 0;
    counting.grams = 0;
    counting.gone = true;
    return;
  }
  if (counting.gone) return;
  counting.seeds =
    counting.seeds === undefined || seeds === undefined ? undefined : Math.max(0, counting.seeds - seeds);
  counting.grams = gramsOf(counting);
  counting.gone = counting.seeds === 0;
}

function measure(counting: Counting, { day, seeds, grams, thousandGrams }: SeedBodies['lot.measured']): void {
  const thousand =
    thousandGrams ?? (seeds !== undefined && grams !== undefined ? (grams / seeds) * 1000 : undefined);
  if (thousand !== undefined) counting.thousandGrams = thousand;
  const per = counting.thousandGrams;
  // Who only weighs a thousand says nothing of how much there is.
  if (seeds === undefined && grams === undefined) {
    counting.grams ??= gramsOf(counting);
    return;
  }
  counting.seeds =
    seeds ?? (grams !== undefined && per !== undefined ? Math.round((grams / per) * 1000) : undefined);
  counting.grams = grams ?? gramsOf(counting);
  counting.measured = day;
  counting.isEmpty = false;
  counting.gone = false;
}

const gramsOf = ({ seeds, thousandGrams }: Counting): number | undefined =>
  seeds === undefined || thousandGrams === undefined ? undefined : (seeds * thousandGrams) / 1000;

/**
 * How many seeds a weight is, by what a thousand of the crop weigh, from few to many.
 *
 * @param thousand grams, light to heavy.
 * @example seedsInWeight(25, [100, 200]) // [125, 250]
 */
export const seedsInWeight = (grams: number, [light, heavy]: Span): Span => [
  Math.floor((grams / heavy) * 1000),
  Math.ceil((grams / light) * 1000),
];
