import { fruitsOf } from '../fruit/fruits';
import type { Fact } from '../journal/entry';
import { flowersDue } from '../due/flowersDue';
import { fatheredBefore } from '../pairing/fatheredBefore';
import { pairFlowers } from '../pairing/pairFlowers';
import { begin, YARD, type Phone } from '@testing/yard';
import { purityOf } from '../purity/purityOf';
import { populationSoFar } from './populationSoFar';

const DAY = '2026-07-19';
const PLANTS = ['A', 'B', 'C', 'D', 'E', 'F'];
const SEASON = { season: '', name: '', from: '2026-06-01', to: '2026-09-01' };

const covered = (plant: string, bloom: string): Fact => ({
  kind: 'covered',
  body: { plant, day: DAY, method: 'tape', blooms: [{ bloom, sex: 'female', code: bloom }] },
});
const pollinated = (plant: string, bloom: string, fathers: readonly string[], day?: string): Fact => ({
  kind: 'pollinated',
  body: {
    bloom,
    plant,
    donors: fathers.map((father) => ({ plant: father, bloom: `${father}-male` })),
    found: 'shut',
    method: 'maleFlower',
    shutAgain: true,
    tagged: true,
    ...(day !== undefined && { day }),
  },
});

/** A garden in which each of some mothers bore one fruit by the fathers named. */
function garden(fruits: readonly (readonly [mother: string, ...fathers: string[]])[]): Phone {
  const phone = begin([
    { variety: 'v', crop: 'pepo', plants: PLANTS },
    { variety: 'w', crop: 'pepo', plants: ['X'] },
  ]);
  fruits.forEach(([mother, ...fathers], i) => {
    phone.say('2026-07-18T19:00:00Z', covered(mother, `f${i}`));
    phone.say('2026-07-19T06:00:00Z', pollinated(mother, `f${i}`, fathers));
  });
  return phone;
}

const soFar = ({ journal }: Phone, candidates: readonly string[] = []) =>
  populationSoFar(
    journal,
    fruitsOf(journal, YARD, '2026-07-28', SEASON),
    'v',
    { fathers: candidates, mothers: candidates },
    (bloom) => purityOf(journal, YARD, bloom)?.grade,
  );

test('plants that all bear and father alike count as many as they are', () => {
  const ring = PLANTS.map((mother, i) => [mother, PLANTS[(i + 1) % PLANTS.length]!] as const);
  expect(soFar(garden(ring))).toEqual({ fruits: 6, mothers: 6, fathers: 6, size: expect.closeTo(6, 9) });
});

/** A stand of corn that nobody numbers: an ear and a tassel on it, for each other. */
function stand(ears: number): Phone {
  const phone = begin([{ variety: 'v', crop: 'corn', ownPollen: 'never', plants: [] }]);
  phone.say('2026-06-01T09:00:00Z', {
    kind: 'plants.set',
    body: { bed: 'bed-v', row: 1, variety: 'v', plants: [{ plant: 'S', place: 1, count: 60 }] },
  });
  const part = (sex: string): string => (sex === 'male' ? 'tassel' : 'ear');
  for (let i = 0; i < ears; i += 1)
    for (const sex of ['female', 'male'] as const)
      phone.say('2026-07-18T19:00:00Z', {
        kind: 'covered',
        body: {
          ...{ plant: 'S', day: DAY, method: sex === 'male' ? 'tasselBag' : 'shootBag' },
          blooms: [{ bloom: `${sex}${i}`, sex, part: part(sex), code: sex === 'male' ? '' : `K${i}` }],
        },
      } as Fact);
  return phone;
}

test('a stand gives pollen to its own ears, which are of other plants, and is as many parents as ears were worked', () => {
  const phone = stand(4);
  const { buds, shortages } = flowersDue(phone.journal, { day: DAY, outing: 'morning' });
  expect(buds.females).toHaveLength(4);
  expect(shortages.map(({ without }) => without)).toEqual([]);
  const { pairs } = pairFlowers(buds.females, buds.males);
  expect(pairs.map(({ donors }) => donors.length)).toEqual([1, 1, 1, 1]);
  expect(pairs[0]!.reasons.map(({ code }) => code)).toEqual(['otherPlants']);
  for (const { bloom, plant, donors } of pairs)
    phone.say('2026-07-19T09:00:00Z', {
      kind: 'pollinated',
      body: {
        ...{ bloom, plant, donors, found: 'shut', method: 'tasselBag', shutAgain: true, tagged: true },
      },
    });
  expect(soFar(phone)).toMatchObject({ fruits: 4, mothers: 4, fathers: 4, size: expect.closeTo(8, 9) });
  const judged = purityOf(phone.journal, YARD, phone.journal.all('bloom').get(pairs[0]!.bloom)!)!;
  const pollen = judged.chain.find(({ link }) => link === 'cleanPollen')!;
  expect(pollen.reasons[0]!.code).toBe('pollen.clean');
});

test('a stand is never more parents than it has plants', () => {
  const phone = stand(2);
  phone.say('2026-06-02T09:00:00Z', {
    kind: 'plants.set',
    body: { bed: 'bed-v', row: 1, variety: 'v', plants: [{ plant: 'S', place: 1, count: 2 }] },
  });
  for (const i of [0, 1]) phone.say('2026-07-19T09:00:00Z', pollinated('S', `female${i}`, ['S']));
  const { mothers, fathers, size } = soFar(phone)!;
  expect({ mothers, fathers, size }).toEqual({ mothers: 2, fathers: 2, size: expect.closeTo(2, 9) });
});

test('where mothers and fathers are apart it is 4·Nm·Nf/(Nm+Nf) [Wright 1931]', () => {
  const one = ['A', 'B', 'C'].map((mother) => [mother, 'D'] as const);
  expect(soFar(garden(one))).toMatchObject({ mothers: 3, fathers: 1, size: expect.closeTo(3, 9) });
  // Each of two males on a flower is counted for half.
  const two = ['A', 'B', 'C'].map((mother) => [mother, 'D', 'E'] as const);
  expect(soFar(garden(two))).toMatchObject({ fathers: 2, size: expect.closeTo((4 * 3 * 2) / 5, 9) });
});

test('names the plant whose pollen would add most, and what it would come to', () => {
  const phone = garden(['A', 'B', 'C'].map((mother) => [mother, 'D'] as const));
  const { nextFather: next, nextMother, size } = soFar(phone, ['D', 'E', 'A'])!;
  // By hand: mothers give 1/6 each; of four shares of pollen D has three and E one, halved.
  expect(next).toEqual({ plant: 'E', size: expect.closeTo(1 / (3 / 36 + (3 / 8) ** 2 + (1 / 8) ** 2), 9) });
  expect(next!.size).toBeGreaterThan(size);
  // One more fruit on a plant that bore none: four mothers give 1/8 each, and D half of all.
  expect(nextMother).toEqual({ plant: 'E', size: expect.closeTo(1 / (4 / 64 + 1 / 4), 9) });
});

describe('only mothers whose seed may be kept count', () => {
  const RING = PLANTS.map((mother, i) => [mother, PLANTS[(i + 1) % PLANTS.length]!] as const);
  const harvested = (bloom: string, use: 'eat' | 'seed'): Fact => ({
    kind: 'harvested',
    body: { bloom, use, tagThere: true, typical: true },
  });
  test.each<[string, readonly Fact[], number]>([
    ['one that is eaten', [harvested('f0', 'eat')], 5],
    ['one that is harvested for seed counts on', [harvested('f0', 'seed')], 6],
    [
      'one with a hole',
      [
        {
          ...pollinated('A', 'f0', ['B']),
          body: { ...pollinated('A', 'f0', ['B']).body, application: 2, found: 'hole' },
        } as Fact,
      ],
      5,
    ],
    [
      'one that was left open',
      [
        {
          ...pollinated('A', 'f0', ['B']),
          body: { ...pollinated('A', 'f0', ['B']).body, application: 2, shutAgain: false },
        } as Fact,
      ],
      5,
    ],
    ['one on a plant that died', [{ kind: 'plant.removed', body: { plant: 'A', why: 'died' } }], 5],
    // Her pollen on another fruit is no good either.
    ['one on a rogued plant', [{ kind: 'plant.removed', body: { plant: 'A', why: 'offType' } }], 4],
    [
      'one that was harvested for seed before her plant died',
      [harvested('f0', 'seed'), { kind: 'plant.removed', body: { plant: 'A', why: 'died' } }],
      6,
    ],
  ])('%s', (_, facts, count) => {
    const phone = garden(RING);
    for (const plant of PLANTS)
      phone.say('2026-07-18T19:00:00Z', {
        kind: 'covered',
        body: {
          plant,
          day: DAY,
          method: 'tape',
          blooms: [{ bloom: `${plant}-male`, sex: 'male', code: '' }],
        },
      });
    expect(soFar(phone)!.fruits).toBe(6);
    facts.forEach((fact, i) => phone.say(`2026-07-25T09:0${i}:00Z`, fact));
    expect(soFar(phone)).toMatchObject({ fruits: count, mothers: count });
  });
});

test('fruits that failed or were taken off, with pollen of another variety or of nobody known, do not count', () => {
  const phone = garden([['A', 'B'], ['C', 'X'], ['D'], ['E', 'F'], ['F', 'E']]);
  expect(soFar(phone)).toMatchObject({ fruits: 3 });
  phone.say('2026-07-25T09:00:00Z', { kind: 'looked', body: { bloom: 'f3', seen: 'gone' } });
  phone.say('2026-07-25T09:00:00Z', { kind: 'removed', body: { bloom: 'f4', how: 'thinned' } });
  expect(soFar(phone)).toMatchObject({ fruits: 1, mothers: 1, fathers: 1, size: expect.closeTo(2, 9) });
  expect(soFar(garden([]))).toBeUndefined();
});

test('what a plant has fathered counts from other days of the season only, once for each female', () => {
  const phone = garden([
    ['A', 'B', 'C'],
    ['D', 'B', 'B'],
  ]);
  phone.say('2026-07-20T06:00:00Z', pollinated('A', 'f0', ['E'], '2026-07-20'));
  const count = (day: string) => Object.fromEntries(fatheredBefore(phone.journal, day));
  expect(count('2026-07-21')).toEqual({ B: 2, C: 1, E: 1 });
  expect(count('2026-07-20')).toEqual({ B: 2, C: 1 });
  expect(count(DAY)).toEqual({ E: 1 });
  expect(count('2027-07-20')).toEqual({});
});
