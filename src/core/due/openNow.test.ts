import fc from 'fast-check';
import { fruitsOf, looksDue } from '../fruit/fruits';
import { fruitSetRates } from '../fruit/setRates';
import type { Entry, Fact } from '../journal/entry';
import { Journal } from '../journal/journal';
import { entryOf } from '@testing/entries';
import { undoable } from '../journal/undo';
import { windowsOf } from '../opening/windowsOf';
import { seasonAt } from '../season/seasons';
import { addDays } from '../time/calendar';
import { sunTimes } from '../time/sun';
import { malesFor, pollenFor } from './pollenFor';
import { openNowOf, opensNext, secondTimes, seenOutOfHours } from './openNow';
import { pickedToEat } from '../fruit/harvested';
import { withoutPollen } from '../fruit/withoutPollen';
import { openMorning } from './openMorning';
import { openVisitFacts, secondTimeFacts, type OpenVisit } from './openVisit';
import { todayOf } from '../today/today';

const GARDEN = { id: 'g', name: 'Yard', place: '', latitude: 52.2, longitude: -1.7, zone: 'Europe/London' };
const DAY = '2026-07-21';
const MORNING = Date.parse('2026-07-21T07:00:00+01:00');
const HOUR = 3_600_000;

interface Grown {
  readonly crop: string;
  readonly purpose?: 'eat' | 'seedToKeep';
  readonly traits?: object;
  readonly plants: readonly string[];
}

/** A garden without an evening before: varieties and plants alone. */
class Yard {
  readonly journal = new Journal();
  readonly own: Entry[] = [];
  #count = 0;

  constructor(
    grown: readonly Grown[],
    readonly device = 'phone-a',
  ) {
    this.say(MORNING - 50 * 24 * HOUR, {
      kind: 'bed.laid',
      body: { bed: 'b', name: 'Yard', x: 0, y: 0, length: 12, width: 2, rows: 1, turn: 0, every: 1 },
    });
    grown.forEach(({ crop, purpose = 'eat', traits = {}, plants }, i) => {
      const variety = `v${i}`;
      this.say(
        MORNING - 50 * 24 * HOUR,
        {
          kind: 'variety.described',
          body: {
            variety,
            name: variety,
            crop,
            purpose,
            seedSource: 'unknown',
            ownPollen: 'allowed',
            traits,
          },
        } as Fact,
        {
          kind: 'plants.set',
          body: {
            bed: 'b',
            row: 1,
            variety,
            plants: plants.map((plant) => ({ plant, place: Number(plant.slice(1)) })),
          },
        },
      );
    });
  }

  say(at: number, ...facts: readonly Fact[]): void {
    const action = `${this.device}-${this.#count}`;
    const fresh = facts.map((fact) => {
      this.#count += 1;
      const id = `${this.device}-e${String(this.#count).padStart(4, '0')}`;
      const lamport = this.journal.lamport + 1;
      const entry = entryOf(fact, {
        id,
        lamport,
        at: new Date(at).toISOString(),
        device: this.device,
        action,
      });
      this.journal.add([entry]);
      return entry;
    });
    this.own.push(...fresh);
  }

  open(now = MORNING) {
    return openNowOf(this.journal, GARDEN, now);
  }

  visit(plant: string, open: OpenVisit['open'], at = MORNING, fathers: readonly string[] = []): void {
    const here = this.open(at).find((each) => each.plant.plant === plant)!;
    this.say(at, ...openVisitFacts(this.journal, here, { open, method: 'maleFlower', fathers }));
  }

  fruits(today = DAY) {
    return fruitsOf(this.journal, GARDEN, today, seasonAt(this.journal, today));
  }
}

/** When the first flower of a day opens. */
const openingOf = ({ journal }: Yard, day: string): number => {
  const [first] = [...journal.all('variety').values()];
  return windowsOf(journal, GARDEN, day, [first!.crop]).get(first!.crop)!.opens[0];
};

const six = (): Yard => new Yard([{ crop: 'pepo', plants: ['p1', 'p2', 'p3', 'p4', 'p5', 'p6'] }]);
const ids = (yard: Yard, now?: number): string[] => yard.open(now).map(({ plant }) => plant.plant);

test('without any earlier entry the plants grown to eat are open in the morning, in walking order', () => {
  const yard = six();
  expect(ids(yard)).toEqual(['p1', 'p2', 'p3', 'p4', 'p5', 'p6']);
  expect(ids(yard, Date.parse('2026-07-21T02:00:00+01:00'))).toEqual([]);
  expect(ids(yard, Date.parse('2026-07-21T15:00:00+01:00'))).toEqual([]);
  expect(todayOf(yard.journal, GARDEN, MORNING).tasks.next).toMatchObject({ kind: 'open', size: 6 });
  // Nobody is sent on an evening walk for what is only eaten.
  const evening = todayOf(yard.journal, GARDEN, Date.parse('2026-07-21T19:30:00+01:00')).tasks;
  expect([evening.next, ...evening.then].map(({ kind }) => kind)).not.toContain('walk');
});

test('who sees one open is believed at any hour: of the day whose hours are nearest, and it is noted', () => {
  const yard = six();
  const evening = MORNING + 9 * HOUR;
  expect(yard.open(evening)).toEqual([]);
  const any = (now: number) => openNowOf(yard.journal, GARDEN, now, { anyHour: true });
  expect(any(evening).map(({ plant, day }) => [plant.plant, day])[0]).toEqual(['p1', DAY]);
  expect(any(evening)).toHaveLength(6);
  // Before the first opens it is still this morning's.
  expect(any(openingOf(yard, DAY) - HOUR)[0]!.day).toBe(DAY);
  const [here] = any(evening);
  expect(seenOutOfHours(here!, { female: 0, male: 0 }, evening)).toEqual([]);
  expect(seenOutOfHours(here!, { female: 0, male: 1 }, MORNING)).toEqual([]);
  yard.say(evening, ...seenOutOfHours(here!, { female: 1, male: 0 }, evening));
  // It moves the hours of the day: they shut later than was thought.
  expect(any(evening)[0]!.window!.shuts[1]).toBeGreaterThan(here!.window!.shuts[1]);
  // A gourd that is open before noon opened at yesterday's dusk.
  const gourds = new Yard([{ crop: 'bottleGourd', plants: ['p1'] }]);
  const late = openNowOf(gourds.journal, GARDEN, MORNING + 3 * HOUR, { anyHour: true });
  expect(late.map(({ day }) => day)).toEqual([addDays(DAY, -1)]);
});

test('in the midnight sun hours follow the coolest time of the day, and what is seen open moves them', () => {
  const yard = six();
  const north = { ...GARDEN, latitude: 69.6, longitude: 18.9, zone: 'Europe/Oslo' };
  const [night, morning, evening] = ['00:00', '06:00', '18:00'].map((clock) =>
    Date.parse(`2026-06-21T${clock}:00Z`),
  ) as [number, number, number];
  expect(openNowOf(yard.journal, north, night)).toEqual([]);
  const [here] = openNowOf(yard.journal, north, morning);
  expect(here!.window!.reasons.map(({ code }) => code)).toContain('lightNights');
  expect(openNowOf(yard.journal, north, evening)).toEqual([]);
  const [late] = openNowOf(yard.journal, north, evening, { anyHour: true });
  expect(seenOutOfHours(late!, { female: 1, male: 0 }, evening)).toMatchObject([{ kind: 'hours.seen' }]);
});

test('where no walk leads to them, it is told when flowers open next: today or tomorrow', () => {
  const yard = six();
  const opensOn = (day: string): number => openingOf(yard, day);
  const nextAt = (now: number) => todayOf(yard.journal, GARDEN, now).tasks.next;
  const night = Date.parse('2026-07-21T02:00:00+01:00');
  expect(nextAt(night)).toMatchObject({ kind: 'open', size: 6, from: opensOn(DAY) });
  expect(ids(yard, opensOn(DAY))).toHaveLength(6);
  expect(ids(yard, opensOn(DAY) - 1)).toEqual([]);
  const evening = Date.parse('2026-07-21T19:30:00+01:00');
  expect(nextAt(evening)).toMatchObject({ kind: 'open', size: 6, from: opensOn('2026-07-22') });
  for (const plant of ids(yard)) yard.visit(plant, { female: 0, male: 0 });
  expect(nextAt(MORNING)).toMatchObject({ kind: 'open', size: 6, from: opensOn('2026-07-22') });
  // One plant for seed, and the walk of the evening says it all.
  const both = new Yard([
    { crop: 'pepo', plants: ['p1'] },
    { crop: 'maxima', purpose: 'seedToKeep', plants: ['p2'] },
  ]);
  const tasks = todayOf(both.journal, GARDEN, night).tasks;
  expect([tasks.next, ...tasks.then].map(({ kind }) => kind)).not.toContain('open');
  expect(opensNext(new Journal(), GARDEN, night)).toBeUndefined();
});

test('what is grown for seed is not worked open, nor what needs no pollen and is spoilt by it', () => {
  const yard = new Yard([
    { crop: 'pepo', purpose: 'seedToKeep', plants: ['p1'] },
    { crop: 'cucumber', traits: { parthenocarpic: true }, plants: ['p2'] },
    { crop: 'cucumber', plants: ['p3'] },
    { crop: 'tomato', plants: ['p4'] },
    { crop: 'corn', plants: ['p5'] },
  ]);
  expect(ids(yard, MORNING + 2 * HOUR)).toEqual(['p3']);
});

test('melons open later than squash, and gourds at dusk until the next morning, which is still their day', () => {
  const yard = new Yard([
    { crop: 'pepo', plants: ['p1'] },
    { crop: 'melon', plants: ['p2'] },
    { crop: 'bottleGourd', plants: ['p3'] },
  ]);
  const { sunrise, sunset } = sunTimes(DAY, GARDEN);
  expect(ids(yard, sunrise! + HOUR / 2)).toEqual(['p1', 'p3']);
  expect(ids(yard, sunrise! + 5 * HOUR)).toEqual(['p1', 'p2']);
  expect(ids(yard, sunset!)).toEqual(['p3']);
  const midnight = Date.parse('2026-07-22T00:30:00+01:00');
  for (const now of [sunset!, midnight, sunset! + 8 * HOUR]) {
    expect(yard.open(now).find(({ plant }) => plant.plant === 'p3')!.day).toBe(DAY);
  }
});

test('two females and three males: a count of what is open, and the females pollinated as one group', () => {
  const yard = six();
  yard.visit('p1', { female: 2, male: 3 }, MORNING, ['p1']);
  expect(yard.own.slice(-2).map(({ kind }) => kind)).toEqual(['counted', 'pollinated']);
  expect(yard.open()[0]!.open).toEqual({ female: 2, male: 3 });
  expect(yard.fruits()).toMatchObject([{ count: 2, plant: { plant: 'p1' }, bloom: { day: DAY } }]);
  yard.visit('p2', { female: 0, male: 1 });
  expect(yard.own.at(-1)!.kind).toBe('counted');
  expect(yard.open().filter(({ open }) => open === undefined)).toHaveLength(4);
});

test('pollen is suggested: her own open males, else the nearest plant that has some', () => {
  const yard = six();
  const [here, , third] = yard.open();
  expect(pollenFor(yard.journal, here!, 2).filter(({ suggested }) => suggested)).toEqual([
    { plant: 'p1', males: 2, served: 0, suggested: true },
  ]);
  expect(pollenFor(yard.journal, here!, 0)[0]).toEqual({
    plant: 'p2',
    males: undefined,
    served: 0,
    // Nobody knows whether it has any.
    suggested: false,
  });
  yard.visit('p5', { female: 0, male: 4 });
  yard.visit('p2', { female: 0, male: 0 });
  const offered = pollenFor(yard.journal, third!, 0);
  expect(offered[0]).toEqual({ plant: 'p5', males: 4, served: 0, suggested: true });
  expect(offered.map(({ plant }) => plant)).not.toContain('p2');
});

test('what a plant’s males have served this morning is counted, those of two fathers by halves', () => {
  const yard = six();
  yard.visit('p1', { female: 0, male: 1 });
  yard.visit('p2', { female: 2, male: 0 }, MORNING, ['p1']);
  yard.visit('p3', { female: 1, male: 1 }, MORNING, ['p1', 'p3']);
  const here = yard.open().find(({ plant }) => plant.plant === 'p4')!;
  const offered = pollenFor(yard.journal, here, 0);
  expect(offered.find(({ plant }) => plant === 'p1')).toMatchObject({ males: 1, served: 2.5 });
  // A visit that is put right is not counted against itself.
  const second = yard.open().find(({ plant }) => plant.plant === 'p2')!;
  const again = pollenFor(yard.journal, second, 0);
  expect(again.find(({ plant }) => plant === 'p1')).toMatchObject({ served: 0.5 });
  // Nor is yesterday.
  const next = yard.open(MORNING + 24 * HOUR).find(({ plant }) => plant.plant === 'p4')!;
  expect(pollenFor(yard.journal, next, 0).every(({ served }) => served === 0)).toBe(true);
});

test('few males are shared, as far as they go', () => {
  const of = (males: number | undefined, served = 0) => ({ males, served });
  expect(malesFor([of(2)], 2, 3)).toEqual({ kind: 'enough' });
  expect(malesFor([of(1), of(1)], 5, 3)).toEqual({ kind: 'shared', each: 3 });
  expect(malesFor([of(1)], 4, 3)).toEqual({ kind: 'short', reach: 3 });
  expect(malesFor([of(1, 2.5)], 2, 3)).toEqual({ kind: 'short', reach: 0 });
  expect(malesFor([of(1, 2)], 1, 3)).toEqual({ kind: 'shared', each: 3 });
  // Nobody counted them, or nobody was named: nothing is known.
  expect(malesFor([of(undefined), of(2)], 4, 3)).toBeUndefined();
  expect(malesFor([], 4, 3)).toBeUndefined();
});

test('an all-female cucumber takes pollen of another variety, a seedless watermelon of one with seeds', () => {
  const yard = new Yard([
    { crop: 'watermelon', traits: { seedless: true }, plants: ['p1', 'p2'] },
    { crop: 'watermelon', plants: ['p4'] },
  ]);
  const [here] = yard.open(MORNING + HOUR);
  expect(pollenFor(yard.journal, here!, 3).map(({ plant }) => plant)).toEqual(['p4']);
});

test('a visit put right amends what it said; to no female, nothing was pollinated; undone, it was', () => {
  const yard = six();
  yard.visit('p1', { female: 3, male: 0 });
  yard.visit('p1', { female: 2, male: 1 }, MORNING + HOUR);
  expect(yard.fruits()).toMatchObject([{ count: 2 }]);
  expect(yard.open()[0]!.open).toEqual({ female: 2, male: 1 });
  yard.visit('p1', { female: 0, male: 1 }, MORNING + HOUR);
  expect(yard.fruits()).toEqual([]);
  const undo = undoable(yard.journal, yard.own)!;
  yard.say(MORNING, ...undo.entries.map(({ id }): Fact => ({ kind: 'struck', body: { target: id } })));
  expect(yard.fruits()).toMatchObject([{ count: 2 }]);
});

test('a female for which there is no pollen is no pollinated one; it can be put right, and is in no rate', () => {
  const yard = six();
  const say = (visit: Partial<OpenVisit>): void => {
    const here = yard.open()[0]!;
    const open = { female: 3, male: 0 };
    yard.say(
      MORNING,
      ...openVisitFacts(yard.journal, here, { open, method: 'brush', fathers: [], ...visit }),
    );
  };
  const season = seasonAt(yard.journal, DAY);
  const left = () => [...withoutPollen(yard.journal, season).values()];
  const morning = () => openMorning(yard.journal, yard.open());
  say({ pollinated: 0 });
  expect([yard.fruits(), left(), morning()]).toEqual([[], [3], { pollinated: 0, withoutPollen: 3 }]);
  expect(yard.open()[0]!.open).toEqual({ female: 3, male: 0 });
  // Pollen for two was found after all.
  say({ pollinated: 2, fathers: ['p4'] });
  expect(yard.fruits()).toMatchObject([{ count: 2 }]);
  expect([left(), morning()]).toEqual([[1], { pollinated: 2, withoutPollen: 1 }]);
  say({ fathers: ['p4'] });
  expect(yard.fruits()).toMatchObject([{ count: 3 }]);
  expect([left(), morning()]).toEqual([[], { pollinated: 3, withoutPollen: 0 }]);
  say({ pollinated: 0 });
  expect([yard.fruits(), left()]).toEqual([[], [3]]);
  // Told so by two phones, they are the same three.
  const other = six();
  other.journal.add(yard.journal.entries());
  other.say(MORNING + HOUR, {
    kind: 'missed',
    body: { bloom: `p1|${DAY}|flower|female`, plant: 'p1', count: 2, why: 'noPollen' },
  });
  expect([...withoutPollen(other.journal, season).values()]).toEqual([3]);
});

test('how many of the two are growing is answered by count, and feeds the same set rates', () => {
  const yard = six();
  yard.visit('p1', { female: 2, male: 1 });
  yard.visit('p2', { female: 1, male: 1 });
  const later = (days: number): string => `2026-07-${21 + days}`;
  expect(looksDue(yard.fruits(later(3)), GARDEN, later(3)).map(({ count }) => count)).toEqual([2, 1]);
  const id = yard.fruits().find(({ count }) => count === 2)!.bloom.bloom;
  const look = (days: number, growing: number): void =>
    yard.say(MORNING + days * 24 * HOUR, {
      kind: 'looked',
      body: { bloom: id, seen: growing > 0 ? 'growing' : 'gone', growing, of: 2 },
    });
  look(3, 2);
  look(7, 1);
  const rates = fruitSetRates(yard.fruits(later(9)).flatMap(({ histories }) => histories));
  expect(rates.pollinated).toBe(3);
  expect(rates.set).toMatchObject({ hits: 1, of: 2, leftOut: { notLookedAt: 1 } });
  // The eye was wrong on day 7.
  look(8, 2);
  const again = fruitSetRates(yard.fruits(later(9)).flatMap(({ histories }) => histories));
  expect(again.set).toMatchObject({ hits: 2, of: 2 });
});

test('one of two that gets a tag for seed is followed by itself, with what was done to both', () => {
  const yard = six();
  yard.visit('p1', { female: 2, male: 0 }, MORNING, ['p3']);
  const { bloom } = yard.fruits()[0]!;
  yard.say(MORNING + 4 * 24 * HOUR, {
    kind: 'tagged',
    body: { bloom: 'b1', of: bloom.bloom, plant: 'p1', code: 'K001' },
  });
  const [rest, tagged] = [...yard.fruits('2026-07-26')].sort((a, b) =>
    a.bloom.code.localeCompare(b.bloom.code),
  );
  expect(rest).toMatchObject({ count: 1, bloom: { code: '' } });
  expect(tagged).toMatchObject({
    count: 1,
    bloom: { code: 'K001', pollination: { donors: [{ plant: 'p3' }] } },
    history: { age: 5, since: DAY },
  });
  // One of two grows: that decides the fate of neither by itself; none grows decides both.
  const look = (growing: number, hours: number): void =>
    yard.say(MORNING + (7 * 24 + hours) * HOUR, {
      kind: 'looked',
      body: { bloom: bloom.bloom, seen: growing > 0 ? 'growing' : 'gone', growing, of: 2 },
    });
  look(1, 0);
  const named = () => yard.fruits('2026-07-29').find((fruit) => fruit.bloom.code === 'K001')!;
  expect(named().history.failed).toBeUndefined();
  look(0, 1);
  expect(named().history.failed).toBe(7);
});

test('two phones that count one plant apart meet in one group; the larger holds', () => {
  const [a, b] = [six(), new Yard([{ crop: 'pepo', plants: ['p1', 'p2'] }], 'phone-b')];
  a.visit('p1', { female: 2, male: 1 });
  b.visit('p1', { female: 3, male: 1 });
  const merged = new Journal();
  merged.add([...a.own, ...b.own]);
  const fruits = fruitsOf(merged, GARDEN, DAY, seasonAt(merged, DAY));
  expect(fruits).toMatchObject([{ count: 3, bloom: { countClash: true } }]);
});

test('whatever is counted and looked at, every flower is in a rate or left out of it', () => {
  const visits = fc.array(fc.tuple(fc.constantFrom('p1', 'p2', 'p3'), fc.nat(4), fc.nat(4)), {
    maxLength: 6,
  });
  const looks = fc.array(fc.tuple(fc.nat(2), fc.integer({ min: 1, max: 20 }), fc.nat(5)), { maxLength: 6 });
  const picks = fc.array(
    fc.tuple(fc.nat(2), fc.integer({ min: 1, max: 20 }), fc.integer({ min: 1, max: 3 })),
    { maxLength: 3 },
  );
  fc.assert(
    fc.property(visits, looks, picks, (some, seen, picked) => {
      const yard = six();
      const females = new Map<string, number>();
      const short = new Map<string, number>();
      for (const [plant, female, pollen] of some) {
        const here = yard.open().find((each) => each.plant.plant === plant)!;
        const pollinated = Math.min(female, pollen);
        const open = { female, male: 1 };
        yard.say(
          MORNING,
          ...openVisitFacts(yard.journal, here, { open, pollinated, method: 'brush', fathers: [] }),
        );
        females.set(plant, pollinated);
        short.set(plant, female - pollinated);
      }
      const fruits = yard.fruits();
      for (const [which, days, growing] of seen) {
        const fruit = fruits[which];
        if (!fruit) continue;
        const of = fruit.count;
        yard.say(MORNING + days * 24 * HOUR, {
          kind: 'looked',
          body: { bloom: fruit.bloom.bloom, seen: 'growing', growing: Math.min(of, growing), of },
        });
      }
      const grew = (): number =>
        fruitSetRates(yard.fruits('2026-08-20').flatMap(({ histories }) => histories)).kept.hits;
      const before = grew();
      for (const [which, days, count] of picked) {
        const fruit = fruits[which];
        if (fruit) yard.say(MORNING + days * 24 * HOUR, pickedToEat(fruit.bloom.bloom, count));
      }
      // What was picked had set.
      expect(grew()).toBeGreaterThanOrEqual(before);
      const sum = (counts: Iterable<number>): number => [...counts].reduce((all, count) => all + count, 0);
      const season = seasonAt(yard.journal, DAY);
      expect(sum(withoutPollen(yard.journal, season).values())).toBe(sum(short.values()));
      const all = sum(females.values());
      const rates = fruitSetRates(yard.fruits('2026-08-20').flatMap(({ histories }) => histories));
      expect(rates.pollinated).toBe(all);
      for (const { of, leftOut } of [rates.soFar, rates.set, rates.kept])
        expect(of + sum(Object.values(leftOut))).toBe(all);
    }),
  );
});

// A faded male or a closing female may be tried, marked (common practice, no source).
test('what was past its best is tried and noted with the pollination, and can be put right', () => {
  const yard = six();
  const late = (visit: Partial<OpenVisit>): void => {
    const here = yard.open().find(({ plant }) => plant.plant === 'p1')!;
    const counts = { open: { female: 1, male: 0 }, method: 'maleFlower', fathers: ['p2'] } as const;
    yard.say(MORNING, ...openVisitFacts(yard.journal, here, { ...counts, ...visit }));
  };
  late({ closing: true, faded: true });
  expect(yard.fruits()[0]!.bloom.pollination).toMatchObject({ found: 'wilted', faded: true });
  late({});
  expect(yard.fruits()[0]!.bloom.pollination).toMatchObject({ found: 'open' });
  expect(yard.fruits()[0]!.bloom.pollination!.faded).toBeUndefined();
});

// Watermelon: a second dab an hour later the same morning (common practice, no source).
describe('a second time, an hour later', () => {
  const NINE = Date.parse('2026-07-21T09:00:00+01:00');
  const melons = (): Yard => new Yard([{ crop: 'watermelon', plants: ['p1', 'p2', 'p3'] }]);
  const due = (yard: Yard, now: number): string[] =>
    secondTimes(yard.open(now), now).map(({ plant }) => plant.plant);
  const again = (yard: Yard, plant: string, now: number): void => {
    const here = yard.open(now).find((each) => each.plant.plant === plant)!;
    yard.say(now, ...secondTimeFacts(here, ['p2'], 'brush'));
  };

  test('females that were pollinated are due from then on, until they had it or are shut', () => {
    const yard = melons();
    yard.visit('p1', { female: 2, male: 3 }, NINE, ['p1']);
    yard.visit('p2', { female: 0, male: 3 }, NINE);
    expect(yard.open(NINE)[0]!.again).toMatchObject({
      females: 2,
      first: NINE,
      from: NINE + HOUR,
      fathers: ['p1'],
    });
    expect(due(yard, NINE + HOUR - 1)).toEqual([]);
    expect(due(yard, NINE + HOUR)).toEqual(['p1']);
    expect(due(yard, Date.parse('2026-07-21T20:00:00+01:00'))).toEqual([]);
    again(yard, 'p1', NINE + HOUR);
    expect(due(yard, NINE + 2 * HOUR)).toEqual([]);
    // They are as many flowers as before, with the pollen of both plants.
    expect(yard.fruits()).toMatchObject([{ count: 2 }]);
    expect(yard.fruits()[0]!.bloom.laterPollinations).toHaveLength(1);
  });

  test('Today leads back once all plants were seen', () => {
    const yard = melons();
    const tasks = (now: number) => todayOf(yard.journal, GARDEN, now).tasks;
    yard.visit('p1', { female: 1, male: 3 }, NINE, ['p1']);
    expect(tasks(NINE).next).toMatchObject({ kind: 'open', size: 2 });
    for (const plant of ['p2', 'p3']) yard.visit(plant, { female: 0, male: 2 }, NINE + HOUR / 2);
    expect(tasks(NINE + HOUR / 2).next).toMatchObject({
      kind: 'open',
      again: true,
      size: 1,
      from: NINE + HOUR,
    });
    expect(tasks(NINE + HOUR).next).toMatchObject({ kind: 'open', again: true, size: 1 });
    again(yard, 'p1', NINE + HOUR);
    const { next } = tasks(NINE + HOUR);
    expect([next.again, next.from]).toEqual([undefined, openingOf(yard, '2026-07-22')]);
  });

  test('it is to be done by the hour of those it is about, whatever else was open', () => {
    const yard = new Yard([
      { crop: 'watermelon', plants: ['p1'] },
      { crop: 'melon', plants: ['p2'] },
    ]);
    for (const plant of ['p1', 'p2']) yard.visit(plant, { female: 1, male: 2 }, NINE, [plant]);
    const lastSafe = (plant: string): number =>
      yard.open(NINE).find((each) => each.plant.plant === plant)!.window!.lastSafe;
    expect(lastSafe('p1')).toBeGreaterThan(lastSafe('p2'));
    const { next } = todayOf(yard.journal, GARDEN, NINE + HOUR).tasks;
    expect(next).toMatchObject({ again: true, size: 1, by: lastSafe('p1') });
  });

  test('not of squash, not of what was closing, and not where once was chosen', () => {
    const squash = six();
    squash.visit('p1', { female: 2, male: 1 }, MORNING, ['p1']);
    expect(due(squash, MORNING + HOUR)).toEqual([]);
    const late = melons();
    const here = late.open(NINE)[0]!;
    const visit = { open: { female: 1, male: 1 }, method: 'brush', fathers: [], closing: true } as const;
    late.say(NINE, ...openVisitFacts(late.journal, here, visit));
    expect(due(late, NINE + HOUR)).toEqual([]);
    const once = melons();
    once.visit('p1', { female: 2, male: 1 }, NINE);
    once.say(NINE, { kind: 'ways.set', body: { of: 'v0', times: 1 } });
    expect(due(once, NINE + HOUR)).toEqual([]);
  });

  test('a first count that is put right keeps it, and put right to none takes it back as well', () => {
    const yard = melons();
    yard.visit('p1', { female: 2, male: 3 }, NINE, ['p1']);
    again(yard, 'p1', NINE + HOUR);
    yard.visit('p1', { female: 3, male: 3 }, NINE + HOUR, ['p1']);
    expect(yard.fruits()).toMatchObject([{ count: 3 }]);
    expect(yard.fruits()[0]!.bloom.laterPollinations).toHaveLength(1);
    yard.visit('p1', { female: 0, male: 3 }, NINE + HOUR);
    expect(yard.fruits()).toEqual([]);
  });
});

test('a male covered the evening before hides no female; a covered female leaves her plant to the round', () => {
  const yard = six();
  const evening = MORNING - 12 * HOUR;
  const cover = (plant: string, bloom: string, sex: 'female' | 'male'): void =>
    yard.say(evening, {
      kind: 'covered',
      body: { plant, day: DAY, method: 'tape', blooms: [{ bloom, sex, code: '' }] },
    });
  cover('p2', 'm', 'male');
  cover('p3', 'f', 'female');
  const plants = openNowOf(yard.journal, GARDEN, MORNING).map(({ plant }) => plant.plant);
  expect(plants).toContain('p2');
  expect(plants).not.toContain('p3');
});

// Suspect plants last or not at all (common practice, no source).
test('in the kitchen too a plant that looks diseased comes last, and its pollen is suggested to no healthy one', () => {
  const yard = six();
  yard.say(MORNING, {
    kind: 'plant.noted',
    body: { plant: 'p1', health: 'suspect', trueness: 'typical' },
  });
  for (const plant of ['p1', 'p2'])
    yard.say(MORNING, { kind: 'counted', body: { plant, day: DAY, open: { female: 0, male: 1 } } });
  const open = openNowOf(yard.journal, GARDEN, MORNING);
  expect(open.at(-1)!.plant.plant).toBe('p1');
  const third = open.find(({ plant }) => plant.plant === 'p3')!;
  const order = pollenFor(yard.journal, third, 0).map(({ plant, suggested }) => `${plant} ${suggested}`);
  expect(order[0]).toBe('p2 true');
  expect(order).not.toContain('p1 true');
});
