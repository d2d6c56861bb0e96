import { cropOf } from '../crops/catalogue';
import type { Fact } from '../journal/entry';
import type { Bodies } from '../journal/kinds/kinds';
import { meantFor } from '../journal/matingOf';
import { flowersDue } from './flowersDue';
import { begin, type Phone } from './testYard';
import { usualWays, waysOf } from './ways';

const AT = '2026-07-17T12:00:00Z';
const DAY = '2026-07-19';
const ways = (body: Bodies['ways.set']): Fact => ({ kind: 'ways.set', body });

const garden = (): Phone =>
  begin([
    { variety: 'v', crop: 'pepo', plants: ['v1', 'v2'] },
    { variety: 'w', crop: 'pepo', purpose: 'eat', plants: ['w1'] },
    { variety: 'm', crop: 'melon', plants: ['m1'] },
  ]);
const of = ({ journal }: Phone, plant: string) => waysOf(journal, meantFor(journal, plant, DAY)!);

// Two for fruit, three for seed; no cover for fruit (our defaults among the schools).
test('without a choice it is as usual for the crop and the purpose', () => {
  const phone = garden();
  expect(of(phone, 'v1')).toEqual({ males: 3, method: 'maleFlower', cover: 'tape' });
  expect(of(phone, 'w1')).toEqual({ males: 2, method: 'maleFlower', cover: 'none' });
  expect(usualWays(cropOf('tomato'), { purpose: 'eat', mother: 'a', father: 'b' }).method).toBe('brush');
});

test('what was chosen for a variety holds for it, and what was chosen for its cross goes before that', () => {
  const phone = garden();
  phone.say(AT, ways({ of: 'v', males: 1, cover: 'bag' }));
  expect(of(phone, 'v1')).toEqual({ males: 1, method: 'maleFlower', cover: 'bag' });
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
  expect(of(phone, 'v2')).toEqual({ males: 4, method: 'brush', cover: 'bag' });
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
