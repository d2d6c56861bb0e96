import { begin, YARD, type Phone } from '@testing/yard';
import type { Fact } from '../journal/entry';
import { purityOf } from '../purity/purityOf';
import { fruitOf } from './fruits';
import { harvested, tagFound } from './harvested';
import { daysUncovered } from './takenOff';

const DAY = '2026-07-19';
const at = (day: number, clock = '05:00'): string => `2026-07-${day}T${clock}:00Z`;

/** A squash flower that was covered and pollinated on 19 July. */
function pollinated(): Phone {
  const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['p1', 'p2'] }]);
  const covered = (plant: string, bloom: string, sex: 'female' | 'male'): Fact => ({
    kind: 'covered',
    body: { plant, day: DAY, method: 'bag', blooms: [{ bloom, sex, code: sex === 'female' ? 'K001' : '' }] },
  });
  phone.say(at(18, '18:00'), covered('p1', 'f', 'female'), covered('p2', 'm', 'male'));
  phone.say(at(19), {
    kind: 'pollinated',
    body: {
      ...{ bloom: 'f', plant: 'p1', donors: [{ plant: 'p2', bloom: 'm' }] },
      ...{ found: 'shut', method: 'maleFlower', shutAgain: true, tagged: true },
    },
  });
  return phone;
}
const fruit = ({ journal }: Phone, today = '2026-07-29') =>
  fruitOf(journal, YARD, today, journal.all('bloom').get('f')!)!;

test('what is told of a tag says nothing of its fruit: one that had failed has not recovered', () => {
  const phone = pollinated();
  phone.say(at(23), { kind: 'looked', body: { bloom: 'f', seen: 'gone' } });
  phone.say(at(24), tagFound('f', 'gone'));
  expect(fruit(phone).history.failed).toBe(4);
});

test('nor is the fruit looked at by it: its look is due as before', () => {
  const [told, silent] = [pollinated(), pollinated()];
  told.say(at(21), tagFound('f', 'hardToRead'));
  expect(fruit(told, '2026-07-25').look).toEqual(fruit(silent, '2026-07-25').look);
  expect(fruit(told, '2026-07-25').history.lastGrowing).toBe(0);
});

test.each([
  ['there', 'holds'],
  ['hardToRead', 'doubtful'],
  ['gone', 'broken'],
] as const)('harvested for seed with its tag %s: the link %s', (tag, state) => {
  const phone = pollinated();
  phone.say(at(29), ...harvested('f', { use: 'seed', tag, typical: true }));
  const { chain } = purityOf(phone.journal, YARD, phone.journal.all('bloom').get('f')!)!;
  expect(chain.find(({ link }) => link === 'tag')?.state).toBe(state);
  expect(fruit(phone).history).toMatchObject({ harvested: 10 });
});

test('a cover may have come off on any day since the pollination, of those one remembers', () => {
  const flower = pollinated().journal.all('bloom').get('f')!;
  expect(daysUncovered(flower, '2026-07-21')).toEqual(['2026-07-21', '2026-07-20', '2026-07-19']);
  expect(daysUncovered(flower, DAY)).toEqual([DAY]);
  // Of a clock that is behind, today at least.
  expect(daysUncovered(flower, '2026-07-18')).toEqual(['2026-07-18']);
  expect(daysUncovered(flower, '2026-09-30')).toHaveLength(10);
  expect(daysUncovered(flower, '2026-09-30')[0]).toBe('2026-09-30');
});
