import type { SeedBodies } from '../src/core/journal/kinds/seed';
import { addDays } from '../src/core/time/calendar';
import type { Day } from '../src/core/time/types';
import { VARIETIES } from './estate';
import type { Phones } from './phones';

/** Fruits of last summer's squash, in the order in which their flowers opened, those that were picked. */
interface Picked {
  readonly phones: Phones;
  /** By name. */
  readonly varieties: ReadonlyMap<string, string>;
  /** Blooms. */
  readonly picked: readonly string[];
}

const OPENED: Day = '2025-11-08';
const TESTED: Day = '2026-03-02';

/**
 * The winter: the squash are opened, their seed is dried, counted and tested, and what is in the drawer from elsewhere is
 * written down.
 *
 * @returns the sowing of spring, which is of one of the lots.
 */
export function lastWinter({ phones, varieties, picked }: Picked): string {
  const nameOf = (key: string): string => VARIETIES.find((each) => each.key === key)!.body.name;
  const [sound, open, unnamed, torn, unread] = picked as [string, string, string, string, string];
  phones.goTo(OPENED, 14);
  for (const [bloom, found] of [
    [sound, { taste: 'good' }],
    [open, { none: 'rotten' }],
    [unnamed, { taste: 'good' }],
    [torn, { taste: 'plain' }],
    [unread, { taste: 'good' }],
  ] satisfies [string, Partial<SeedBodies['fruit.opened']>][])
    phones.tap(['fruit.opened', { bloom, day: OPENED, ...found }]);
  const name = `${nameOf('button')} 2025`;
  const [best, rest] = [phones.id(), phones.id()];
  const taken = { day: OPENED, how: 'wet' } as const;
  phones.tap(['seed.extracted', { lot: best, name, ...taken, of: [{ bloom: sound, seeds: 96 }] }]);
  phones.tap([
    'seed.extracted',
    {
      ...{ lot: rest, name: `${name}, the rest`, ...taken },
      of: [
        { bloom: unnamed, seeds: 88 },
        { bloom: torn, seeds: 61 },
        { bloom: unread, seeds: 70 },
      ],
    },
  ]);
  for (const lot of [best, rest]) {
    phones.tap(['seed.prepared', { lot, step: 'rinsed', day: OPENED }]);
    phones.goTo(addDays(OPENED, 10), 18);
    phones.tap(['seed.prepared', { lot, step: 'dried', day: addDays(OPENED, 10) }]);
  }
  phones.goTo(addDays(OPENED, 11), 18);
  const measured = (lot: string, seeds: number, grams: number): void =>
    phones.tap(['lot.measured', { lot, day: addDays(OPENED, 11), seeds, grams }]);
  measured(best, 94, 11.7);
  measured(rest, 214, 25.6);
  phones.tap([
    'lot.described',
    { lot: best, name, place: 'Green tin, shed', store: 'cool', packing: 'desiccant' },
  ]);
  const other = fromElsewhere(phones, varieties, nameOf);
  test(phones, best, TESTED, [20, 13, 18]);
  test(phones, other, TESTED, [10, 2, 6]);
  phones.goTo('2026-04-14', 17);
  phones.tap(['lot.used', { lot: best, day: '2026-04-14', how: 'sown', seeds: 16, to: 'Pots for bed B' }]);
  phones.tap(['lot.used', { lot: best, day: '2026-04-14', how: 'given', seeds: 10, to: 'Seed shelf' }]);
  const { seedSource, sowing } = VARIETIES.find(({ key }) => key === 'button')!.body;
  const planting = phones.id();
  const variety = varieties.get(nameOf('button'))!;
  phones.goTo(sowing!.day, 11);
  phones.tap(['planting.set', { planting, variety, seedSource, sowing: sowing!, fromLot: best }]);
  return planting;
}

/** @returns a packet that is tested as well. */
function fromElsewhere(
  phones: Phones,
  varieties: ReadonlyMap<string, string>,
  nameOf: (key: string) => string,
): string {
  phones.goTo('2026-02-01', 16);
  const had = (key: string, lot: Pick<SeedBodies['lot.received'], 'name' | 'source' | 'year'>): string => {
    const id = phones.id();
    const variety = varieties.get(nameOf(key))!;
    phones.tap(['lot.received', { lot: id, variety, day: '2026-02-01', ...lot }]);
    return id;
  };
  had('fiddle', { name: `${nameOf('fiddle')}, from a swap`, source: 'swapped', year: 2024 });
  return had('dial', { name: `${nameOf('dial')}, last packet`, source: 'boughtLine', year: 2020 });
}

/** A germination test with its two counts. */
function test(
  phones: Phones,
  lot: string,
  day: Day,
  [seeds, first, last]: readonly [number, number, number],
): void {
  const id = phones.id();
  phones.goTo(day, 9);
  phones.tap(['germination.begun', { lot, test: id, day, seeds }]);
  for (const [after, up] of [
    [4, first],
    [8, last],
  ] as const) {
    phones.goTo(addDays(day, after), 9);
    const counted = { lot, test: id, day: addDays(day, after), up };
    phones.tap(['germination.counted', counted]);
  }
}
