import { Journal } from '../journal/journal';
import type { BudCount } from '../journal/kinds/walk';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import { begin, YARD, type Phone } from '@testing/yard';
import { forecastOpenings, type VarietyForecast } from './forecastOpenings';
import { openingForecast } from './openingForecast';

const DAY: Day = '2026-07-19';
const NONE: BudCount = { female: 0, male: 0 };

interface Buds {
  readonly eve?: Partial<BudCount>;
  readonly green?: Partial<BudCount>;
  readonly pin?: Partial<BudCount>;
}

/** On the evening before a day. */
const count = (phone: Phone, plant: string, day: Day, { eve, green, pin }: Buds): void => {
  phone.say(`${addDays(day, -1)}T18:00:00Z`, {
    kind: 'scouted',
    body: {
      plant,
      day,
      eve: { ...NONE, ...eve },
      green: { ...NONE, ...green },
      ...(pin && { pin: { ...NONE, ...pin } }),
    },
  });
};

const weather = (phone: Phone, dawnC: number, maxC: number): void => {
  for (let i = -8; i < 8; i += 1) {
    const day = addDays(DAY, i);
    phone.say(`${day}T05:00:00Z`, { kind: 'weather.noted', body: { day, dawnC, maxC, rain: 'none' } });
  }
};

const squash = (plants: readonly string[] = ['p1']): Phone => begin([{ variety: 'v', crop: 'pepo', plants }]);

const forecastOf = ({ journal }: Phone, from = DAY): VarietyForecast =>
  openingForecast(journal, YARD, from, 5).varieties[0]!;
const meansOf = (found: VarietyForecast, sex: 'female' | 'male'): number[] =>
  found.flowers.find((each) => each.sex === sex)!.days.map(({ mean }) => mean);

test('eve buds open on the day, green ones about a day later, pins after that', () => {
  const means = (buds: Buds): number[] => {
    const phone = squash();
    weather(phone, 15, 25);
    count(phone, 'p1', DAY, buds);
    return meansOf(forecastOf(phone), 'male');
  };
  const most = (each: readonly number[]): number => each.indexOf(Math.max(...each));
  expect(most(means({ eve: { male: 5 }, pin: {} }))).toBe(0);
  expect(most(means({ green: { male: 5 }, pin: {} }))).toBe(1);
  expect(most(means({ pin: { male: 5 } }))).toBe(3);
});

test('each sex is forecast by itself', () => {
  const phone = squash();
  count(phone, 'p1', DAY, { eve: { female: 2 }, pin: {} });
  const found = forecastOf(phone);
  expect(meansOf(found, 'female')[0]).toBeGreaterThan(1.5);
  expect(meansOf(found, 'male')).toEqual([0, 0, 0, 0, 0]);
});

test('cold weather delays green buds, and warm weather brings them on', () => {
  const mean = (dawn: number, high: number): number => {
    const phone = squash();
    weather(phone, dawn, high);
    count(phone, 'p1', DAY, { green: { male: 6 }, pin: {} });
    return meansOf(forecastOf(phone), 'male')[1]!;
  };
  expect(mean(8, 14)).toBeLessThan(0.4 * mean(15, 25));
  expect(mean(20, 31)).toBeGreaterThan(mean(15, 25));
});

test('a day later the buds of the day before are a day further on', () => {
  const phone = squash();
  count(phone, 'p1', DAY, { green: { male: 4 }, pin: {} });
  const [first, then] = [forecastOf(phone), forecastOf(phone, addDays(DAY, 1))].map((each) =>
    meansOf(each, 'male'),
  );
  expect(then!.slice(0, 4)).toEqual(first!.slice(1).map((mean) => expect.closeTo(mean, 3)));
});

test('ranges go with each day, and a variety has the flowers of all its plants', () => {
  const phone = squash(['p1', 'p2', 'p3']);
  for (const plant of ['p1', 'p2', 'p3']) count(phone, plant, DAY, { eve: { male: 3 }, pin: {} });
  const found = forecastOf(phone);
  const [day] = found.flowers.find(({ sex }) => sex === 'male')!.days;
  expect(day!.low).toBeLessThan(day!.mean);
  expect(day!.high).toBeGreaterThan(day!.mean);
  const plants = found.plants.map(({ flowers }) => flowers.find(({ sex }) => sex === 'male')!.days[0]!.mean);
  expect(plants).toHaveLength(3);
  expect(plants.reduce((sum, mean) => sum + mean, 0)).toBeCloseTo(day!.mean, 1);
});

test('plants of a variety share their weather and their reader’s eye: together they are less sure than each by itself', () => {
  const many = Array.from({ length: 24 }, (_, i) => `p${i}`);
  const phone = squash(many);
  for (const plant of many) count(phone, plant, DAY, { green: { male: 3 }, pin: {} });
  const { days, total } = forecastOf(phone).flowers.find(({ sex }) => sex === 'male')!;
  const [, day] = days;
  // A Poisson of so many would hold four of five cases within 1.28 of its deviations.
  expect(day!.high - day!.low).toBeGreaterThan(1.5 * 2 * 1.28 * Math.sqrt(day!.mean));
  const sum = days.reduce((all, { mean }) => all + mean, 0);
  expect(total.mean).toBeCloseTo(sum, 0);
  expect(total.low).toBeLessThan(sum);
  expect(total.high).toBeGreaterThan(sum);
  // Buds that open a day sooner do not open the day after: surer than if each day erred by itself, and not sure.
  const widths = days.map(({ low, high }) => high - low);
  expect(total.high - total.low).toBeLessThan(Math.hypot(...widths));
  expect(total.high - total.low).toBeGreaterThan(2 * 1.28 * Math.sqrt(total.mean / 4));
});

test('eve buds that were counted are not doubted for what was learnt of younger ones', () => {
  const phone = squash();
  // Green buds that nearly all fall, evening after evening.
  for (let i = -12; i <= 0; i += 1)
    count(phone, 'p1', addDays(DAY, i), { green: { male: 4 }, eve: { male: i === 0 ? 3 : 0 }, pin: {} });
  expect(meansOf(forecastOf(phone), 'male')[0]).toBeGreaterThan(2.6);
});

test('a plant that has the buds for ten flowers every day is expected to go on so, by its pins and without them', () => {
  for (const pin of [29, undefined]) {
    // Green buds of two mild days less, pins of two more, and those of each that fall.
    const male = { eve: 10, green: 21, ...(pin !== undefined && { pin }) };
    const counts = Array.from({ length: 14 }, (_, ago) => ({
      day: addDays(DAY, -ago),
      buds: { male, female: { eve: 0, green: 0 } },
    }));
    const found = forecastOpenings({
      days: [0, 1, 2, 3, 4].map((ahead) => addDays(DAY, ahead)),
      crops: [
        {
          development: new Map(Array.from({ length: 30 }, (_, i) => [addDays(DAY, i - 20), 1])),
          varieties: [{ variety: 'v', plants: [{ plant: 'p1', counts }] }],
        },
      ],
    });
    const { days, total } = found.varieties[0]!.flowers.find(({ sex }) => sex === 'male')!;
    for (const { mean } of days) expect(Math.abs(mean - 10)).toBeLessThan(1.5);
    expect(Math.abs(total.mean - 50)).toBeLessThan(2.5);
  }
});

test('counts of a week ago say nothing of a plant any more', () => {
  const phone = squash();
  count(phone, 'p1', addDays(DAY, -8), { eve: { male: 9 } });
  const found = forecastOf(phone);
  expect(found.plants[0]!.countedFor).toBeUndefined();
  expect(meansOf(found, 'male')[0]).toBeLessThan(4);
});

test('buds that always take longer here are expected later', () => {
  const grown = (opensAfter: 1 | 2): number => {
    const plants = Array.from({ length: 12 }, (_, i) => `p${i}`);
    const phone = squash(plants);
    for (const plant of plants) {
      // Two green buds every third evening; they are eve the next evening or the one after.
      for (let i = -24; i < 0; i += 3) {
        for (let ahead = 0; ahead < 3; ahead += 1) {
          count(phone, plant, addDays(DAY, i + ahead), {
            green: { male: ahead < opensAfter ? 2 : 0 },
            eve: { male: ahead === opensAfter ? 2 : 0 },
            pin: {},
          });
        }
      }
      count(phone, plant, DAY, { green: { male: 2 }, pin: {} });
    }
    return meansOf(forecastOf(phone), 'male')[1]!;
  };
  expect(grown(2)).toBeLessThan(0.8 * grown(1));
});

test('a garden where nothing was counted expects nothing', () => {
  expect(openingForecast(new Journal(), YARD, DAY, 5)).toEqual({
    days: [0, 1, 2, 3, 4].map((i) => addDays(DAY, i)),
    varieties: [],
  });
  expect(meansOf(forecastOf(squash()), 'female')).toEqual([0, 0, 0, 0, 0]);
});

test('perfect flowers and corn have no buds of this kind', () => {
  const phone = begin([
    { variety: 't', crop: 'tomato', plants: ['p1'] },
    { variety: 'c', crop: 'corn', plants: ['p2'] },
  ]);
  expect(openingForecast(phone.journal, YARD, DAY, 5).varieties).toEqual([]);
});

test('the order in which entries arrive does not matter', () => {
  const phone = squash(['p1', 'p2']);
  weather(phone, 12, 22);
  for (let i = -6; i <= 0; i += 1)
    count(phone, i % 2 ? 'p1' : 'p2', addDays(DAY, i), { eve: { male: 1 }, green: { male: 2, female: 1 } });
  const other = new Journal();
  other.add(phone.own.toReversed());
  expect(openingForecast(other, YARD, DAY, 5)).toEqual(openingForecast(phone.journal, YARD, DAY, 5));
});
