import { begin, YARD } from '@testing/yard';
import { atClock } from '../time/calendar';
import { cohortOfVisit } from './cohortOfVisit';
import { openFromPaper, readOpenCount, type OpenCount } from './openFromPaper';
import { openNowOf } from './openNow';

const DAY = '2026-07-19';
const AT = atClock(DAY, 7.5, YARD.zone);

test.each([
  ['2 3 1', { female: 2, male: 3, pollinated: 1 }],
  ['0', { female: 0, male: 0, pollinated: 0 }],
  ['0, 4', { female: 0, male: 4, pollinated: 0 }],
  ['1/0/0', { female: 1, male: 0, pollinated: 0 }],
])('beside a plant stands %j', (typed, count) => {
  expect(readOpenCount(typed)).toEqual({ ok: true, count });
});

test.each([
  ['', 'numbers'],
  ['2', 'numbers'],
  ['two', 'numbers'],
  ['1 2 3 4', 'numbers'],
  ['-1 2 0', 'numbers'],
  ['1.5 2 1', 'numbers'],
  ['2 3', 'pollen'],
  ['2 3 3', 'more'],
  ['2 900 1', 'many'],
])('%j is refused as %s', (typed, why) => {
  expect(readOpenCount(typed)).toEqual({ ok: false, why });
});

test('paper is entered at its hour: counts, who got pollen and who did not, of fathers that nobody knows', () => {
  const phone = begin([{ variety: 'v', crop: 'pepo', purpose: 'eat', plants: ['p1', 'p2', 'p3'] }]);
  const plants = openNowOf(phone.journal, YARD, AT, { anyHour: true });
  const counts = new Map<string, OpenCount>([
    ['p1', { female: 2, male: 3, pollinated: 1 }],
    ['p2', { female: 0, male: 0, pollinated: 0 }],
  ]);
  for (const fact of openFromPaper(phone.journal, plants, counts, AT))
    phone.say(new Date(fact.at!).toISOString(), fact);
  const seen = openNowOf(phone.journal, YARD, AT, { anyHour: true });
  expect(seen.map(({ open }) => open)).toEqual([
    { female: 2, male: 3 },
    { female: 0, male: 0 },
    // Nobody came to it: nothing is known of it.
    undefined,
  ]);
  const bloom = phone.journal.all('bloom').get(cohortOfVisit('p1', plants[0]!.variety, DAY))!;
  expect(bloom.count).toBe(1);
  expect(bloom.pollination?.donors).toEqual([]);
  expect(Date.parse(bloom.pollination!.at)).toBe(AT);
});
