import { CROP_IDS, cropOf } from '@/core/crops/catalogue';
import { guideFigures } from '@/core/guide/guideFigures';
import { schoolsOf } from '@/core/guide/schools';
import { usualSeason } from '@/core/guide/usualSeason';
import { formatFor } from '../format/format';
import { QUESTIONS, sayOurs, WAYS } from './schools';
import { sayFigure, sayFigureName, sayFromSun, sayStanding } from './guideFigures';
import { sayHabit, sayRoutine, saySeasonStage } from './guide';

const f = formatFor('Europe/London', 'metric', 'h24', 'en-GB');
const feet = formatFor('America/New_York', 'imperial', 'h12', 'en-US');

const said = (id: (typeof CROP_IDS)[number], code: string, format = f): string => {
  const crop = cropOf(id);
  const known = guideFigures(crop).find((each) => each.code === code)!;
  return `${sayFigureName(known.code, crop)} ${sayFigure(known, crop, format)}`;
};

test('hours are said from the sun', () => {
  expect(sayFromSun([-0.5, 0.5], 'sunrise', f)).toBe('30 minutes before to 30 minutes after sunrise');
  expect(sayFromSun([4, 6], 'sunrise', f)).toBe('4 to 6 hours after sunrise');
  expect(sayFromSun([-1, 0], 'sunrise', f)).toBe('From 1 hour before sunrise to sunrise');
  expect(sayFromSun([-3, -1], 'sunset', f)).toBe('1 to 3 hours before sunset');
  expect(said('bottleGourd', 'shuts')).toBe('Shuts 2 to 3 hours after the next sunrise');
});

test('figures carry their units, in the grower’s own', () => {
  expect(said('pepo', 'doneByClock')).toBe('To be safe, done by 10 o’clock');
  expect(said('pepo', 'setPrior')).toBe('Of ten flowers worked, that set 6.5');
  expect(said('corn', 'receptive')).toBe('Silk is good for 5 to 10 days');
  expect(said('corn', 'distanceRare')).toBe('Isolation distance, rare or for sale 800 m to 3,000 m');
  expect(said('corn', 'distanceRare', feet)).toBe(
    'Isolation distance, rare or for sale 2,625 ft to 9,843 ft',
  );
  expect(said('tomato', 'coldNight', feet)).toBe('Trouble in nights colder than 55 °F');
  expect(said('watermelon', 'receptive')).toBe('A female is good for 6 to 8 hours');
});

test('a routine says what to do, for how long, how often and when', () => {
  expect(sayRoutine(cropOf('strawberry'), f)).toBe(
    'Brush each open flower for 3 seconds, every 1 to 2 days, best from 10 to 16, when flowers are dry.',
  );
  expect(sayRoutine(cropOf('aubergine'), f)).toMatch(/^Brush .* pass the others\.$/);
  expect(sayRoutine(cropOf('corn'), f)).toMatch(/^Shake a tassel .* every day for 3 to 5 days/);
  expect(sayRoutine(cropOf('pepo'), f)).toBe('');
});

test.each(CROP_IDS)('%s: everything in its page has words', (id) => {
  const crop = cropOf(id);
  for (const format of [f, feet]) {
    const page = [
      sayHabit(crop),
      sayRoutine(crop, format),
      ...guideFigures(crop).flatMap((known) => [
        sayFigureName(known.code, crop),
        sayFigure(known, crop, format),
        sayStanding(known.figure),
      ]),
      ...schoolsOf(crop).flatMap(({ question, ways, ours }) => [
        QUESTIONS[question],
        ...ways.map((way) => WAYS[way]),
        sayOurs(ours, format),
      ]),
      ...usualSeason(crop, 'sown').map(({ stage }) => saySeasonStage(stage, crop)),
    ];
    expect(page.join('|')).not.toMatch(/undefined|NaN|\[object| {2}/);
    expect(page.filter((line) => line === '').length).toBeLessThanOrEqual(1);
  }
});
