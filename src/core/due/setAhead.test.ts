import { begin, YARD } from '@testing/yard';
import type { OpeningForecast } from '../opening/forecastOpenings';
import { addDays } from '../time/calendar';
import { setAhead } from './setAhead';

const DAY = '2026-07-01';
const sure = (mean: number) => ({ mean, low: mean, high: mean });
const expecting = (...females: readonly number[]): OpeningForecast => ({
  days: females.map((_, i) => addDays(DAY, i)),
  varieties: [
    {
      ...{ variety: 'v', plants: [], learntFrom: 0 },
      flowers: [
        { sex: 'male', days: females.map(() => sure(9)), total: sure(9 * females.length) },
        { sex: 'female', days: females.map(sure), total: sure(females.reduce((sum, each) => sum + each, 0)) },
      ],
    },
  ],
});
const melons = () => begin([{ variety: 'v', crop: 'melon', plants: ['p1', 'p2'] }]);

test('of ten melon flowers the field guide lets two set; own flowers move that', () => {
  const phone = melons();
  expect(setAhead(phone.journal, YARD, DAY, expecting(4, 6)).get('v')).toEqual({
    ...{ females: sure(10), own: 0, ownWeight: 0 },
    set: 2,
  });
  for (let i = 0; i < 20; i += 1) {
    const at = (after: number): string => `${addDays(DAY, after)}T07:00:00Z`;
    phone.say(at(0), {
      kind: 'covered',
      body: {
        plant: 'p1',
        day: DAY,
        method: 'bag',
        blooms: [{ bloom: `f${i}`, sex: 'female', code: `K${i}` }],
      },
    });
    phone.say(at(0), {
      kind: 'pollinated',
      body: {
        ...{
          bloom: `f${i}`,
          plant: 'p1',
          found: 'shut',
          method: 'maleFlower',
          shutAgain: true,
          tagged: true,
        },
        donors: [{ plant: 'p2', bloom: 'm' }],
      },
    });
    phone.say(at(9), { kind: 'looked', body: { bloom: `f${i}`, seen: 'growing' } });
  }
  const own = setAhead(phone.journal, YARD, addDays(DAY, 10), expecting(4, 6)).get('v')!;
  expect(own.own).toBe(20);
  expect(own.set).toBeGreaterThan(2.1);
});

test('nothing where no flower that bears is to be expected, or the variety is gone', () => {
  expect(setAhead(melons().journal, YARD, DAY, expecting(0.2, 0.1)).size).toBe(0);
  const gone = expecting(5);
  const others = gone.varieties.map((each) => ({ ...each, variety: 'gone' }));
  expect(setAhead(melons().journal, YARD, DAY, { ...gone, varieties: others }).size).toBe(0);
});
