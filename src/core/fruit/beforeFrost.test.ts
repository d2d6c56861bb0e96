import { growSeedFruit } from '@testing/seedFruit';
import { noteMildDays } from '@testing/mildDays';
import { begin, YARD } from '@testing/yard';
import { cropOf } from '../crops/catalogue';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import { seasonAt } from '../season/seasons';
import { beforeFrost } from './beforeFrost';
import { fruitsOf } from './fruits';

const FROST = '2020-10-01';
const ripens = cropOf('pepo').seedAfter!.value[0];

/** A fruit that is ripe on the day of the frost, and one a day later; one that was picked; one under glass. */
const phone = begin([
  { variety: 'v', crop: 'pepo', plants: ['A', 'B', 'C', 'D'] },
  { variety: 'g', crop: 'pepo', plants: ['G'] },
  { variety: 'e', crop: 'pepo', purpose: 'eat', plants: ['E'] },
]);
const day = addDays('2026-10-01', -ripens);
noteMildDays(phone, day, 80);
growSeedFruit(phone, { bloom: 'ripe', plant: 'A', fathers: ['D'], day });
growSeedFruit(phone, { bloom: 'late', plant: 'B', fathers: ['D'], day: addDays(day, 1) });
growSeedFruit(phone, { bloom: 'later', plant: 'B', fathers: ['D'], day: addDays(day, 9) });
growSeedFruit(phone, {
  bloom: 'picked',
  plant: 'C',
  fathers: ['D'],
  day: addDays(day, 9),
  picked: '2026-09-05',
});
phone.say('2026-05-02T09:00:00Z', {
  kind: 'bed.laid',
  body: { ...phone.journal.all('bed').get(phone.journal.all('plant').get('G')!.bed)!, glass: true },
});
growSeedFruit(phone, { bloom: 'glass', plant: 'G', fathers: ['G'], day: addDays(day, 9) });
growSeedFruit(phone, { bloom: 'eaten', plant: 'E', fathers: ['E'], day: addDays(day, 9) });

const list = (today: Day, earlyFrost: Day | undefined = FROST) => {
  const { journal } = phone;
  const fruits = fruitsOf(journal, YARD, today, seasonAt(journal, today));
  const found = beforeFrost(journal, YARD, fruits, { earlyFrost, today });
  return found && [found.frost, ...found.fruits.map(({ fruit, ripe }) => `${fruit.bloom.bloom} ${ripe}`)];
};

test('what will not be ripe by then is to be picked before, the ripest first', () => {
  expect(list('2026-09-20')).toEqual(['2026-10-01', 'late 2026-10-02', 'later 2026-10-10']);
  // On the day itself too; the day after it, the next frost is a year away.
  expect(list('2026-10-01')?.[0]).toBe('2026-10-01');
  expect(list('2026-10-02')).toBeUndefined();
});

test('weeks before, and where nobody told when frost comes, nothing is said', () => {
  expect(list('2026-09-02')).toBeUndefined();
  expect(list('2026-09-03')).toBeDefined();
  const { journal } = phone;
  const fruits = fruitsOf(journal, YARD, '2026-09-20', seasonAt(journal, '2026-09-20'));
  expect(beforeFrost(journal, YARD, fruits, { earlyFrost: undefined, today: '2026-09-20' })).toBeUndefined();
});
