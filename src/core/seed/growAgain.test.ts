import { extracted, growSeedFruit } from '@testing/seedFruit';
import { begin, type Phone } from '@testing/yard';
import { compareGrowAgain, growAgain, type GrowAgain } from './growAgain';
import { seedLot } from './seedLot';

function drawer(): Phone {
  const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['v1', 'v2'] }]);
  growSeedFruit(phone, { bloom: 'f', plant: 'v1', fathers: ['v2'], day: '2026-07-19', picked: '2026-09-20' });
  phone.say('2026-10-20T09:00:00Z', extracted('l', '2026-10-20', [{ bloom: 'f' }]), {
    kind: 'lot.received',
    body: { lot: 'old', name: 'old', variety: 'v', source: 'swapped', day: '2026-03-01', year: 2021 },
  });
  return phone;
}
const again = ({ journal }: Phone, id: string): GrowAgain | undefined => {
  const raw = journal.all('lot').get(id)!;
  return growAgain(seedLot(journal, raw)!, raw);
};

test('a lot is grown again while most of it still germinates: by its age and where it is kept, at once by its test', () => {
  const phone = drawer();
  // Squash keeps four to six years in a dry room (common practice, no source).
  expect(again(phone, 'l')).toEqual({ year: 2030, now: false });
  expect(again(phone, 'old')).toEqual({ year: 2025, now: false });
  phone.say(
    '2026-11-01T09:00:00Z',
    { kind: 'lot.described', body: { lot: 'l', name: 'l', store: 'freezer', packing: 'desiccant' } },
    { kind: 'germination.begun', body: { lot: 'old', test: 't', day: '2026-11-01', seeds: 20 } },
    { kind: 'germination.counted', body: { lot: 'old', test: 't', day: '2026-11-09', up: 9 } },
  );
  expect(again(phone, 'l')).toEqual({ now: false });
  expect(again(phone, 'old')).toEqual({ year: 2025, now: true });
  phone.say('2026-12-01T09:00:00Z', {
    kind: 'lot.used',
    body: { lot: 'old', day: '2026-12-01', how: 'discarded', all: true },
  });
  expect(again(phone, 'old')).toBeUndefined();
});

test('what must be grown first comes first', () => {
  const lots: (GrowAgain | undefined)[] = [
    undefined,
    { now: false },
    { year: 2030, now: false },
    { year: 2031, now: true },
    { year: 2027, now: false },
  ];
  expect(lots.toSorted(compareGrowAgain)).toEqual([lots[3], lots[4], lots[2], lots[1], undefined]);
});
