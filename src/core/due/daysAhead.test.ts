import type { Expected } from '../opening/budModel';
import type { OpeningForecast, VarietyForecast } from '../opening/forecastOpenings';
import { daysAhead } from './daysAhead';
import { begin, YARD } from '@testing/yard';

const sure = (mean: number): Expected => ({ mean, low: mean, high: mean });
const flowers = (variety: string, females: number, males: number): VarietyForecast => ({
  variety,
  flowers: [
    { sex: 'female', days: [sure(females)], total: sure(females) },
    { sex: 'male', days: [sure(males)], total: sure(males) },
  ],
  plants: [],
  learntFrom: 0,
});
const on = (...varieties: VarietyForecast[]): OpeningForecast => ({ days: ['2026-07-20'], varieties });

const yard = (crop: 'pepo' | 'bottleGourd' = 'pepo') =>
  begin([{ variety: 'v', crop, plants: ['p1'], purpose: 'seedToKeep' }]).journal;

test('three males a female, each of which serves three, are one male a female', () => {
  const [day] = daysAhead(yard(), YARD, on(flowers('v', 6, 4)));
  expect(day!.malesShort).toEqual([{ variety: 'v', needed: 6, short: 2 }]);
});

test('nothing is short where no female is to be expected', () => {
  expect(daysAhead(yard(), YARD, on(flowers('v', 0, 0)))[0]).toEqual({
    day: '2026-07-20',
    malesShort: [],
    outings: [],
  });
});

test('more flowers than one person reaches before they shut ask for more people', () => {
  const people = (females: number): number =>
    daysAhead(yard(), YARD, on(flowers('v', females, females)))[0]!.outings[0]!.people;
  expect(people(20)).toBe(1);
  expect(people(400)).toBeGreaterThan(2);
});

test('flowers of the dusk are work of the dusk', () => {
  const [day] = daysAhead(yard('bottleGourd'), YARD, on(flowers('v', 5, 5)));
  expect(day!.outings.map(({ outing }) => outing)).toEqual(['dusk']);
});

test('a variety that is gone from the plan asks nothing', () => {
  expect(daysAhead(yard(), YARD, on(flowers('gone', 5, 0)))[0]!.malesShort).toEqual([]);
});
