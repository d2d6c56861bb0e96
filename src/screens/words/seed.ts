import { cropOf } from '@/core/crops/catalogue';
import type {
  Extraction,
  LotUse,
  SeedLoss,
  SeedPacking,
  SeedStore,
  Taste,
  ToldLot,
} from '@/core/journal/kinds/seed';
import type { Descent } from '@/core/seed/descent';
import { LONGEST_YEARS } from '@/core/seed/drawerLife';
import { seedsInWeight } from '@/core/seed/lotAmount';
import type { GrowAgain } from '@/core/seed/growAgain';
import { DRY_BELOW_C, seedFactsOf } from '@/core/seed/seedFacts';
import type { SeedJob } from '@/core/seed/seedJobs';
import type { SeedLot } from '@/core/seed/seedLot';
import type { HalfLife } from '@/core/seed/viability';
import type { Day } from '@/core/time/types';
import type { Format } from '../format/format';
import { CROSS_GRADES, GRADES } from './names';

export const TASTE_NAMES: Readonly<Record<Taste, string>> = {
  good: 'Good',
  plain: 'Plain',
  poor: 'Poor',
  bitter: 'Bitter',
};

export const LOSS_NAMES: Readonly<Record<SeedLoss, string>> = {
  rotten: 'It was rotten',
  bitter: 'It was bitter',
  empty: 'No ripe seed in it',
  eaten: 'It was eaten after all',
  lost: 'It is lost',
};

export const EXTRACTION_NAMES: Readonly<Record<Extraction, string>> = {
  wet: 'Out of wet flesh',
  dry: 'Out of a dry fruit',
};

export const USE_NAMES: Readonly<Record<LotUse, string>> = {
  sown: 'Sown',
  given: 'Given away',
  discarded: 'Thrown away, lost or spoilt',
};

export const STORE_NAMES: Readonly<Record<SeedStore, string>> = {
  room: 'At room temperature',
  cool: 'Somewhere cool',
  fridge: 'In the fridge',
  freezer: 'In the freezer',
};

export const PACKING_NAMES: Readonly<
  Record<SeedPacking, { readonly title: string; readonly note?: string }>
> = {
  paper: { title: 'In paper' },
  sealed: { title: 'In a sealed jar or bag' },
  desiccant: { title: 'Sealed, with something that dries', note: 'silica gel, dry rice, milk powder' },
};

/** A job as a line: what is to be done, and until when. */
export interface JobWords {
  readonly title: string;
  readonly note: string;
}

/** What is to be done with seed, in the growers' words. */
export function sayJob(job: SeedJob, today: Day, f: Format): JobWords {
  const isDue = job.from <= today;
  const from = isDue ? '' : `From ${f.date(job.from)}. `;
  switch (job.job) {
    case 'open': {
      const { variety, fruits } = job;
      const [least] = seedFactsOf(variety.crop).cure.value;
      const cured = least > 0 ? ` Its seed ripens on for ${f.number(least)} days or more.` : '';
      return {
        title: `Take the seed out: ${variety.name}`,
        note: `${from}${f.count(fruits.length, 'fruit', 'fruits')}, picked from ${f.date(fruits[0]!.picked)} on.${cured}${sayBy(job.by, today, f)}`,
      };
    }
    case 'rinse':
      return {
        title: `Rinse: ${job.lot.name}`,
        note: job.lot.taken?.ferments
          ? `${from}In its juice since ${f.date(job.lot.taken.day)}, by ${f.date(job.by!)} at the latest: longer, and it sprouts.`
          : `${from}Wash the flesh off, then spread it thin to dry.`,
      };
    case 'dry':
      return {
        title: `Is it dry? ${job.lot.name}`,
        note: `${from}Spread thin, in moving air, below ${f.temperature(DRY_BELOW_C)}. It is dry when a large seed snaps and does not bend.`,
      };
    case 'measure':
      return { title: `Count or weigh: ${job.lot.name}`, note: 'Then pack and name it.' };
    case 'count':
      return {
        title: `Count what germinated: ${job.lot.name}`,
        note: `${from}${job.count === 'first' ? 'The first of two counts.' : 'The last count.'}`,
      };
    case 'test':
      return {
        title: `Test germination again: ${job.lot.name}`,
        note: isDue ? 'The last test is a while ago, and seed ages.' : from.trim(),
      };
  }
}

const sayBy = (by: Day | undefined, today: Day, f: Format): string =>
  by === undefined
    ? ''
    : by < today
      ? ` It was to be opened by ${f.date(by)}: look whether it is sound.`
      : ` By ${f.date(by)}.`;

/** How much there is of a lot: `180 seeds, 27 g`. */
export function sayAmount({ amount, crop }: Pick<SeedLot, 'amount' | 'crop'>, f: Format): string {
  const { seeds, grams, gone } = amount;
  if (gone) return 'Nothing is left';
  if (seeds !== undefined)
    return `${f.count(seeds, 'seed', 'seeds')}${grams === undefined ? '' : `, ${f.weight(grams)}`}`;
  if (grams === undefined) return 'Not counted yet';
  if (!crop) return f.weight(grams);
  const [few, many] = seedsInWeight(grams, seedFactsOf(crop).thousandGrams.value);
  return `${f.weight(grams)}: some ${f.number(few)} to ${f.number(many)} seeds`;
}

/** What seed is by its parents, as a name: `Redring × Paleface, F2`. */
export function nameDescent(descent: Descent, nameOf: (variety: string) => string): string {
  switch (descent.of) {
    case 'line':
      return nameOf(descent.variety);
    case 'hybrid':
      return descent.filial === 1
        ? `${nameOf(descent.variety)}, an F1 hybrid`
        : `${nameOf(descent.variety)}, F${descent.filial} of a hybrid`;
    case 'cross': {
      const { mother, father, filial, backcrossed } = descent;
      const parents = `${nameOf(mother)} × ${nameOf(father)}`;
      if (!backcrossed) return `${parents}, F${filial}`;
      const { to, times } = backcrossed;
      const selfed = filial > 1 ? `, then ${filial - 1} × by itself` : '';
      return `${parents}, backcrossed ${times === 1 ? 'once' : `${times} times`} to ${nameOf(to)}${selfed}`;
    }
    case 'complex':
      return `(${nameDescent(descent.mother, nameOf)}) × (${nameDescent(descent.father, nameOf)})`;
    case 'mixture':
      return 'A mixture';
    case 'unknown':
      return 'Parents not known';
  }
}

/** What to expect of plants grown from it. */
export function sayDescent(descent: Descent): string | undefined {
  switch (descent.of) {
    case 'line':
      return undefined;
    case 'hybrid':
      return sayFilial(descent.filial);
    case 'cross':
      if (descent.backcrossed)
        return 'Its plants differ. With each backcross they are more like that parent.';
      return sayFilial(descent.filial);
    case 'complex':
      return 'A cross of more than two varieties: its plants will differ.';
    case 'mixture':
      return 'Its seed is not all of the same kind.';
    case 'unknown':
      return 'Nobody noted what it comes of.';
  }
}

const sayFilial = (filial: number): string =>
  filial === 1
    ? 'Its plants will be much alike. Their seed, the F2, will not.'
    : 'Its plants differ: choose among them. It takes several generations until all are alike.';

/** For how long it keeps where it is kept; our default and a rule of thumb. */
export function sayLife([least, most]: readonly [number, number], f: Format): string {
  if (least >= LONGEST_YEARS)
    return `By a rule of thumb it keeps for ${f.number(LONGEST_YEARS)} years or more like this.`;
  const upTo = most >= LONGEST_YEARS ? `${f.number(LONGEST_YEARS)} or more` : f.number(most);
  return `By a rule of thumb it keeps for about ${f.number(least)} to ${upTo} years like this.`;
}

/**
 * After how long half of it still germinates, by the viability equation.
 *
 * @example sayHalfLife({ years: [1.2, 5], water: [9, 12] }, f) // 'By the viability equation half of it … 1.2 to 5 years …'
 */
export function sayHalfLife({ years: [least, most], water }: HalfLife, f: Format): string {
  const rounded = (years: number): string => f.number(years, years < 10 ? 1 : 0);
  const span =
    least >= LONGEST_YEARS
      ? `${f.number(LONGEST_YEARS)} years or more`
      : `${rounded(least)} to ${most >= LONGEST_YEARS ? `${f.number(LONGEST_YEARS)} or more` : rounded(most)} years`;
  return `By the viability equation half of it still germinates after ${span}, with ${f.number(water[0])} to ${f.number(water[1])} % of water in it: how dry it is nobody measured.`;
}

/** When it has to be grown again, where that is not far off. */
export function sayGrowAgain(again: GrowAgain | undefined, today: Day): string | undefined {
  if (!again) return undefined;
  const { year, now } = again;
  if (now) return 'Grow it again now: less than half of it germinated';
  const thisYear = Number(today.slice(0, 4));
  if (year === undefined || year > thisYear + SOON_YEARS) return undefined;
  return year < thisYear ? 'Old: test it, and grow it again soon' : `Grow it again by ${year}`;
}

/** Of what keeps for longer nobody need think yet. */
const SOON_YEARS = 5;

/** What has to be watched when a fruit of the crop is opened. */
export function cautionAtOpening(crop: Parameters<typeof cropOf>[0]): string | undefined {
  const { cautions } = cropOf(crop);
  if (cautions.includes('bitterFruit'))
    return 'Taste a little of the flesh, and spit it out: a bitter one can poison. Keep no seed of it.';
  if (cautions.includes('poisonousBerries'))
    return 'The berries are poisonous: do not eat them, and wash your hands.';
  if (cautions.includes('hotJuice')) return 'Wear gloves: the juice burns skin and eyes.';
  return undefined;
}

/** One lot as it is told where it came from: a title, and what is known of it. */
export function sayTold(
  { name, garden, since, year, told, descent, ancestry, grade, mothers, fathers, size, germinated }: ToldLot,
  f: Format,
): JobWords {
  const isLine = descent === 'line' || descent === 'unknown';
  const parents = [
    ...(mothers === undefined ? [] : [f.count(mothers, 'mother', 'mothers')]),
    ...(fathers === undefined ? [] : [f.count(fathers, 'father', 'fathers')]),
  ].join(' and ');
  const sentences = [
    ...(ancestry === '' ? [] : [ancestry]),
    year === undefined ? `Seed of ${f.date(since)}` : `Of the harvest of ${year}`,
    ...(grade === undefined ? [] : [(isLine ? GRADES : CROSS_GRADES)[grade]]),
    ...(parents === ''
      ? []
      : [
          `${parents}${size === undefined ? '' : `, which count as ${f.number(size, 1)} plants that gave alike`}`,
        ]),
    ...(germinated
      ? [
          `${f.number(germinated.up)} of ${f.count(germinated.seeds, 'seed', 'seeds')} germinated, from ${f.date(germinated.day)} on`,
        ]
      : []),
    `Told on ${f.date(told)}`,
  ];
  return { title: `${name}, ${garden}`, note: `${sentences.join('. ')}.` };
}
