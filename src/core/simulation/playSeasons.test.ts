import { livedSeason } from '@testing/seasons';
import { fruitsOf } from '../fruit/fruits';
import { Journal } from '../journal/journal';
import type { Garden } from '../journal/state';
import { seasonAt } from '../season/seasons';
import { fewestPlants } from './fewestPlants';
import { gardenToSimulate } from './gardenToSimulate';
import { chanceOf, playSeasons, type PlayedVariety } from './playSeasons';
import { AS_PLANNED, type SimulatedGarden, type WayOfSeason } from './simulatedGarden';

const TODAY = '2026-07-18';
const journal = new Journal();
journal.add(livedSeason('demo'));
const [described] = [...journal.all('garden').values()] as [Garden];
const { garden, left, sownAgain } = gardenToSimulate(
  journal,
  described,
  TODAY,
  fruitsOf(journal, described, TODAY, seasonAt(journal, TODAY)),
);

const play = (ways: readonly WayOfSeason[], seasons = 60, of: SimulatedGarden = garden) =>
  playSeasons({ garden: of, ways: ways as [WayOfSeason], seasons });

test('the garden as it stands: what is worked flower by flower is played, the rest is named with its reason', () => {
  const nameOf = (variety: string): string => journal.all('variety').get(variety)!.name;
  const played = new Set(garden.plantings.map(({ variety }) => variety));
  expect(left.every(({ variety }) => !played.has(variety))).toBe(true);
  expect(left.map(({ variety, why }) => [nameOf(variety), why])).toContainEqual(['Mill Sparrow', 'fewParts']);
  for (const { hanging, plants, females, worth, kept, insects, ripensIn, startsIn } of garden.plantings) {
    for (const { plant, age, grew } of hanging) {
      expect(plant).toBeLessThan(plants);
      expect(grew).toBeLessThanOrEqual(age);
    }
    expect(females.mean).toBeGreaterThan(0);
    expect(startsIn).toBeGreaterThanOrEqual(0);
    expect(worth[0]).toBe(1);
    // An hour is never worth more than one before it, and beliefs go up.
    expect(worth.every((each, i) => i === 0 || each <= worth[i - 1]!)).toBe(true);
    for (const belief of [kept, insects]) expect(belief).toEqual([...belief].sort((a, b) => a - b));
    expect(ripensIn[0]).toBeLessThanOrEqual(ripensIn[1]);
  }
});

test('each fan is in order, never falls, and ends with what its seasons bring', () => {
  const { ways, days, seasons } = play([AS_PLANNED]);
  expect(days[0]).toBe(TODAY);
  for (const { fan, totals } of ways[0]!) {
    expect(totals).toHaveLength(seasons);
    expect(fan).toHaveLength(days.length);
    fan.forEach((on, day) => {
      expect([...on].sort((a, b) => a - b)).toEqual([...on]);
      if (day > 0) on.forEach((count, i) => expect(count).toBeGreaterThanOrEqual(fan[day - 1]![i]!));
    });
    expect(fan.at(-1)![2]).toBe(totals[seasons / 2]);
    expect(chanceOf(totals, 0)).toBe(1);
    expect(chanceOf(totals, totals.at(-1)! + 1)).toBe(0);
  }
});

test('a way differs in nothing from itself, and more seasons of it begin with the same ones', () => {
  const { differences, ways } = play([AS_PLANNED, { ...AS_PLANNED }]);
  for (const difference of differences!)
    expect(difference).toMatchObject({ mean: 0, low: 0, high: 0, more: 0, less: 0 });
  expect(ways[0]).toEqual(ways[1]);
  expect(play([AS_PLANNED], 60).ways[0]).toEqual(ways[0]);
});

test('what ways differ by is told season by season, so that it is surer than either of them', () => {
  const { differences, ways } = play([
    { ...AS_PLANNED, minutes: 15 },
    { ...AS_PLANNED, minutes: 15, people: 2 },
  ]);
  const mean = ({ totals }: PlayedVariety): number =>
    totals.reduce((sum, each) => sum + each, 0) / totals.length;
  differences!.forEach((difference, i) => {
    const [alone, helped] = [ways[0]![i]!, ways[1]![i]!];
    expect(difference.mean).toBeCloseTo(mean(helped) - mean(alone), 6);
    expect(helped.pollinated).toBeGreaterThanOrEqual(alone.pollinated);
    expect(difference.more + difference.less).toBeLessThanOrEqual(1);
  });
  const [{ mean: more, low, high }] = differences as [NonNullable<typeof differences>[number]];
  expect(low).toBeGreaterThan(0);
  const spread = ways[0]![0]!.totals;
  // The interval of either mean by itself would be wider than that of their difference.
  const own =
    Math.sqrt(spread.reduce((sum, each) => sum + (each - mean(ways[0]![0]!)) ** 2, 0)) / spread.length;
  expect(high - more).toBeLessThan(1.96 * Math.SQRT2 * own);
});

test('the order of plantings, and what else grows, changes no variety that has all the time there is', () => {
  const [first] = garden.plantings;
  const alone = play([AS_PLANNED], 20, { ...garden, plantings: [first!] }).ways[0]![0]!;
  const among = play([AS_PLANNED], 20).ways[0]!.find(({ variety }) => variety === first!.variety)!;
  expect(among.opened).toBeCloseTo(alone.opened, 6);
});

test('nothing, one plant and three thousand', () => {
  expect(play([AS_PLANNED], 5, { ...garden, plantings: [] }).ways).toEqual([[]]);
  const [one] = garden.plantings;
  const few = { ...one!, plants: 1, hanging: [], picked: 0 };
  expect(play([AS_PLANNED], 5, { ...garden, plantings: [few] }).ways[0]![0]!.opened).toBeGreaterThan(0);
  const many = play([AS_PLANNED], 2, { ...garden, plantings: [{ ...few, plants: 3000 }] });
  expect(many.ways[0]![0]!.totals[0]).toBeGreaterThan(1000);
  // One person cannot do them all.
  expect(many.ways[0]![0]!.late).toBeGreaterThan(0);
});

test('progress is told, and rises', () => {
  const told: number[] = [];
  playSeasons({ garden, ways: [AS_PLANNED], seasons: 25 }, (share) => told.push(share));
  expect(told).toEqual([...told].sort((a, b) => a - b));
  expect(told.every((share) => 0 <= share && share < 1)).toBe(true);
});

test('the fewest plants are enough, and one plant fewer is not', () => {
  const [variety] = [...sownAgain.keys()];
  const alone = sownAgain.get(variety!)!;
  expect(alone.from < TODAY).toBe(true);
  const question = { garden: alone, way: AS_PLANNED, wanted: 12, chance: 0.9, seasons: 60 };
  const found = fewestPlants(question)!;
  const chanceWith = (count: number): number =>
    chanceOf(
      play([{ ...AS_PLANNED, plants: { variety: variety!, count } }], 60, alone).ways[0]![0]!.totals,
      12,
    );
  expect(chanceWith(found.plants)).toBe(found.chance);
  expect(found.chance).toBeGreaterThanOrEqual(0.9);
  expect(chanceWith(found.plants - 1)).toBeLessThan(0.9);
  // Where nobody has time for any round no number will do.
  const never = {
    ...question,
    garden: { ...alone, plantings: alone.plantings.map((each) => ({ ...each, covered: true })) },
  };
  expect(fewestPlants({ ...never, way: { ...AS_PLANNED, minutes: 0 }, seasons: 2 })).toBeUndefined();
});
