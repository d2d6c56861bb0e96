import { begin, YARD, type Phone } from '@testing/yard';
import type { Fact } from '../journal/entry';
import { keptOn } from '../fruit/takenOff';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import { purityOf } from './purityOf';

const DAY: Day = '2026-07-19';

/** A fruit with a tag; what is found of its chain. */
function garden(): Phone {
  const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['v1', 'v2', 'v3'] }]);
  fruit(phone, 'f', DAY, 'K001');
  return phone;
}
const covered = (bloom: string, day: Day | undefined, code: string): Fact => ({
  kind: 'covered',
  body: {
    ...{ plant: 'v1', day: day ?? DAY, method: 'tape' },
    ...(day === undefined && { stage: 'green' as const }),
    blooms: [{ bloom, sex: 'female', code }],
  },
});
const pollinated = (bloom: string, day: Day): Fact => ({
  kind: 'pollinated',
  body: {
    ...{ bloom, plant: 'v1', donors: [{ plant: 'v2', bloom: 'm' }], found: 'shut' },
    ...({ day, method: 'maleFlower', shutAgain: true, tagged: true } as const),
  },
});
function fruit(phone: Phone, bloom: string, day: Day, code: string): void {
  phone.say(`${addDays(day, -1)}T18:00:00Z`, covered(bloom, day, code));
  phone.say(`${day}T05:00:00Z`, pollinated(bloom, day));
}
const isShared = ({ journal }: Phone, bloom = 'f'): boolean =>
  purityOf(journal, YARD, journal.all('bloom').get(bloom)!)!
    .chain.find(({ link }) => link === 'tag')!
    .reasons.some(({ code }) => code === 'tag.shared');

test('a tag that hangs on another fruit within two hundred days says of neither which it is; our default', () => {
  for (const [apart, shared] of [
    [1, true],
    [200, true],
    [201, false],
    [-200, true],
    [-201, false],
  ] as const) {
    const phone = garden();
    fruit(phone, 'g', addDays(DAY, apart), 'K001');
    expect([apart, isShared(phone), isShared(phone, 'g')]).toEqual([apart, shared, shared]);
  }
});

test('another tag does not, nor one on a flower that was never pollinated; one on a fruit that had set by itself does', () => {
  const phone = garden();
  fruit(phone, 'g', DAY, 'K002');
  phone.say(`${DAY}T18:00:00Z`, covered('h', addDays(DAY, 1), 'K001'));
  expect(isShared(phone)).toBe(false);
  const kept = garden();
  kept.say(`${DAY}T18:00:00Z`, keptOn('v3', addDays(DAY, 3), { bloom: 'k', code: 'K001' }));
  expect([isShared(kept), isShared(kept, 'k')]).toEqual([true, true]);
  const late = garden();
  late.say(`${DAY}T18:00:00Z`, keptOn('v3', addDays(DAY, 201), { bloom: 'k', code: 'K001' }));
  expect([isShared(late), isShared(late, 'k')]).toEqual([false, false]);
});

test('flowers without a tag share none', () => {
  const phone = garden();
  for (const bloom of ['g', 'h']) fruit(phone, bloom, DAY, '');
  expect([isShared(phone, 'g'), isShared(phone)]).toEqual([false, false]);
});
