import { begin } from '@testing/yard';
import type { Fact } from '../journal/entry';
import { flowersDue } from './flowersDue';
import { pollenElsewhere, type PollenElsewhere } from './pollenElsewhere';

const DAY = '2026-07-19';
const EVENING = '2026-07-18T18:00:00Z';

/** A female that her cross gives the pollen of one plant, on which no male opens. */
function crossed(crop: 'pepo' | 'aubergine', males: readonly string[]): PollenElsewhere {
  const phone = begin([
    { variety: 'v', crop, plants: ['p1'] },
    { variety: 'w', crop, plants: ['w1', 'w2'] },
  ]);
  const covered = (plant: string, bloom: string, sex: 'female' | 'male'): Fact => ({
    kind: 'covered',
    body: { plant, day: DAY, method: 'tape', blooms: [{ bloom, sex, code: '' }] },
  });
  phone.say(EVENING, {
    kind: 'mating.set',
    body: {
      ...{
        mating: 'x',
        mother: 'v',
        father: 'w',
        fathers: ['w1'],
        purpose: 'seedToKeep',
        ownPollen: 'never',
      },
      ...{ from: DAY, plants: ['p1'] },
    },
  });
  if (crop === 'aubergine')
    phone.say(EVENING, {
      kind: 'emasculated',
      body: { plant: 'p1', day: DAY, blooms: [{ bloom: 'f', code: '' }] },
    });
  phone.say(
    EVENING,
    covered('p1', 'f', 'female'),
    ...males.map((plant) => covered(plant, `m${plant}`, 'male')),
  );
  const { buds } = flowersDue(phone.journal, { day: DAY, outing: 'morning' });
  return pollenElsewhere(phone.journal, buds.females[0]!, buds.males, DAY);
}

test('a plant of the father’s variety that the cross does not name may stand in, where it has males', () => {
  expect(crossed('pepo', ['w2'])).toMatchObject({ father: 'w', others: ['w2'], mating: 'x' });
  expect(crossed('pepo', []).others).toEqual([]);
});

test('a squash takes pollen on its own day alone, an aubergine on the next as well', () => {
  expect(crossed('pepo', []).until).toBeUndefined();
  expect(crossed('aubergine', []).until).toBe('2026-07-20');
});
