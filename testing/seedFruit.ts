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
