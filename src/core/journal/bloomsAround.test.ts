import { begin } from '@testing/yard';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import { bloomsAround } from './bloomsAround';
import type { Fact } from './entry';

const D: Day = '2026-07-31';
const covered = (bloom: string, day: Day): Fact => ({
  kind: 'covered',
  body: { plant: 'p1', day, method: 'tape', blooms: [{ bloom, sex: 'female', code: bloom }] },
});

test('all blooms of so many days around are there, on the first and the last day of a month as well', () => {
  const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['p1'] }]);
  for (let off = -60; off <= 60; off += 1)
    phone.say('2026-05-02T09:00:00Z', covered(`b${off}`, addDays(D, off)));
  const around = bloomsAround(20, (blooms) => new Set(blooms.map(({ bloom }) => bloom)));
  for (const own of [-30, -15, 0, 1, 15, 31]) {
    const found = around(phone.journal, addDays(D, own));
    for (let off = own - 20; off <= own + 20; off += 1) expect(found.has(`b${off}`)).toBe(true);
  }
  // What is said since is seen.
  phone.say('2026-05-03T09:00:00Z', covered('late', addDays(D, 3)));
  expect(around(phone.journal, D).has('late')).toBe(true);
});
