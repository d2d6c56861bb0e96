import { extracted, growSeedFruit, sownFrom } from '@testing/seedFruit';
import { begin } from '@testing/yard';
import { wilson } from '../statistics/wilson';
import { grownOut } from './grownOut';

test('of the plants that were looked at, those that are not true to the lot they grew from', () => {
  const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['A', 'B'] }]);
  growSeedFruit(phone, { bloom: 'f', plant: 'A', fathers: ['B'], day: '2026-07-19', picked: '2026-09-20' });
  phone.say('2026-10-20T09:00:00Z', extracted('l', '2026-10-20', [{ bloom: 'f' }]));
  const plants = ['p1', 'p2', 'p3', 'p4', 'p5'];
  phone.say(
    '2027-05-10T09:00:00Z',
    ...sownFrom('l', { year: 2027, variety: 'v', seedSource: 'ownGuarded', plants, bed: 'bed-v' }),
  );
  expect(grownOut(phone.journal, 'l')).toBeUndefined();
  const note = (plant: string, trueness: 'typical' | 'doubtful'): void =>
    void phone.say('2027-07-01T09:00:00Z', {
      kind: 'plant.noted',
      body: { plant, health: 'sound', trueness },
    });
  for (const plant of ['p1', 'p2']) note(plant, 'typical');
  note('p3', 'doubtful');
  phone.say('2027-07-02T09:00:00Z', { kind: 'plant.removed', body: { plant: 'p4', why: 'offType' } });
  // Who died of something else and was never looked at says nothing; the parents were not grown from it.
  phone.say('2027-07-02T09:00:00Z', { kind: 'plant.removed', body: { plant: 'p5', why: 'died' } });
  note('A', 'doubtful');
  expect(grownOut(phone.journal, 'l')).toEqual({ looked: 4, off: wilson(2, 4) });
  expect(grownOut(phone.journal, 'elsewhere')).toBeUndefined();
});
