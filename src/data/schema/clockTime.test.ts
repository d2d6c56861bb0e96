import { hourOfClock } from './clockTime';

test.each([
  ['5:40', 5 + 40 / 60],
  ['05:40', 5 + 40 / 60],
  [' 17.05 ', 17 + 5 / 60],
  ['5:30 pm', 17.5],
  ['5.30 AM', 5.5],
  ['12:00 am', 0],
  ['12 pm', 12],
  ['5:40\u202fPM', 17 + 40 / 60],
  ['0:00', 0],
])('%s is read from a clock', (typed, hour) => {
  expect(hourOfClock(typed)).toBeCloseTo(hour, 9);
});

test.each(['', '25:00', '5:61', 'noon', '5', '13:00 pm', '2026-05-12'])('“%s” is no time of day', (typed) => {
  expect(hourOfClock(typed)).toBeUndefined();
});
