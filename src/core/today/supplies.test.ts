import { walkId } from '../journal/kinds/walk';
import { outingsAt, walkAt } from '../due/outings';
import { roundSupplies, shoppingList, walkSupplies } from './supplies';
import { begin, YARD, type Phone } from '@testing/yard';

const NOW = Date.parse('2026-07-20T18:00:00Z');

const cover = (
  phone: Phone,
  plant: string,
  day: string,
  bloom: string,
  sex: 'female' | 'male',
  method = 'tape',
) =>
  phone.say(`${day}T00:00:00Z`, {
    kind: 'covered',
    body: {
      plant,
      day,
      method: method as 'tape',
      blooms: [{ bloom, sex, code: sex === 'male' ? '' : bloom }],
    },
  });

/** Four squash plants; on the evening before two were visited: one bud of each sex, and none. */
function yard(): Phone {
  const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['p1', 'p2', 'p3', 'p4'] }]);
  cover(phone, 'p1', '2026-07-20', 'f', 'female');
  cover(phone, 'p1', '2026-07-20', 'm', 'male', 'bag');
  phone.say('2026-07-19T19:00:00Z', { kind: 'swept', body: { day: '2026-07-20', plants: ['p2'] } });
  return phone;
}

const walkOf = ({ journal }: Phone) => walkAt(journal, outingsAt(journal, YARD, NOW));

test('the walk carries what the plants took before, on average, and one in ten more', () => {
  const phone = yard();
  // Half a strip, half a bag and half a tag a plant, for four: two of each, and a tenth more.
  expect(walkSupplies(phone.journal, walkOf(phone))).toEqual({ tapeStrips: 3, bags: 3, ties: 0, tags: 3 });
  phone.say('2026-07-20T18:10:00Z', { kind: 'swept', body: { day: '2026-07-21', plants: ['p1', 'p2'] } });
  expect(phone.journal.all('walk').has(walkId('p1', '2026-07-21'))).toBe(true);
  expect(walkSupplies(phone.journal, walkOf(phone))).toEqual({ tapeStrips: 2, bags: 2, ties: 0, tags: 2 });
});

test('nothing is known before the first walk, and nothing is left after the last plant', () => {
  const fresh = begin([{ variety: 'v', crop: 'pepo', plants: ['p1'] }]);
  expect(walkSupplies(fresh.journal, walkOf(fresh)).tags).toBe(0);
  const phone = yard();
  phone.say('2026-07-20T18:10:00Z', {
    kind: 'swept',
    body: { day: '2026-07-21', plants: ['p1', 'p2', 'p3', 'p4'] },
  });
  expect(walkSupplies(phone.journal, walkOf(phone))).toEqual({ tapeStrips: 0, bags: 0, ties: 0, tags: 0 });
});

test('two fresh strips close a taped female (common practice, no source), a bag a bagged one', () => {
  const phone = yard();
  const female = phone.journal.all('bloom').get('f')!;
  expect(roundSupplies([female])).toEqual({ tapeStrips: 2, bags: 0, ties: 0, tags: 1 });
  const bagged = { ...female, cover: { ...female.cover!, method: 'bag' as const } };
  expect(roundSupplies([female, bagged])).toEqual({ tapeStrips: 2, bags: 1, ties: 0, tags: 2 });
});

test('two weeks at the pace of the last', () => {
  const phone = yard();
  phone.say('2026-07-20T06:00:00Z', {
    kind: 'pollinated',
    body: {
      bloom: 'f',
      plant: 'p1',
      donors: [{ plant: 'p1', bloom: 'm' }],
      found: 'shut',
      method: 'maleFlower',
      shutAgain: true,
      tagged: true,
    },
  });
  cover(phone, 'p2', '2026-07-10', 'old', 'female');
  const { used, ahead } = shoppingList(phone.journal, '2026-07-20');
  expect(used).toEqual({ tapeStrips: 3, bags: 1, ties: 0, tags: 1 });
  expect(ahead).toEqual({ days: 14, supplies: { tapeStrips: 6, bags: 2, ties: 0, tags: 2 } });
});
