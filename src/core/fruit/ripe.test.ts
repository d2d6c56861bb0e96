import { noteMildDays } from '@testing/mildDays';
import { begin, YARD } from '@testing/yard';
import { addDays } from '../time/calendar';
import { seasonAt } from '../season/seasons';
import { fruitsOf } from './fruits';
import { harvested } from './harvested';
import { ripeNow } from './ripe';

const DAY = '2026-07-01';
const NOON = 'T12:00:00Z';

/** A squash to eat and one for seed, each with a fruit of the same morning. */
function garden() {
  const phone = begin([
    { variety: 'e', crop: 'pepo', purpose: 'eat', plants: ['e1'] },
    { variety: 's', crop: 'pepo', plants: ['s1'] },
  ]);
  for (const [plant, bloom] of [
    ['e1', 'fe'],
    ['s1', 'fs'],
  ] as const) {
    phone.say(`${DAY}T05:00:00Z`, {
      kind: 'pollinated',
      body: {
        ...{ bloom, plant, donors: [{ plant, bloom: '' }], day: DAY },
        ...({ found: 'open', method: 'maleFlower', shutAgain: false, tagged: true } as const),
      },
    });
    phone.say(`${addDays(DAY, 3)}${NOON}`, { kind: 'looked', body: { bloom, seen: 'growing' } });
  }
  noteMildDays(phone, DAY, 60);
  const ripe = (days: number): string[] => {
    const today = addDays(DAY, days);
    const fruits = fruitsOf(phone.journal, YARD, today, seasonAt(phone.journal, today));
    return ripeNow(phone.journal, YARD, fruits, today).map(({ fruit, use }) => `${fruit.bloom.bloom} ${use}`);
  };
  return { phone, ripe };
}

// Courgettes are eaten from the fourth day on, seed of squash is ripe after 50 (common practice, no source).
test('what is grown to eat is ripe when it is eaten, what is for seed when its seed is', () => {
  const { ripe } = garden();
  expect([3, 4, 22, 23, 49, 50].map(ripe)).toEqual([[], ['fe eat'], ['fe eat'], [], [], ['fs seed']]);
});

test('what was picked, failed or stands on a plant that is gone is not asked for', () => {
  const picked = garden();
  picked.phone.say(
    `${addDays(DAY, 5)}${NOON}`,
    ...harvested('fe', { use: 'eat', tag: 'there', typical: true }),
  );
  expect(picked.ripe(6)).toEqual([]);
  const failed = garden();
  failed.phone.say(`${addDays(DAY, 5)}${NOON}`, { kind: 'looked', body: { bloom: 'fe', seen: 'gone' } });
  expect(failed.ripe(6)).toEqual([]);
  const gone = garden();
  gone.phone.say(`${addDays(DAY, 5)}${NOON}`, { kind: 'plant.removed', body: { plant: 'e1', why: 'died' } });
  expect(gone.ripe(6)).toEqual([]);
});
