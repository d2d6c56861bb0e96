import fc from 'fast-check';
import { begin, YARD, type Phone } from '@testing/yard';
import type { Fact } from '../journal/entry';
import { seasonAt } from '../season/seasons';
import { addDays } from '../time/calendar';
import { fruitsOf, looksDue } from './fruits';
import { MINUTES_PER_LOOK } from './lookMinutes';
import { lookRound } from './lookRound';

const DAY = '2026-07-19';
const PLANTS = ['p1', 'p2', 'p3', 'p4', 'p5', 'p6', 'p7', 'p8'];

const pollinated = (bloom: string, plant: string, ago: number): Fact => ({
  kind: 'pollinated',
  body: {
    ...{
      bloom,
      plant,
      day: addDays(DAY, -ago),
      donors: [{ plant: 'p1', bloom: '' }],
      found: 'open' as const,
      method: 'brush' as const,
    },
    ...{ shutAgain: false, tagged: false },
  },
});
const looked = (bloom: string): Fact => ({ kind: 'looked', body: { bloom, seen: 'growing' } });

const at = (day: string): string => `${day}T07:00:00Z`;

/** A flower on each plant named, so many days ago. */
function pollinate(phone: Phone, plants: readonly string[], ago: number): void {
  plants.forEach((plant, i) =>
    phone.say(at(addDays(DAY, -ago)), pollinated(`f-${plant}-${ago}-${i}`, plant, ago)),
  );
}

const roundOf = ({ journal }: Phone, minutes?: number) =>
  lookRound(journal, YARD, fruitsOf(journal, YARD, DAY, seasonAt(journal, DAY)), DAY, minutes);

const squash = (): Phone => begin([{ variety: 'v', crop: 'pepo', plants: PLANTS }]);

test('plants come in walking order, each once with all its fruits, the most overdue first', () => {
  const phone = squash();
  pollinate(phone, ['p7', 'p2', 'p2', 'p5'], 8);
  pollinate(phone, ['p2'], 3);
  const { stops, later } = roundOf(phone);
  expect(stops.map(({ plant, due }) => [plant.plant, due.length])).toEqual([
    ['p2', 3],
    ['p5', 1],
    ['p7', 1],
  ]);
  expect(later).toEqual({ looks: 0, plants: 0 });
});

test('a plant stays on the string once it was looked at, and waits for nothing', () => {
  const phone = squash();
  pollinate(phone, ['p2', 'p5'], 8);
  phone.say(`${DAY}T09:00:00Z`, looked('f-p2-8-0'));
  expect(roundOf(phone).stops.map(({ plant, due, looked }) => [plant.plant, due.length, looked])).toEqual([
    ['p2', 0, 1],
    ['p5', 1, 0],
  ]);
});

test('with little time the looks that decide whether a flower set come first, and those of a trial before all', () => {
  const phone = squash();
  pollinate(phone, ['p1', 'p2', 'p3'], 15);
  pollinate(phone, ['p4', 'p5'], 8);
  const two = roundOf(phone, 2 * MINUTES_PER_LOOK);
  expect(two.stops.map(({ plant }) => plant.plant)).toEqual(['p4', 'p5']);
  expect(two.later).toEqual({ looks: 3, plants: 3 });
  phone.say(
    at(addDays(DAY, -15)),
    {
      kind: 'trial.planned',
      body: {
        ...{ trial: 't', variety: 'v', compares: 'males', ways: [{ males: 1 }, { males: 2 }] },
        ...{ pairs: 5, difference: 0.3, from: addDays(DAY, -15) },
      },
    },
    {
      kind: 'trial.dealt',
      body: { trial: 't', day: DAY, dealt: [{ bloom: 'f-p3-15-2', plant: 'p3', side: 0 }] },
    },
  );
  expect(roundOf(phone, MINUTES_PER_LOOK).stops.map(({ plant }) => plant.plant)).toEqual(['p3']);
});

test('whatever the time: what is kept and what is left is all that is due, and it fits', () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.constantFrom(...PLANTS), fc.integer({ min: 0, max: 20 })), { maxLength: 25 }),
      fc.integer({ min: 0, max: 15 }),
      (flowers, minutes) => {
        const phone = squash();
        flowers.forEach(([plant, ago], i) =>
          phone.say(at(addDays(DAY, -ago)), pollinated(`f${i}`, plant, ago)),
        );
        const { journal } = phone;
        const fruits = fruitsOf(journal, YARD, DAY, seasonAt(journal, DAY));
        const all = looksDue(fruits, YARD, DAY).length;
        const { stops, later } = lookRound(journal, YARD, fruits, DAY, minutes);
        const kept = stops.reduce((sum, { due }) => sum + due.length, 0);
        expect(kept + later.looks).toBe(all);
        expect(kept * MINUTES_PER_LOOK).toBeLessThanOrEqual(minutes);
        expect(lookRound(journal, YARD, fruits.toReversed(), DAY, minutes)).toMatchObject({ later });
      },
    ),
  );
});
