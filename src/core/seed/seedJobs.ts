import { cropOf, type CropId } from '../crops/catalogue';
import { isSuspect } from '../journal/plantCondition';
import type { Journal } from '../journal/journal';
import { grownThen } from '../journal/past';
import type { Bloom, Garden, Plant, Variety } from '../journal/state';
import { byId } from '../text/byId';
import { addDays, dayAt, toMs } from '../time/calendar';
import { finished, type InSteps } from '../time/inSteps';
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

/** Of flowers older than that nobody keeps a fruit whole: what ripens and cures longest takes 270 days. Our default. */
const KEPT_WHOLE_DAYS = 300;

/**
 * Fruits that were picked for seed, whose seed is in no lot yet, and of which nobody said that they give none; the
 * longest picked first.
 *
 * @example wholeFruits(new Journal(), garden, today) // []
 */
export const wholeFruits = (journal: Journal, garden: Garden, today: Day): WholeFruit[] =>
  finished(wholeFruitsInSteps(journal, garden, today));

/** The same, with a pause after each day: most were never picked for seed. */
function* wholeFruitsInSteps(journal: Journal, garden: Garden, today: Day): InSteps<WholeFruit[]> {
  const whole: WholeFruit[] = [];
  for (let day = addDays(today, -KEPT_WHOLE_DAYS); day <= today; day = addDays(day, 1)) {
    yield undefined;
    whole.push(...journal.bloomsOf(day).flatMap((bloom) => wholeFruitOf(journal, garden, bloom) ?? []));
  }
  return whole.sort(
    (a, b) =>
      byId(a.picked, b.picked) || byId(a.bloom.code, b.bloom.code) || byId(a.bloom.bloom, b.bloom.bloom),
  );
}

/**
 * A fruit that was picked for seed and is still whole; `undefined` of any other.
 *
 * @example wholeFruitOf(journal, garden, bloom)?.from // '2026-10-06': picked on 15 September, and cured three weeks
 */
export function wholeFruitOf(journal: Journal, garden: Garden, bloom: Bloom): WholeFruit | undefined {
  if (bloom.harvest?.use !== 'seed' || bloom.lots || bloom.opened?.none) return undefined;
  const grown = grownThen(journal, bloom.plant, bloom.day);
  if (!grown) return undefined;
  const picked = dayAt(toMs(bloom.harvest.at), garden.zone);
  const [least, most] = seedFactsOf(grown.variety.crop).cure.value;
  return { bloom, ...grown, picked, from: addDays(picked, least), by: addDays(picked, most) };
}

/**
 * All that is to be done with seed, now and later, what is due first first. Fruits of a variety that can be opened are one
 * job, and those that ripen on another.
 *
 * @example seedJobs(new Journal(), garden, today) // []
 */
export const seedJobs = (journal: Journal, garden: Garden, today: Day): SeedJob[] =>
  finished(seedJobsInSteps(journal, garden, today));

/** The same, with pauses. */
export function* seedJobsInSteps(journal: Journal, garden: Garden, today: Day): InSteps<SeedJob[]> {
  const jobs: SeedJob[] = openings(yield* wholeFruitsInSteps(journal, garden, today), today);
  for (const lot of seedLots(journal)) {
    yield undefined;
    const job = jobOf(journal, lot);
    if (job) jobs.push(job);
  }
  return jobs.sort((a, b) => byId(a.by ?? a.from, b.by ?? b.from) || byId(keyOf(a), keyOf(b)));
}

/** One about a lot. */
export type LotJob = Exclude<SeedJob, { readonly job: 'open' }>;

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

/**
 * The next step of a lot, or what its tests ask for; `undefined` where nothing is to be done.
 *
 * @example jobOf(journal, lot)?.job // 'rinse'
 */
export function jobOf(journal: Journal, lot: SeedLot): LotJob | undefined {
  const { crop, amount } = lot;
  if (!crop || amount.gone) return undefined;
  const step = nextStep(lot, crop);
  if (step) return step;
  const raw = journal.all('lot').get(lot.lot)!;
  const [latest] = germinationTests(raw, crop);
  if (!latest) return undefined;
  if (latest.ended) return { job: 'test', lot, from: retestOn(crop, latest.day) };
  const counted = latest.counts.at(-1)?.day;
  const isFirst = counted === undefined || counted < latest.first;
  return {
    ...{ job: 'count', lot, test: latest.test },
    ...(isFirst
      ? { count: 'first', from: latest.first, by: latest.last }
      : { count: 'last', from: latest.last }),
  };
}

/** What came out of a fruit is rinsed, dried and counted; what was had from elsewhere is as it is. */
function nextStep(lot: SeedLot, crop: CropId): LotJob | undefined {
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
