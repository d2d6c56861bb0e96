import { growSeedFruit, type SeedFruit } from '@testing/seedFruit';
import { begin, YARD, type Phone } from '@testing/yard';
import { fruitsOf } from '../fruit/fruits';
import type { Fact } from '../journal/entry';
import type { Selection } from '../journal/kinds/plan';
import { seasonAt } from '../season/seasons';
import { motherCandidates } from './motherCandidates';

const TODAY = '2026-08-20';
const PLANTS = ['A', 'B', 'C', 'D', 'E', 'F'];

const fruit = (plant: string, more: Partial<SeedFruit> = {}): SeedFruit => ({
  ...{ bloom: `f-${plant}`, plant, fathers: ['F'], day: '2026-07-10' },
  ...more,
});
const note = (
  plant: string,
  health: 'sound' | 'suspect' = 'sound',
  trueness: 'typical' | 'doubtful' = 'typical',
): Fact => ({ kind: 'plant.noted', body: { plant, health, trueness } });

const yard = (): Phone => begin([{ variety: 'v', crop: 'pepo', plants: PLANTS }]);

const ranked = ({ journal }: Phone) =>
  motherCandidates(journal, {
    variety: 'v',
    fruits: fruitsOf(journal, YARD, TODAY, seasonAt(journal, TODAY)),
    gradeOf: () => 'true',
  });
const said = (phone: Phone): Record<string, readonly string[]> =>
  Object.fromEntries(
    ranked(phone).map(({ plant, standing, reasons }) => [
      plant.plant,
      [standing, ...reasons.map(({ code }) => code.replace('mother.', ''))],
    ]),
  );

test('healthy and typical first; then who was not looked at; doubtful after that, and who must not be last', () => {
  const phone = yard();
  phone.say('2026-07-30T09:00:00Z', note('C'), note('B', 'sound', 'doubtful'), note('A', 'suspect'));
  expect(ranked(phone).map(({ plant, standing }) => `${plant.plant} ${standing}`)).toEqual([
    'C good',
    'D notLooked',
    'E notLooked',
    'F notLooked',
    'B doubtful',
    'A no',
  ]);
});

test('whom the grower chose comes first among those that are as good, whom they leave out last, with why', () => {
  const phone = yard();
  const select = (plant: string, choice: Selection, why?: string): Fact => ({
    kind: 'plant.selected',
    body: { plant, choice, ...(why !== undefined && { note: why }) },
  });
  phone.say('2026-07-30T09:00:00Z', note('B'), note('C'), note('D'), note('E', 'sound', 'doubtful'));
  phone.say('2026-07-30T09:30:00Z', select('D', 'keep', 'early'), select('B', 'leave'), select('E', 'keep'));
  expect(ranked(phone).map(({ plant }) => plant.plant)).toEqual(['D', 'C', 'A', 'F', 'E', 'B']);
  const [first] = ranked(phone);
  expect(first!.reasons.find(({ code }) => code === 'mother.chosen')?.params).toEqual({ note: 'early' });
  expect(said(phone)['B']![0]).toBe('no');
  // Said again it counts as it was said last.
  phone.say('2026-07-31T09:00:00Z', select('B', 'unsure'));
  expect(said(phone)['B']).toEqual(['good', 'healthy']);
});

test('what was seen of a plant and its fruits is told', () => {
  const phone = yard();
  phone.say('2026-07-30T09:00:00Z', note('A'), note('B'));
  growSeedFruit(phone, fruit('A', { picked: '2026-08-19' }));
  growSeedFruit(phone, fruit('B'));
  growSeedFruit(phone, fruit('C', { picked: '2026-08-19' }));
  growSeedFruit(phone, fruit('D'));
  phone.say(
    '2026-08-20T06:00:00Z',
    { kind: 'looked', body: { bloom: 'f-B', seen: 'growing', tag: 'there' } },
    { kind: 'looked', body: { bloom: 'f-D', seen: 'gone', cause: 'pest' } },
    { kind: 'fruit.opened', body: { bloom: 'f-A', day: TODAY, taste: 'good' } },
    { kind: 'fruit.opened', body: { bloom: 'f-C', day: TODAY, taste: 'bitter', none: 'bitter' } },
  );
  expect(said(phone)).toMatchObject({
    A: ['good', 'healthy', 'goodTaste', 'gave', 'sets'],
    B: ['good', 'healthy', 'bears', 'sets'],
    C: ['no', 'bitter', 'sets'],
    D: ['notLooked', 'pest', 'sets'],
  });
  // Who gave less comes before who gave as well, and both before who was not looked at.
  expect(
    ranked(phone)
      .slice(0, 2)
      .map(({ plant }) => plant.plant),
  ).toEqual(['A', 'B']);
  growSeedFruit(phone, fruit('A', { bloom: 'f2-A', code: 'K2', day: '2026-07-12' }));
  expect(
    ranked(phone)
      .slice(0, 2)
      .map(({ plant }) => plant.plant),
  ).toEqual(['B', 'A']);
});

test('who was pulled out is no candidate; of who had given seed its end is told', () => {
  const phone = yard();
  growSeedFruit(phone, fruit('A', { picked: '2026-08-15' }));
  for (const plant of ['A', 'B'])
    phone.say('2026-08-18T09:00:00Z', { kind: 'plant.removed', body: { plant, why: 'offType' } });
  expect(said(phone)).toMatchObject({ A: ['no', 'offType', 'gave', 'sets'] });
  expect(said(phone)).not.toHaveProperty('B');
});

test('a garden without that variety has none', () => {
  expect(motherCandidates(yard().journal, { variety: 'w', fruits: [], gradeOf: () => 'true' })).toEqual([]);
});
