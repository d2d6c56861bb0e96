import { extracted, growSeedFruit, sownFrom, type SeedFruit } from '@testing/seedFruit';
import { begin, YARD, type Phone } from '@testing/yard';
import type { Fact } from '../journal/entry';
import { finished } from '../time/inSteps';
import { judgeLotInSteps } from './judgedLot';
import { lotContents } from './lotContents';
import { inbreedingOfLot, lotPedigree } from './pedigree';

/** One fruit grown, picked and its seed taken out, in a year. */
function grow(
  phone: Phone,
  lot: string,
  year: number,
  fruits: readonly Pick<SeedFruit, 'plant' | 'fathers'>[],
): void {
  const of = fruits.map(({ plant, fathers }, i) => {
    const bloom = `${lot}-${i}`;
    growSeedFruit(phone, { bloom, plant, fathers, day: `${year}-07-19`, picked: `${year}-09-20` });
    return { bloom };
  });
  phone.say(`${year}-10-20T09:00:00Z`, extracted(lot, `${year}-10-20`, of));
}

const sow = (phone: Phone, lot: string, year: number, variety: string, plants: readonly string[]): unknown =>
  phone.say(
    `${year}-05-10T09:00:00Z`,
    ...sownFrom(lot, { year, variety, plants, seedSource: 'ownGuarded', bed: 'bed-a' }),
  );

const described = (variety: string): Fact => ({
  kind: 'variety.described',
  body: {
    ...{ variety, name: variety, crop: 'pepo', purpose: 'seedForFun', seedSource: 'f1' },
    ...{ ownPollen: 'allowed', traits: {} },
  },
});

/** A cross of two squashes, and its F1 grown the year after. */
function crossed(): Phone {
  const phone = begin([
    { variety: 'a', crop: 'pepo', plants: ['a1', 'a2'] },
    { variety: 'b', crop: 'pepo', plants: ['b1', 'b2'] },
  ]);
  grow(phone, 'f1', 2026, [{ plant: 'a1', fathers: ['b1'] }]);
  phone.say('2027-05-01T09:00:00Z', described('ab'));
  sow(phone, 'f1', 2027, 'ab', ['x1', 'x2']);
  return phone;
}

test('a cross, selfed, crossed with its sister and with a stranger of a parent’s line', () => {
  const phone = crossed();
  grow(phone, 'self', 2027, [{ plant: 'x1', fathers: ['x1'] }]);
  grow(phone, 'sib', 2027, [{ plant: 'x1', fathers: ['x2'] }]);
  grow(phone, 'back', 2027, [{ plant: 'x1', fathers: ['a2'] }]);
  const f = (lot: string) => inbreedingOfLot(phone.journal, lot);
  expect(f('f1')).toEqual({ coefficient: 0, atLeast: false });
  expect(f('self')).toEqual({ coefficient: 0.5, atLeast: false });
  expect(f('sib')).toEqual({ coefficient: 0.25, atLeast: false });
  expect(f('back')).toEqual({ coefficient: 0, atLeast: false });
  // Half of each: mothers and fathers by their shares.
  phone.say('2027-10-21T09:00:00Z', {
    kind: 'lot.filled',
    body: { lot: 'both', name: 'both', day: '2027-10-21', from: [{ lot: 'self' }, { lot: 'sib' }] },
  });
  expect(f('both')?.coefficient).toBeCloseTo(0.375, 12);
  expect(f('nothing')).toBeUndefined();
});

test('a fruit whose father nobody noted may be more inbred than is told', () => {
  const phone = crossed();
  grow(phone, 'open', 2027, [{ plant: 'x1', fathers: [] }]);
  expect(inbreedingOfLot(phone.journal, 'open')).toEqual({ coefficient: 0, atLeast: true });
});

test('the mothers’ own lots are followed back: backcrossing to the very father comes to a quarter', () => {
  const phone = crossed();
  grow(phone, 'back', 2027, [{ plant: 'x1', fathers: ['b1'] }]);
  expect(inbreedingOfLot(phone.journal, 'back')?.coefficient).toBe(0.25);
});

test('a pedigree names what each generation comes of, and who gave it', () => {
  const phone = crossed();
  grow(phone, 'self', 2027, [
    { plant: 'x1', fathers: ['x1'] },
    { plant: 'x2', fathers: ['x2'] },
  ]);
  const f2 = lotPedigree(phone.journal, 'self');
  expect(f2.descent).toMatchObject({ of: 'cross', filial: 2 });
  expect(f2.parents).toMatchObject([
    { as: 'both', plants: ['x1', 'x2'], selfed: true, of: { lot: 'f1', descent: { filial: 1 } } },
  ]);
  expect(f2.parents[0]!.of.parents).toMatchObject([
    { as: 'mother', plants: ['a1'], share: 1, of: { descent: { of: 'line', variety: 'a' }, parents: [] } },
    { as: 'father', plants: ['b1'], of: { descent: { of: 'line', variety: 'b' } } },
  ]);
  grow(phone, 'mixed', 2027, [{ plant: 'x1', fathers: ['x2', 'a2'] }]);
  const { parents } = lotPedigree(phone.journal, 'mixed');
  expect(parents.map(({ as, share, plants }) => [as, share, plants])).toEqual([
    ['mother', 1, ['x1']],
    ['father', 0.5, ['a2']],
    ['father', 0.5, ['x2']],
  ]);
});

test('an F2 is true to no variety: judged is whether its parents are those that were meant', () => {
  const phone = crossed();
  grow(phone, 'self', 2027, [{ plant: 'x1', fathers: ['x1'] }]);
  growSeedFruit(phone, {
    ...{ bloom: 'open', plant: 'x2', fathers: ['x2'], day: '2027-07-21', picked: '2027-09-20' },
    covered: false,
  });
  phone.say('2027-10-20T09:00:00Z', extracted('loose', '2027-10-20', [{ bloom: 'open' }]));
  const judged = (lot: string) =>
    finished(judgeLotInSteps(phone.journal, YARD, lotContents(phone.journal, lot).contents));
  expect(judged('self').graded).toMatchObject([{ grade: 'true', ofCross: true }]);
  expect(judged('loose').graded).toMatchObject([{ grade: 'unproven', ofCross: true }]);
  // The cross itself is judged as one.
  expect(judged('f1').graded[0]).not.toHaveProperty('ofCross');
});
