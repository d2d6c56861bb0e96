import type { SeedSource } from '@/core/crops/variety';
import type { Fact } from '@/core/journal/entry';
import type { SeedBodies } from '@/core/journal/kinds/seed';
import { addDays } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import type { Phone } from './yard';

/** A fruit for seed. */
export interface SeedFruit {
  readonly bloom: string;
  readonly plant: string;
  /** Plants whose males were covered with it, one of each. */
  readonly fathers: readonly string[];
  /** On which it was pollinated. */
  readonly day: Day;
  /** On which it was picked; without it it hangs. */
  readonly picked?: Day;
  /** Whether the female was covered. */
  readonly covered?: boolean;
  readonly code?: string;
}

/** A female and her males covered the evening before, pollinated, tagged and picked for seed. */
export function growSeedFruit(
  phone: Phone,
  { bloom, plant, fathers, day, picked, covered = true, code = `K${bloom}` }: SeedFruit,
): void {
  const evening = `${addDays(day, -1)}T18:00:00Z`;
  const method = covered ? 'tape' : 'none';
  phone.say(evening, {
    kind: 'covered',
    body: { plant, day, method, blooms: [{ bloom, sex: 'female', code }] },
  });
  for (const father of fathers)
    phone.say(evening, {
      kind: 'covered',
      body: {
        ...{ plant: father, day, method: 'tape' },
        blooms: [{ bloom: `m-${bloom}-${father}`, sex: 'male', code: '' }],
      },
    });
  phone.say(`${day}T04:30:00Z`, {
    kind: 'pollinated',
    body: {
      ...{
        bloom,
        plant,
        donors: fathers.map((father) => ({ plant: father, bloom: `m-${bloom}-${father}` })),
      },
      ...({ found: 'shut', method: 'maleFlower', shutAgain: true, tagged: true } as const),
    },
  });
  if (picked)
    phone.say(`${picked}T09:00:00Z`, {
      kind: 'harvested',
      body: { bloom, use: 'seed', tagThere: true, typical: true },
    });
}

/** Seed of some fruits taken out and put together. */
export const extracted = (
  lot: string,
  day: Day,
  of: SeedBodies['seed.extracted']['of'],
  how: 'wet' | 'dry' = 'wet',
): { readonly kind: 'seed.extracted'; readonly body: SeedBodies['seed.extracted'] } => ({
  kind: 'seed.extracted',
  body: { lot, name: lot, day, how, of },
});

interface SownFrom {
  readonly year: number;
  readonly variety: string;
  readonly seedSource: SeedSource;
  readonly plants: readonly string[];
  /** In its first row. */
  readonly bed: string;
}

/** Plants sown from a lot on a tenth of May, at places of their own for each year. */
export const sownFrom = (lot: string, { year, variety, seedSource, plants, bed }: SownFrom): Fact[] => {
  const planting = `p${year}${variety}`;
  const sowing = { how: 'sown', day: `${year}-05-10` } as const;
  return [
    { kind: 'planting.set', body: { planting, variety, seedSource, fromLot: lot, sowing } },
    {
      kind: 'plants.set',
      body: {
        ...{ bed, row: 1, variety, planting },
        plants: plants.map((plant, i) => ({ plant, place: 10 * (year - 2025) + i })),
      },
    },
  ];
};
