import { cropOf, type CropId } from '../crops/catalogue';
import { isSuspect } from '../journal/plantCondition';
import type { Journal } from '../journal/journal';
import type { Bloom, Garden, Plant, Variety } from '../journal/state';
import { addDays, dayAt, toMs } from '../time/calendar';
import type { Day } from '../time/types';
import { germinationTests, retestOn } from './germination';
import { seedFactsOf } from './seedFacts';
import { seedLots, type SeedLot } from './seedLot';

/** A fruit that was picked for seed and is still whole. */
export interface WholeFruit {
  readonly bloom: Bloom;
  readonly plant: Plant;
  readonly variety: Variety;
  readonly picked: Day;
  /** It may be opened from then on, and keeps whole until about then. */
  readonly from: Day;
  readonly by: Day;
}

/** Something that is to be done with seed; due from a day on, and better not later than `by`. */
export type SeedJob = { readonly from: Day; readonly by?: Day } & (
  | { readonly job: 'open'; readonly variety: Variety; readonly fruits: readonly WholeFruit[] }
  | { readonly job: 'rinse' | 'dry' | 'measure' | 'test'; readonly lot: SeedLot }
  | {
      readonly job: 'count';
      readonly lot: SeedLot;
      readonly test: string;
      /** Which of the two counts. */
      readonly count: 'first' | 'last';
    }
);

/** Of flowers older than that nobody keeps a fruit whole. Our default. */
const KEPT_WHOLE_DAYS = 500;

/**
 * Fruits that were picked for seed, whose seed is in no lot yet, and of which nobody said that they give none; the
 * longest picked first.
 *
 * @example wholeFruits(new Journal(), garden, today) // []
 */
export function wholeFruits(journal: Journal, garden: Garden, today: Day): WholeFruit[] {
  const whole: WholeFruit[] = [];
  for (const bloom of journal.bloomsBetween(addDays(today, -KEPT_WHOLE_DAYS), today)) {
    if (bloom.harvest?.use !== 'seed' || bloom.lots || bloom.opened?.none) continue;
    const plant = journal.all('plant').get(bloom.plant);
    const variety = plant && journal.all('variety').get(plant.variety);
    if (!variety) continue;
    const picked = dayAt(toMs(bloom.harvest.at), garden.zone);
    const [least, most] = seedFactsOf(variety.crop).cure.value;
    whole.push({
      ...{ bloom, plant, variety, picked },
      ...{ from: addDays(picked, least), by: addDays(picked, most) },
    });
  }
  return whole.sort(
    (a, b) =>
      compare(a.picked, b.picked) ||
      compare(a.bloom.code, b.bloom.code) ||
      compare(a.bloom.bloom, b.bloom.bloom),
  );
}

/**
 * All that is to be done with seed, now and later, what is due first first. Fruits of a variety that can be opened are one
 * job, and those that ripen on another.
 *
 * @example seedJobs(new Journal(), garden, today) // []
 */
export function seedJobs(journal: Journal, garden: Garden, today: Day): SeedJob[] {
  const jobs = [
    ...openings(wholeFruits(journal, garden, today), today),
    ...seedLots(journal).flatMap((lot) => jobsOf(journal, lot)),
  ];
  return jobs.sort((a, b) => compare(a.by ?? a.from, b.by ?? b.from) || compare(keyOf(a), keyOf(b)));
}

/**
 * Has the day of a job come?
 *
 * @example isDue({ from: '2026-10-02' }, '2026-10-01') // false
 */
export const isDue = ({ from }: Pick<SeedJob, 'from'>, today: Day): boolean => from <= today;

/**
 * Is seed of this fruit better not kept, for its plant may be diseased or its flesh was bitter where that can poison?
 *
 * @example notToKeep(fruit) // 'bitter'
 */
export function notToKeep({ bloom, plant, variety }: WholeFruit): 'suspect' | 'bitter' | undefined {
  if (isSuspect(plant)) return 'suspect';
  const poisons = cropOf(variety.crop).cautions.includes('bitterFruit');
  return poisons && bloom.opened?.taste === 'bitter' ? 'bitter' : undefined;
}

function openings(whole: readonly WholeFruit[], today: Day): SeedJob[] {
  const byKey = new Map<string, WholeFruit[]>();
  for (const fruit of whole) {
    const key = `${fruit.variety.variety} ${fruit.from <= today}`;
    byKey.set(key, [...(byKey.get(key) ?? []), fruit]);
  }
  return [...byKey.values()].map((fruits): SeedJob => ({
    job: 'open',
    variety: fruits[0]!.variety,
    fruits,
    from: fruits.map(({ from }) => from).sort()[0]!,
    by: fruits.map(({ by }) => by).sort()[0]!,
  }));
}

/** The next step of a lot, and what its tests ask for. */
function jobsOf(journal: Journal, lot: SeedLot): SeedJob[] {
  const { crop, amount } = lot;
  if (!crop || amount.gone) return [];
  const step = nextStep(lot, crop);
  if (step) return [step];
  const raw = journal.all('lot').get(lot.lot)!;
  const [latest] = germinationTests(raw, crop);
  if (!latest) return [];
  if (latest.ended) return [{ job: 'test', lot, from: retestOn(crop, latest.day) }];
  const counted = latest.counts.at(-1)?.day;
  const isFirst = counted === undefined || counted < latest.first;
  return [
    {
      ...{ job: 'count', lot, test: latest.test },
      ...(isFirst
        ? { count: 'first', from: latest.first, by: latest.last }
        : { count: 'last', from: latest.last }),
    },
  ];
}

/** What came out of a fruit is rinsed, dried and counted; what was had from elsewhere is as it is. */
function nextStep(lot: SeedLot, crop: CropId): SeedJob | undefined {
  const { taken, rinsed, dried, amount } = lot;
  if (!taken) return undefined;
  const { ferment, dry } = seedFactsOf(crop);
  if (dried === undefined) {
    if (taken.how === 'wet' && rinsed === undefined) {
      const [least, most] = taken.ferments ? (ferment?.value ?? FERMENTS) : [0, 0];
      return { job: 'rinse', lot, from: addDays(taken.day, least), by: addDays(taken.day, most) };
    }
    return { job: 'dry', lot, from: addDays(rinsed ?? taken.day, dry.value[0]) };
  }
  if (amount.measured === undefined || amount.measured < taken.day)
    return { job: 'measure', lot, from: dried };
  return undefined;
}

/** Days in its juice, of a crop whose seed seldom is. Our default. */
const FERMENTS = [1, 2] as const;

const keyOf = (job: SeedJob): string =>
  job.job === 'open' ? `open ${job.variety.variety} ${job.from}` : `${job.job} ${job.lot.lot}`;

const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);
