import { begin, YARD, type Phone } from '@testing/yard';
import { cropOf, CROP_IDS, type CropId } from '../crops/catalogue';
import type { Fact } from '../journal/entry';
import { seasonAt } from '../season/seasons';
import { addDays } from '../time/calendar';
import { fruitsOf } from './fruits';
import { growthOf, usualSize, type FruitGrowth } from './growth';

const DAY = '2026-07-10';

// A gourd's fruitlet of 2.5 cm is near 7.5 cm on day 4 (common practice, no source).
test('a gourd fruitlet of 2.5 cm is near 7.5 cm on day 4', () => {
  const growth = cropOf('bottleGourd').growth!;
  expect(usualSize(growth, 0)).toBe(25);
  expect(Math.abs(usualSize(growth, 4) - 75)).toBeLessThan(4);
});

// Unmistakable on day 3, large on day 14 (common practice, no source): three quarters of its size here.
test('a pumpkin is twice its fruitlet on day 3, and large on day 14', () => {
  const growth = cropOf('maxima').growth!;
  expect(usualSize(growth, 3) / usualSize(growth, 0)).toBeGreaterThan(1.8);
  expect(usualSize(growth, 14) / growth.full.value).toBeGreaterThan(0.6);
});

test('no fruit shrinks, and each ends at its full size', () => {
  for (const id of CROP_IDS) {
    const { growth } = cropOf(id);
    if (!growth) continue;
    const sizes = Array.from({ length: 60 }, (_, day) => usualSize(growth, day));
    sizes.reduce((before, size) => (expect(size).toBeGreaterThan(before), size));
    expect(sizes.at(-1)! / growth.full.value).toBeGreaterThan(0.98);
  }
});

const weather = (day: string, minC: number, maxC: number): Fact => ({
  kind: 'weather.noted',
  body: { day, dawnC: minC, maxC, rain: 'none' },
});

/** A fruit with sizes on days of its life, in mild weather or in the given one. */
function grown(
  sizes: readonly (readonly [day: number, mm: number])[],
  {
    crop = 'bottleGourd',
    temperatures = [15, 25],
    older = 0,
  }: { crop?: CropId; temperatures?: readonly [number, number]; older?: number } = {},
): { phone: Phone; growth: FruitGrowth | undefined } {
  const phone = begin([{ variety: 'v', crop, plants: ['p1', 'p2'] }]);
  const at = (day: number, hour = 7): string =>
    `${addDays(DAY, day)}T${String(hour).padStart(2, '0')}:00:00Z`;
  const pollinated = (bloom: string, day: number): Fact => ({
    kind: 'pollinated',
    body: {
      ...{ bloom, plant: 'p1', day: addDays(DAY, day), donors: [{ plant: 'p2', bloom: '' }], found: 'open' },
      ...{ method: 'maleFlower', shutAgain: false, tagged: false },
    },
  });
  for (let day = -3; day < 30; day += 1) phone.say(at(day, 5), weather(addDays(DAY, day), ...temperatures));
  for (let i = 0; i < older; i += 1) {
    phone.say(at(-3), pollinated(`older-${i}`, -3));
    phone.say(at(0), { kind: 'looked', body: { bloom: `older-${i}`, seen: 'growing' } });
  }
  phone.say(at(0), pollinated('f', 0));
  for (const [day, mm] of sizes)
    phone.say(at(day, 9), { kind: 'looked', body: { bloom: 'f', seen: 'growing', mm } });
  const { journal } = phone;
  const today = addDays(DAY, 25);
  const fruits = fruitsOf(journal, YARD, today, seasonAt(journal, today));
  const fruit = fruits.find(({ bloom }) => bloom.bloom === 'f')!;
  return { phone, growth: growthOf(journal, YARD, fruit, fruits) };
}

test('grows as it should, slowly, or not any more', () => {
  expect(
    grown([
      [0, 25],
      [4, 75],
    ]).growth!.judged,
  ).toMatchObject({ state: 'asUsual', times: 3, reasons: [] });
  expect(
    grown([
      [0, 25],
      [4, 38],
    ]).growth!.judged!.state,
  ).toBe('slow');
  expect(
    grown([
      [0, 25],
      [4, 27],
    ]).growth!.judged!.state,
  ).toBe('stopped');
});

test('a small variety is judged by its pace, not by its size', () => {
  expect(
    grown([
      [0, 12],
      [4, 36],
    ]).growth!.judged!.state,
  ).toBe('asUsual');
  expect(
    grown([
      [0, 80],
      [4, 90],
    ]).growth!.judged!.state,
  ).toBe('stopped');
});

test('too little between two sizes, or full-grown, tells nothing', () => {
  expect(
    grown(
      [
        [3, 55],
        [4, 55],
      ],
      { crop: 'pepo' },
    ).growth!.judged!.state,
  ).toBe('cannotTell');
  expect(
    grown([
      [20, 320],
      [24, 322],
    ]).growth!.judged!.state,
  ).toBe('cannotTell');
  expect(grown([[4, 75]]).growth).not.toHaveProperty('judged');
  expect(grown([]).growth).toBeUndefined();
});

test('in cool days less growth is usual, and it is said that it was cool', () => {
  const cool = { temperatures: [9, 17] as const };
  const judged = grown(
    [
      [0, 25],
      [5, 38],
    ],
    cool,
  ).growth!.judged!;
  expect(judged.state).toBe('asUsual');
  expect(judged.reasons.map(({ code }) => code)).toEqual(['coolSince']);
  expect(
    grown([
      [0, 25],
      [5, 38],
    ]).growth!.judged!.state,
  ).toBe('slow');
});

test('what stays behind while older fruit swells is said to', () => {
  const crowded = grown(
    [
      [0, 25],
      [4, 30],
    ],
    { older: 2 },
  ).growth!.judged!;
  expect(crowded.reasons.map(({ code }) => code)).toEqual(['olderFruit']);
  expect(
    grown(
      [
        [0, 25],
        [4, 75],
      ],
      { older: 2 },
    ).growth!.judged!.reasons,
  ).toEqual([]);
});

test('the band begins at the first size and holds what grows as it should', () => {
  const { band, sizes } = grown([
    [0, 25],
    [4, 75],
    [8, 140],
  ]).growth!;
  expect(band[0]).toEqual({ day: 0, low: 25, high: 25 });
  for (const { day, mm } of sizes) {
    const at = band.find((each) => each.day === day)!;
    expect(mm).toBeGreaterThanOrEqual(at.low);
    expect(mm).toBeLessThanOrEqual(at.high);
  }
});
