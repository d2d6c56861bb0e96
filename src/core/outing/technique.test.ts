import { cropOf, type CropId } from '../crops/catalogue';
import type { Fact } from '../journal/entry';
import type { Bodies } from '../journal/kinds/kinds';
import { meantFor } from '../journal/matingOf';
import { flowersDue } from '../due/flowersDue';
import { begin, type Phone } from '@testing/yard';
import { spacingOf, usualTechnique, techniqueOf } from './technique';

const AT = '2026-07-17T12:00:00Z';
const DAY = '2026-07-19';
const ways = (body: Bodies['ways.set']): Fact => ({ kind: 'ways.set', body });

const garden = (): Phone =>
  begin([
    { variety: 'v', crop: 'pepo', plants: ['v1', 'v2'] },
    { variety: 'w', crop: 'pepo', purpose: 'eat', plants: ['w1'] },
    { variety: 'm', crop: 'melon', plants: ['m1'] },
  ]);
const of = ({ journal }: Phone, plant: string) => techniqueOf(journal, meantFor(journal, plant, DAY)!);

// Two for fruit, three for seed; no cover for fruit (our defaults among the schools).
test('without a choice it is as usual for the crop and the purpose', () => {
  const phone = garden();
  expect(of(phone, 'v1')).toEqual({ males: 3, method: 'maleFlower', cover: 'tape', times: 1 });
  expect(of(phone, 'w1')).toEqual({ males: 2, method: 'maleFlower', cover: 'none', times: 1 });
  // Of perfect flowers a cross is dabbed with the father's anthers; what is carried for fruit goes by brush.
  expect(usualTechnique(cropOf('tomato'), { purpose: 'eat', mother: 'a', father: 'b' }).method).toBe(
    'anthers',
  );
  expect(usualTechnique(cropOf('tomato'), { purpose: 'eat', mother: 'a', father: 'a' }).method).toBe('brush');
});

test('what was chosen for a variety holds for it, and what was chosen for its cross goes before that', () => {
  const phone = garden();
  phone.say(AT, ways({ of: 'v', males: 1, cover: 'bag' }));
  expect(of(phone, 'v1')).toEqual({ males: 1, method: 'maleFlower', cover: 'bag', times: 1 });
  const cross: Bodies['mating.set'] = {
    mating: 'x',
    mother: 'v',
    father: 'w',
    purpose: 'seedForFun',
    ownPollen: 'never',
    from: '2026-07-18',
    plants: ['v2'],
  };
  phone.say(AT, { kind: 'mating.set', body: cross }, ways({ of: 'x', males: 4, method: 'brush' }));
  expect(of(phone, 'v2')).toEqual({ males: 4, method: 'brush', cover: 'bag', times: 1 });
  expect(of(phone, 'v1').males).toBe(1);
  phone.say(AT, ways({ of: 'v' }));
  expect(of(phone, 'v1').males).toBe(3);
});

test('a round looks for as many males as were chosen', () => {
  const phone = garden();
  phone.say(AT, ways({ of: 'v', males: 1 }));
  phone.say('2026-07-18T18:00:00Z', {
    kind: 'covered',
    body: { plant: 'v1', day: DAY, method: 'tape', blooms: [{ bloom: 'f', sex: 'female', code: 'K1' }] },
  });
  const { buds } = flowersDue(phone.journal, { day: DAY, outing: 'morning' });
  expect(buds.females).toMatchObject([{ malesWanted: 1, fewestMales: 1 }]);
});

// The tip silks come last, so a second pollination fills the tip (common practice, no source).
test('an ear of corn is pollinated once, and again the next day where that was chosen', () => {
  const phone = begin([{ variety: 'v', crop: 'corn', plants: ['v1', 'v2'] }]);
  phone.say('2026-07-18T12:00:00Z', {
    kind: 'covered',
    body: {
      plant: 'v1',
      day: DAY,
      method: 'shootBag',
      blooms: [{ bloom: 'ear', sex: 'female', code: 'K1', part: 'ear' }],
    },
  });
  phone.say('2026-07-19T09:00:00Z', {
    kind: 'pollinated',
    body: {
      bloom: 'ear',
      plant: 'v1',
      donors: [{ plant: 'v2', bloom: '' }],
      found: 'shut',
      method: 'tasselBag',
      shutAgain: true,
      tagged: true,
    },
  });
  const due = (day: string) => flowersDue(phone.journal, { day, outing: 'morning' }).buds.females;
  expect(due('2026-07-20')).toEqual([]);
  phone.say('2026-07-19T12:00:00Z', ways({ of: 'v', times: 2 }));
  expect(due('2026-07-20')).toMatchObject([{ bloom: 'ear', application: 2 }]);
  // Missed on that day, as long as the silk takes pollen (extension bulletins, from memory: five days at least).
  expect(due('2026-07-21')).toMatchObject([{ bloom: 'ear', application: 2 }]);
  expect(due('2026-07-24')).toEqual([]);
});

test('what is usual once or twice follows the crop: a dab an hour later is for what is eaten', () => {
  const wanted = (purpose: 'eat' | 'seedToKeep') => ({ purpose, mother: 'a', father: 'a' });
  expect(usualTechnique(cropOf('watermelon'), wanted('eat')).times).toBe(2);
  expect(usualTechnique(cropOf('watermelon'), wanted('seedToKeep')).times).toBe(1);
  expect(usualTechnique(cropOf('tomato'), { ...wanted('seedToKeep'), father: 'b' }).times).toBe(2);
  const spacing = (crop: CropId, protocol: 'fruit' | 'seed' | 'cross', sameDay?: boolean) =>
    spacingOf(cropOf(crop), cropOf(crop).protocols[protocol]!, sameDay);
  expect(spacing('watermelon', 'fruit')).toEqual({ unit: 'h', value: 1, most: 2 });
  expect(spacing('pepo', 'seed')?.unit).toBe('h');
  // Three or four visits a day are a way of its own for a cross of perfect flowers, of no other crop.
  expect(spacing('tomato', 'cross')).toEqual({ unit: 'd', value: 1, most: 3 });
  expect(spacing('tomato', 'cross', true)).toEqual({ unit: 'h', value: 2, most: 4 });
  expect(spacing('corn', 'seed', true)).toEqual(spacing('corn', 'seed'));
});

test('a mother whose variety is not known is worked with one male, by hand', () => {
  const nobody = { mother: 'gone', father: 'gone', purpose: 'seedToKeep' } as const;
  expect(techniqueOf(garden().journal, nobody)).toEqual({
    males: 1,
    method: 'maleFlower',
    cover: 'none',
    times: 1,
  });
});
