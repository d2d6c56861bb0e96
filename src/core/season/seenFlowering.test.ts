import { begin } from '@testing/yard';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import { firstFlowering, markedDays, wasInFlower, type SeenFlowering } from './seenFlowering';

/** The spans of days in this file are our defaults, as they are in the code. */

const DAY: Day = '2026-07-19';
const on = (...days: number[]): Day[] => days.map((days) => addDays(DAY, days));

test('the first flowering ends where nobody saw any for more than sixty days', () => {
  const first = (seen: number[], over: number[] = []) =>
    firstFlowering({ days: on(...seen), over: on(...over) });
  expect(first([])).toEqual({});
  expect(first([], [3])).toEqual({ over: addDays(DAY, 3) });
  expect(first([0])).toEqual({ first: DAY, last: DAY });
  expect(first([0, 60, 121, 130])).toEqual({ first: DAY, last: addDays(DAY, 60) });
  expect(first([0, 60, 120])).toEqual({ first: DAY, last: addDays(DAY, 120) });
  // Over on its last day or after it, and before the next: who said so earlier was mistaken.
  expect(first([0, 10], [5])).toEqual({ first: DAY, last: addDays(DAY, 10) });
  expect(first([0, 10], [5, 10])).toMatchObject({ over: addDays(DAY, 10) });
  expect(first([0, 10, 100], [99])).toMatchObject({ over: addDays(DAY, 99) });
  expect(first([0, 10, 100], [100])).toEqual({ first: DAY, last: addDays(DAY, 10) });
});

describe('was it in flower on the day', () => {
  const was = (
    seen: { days?: number[]; firsts?: number[]; over?: number[] },
    apart = 1,
  ): boolean | undefined => {
    const { days = [], firsts, over = [] } = seen;
    const flowering: SeenFlowering = {
      days: on(...days),
      over: on(...over),
      ...(firsts && { firsts: on(...firsts) }),
    };
    return wasInFlower(flowering, DAY, apart);
  };

  test('a flower on the day says so, and one so near that flowerings meet', () => {
    expect([was({ days: [0] }), was({ days: [-1] }), was({ days: [1] })]).toEqual([
      true,
      undefined,
      undefined,
    ]);
    expect([was({ days: [-13] }, 14), was({ days: [13] }, 14)]).toEqual([true, true]);
    expect([was({ days: [-14] }, 14), was({ days: [14] }, 14)]).toEqual([undefined, undefined]);
  });

  test('between two flowers no more than sixty days apart', () => {
    expect(was({ days: [-30, 30] })).toBe(true);
    expect(was({ days: [-30, 31] })).toBeUndefined();
  });

  test('its first flower later, noted as that, up to a hundred days', () => {
    expect(was({ days: [100], firsts: [100] })).toBe(false);
    expect(was({ days: [101], firsts: [101] })).toBeUndefined();
    expect(was({ days: [5] })).toBeUndefined();
    // Of an earlier flowering it says nothing; nor does a first flower where one was seen before.
    expect(was({ days: [5], firsts: [-200, 5] })).toBe(false);
    expect(was({ days: [-80, 5], firsts: [5] })).toBeUndefined();
  });

  test('over before, for a hundred and fifty days, unless flowers were seen after that', () => {
    expect(was({ over: [-1] })).toBe(false);
    expect(was({ over: [0] })).toBeUndefined();
    expect([was({ over: [-14] }, 14), was({ over: [-13] }, 14)]).toEqual([false, undefined]);
    expect([was({ over: [-150] }), was({ over: [-151] })]).toEqual([false, undefined]);
    expect([was({ days: [-5], over: [-5] }), was({ days: [-4], over: [-5] })]).toEqual([false, undefined]);
    // Said too early: it went on.
    expect(was({ days: [10], over: [-50] })).toBeUndefined();
    expect(was({ days: [11], over: [-50] })).toBe(false);
  });
});

test('what marks a day: a flower counted, covered or pollinated, by planting or variety; a count of none does not', () => {
  const phone = begin([{ variety: 'v', crop: 'corn', plants: ['v1', 'v2'] }]);
  phone.say(
    '2026-05-02T09:00:00Z',
    { kind: 'planting.set', body: { planting: 'late', variety: 'v', seedSource: 'boughtLine' } },
    {
      kind: 'plants.set',
      body: { bed: 'bed-v', row: 1, variety: 'v', planting: 'late', plants: [{ plant: 'v9', place: 9 }] },
    },
  );
  const none = { female: 0, male: 0 };
  const at = (days: number): Day => addDays(DAY, days);
  const evening = `${DAY}T18:00:00Z`;
  phone.say(
    evening,
    { kind: 'scouted', body: { plant: 'v1', day: at(0), eve: { female: 0, male: 1 }, green: none } },
    { kind: 'scouted', body: { plant: 'v1', day: at(1), eve: none, green: { female: 3, male: 3 } } },
    { kind: 'counted', body: { plant: 'v2', day: at(2), open: { female: 1, male: 0 } } },
    { kind: 'counted', body: { plant: 'v2', day: at(3), open: none } },
    { kind: 'receptive', body: { plant: 'v1', day: at(4), blooms: ['ear'] } },
    {
      kind: 'covered',
      body: { plant: 'v9', day: at(5), method: 'bag', blooms: [{ bloom: 'f', sex: 'female', code: 'K' }] },
    },
    {
      kind: 'pollinated',
      body: {
        ...{ bloom: 'f', plant: 'v9', day: at(6), donors: [], found: 'shut' },
        ...({ method: 'brush', shutAgain: true, tagged: true } as const),
      },
    },
    { kind: 'counted', body: { plant: 'nobody', day: at(2), open: { female: 1, male: 0 } } },
  );
  const marked = markedDays(phone.journal, at(-1), at(10));
  expect(marked).toEqual(
    new Map([
      ['late', new Set([at(5), at(6)])],
      ['v', new Set([at(0), at(2), at(4)])],
    ]),
  );
  expect(markedDays(phone.journal, at(7), at(10)).size).toBe(0);
});
