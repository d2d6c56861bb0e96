import type { CropId } from '../crops/catalogue';
import { Journal } from '../journal/journal';
import type { BudCount } from '../journal/kinds/walk';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import { begin, type Phone } from '@testing/yard';
import { onlyMalesSoFar } from './onlyMales';

const DAY: Day = '2026-07-19';
const NONE: BudCount = { female: 0, male: 0 };

const grown = (crop: CropId = 'pepo'): Phone => begin([{ variety: 'v', crop, plants: ['p1', 'p2'] }]);

const scouted = (phone: Phone, plant: string, day: Day, eve: BudCount, green = NONE): void => {
  phone.say(`${addDays(day, -1)}T18:00:00Z`, { kind: 'scouted', body: { plant, day, eve, green } });
};
const counted = (phone: Phone, plant: string, day: Day, open: BudCount): void => {
  phone.say(`${day}T06:00:00Z`, { kind: 'counted', body: { plant, day, open } });
};

// Common practice, no source: males come first, for a week or more.
test('with males only, females are said to come a week or two after the first male', () => {
  const phone = grown();
  scouted(phone, 'p1', addDays(DAY, -3), { female: 0, male: 2 });
  expect(onlyMalesSoFar(phone.journal, DAY).get('v')).toEqual({
    since: addDays(DAY, -3),
    femalesFrom: [addDays(DAY, 4), addDays(DAY, 11)],
  });
  scouted(phone, 'p2', addDays(DAY, -1), NONE, { female: 1, male: 0 });
  expect(onlyMalesSoFar(phone.journal, DAY).size).toBe(0);
});

test('who only goes round in the morning is told the same', () => {
  const phone = grown();
  counted(phone, 'p1', addDays(DAY, -2), { female: 0, male: 3 });
  expect(onlyMalesSoFar(phone.journal, DAY).get('v')?.since).toBe(addDays(DAY, -2));
  counted(phone, 'p2', DAY, { female: 1, male: 0 });
  expect(onlyMalesSoFar(phone.journal, DAY).size).toBe(0);
});

test('after a long wait females are due, never in the past', () => {
  const phone = grown();
  counted(phone, 'p1', addDays(DAY, -30), { female: 0, male: 3 });
  expect(onlyMalesSoFar(phone.journal, DAY).get('v')?.femalesFrom).toEqual([DAY, DAY]);
});

test('last year’s females say nothing of this year', () => {
  const phone = grown();
  counted(phone, 'p1', addDays(DAY, -365), { female: 2, male: 0 });
  counted(phone, 'p1', addDays(DAY, -1), { female: 0, male: 3 });
  expect(onlyMalesSoFar(phone.journal, DAY).get('v')?.since).toBe(addDays(DAY, -1));
});

test('flowers of both sexes at once are never only males', () => {
  const phone = grown('tomato');
  counted(phone, 'p1', DAY, { female: 0, male: 3 });
  expect(onlyMalesSoFar(phone.journal, DAY).size).toBe(0);
});

test('the first male is one while it is being looked at', () => {
  const phone = grown();
  expect(onlyMalesSoFar(phone.journal, DAY, 'v').get('v')?.since).toBe(DAY);
  counted(phone, 'p2', addDays(DAY, -1), { female: 1, male: 0 });
  expect(onlyMalesSoFar(phone.journal, DAY, 'v').size).toBe(0);
});

test('an empty garden has none', () => {
  expect(onlyMalesSoFar(new Journal(), DAY).size).toBe(0);
});
