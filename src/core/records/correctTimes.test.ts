import fc from 'fast-check';
import { livedSeason } from '@testing/seasons';
import { cohortId } from '../journal/cohort';
import type { Entry, Fact, StoredEntry } from '../journal/entry';
import { Journal } from '../journal/journal';
import { entryOf } from '@testing/entries';
import { correctTimes, daysMoved, daysNamed } from './correctTimes';

/** A phone whose clock can be set. */
class Phone {
  readonly entries: Entry[] = [];
  #count = 0;

  constructor(
    readonly device: string,
    readonly journal: Journal,
  ) {}

  write(at: string, ...facts: readonly Fact[]): Entry[] {
    const fresh = facts.map((fact) => {
      this.#count += 1;
      const id = `${this.device}-${String(this.#count).padStart(4, '0')}`;
      const lamport = this.journal.lamport + 1;
      const entry = entryOf(fact, { id, lamport, at, device: this.device, action: id });
      this.journal.add([entry]);
      return entry;
    });
    this.entries.push(...fresh);
    return fresh;
  }
}

const covered = (day: string): Fact => ({
  kind: 'covered',
  body: { plant: 'p1', day, method: 'tape', blooms: [{ bloom: 'f1', sex: 'female', code: 'K1' }] },
});
const pollinated = (bloom: string, count?: number): Fact => ({
  kind: 'pollinated',
  body: {
    bloom,
    plant: 'p1',
    donors: [],
    found: 'shut',
    method: 'maleFlower',
    shutAgain: true,
    tagged: count === undefined,
    ...(count !== undefined && { count }),
  },
});
const looked = (bloom: string): Fact => ({ kind: 'looked', body: { bloom, seen: 'growing' } });
const counted = (day: string): string => cohortId({ plant: 'p1', day, part: 'flower', sex: 'female' });

test('an evening and a morning under a clock that began years ago come to their real days', () => {
  const journal = new Journal();
  const phone = new Phone('a', journal);
  phone.write('2020-01-01T19:00:00.000Z', covered('2020-01-02'));
  phone.write('2020-01-02T05:00:00.000Z', pollinated('f1'));
  const by = (Date.parse('2026-07-18T19:00:00Z') - Date.parse('2020-01-01T19:00:00Z')) / 60_000;
  phone.write(
    '2026-07-19T08:00:00.000Z',
    ...correctTimes(journal, phone.entries.slice(0, 2), { by, days: daysMoved(by) }),
  );
  expect(journal.all('bloom').get('f1')).toMatchObject({
    day: '2026-07-19',
    pollination: { at: '2026-07-19T05:00:00.000Z' },
  });
  expect([...journal.all('walk').keys()]).toEqual(['p1|2026-07-19']);
  expect(journal.bloomsOf('2026-07-19')).toHaveLength(1);
  expect(journal.bloomsOf('2020-01-02')).toEqual([]);
});

test('flowers counted under a wrong clock take along what was seen of them under a right one, and no others', () => {
  const journal = new Journal();
  const phone = new Phone('a', journal);
  phone.write('2026-07-16T05:00:00.000Z', pollinated(counted('2026-07-16'), 2));
  const wrong = phone.write(
    '2026-07-10T05:00:00.000Z',
    pollinated(counted('2026-07-10'), 3),
    looked(counted('2026-07-16')),
  );
  phone.write('2026-07-22T09:00:00.000Z', looked(counted('2026-07-10')));
  const week = { by: 7 * 1440, days: 7 };
  phone.write('2026-07-22T09:10:00.000Z', ...correctTimes(journal, wrong, week));
  const blooms = [...journal.all('bloom').values()];
  expect(blooms.map(({ bloom, count, looks }) => [bloom, count, looks.length])).toEqual([
    [counted('2026-07-16'), 2, 1],
    [counted('2026-07-17'), 3, 1],
  ]);
  expect(blooms[1]!.looks[0]!.at).toBe('2026-07-22T09:00:00.000Z');
});

test('a correction of times that is taken back leaves all as it was, one after another adds to it', () => {
  const journal = new Journal();
  const phone = new Phone('a', journal);
  const wrong = phone.write('2026-07-10T19:00:00.000Z', covered('2026-07-11'));
  const day = (): string | undefined => journal.all('bloom').get('f1')?.day;
  const [first] = phone.write(
    '2026-07-20T09:00:00.000Z',
    ...correctTimes(journal, wrong, { by: 1440, days: 1 }),
  );
  expect(day()).toBe('2026-07-12');
  phone.write('2026-07-20T09:00:00.000Z', ...correctTimes(journal, wrong, { by: 1440, days: 1 }));
  expect(day()).toBe('2026-07-13');
  phone.write('2026-07-20T09:00:00.000Z', { kind: 'struck', body: { target: phone.entries.at(-1)!.id } });
  expect(day()).toBe('2026-07-12');
  phone.write('2026-07-20T09:00:00.000Z', { kind: 'struck', body: { target: first!.id } });
  expect(day()).toBe('2026-07-11');
});

test('what is put right after its times were corrected keeps its real day, also on a phone that knew nothing of it', () => {
  const journal = new Journal();
  const phone = new Phone('a', journal);
  const [wrong] = phone.write('2026-07-10T19:00:00.000Z', covered('2026-07-11'));
  const amended = (day: string): Fact => ({
    kind: 'amended',
    body: { target: wrong!.id, of: 'covered', body: covered(day).body },
  });
  // Another phone, out of reach, puts it right under the day it knows.
  const other = new Journal();
  other.add(journal.entries());
  const [theirs] = new Phone('b', other).write('2026-07-19T09:00:00.000Z', amended('2026-07-11'));
  phone.write('2026-07-20T09:00:00.000Z', ...correctTimes(journal, [wrong!], { by: 11_520, days: 8 }));
  journal.add([theirs!]);
  expect(journal.all('bloom').get('f1')?.day).toBe('2026-07-19');
  phone.write('2026-07-20T09:05:00.000Z', journal.asStored(amended('2026-07-20')));
  expect(journal.all('bloom').get('f1')?.day).toBe('2026-07-20');
});

test('the days that a session names are told as they now are', () => {
  const journal = new Journal();
  const phone = new Phone('a', journal);
  const wrong = phone.write('2020-01-01T19:00:00.000Z', covered('2020-01-02'), pollinated('f1'));
  expect(daysNamed(journal, wrong)).toEqual(['2020-01-02']);
  phone.write('2026-07-20T09:00:00.000Z', ...correctTimes(journal, wrong, { by: 1440, days: 1 }));
  expect(daysNamed(journal, wrong)).toEqual(['2020-01-03']);
});

test('a clock some hours wrong leaves the day, one a day wrong does not', () => {
  expect([0, 300, -300, 719, 1440, -1440, 2200, 10 * 1440 + 60].map(daysMoved)).toEqual([
    0, 0, 0, 0, 1, -1, 2, 10,
  ]);
});

test('a season written days off and put right is the season', () => {
  const season = livedSeason('untilJuly');
  const whole = new Journal();
  whole.add(season);
  fc.assert(
    fc.property(
      fc.integer({ min: -60, max: 60 }).filter((days) => days !== 0),
      (off) => {
        const journal = new Journal();
        journal.add(season.map((entry) => daysOff(entry, off)));
        const phone = new Phone('z', journal);
        const fresh = [...journal.entries()].filter(({ kind }) => kind !== 'garden.described');
        phone.write(
          '2026-07-18T18:00:00.000Z',
          ...correctTimes(journal, fresh, { by: -off * 1440, days: -off }),
        );
        // What was named before the correction stands where it was first named.
        for (const type of ['bloom', 'walk', 'round'] as const)
          expect(byId(journal.all(type))).toEqual(byId(whole.all(type)));
      },
    ),
    { numRuns: 4 },
  );
});

const byId = <T>(states: ReadonlyMap<string, T>): [string, T][] =>
  [...states].sort(([a], [b]) => (a < b ? -1 : 1));

/** An entry as a phone whose clock was so many days off would have written it: the days of seasons and sowings stay. */
function daysOff(entry: StoredEntry, off: number): StoredEntry {
  const moved = (day: string): string =>
    new Date(Date.parse(day) + off * 86_400_000).toISOString().slice(0, day.length);
  const at = new Date(Date.parse(entry.at) + off * 86_400_000).toISOString();
  if (
    ['season.named', 'variety.described', 'planting.set', 'outside.described', 'mating.set'].includes(
      entry.kind,
    )
  )
    return { ...entry, at, recorded: at } as StoredEntry;
  const text = JSON.stringify(entry.body)
    .replaceAll(/\d{4}-\d\d-\d\dT[^"]*Z/g, (instant) =>
      new Date(Date.parse(instant) + off * 86_400_000).toISOString(),
    )
    .replaceAll(/(?<=["|])\d{4}-\d\d-\d\d(?=["|])/g, moved);
  return { ...entry, at, recorded: at, body: JSON.parse(text) as object } as StoredEntry;
}
