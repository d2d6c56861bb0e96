import { begin, YARD } from '@testing/yard';
import type { Fact } from '../journal/entry';
import { outingRequest } from './outingRequest';
import { planOuting } from './planOuting';

const DAY = '2026-07-19';
const EVENING = '2026-07-18T18:00:00Z';
const MORNING = Date.parse('2026-07-19T04:30:00Z');

const covered = (plant: string, bloom: string, sex: 'female' | 'male'): Fact => ({
  kind: 'covered',
  body: { plant, day: DAY, method: 'tape', blooms: [{ bloom, sex, code: '' }] },
});

test('a cross of a variety grown to eat weighs by what the cross is wanted for, and keeps insects out', () => {
  const phone = begin([
    { variety: 'v', crop: 'pepo', purpose: 'eat', plants: ['p1', 'p2', 'p3'] },
    { variety: 'w', crop: 'pepo', plants: ['w1'] },
  ]);
  phone.say(EVENING, covered('p1', 'f1', 'female'), covered('p2', 'm', 'male'));
  phone.say(EVENING, covered('p3', 'f3', 'female'), covered('w1', 'n', 'male'));
  phone.say(EVENING, {
    kind: 'mating.set',
    body: {
      ...{ mating: 'x', mother: 'v', father: 'w', purpose: 'rareOrSold', ownPollen: 'never' },
      ...{ from: DAY, plants: ['p3'] },
    },
  });
  const request = outingRequest(phone.journal, YARD, { day: DAY, outing: 'morning' }, MORNING);
  const [eaten, crossed] = ['p1', 'p3'].map((plant) => request.shares.get(plant)!);
  // A rare line has one chance a year: six times a fruit to eat (our default).
  expect(crossed! / eaten!).toBe(6);
  const { pairs } = planOuting(request);
  expect(pairs.map(({ bloom, forSeed }) => `${bloom} ${forSeed}`).sort()).toEqual([
    'f1 undefined',
    'f3 true',
  ]);
});

test('a variety whose own flowers set badly weighs less, the more of them are known; without any it is the handbook’s', () => {
  const weightAfter = (flowers: number, sets: boolean): number => {
    const phone = begin([{ variety: 'v', crop: 'pepo', purpose: 'eat', plants: ['p1', 'p2', 'p3'] }]);
    for (let i = 0; i < flowers; i += 1) {
      const plant = `p${1 + (i % 3)}`;
      phone.say('2026-07-05T06:00:00Z', {
        kind: 'pollinated',
        body: {
          ...{ bloom: `old-${i}`, plant, day: '2026-07-05', donors: [{ plant, bloom: '' }], found: 'open' },
          ...{ method: 'maleFlower', shutAgain: false, tagged: false },
        },
      });
      phone.say('2026-07-13T06:00:00Z', {
        kind: 'looked',
        body: { bloom: `old-${i}`, seen: sets ? 'growing' : 'gone' },
      });
    }
    phone.say(EVENING, covered('p1', 'f1', 'female'), covered('p2', 'm', 'male'));
    return outingRequest(phone.journal, YARD, { day: DAY, outing: 'morning' }, MORNING).varieties[0]!.weight;
  };
  // The field guide's figure for pepo squash (our default).
  expect(weightAfter(0, true)).toBeCloseTo(0.65, 2);
  expect(weightAfter(30, false)).toBeLessThan(weightAfter(9, false));
  expect(weightAfter(9, false)).toBeLessThan(0.65);
  expect(weightAfter(30, true)).toBeGreaterThan(0.65);
});
