import { extracted, growSeedFruit, sownFrom } from '@testing/seedFruit';
import { begin, type Phone } from '@testing/yard';
import type { Fact } from '../journal/entry';
import { descentOf, fruitDescent, lotDescent, type Descent } from './descent';

const [a, b, c] = (['a', 'b', 'c'] as const).map((variety): Descent => ({ of: 'line', variety })) as [
  Descent,
  Descent,
  Descent,
];

test('names of generations: F1, F2, backcrosses; a line with itself stays one', () => {
  const f1 = descentOf(a, b);
  expect(f1).toEqual({ of: 'cross', mother: 'a', father: 'b', filial: 1 });
  const f2 = descentOf(f1, f1);
  expect(f2).toMatchObject({ filial: 2 });
  expect(descentOf(f2, f1)).toMatchObject({ filial: 3 });
  // The other way round is the same cross in the generations after it.
  expect(descentOf(f1, descentOf(b, a))).toMatchObject({ mother: 'a', father: 'b', filial: 2 });
  const back = descentOf(f1, a);
  expect(back).toEqual({ ...f1, backcrossed: { to: 'a', times: 1 } });
  expect(descentOf(a, f1)).toEqual(back);
  expect(descentOf(back, a)).toMatchObject({ backcrossed: { to: 'a', times: 2 } });
  expect(descentOf(back, back)).toMatchObject({ filial: 2, backcrossed: { to: 'a', times: 1 } });
  expect(descentOf(a, a)).toBe(a);
});

test('a cross with a third variety, or backcrossed to either in turn, is told with both its parents', () => {
  const f1 = descentOf(a, b);
  expect(descentOf(f1, c)).toEqual({ of: 'complex', mother: f1, father: c });
  expect(descentOf(descentOf(f1, a), b)).toMatchObject({ of: 'complex' });
  const hybrid: Descent = { of: 'hybrid', variety: 'h', filial: 1 };
  expect(descentOf(hybrid, a)).toMatchObject({ of: 'complex' });
  expect(descentOf(hybrid, hybrid)).toEqual({ ...hybrid, filial: 2 });
  expect(descentOf({ of: 'unknown' }, a)).toEqual({ of: 'unknown' });
});

/** Two squashes crossed, and what is sown from it. */
function crossed(): Phone {
  const phone = begin([
    { variety: 'a', crop: 'pepo', plants: ['a1', 'a2'] },
    { variety: 'b', crop: 'pepo', plants: ['b1', 'b2'] },
  ]);
  growSeedFruit(phone, { bloom: 'x', plant: 'a1', fathers: ['b1'], day: '2026-07-19', picked: '2026-09-20' });
  phone.say('2026-10-20T09:00:00Z', extracted('f1', '2026-10-20', [{ bloom: 'x' }]));
  return phone;
}

const sown = (lot: string, year: number, variety: string, plants: readonly string[]): Fact[] =>
  sownFrom(lot, { year, variety, plants, seedSource: 'f1', bed: 'bed-a' });

test('a cross is sown, selfed and backcrossed, and each lot knows what it is', () => {
  const phone = crossed();
  const { journal } = phone;
  expect(lotDescent(journal, 'f1')).toMatchObject({ mother: 'a', father: 'b', filial: 1 });
  // As a variety of its own, with a name of its own.
  phone.say(
    '2027-05-10T09:00:00Z',
    {
      kind: 'variety.described',
      body: {
        ...{ variety: 'ab', name: 'a × b F1', crop: 'pepo', purpose: 'seedForFun', seedSource: 'f1' },
        ...{ ownPollen: 'allowed', traits: {} },
      },
    },
    ...sown('f1', 2027, 'ab', ['x1', 'x2']),
  );
  growSeedFruit(phone, {
    bloom: 'self',
    plant: 'x1',
    fathers: ['x1'],
    day: '2027-07-19',
    picked: '2027-09-20',
  });
  growSeedFruit(phone, {
    bloom: 'back',
    plant: 'x2',
    fathers: ['a2'],
    day: '2027-07-19',
    picked: '2027-09-20',
  });
  const of = (bloom: string): Descent => fruitDescent(journal, journal.all('bloom').get(bloom)!);
  expect(of('self')).toMatchObject({ mother: 'a', father: 'b', filial: 2 });
  expect(of('back')).toMatchObject({ filial: 1, backcrossed: { to: 'a', times: 1 } });
  phone.say('2027-10-20T09:00:00Z', extracted('mix', '2027-10-20', [{ bloom: 'self' }, { bloom: 'back' }]));
  expect(lotDescent(journal, 'mix')).toEqual({ of: 'mixture' });
});

test('a jar that is topped up with seed of its own offspring does not change what was sown from it before', () => {
  const phone = crossed();
  phone.say('2027-05-10T09:00:00Z', ...sown('f1', 2027, 'a', ['x1']));
  growSeedFruit(phone, {
    bloom: 'self',
    plant: 'x1',
    fathers: ['x1'],
    day: '2027-07-19',
    picked: '2027-09-20',
  });
  phone.say('2027-10-20T09:00:00Z', extracted('f1', '2027-10-20', [{ bloom: 'self' }]));
  expect(fruitDescent(phone.journal, phone.journal.all('bloom').get('self')!)).toMatchObject({ filial: 2 });
  expect(lotDescent(phone.journal, 'f1')).toEqual({ of: 'mixture' });
});
