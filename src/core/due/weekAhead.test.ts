import { cropOf } from '../crops/catalogue';
import { Journal } from '../journal/journal';
import { begin, YARD } from '@testing/yard';
import { weekAhead } from './weekAhead';

const SUN = '2026-07-19';

test('an empty garden has days without anything', () => {
  const days = weekAhead(new Journal(), YARD, SUN);
  expect(days.map(({ day }) => day)).toEqual([
    '2026-07-20',
    '2026-07-21',
    '2026-07-22',
    '2026-07-23',
    '2026-07-24',
    '2026-07-25',
  ]);
  for (const { outings, flowers, looks, weather } of days)
    expect({ outings, flowers, looks, weather }).toEqual({
      outings: [],
      flowers: 0,
      looks: 0,
      weather: undefined,
    });
});

test('what opens, what is known to be due, and the look that comes due, each on its day', () => {
  const phone = begin([
    { variety: 'q', crop: 'pepo', plants: ['q1', 'q2'] },
    { variety: 'g', crop: 'bottleGourd', plants: ['g1'] },
  ]);
  phone.say(
    `${SUN}T18:00:00Z`,
    {
      kind: 'covered',
      body: {
        plant: 'q1',
        day: '2026-07-20',
        method: 'tape',
        blooms: [
          { bloom: 'f', sex: 'female', code: 'K1' },
          { bloom: 'm', sex: 'male', code: '' },
        ],
      },
    },
    { kind: 'weather.noted', body: { day: '2026-07-21', dawnC: 14, maxC: 33, rain: 'none' } },
  );
  const before = weekAhead(phone.journal, YARD, SUN);
  expect(before.map(({ flowers }) => flowers)).toEqual([1, 0, 0, 0, 0, 0]);
  expect(before[0]!.outings.map(({ outing }) => outing)).toEqual(['morning', 'dusk']);
  for (const { outings } of before)
    for (const { opens, lastSafe } of outings) expect(opens).toBeLessThan(lastSafe);
  // Heat shuts them sooner; the trade's hour may come before that.
  expect(before[1]!.weather?.maxC).toBe(33);
  phone.say('2026-07-20T06:00:00Z', {
    kind: 'pollinated',
    body: {
      bloom: 'f',
      plant: 'q1',
      donors: [{ plant: 'q2', bloom: 'x' }],
      found: 'shut',
      method: 'maleFlower',
      shutAgain: true,
      tagged: true,
    },
  });
  const early = cropOf('pepo').looks.early.value[0];
  const after = weekAhead(phone.journal, YARD, '2026-07-20');
  expect(after.map(({ looks }) => looks)).toEqual(
    Array.from({ length: 6 }, (_, i) => (i + 1 === early ? 1 : 0)),
  );
});
