import type { SetRate } from '@/core/fruit/setRates';
import { formatFor } from '../format/format';
import { sayRate, sayLeftOut } from './setRateWords';

const f = formatFor('Europe/London', 'metric', 'h24', 'en-GB');
const NONE = { notYetDue: 0, notLookedAt: 0, thinned: 0, lost: 0 };
const figure = (change: Partial<SetRate>): SetRate => ({
  hits: 12,
  of: 19,
  share: 12 / 19,
  low: 0.41,
  high: 0.809,
  leftOut: NONE,
  undatedDrops: 0,
  counted: false,
  unknown: 0,
  ...change,
});

test('a figure is said with what it counts and its interval', () => {
  expect(sayRate(figure({}), f)).toBe('12 of 19, 63 % (41 to 81 %)');
});

test('a figure of nothing is not 0 %', () => {
  expect(sayRate(figure({ hits: 0, of: 0, share: undefined }), f)).toBe('none to count yet');
});

test('what is left out is named by its reason, and nothing when nothing is', () => {
  expect(sayLeftOut(figure({}), f)).toBe('');
  const leftOut = { notYetDue: 4, notLookedAt: 0, thinned: 2, lost: 1 };
  expect(sayLeftOut(figure({ leftOut }), f)).toBe('Left out: 4 not yet due, 2 thinned, 1 lost.');
  expect(sayLeftOut(figure({ leftOut: { ...NONE, notLookedAt: 3 } }), f)).toBe('Left out: 3 not looked at.');
});

test('what counts like others that grew as long is told, and what nothing tells of', () => {
  const leftOut = { notYetDue: 4, notLookedAt: 3, thinned: 0, lost: 0 };
  const counted = figure({ counted: true, leftOut });
  expect(sayRate(counted, f)).toBe('about 63 % (41 to 81 %)');
  expect(sayLeftOut(counted, f)).toBe(
    '12 of the 19 that are known; 3 not looked at: like others that grew as long. Left out: 4 not yet due.',
  );
  expect(sayRate(figure({ share: undefined, low: 0, high: 0.6, unknown: 25 }), f)).toBe(
    'not known, 0 to 60 %: 25 grew when last seen, and nobody has looked since',
  );
});

test('drops found late are mentioned, one or many', () => {
  expect(sayLeftOut(figure({ undatedDrops: 1 }), f)).toContain('1 drop was found only later and counts');
  expect(sayLeftOut(figure({ undatedDrops: 2 }), f)).toContain('2 drops were found only later and count ');
});
