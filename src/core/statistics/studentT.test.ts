import { jStat } from 'jstat';
import { studentT95 } from './studentT';

// jstat, an independent implementation of the distribution's inverse.
test.each([5, 7.5, 10, 10.6, 25, 100, 1e6])('of %s degrees of freedom', (df) => {
  expect(studentT95(df)).toBeCloseTo(jStat.studentt.inv(0.975, df), 2);
});

// Table of Student's t at 97.5 %: Fisher & Yates 1938 (from memory).
test.each([
  [10, 2.228],
  [20, 2.086],
  [60, 2.0],
])('the table has for %s: %s', (df, t) => {
  expect(studentT95(df)).toBeCloseTo(t, 2);
});
