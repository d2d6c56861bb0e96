import { begin, type Phone } from '@testing/yard';
import type { Day } from '../time/types';
import { cagesNow } from './cages';

const set = (phone: Phone, cage: string, plants: readonly string[]): void =>
  void phone.say('2026-07-01T09:00:00Z', { kind: 'cage.set', body: { cage, name: cage, plants } });
const open = (phone: Phone, cage: string, day: Day): void =>
  void phone.say(`${day}T07:00:00Z`, { kind: 'cage.opened', body: { cage, day } });

/** Peppers of three varieties, each caged, and a melon. */
function caged(): Phone {
  const phone = begin([
    { variety: 'a', crop: 'annuum', plants: ['a1'] },
    { variety: 'b', crop: 'annuum', plants: ['b1'] },
    { variety: 'c', crop: 'annuum', plants: ['c1'] },
    { variety: 'm', crop: 'melon', plants: ['m1'] },
  ]);
  for (const each of ['a', 'b', 'c', 'm']) set(phone, each.toUpperCase(), [`${each}1`]);
  return phone;
}

const nextOn = (phone: Phone, day: Day): string[] =>
  cagesNow(phone.journal, day).flatMap(({ name, isNext }) => (isNext ? [name] : []));

test('cages that are opened in turn are each open when they were shut the longest; others have no turn', () => {
  const phone = caged();
  expect(nextOn(phone, '2026-07-10')).toEqual([]);
  open(phone, 'B', '2026-07-10');
  expect(nextOn(phone, '2026-07-11')).toEqual(['A']);
  open(phone, 'A', '2026-07-11');
  expect(nextOn(phone, '2026-07-12')).toEqual(['C']);
  open(phone, 'C', '2026-07-12');
  expect(nextOn(phone, '2026-07-13')).toEqual(['B']);
  // What insects of its own pollinate takes no turn.
  phone.say('2026-07-13T07:00:00Z', {
    kind: 'cage.stocked',
    body: { cage: 'B', day: '2026-07-13', from: 'clean' },
  });
  expect(nextOn(phone, '2026-07-13')).toEqual(['A']);
  expect(cagesNow(phone.journal, '2026-07-13').find(({ name }) => name === 'B')?.stockedSince).toBe(
    '2026-07-13',
  );
});

test('what is open today and crosses is named, either way round', () => {
  const phone = caged();
  open(phone, 'A', '2026-07-10');
  open(phone, 'M', '2026-07-10');
  const crosses = new Map(cagesNow(phone.journal, '2026-07-10').map((each) => [each.name, each.crossesOpen]));
  expect([crosses.get('A'), crosses.get('B'), crosses.get('M')]).toEqual([[], ['A'], []]);
});
