import { begin, YARD, type Phone } from '@testing/yard';
import type { CarryingMethod } from '../crops/crop';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import { crossResult, type CrossResult } from './crossWays';

const FIRST = '2026-07-10';
const LATER = '2026-09-20';

/** Two tomatoes and a cross of them. */
function garden(): Phone {
  const phone = begin([
    { variety: 'm', crop: 'tomato', plants: ['m1', 'm2', 'm3'] },
    { variety: 'f', crop: 'tomato', plants: ['f1'] },
  ]);
  phone.say('2026-07-01T08:00:00Z', {
    kind: 'mating.set',
    body: {
      ...{ mating: 'x', mother: 'm', father: 'f', from: '2026-07-01' },
      ...({ purpose: 'seedForFun', ownPollen: 'never' } as const),
    },
  });
  return phone;
}

interface Worked {
  readonly bloom: string;
  readonly method: CarryingMethod;
  readonly day?: Day;
  readonly plant?: string;
  /** Hours from the first to each pollination. */
  readonly after?: readonly number[];
  /** Day of its life on which it was seen, and how; looked at long after unless it fell. */
  readonly fell?: number;
}

function work(phone: Phone, { bloom, method, day = FIRST, plant = 'm1', after = [0], fell }: Worked): void {
  phone.say(`${addDays(day, -1)}T15:00:00Z`, {
    kind: 'covered',
    body: { plant, day, method: 'bag', blooms: [{ bloom, sex: 'perfect', code: `K${bloom}` }] },
  });
  after.forEach((hours, i) => {
    const at = new Date(Date.parse(`${day}T10:00:00Z`) + hours * 3_600_000).toISOString();
    phone.say(at, {
      kind: 'pollinated',
      body: {
        ...{ bloom, plant, donors: [{ plant: 'f1', bloom: '' }], method, day: at.slice(0, 10), mating: 'x' },
        ...({ found: 'shut', shutAgain: true, tagged: true } as const),
        ...(i > 0 && { application: i + 1 }),
      },
    });
  });
  phone.say(`${addDays(day, fell ?? 30)}T10:00:00Z`, {
    kind: 'looked',
    body: { bloom, seen: fell === undefined ? 'growing' : 'gone' },
  });
}

function control(phone: Phone, bloom: string, seen: 'growing' | 'gone'): void {
  phone.say(`${addDays(FIRST, -1)}T15:00:00Z`, {
    kind: 'covered',
    body: {
      ...({ plant: 'm1', day: FIRST, method: 'bag' } as const),
      blooms: [{ bloom, sex: 'perfect', code: `K${bloom}`, role: 'control' }],
    },
  });
  phone.say(`${addDays(FIRST, 30)}T10:00:00Z`, { kind: 'looked', body: { bloom, seen } });
}

const result = (phone: Phone): CrossResult => crossResult(phone.journal, YARD, 'x', LATER);
const said = (phone: Phone): string[] =>
  result(phone).ways.map(
    ({ method, times, sameDay, rates: { set } }) =>
      `${method} ${times}${sameDay ? ' on one day' : ''}: ${set.hits} of ${set.of}`,
  );

test('by what brought the pollen and how often, the one with most flowers first', () => {
  const phone = garden();
  work(phone, { bloom: 'a', method: 'anthers', after: [0, 24] });
  work(phone, { bloom: 'b', method: 'anthers', after: [0, 24], day: addDays(FIRST, 1), plant: 'm2' });
  work(phone, { bloom: 'c', method: 'antherCone', fell: 9 });
  work(phone, { bloom: 'd', method: 'brush', after: [0, 2, 4], day: addDays(FIRST, 5) });
  expect(said(phone)).toEqual(['anthers 2: 2 of 2', 'antherCone 1: 0 of 1', 'brush 3 on one day: 1 of 1']);
});

test('one that fell off before its second turn counts with those that were worked with it', () => {
  const phone = garden();
  work(phone, { bloom: 'a', method: 'anthers', after: [0, 24] });
  work(phone, { bloom: 'b', method: 'anthers', fell: 1, plant: 'm2' });
  // Of another day that was done once.
  work(phone, { bloom: 'c', method: 'anthers', day: addDays(FIRST, 3), plant: 'm3' });
  expect(said(phone)).toEqual(['anthers 2: 1 of 2', 'anthers 1: 1 of 1']);
});

test('its controls alone, and nothing of flowers outside the cross', () => {
  const phone = garden();
  control(phone, 'k', 'growing');
  control(phone, 'l', 'gone');
  phone.say('2026-08-01T08:00:00Z', {
    kind: 'mating.set',
    body: {
      ...{ mating: 'x', mother: 'm', father: 'f', from: '2026-07-01', until: '2026-07-20' },
      ...({ purpose: 'seedForFun', ownPollen: 'never' } as const),
    },
  });
  const { ways, controls } = result(phone);
  expect(ways).toEqual([]);
  expect([controls.set, controls.looked]).toEqual([1, 2]);
  expect(crossResult(phone.journal, YARD, 'nothing', LATER)).toMatchObject({
    ways: [],
    controls: { looked: 0 },
  });
});
