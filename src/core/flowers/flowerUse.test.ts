import { cropOf, type CropId } from '../crops/catalogue';
import { identify } from './identify';
import type { SeenCrop } from './kindsOf';
import type { FlowerKind } from './signs/sign';
import { flowerUse, flowerUseOfKind, type FlowerCondition } from './flowerUse';

const seen = (id: CropId): SeenCrop => cropOf(id) as SeenCrop;

describe('what can be done now (common practice, no source)', () => {
  const cases: [string, CropId, FlowerKind, FlowerCondition, string][] = [
    // Peas and beans have their own pollen before they open; okra only when it does.
    [
      'a pea is opened for a cross while it is green',
      'pea',
      { sex: 'perfect', stage: 'green' },
      { goal: 'cross' },
      'emasculate',
    ],
    ['in full colour it is too late', 'pea', { sex: 'perfect', stage: 'eve' }, { goal: 'cross' }, 'leave'],
    [
      'okra is opened the evening before',
      'okra',
      { sex: 'perfect', stage: 'eve' },
      { goal: 'cross' },
      'emasculate',
    ],
    [
      'nobody need pollinate a bean',
      'commonBean',
      { sex: 'perfect', stage: 'open' },
      { goal: 'fruit' },
      'leave',
    ],
    ['nor an okra for seed', 'okra', { sex: 'perfect', stage: 'open' }, { goal: 'seed' }, 'leave'],
    [
      'a head is brushed, not emasculated',
      'sunflower',
      { sex: 'perfect', stage: 'eve' },
      { goal: 'cross' },
      'cover',
    ],
    [
      'an eve bud for seed is covered tonight',
      'pepo',
      { sex: 'female', stage: 'eve' },
      { goal: 'seed' },
      'cover',
    ],
    ['and a male one too', 'pepo', { sex: 'male', stage: 'eve' }, { goal: 'seed' }, 'cover'],
    [
      'for fruit it is left until morning',
      'pepo',
      { sex: 'female', stage: 'eve' },
      { goal: 'fruit' },
      'comeBack',
    ],
    [
      'a green bud is too early: a cover would be wasted',
      'pepo',
      { sex: 'female', stage: 'green' },
      { goal: 'seed' },
      'comeBack',
    ],
    [
      'an open female gets pollen for fruit',
      'pepo',
      { sex: 'female', stage: 'open' },
      { goal: 'fruit' },
      'pollinate',
    ],
    [
      'found open without cover it is not for seed',
      'pepo',
      { sex: 'female', stage: 'open' },
      { goal: 'seed' },
      'fruitOnly',
    ],
    [
      'covered and whole it is',
      'pepo',
      { sex: 'female', stage: 'open' },
      { goal: 'seed', cover: 'intact' },
      'pollinate',
    ],
    [
      'with a hole an insect has been in',
      'pepo',
      { sex: 'female', stage: 'open' },
      { goal: 'seed', cover: 'intact', hole: true },
      'fruitOnly',
    ],
    [
      'tape that came off guards nothing',
      'pepo',
      { sex: 'male', stage: 'open' },
      { goal: 'seed', cover: 'opened' },
      'fruitOnly',
    ],
    ['an open male gives pollen', 'cucumber', { sex: 'male', stage: 'open' }, { goal: 'fruit' }, 'pollen'],
    ['a faded male will do for fruit', 'pepo', { sex: 'male', stage: 'spent' }, { goal: 'fruit' }, 'pollen'],
    ['not for seed', 'pepo', { sex: 'male', stage: 'spent' }, { goal: 'seed', cover: 'intact' }, 'leave'],
    ['a female that is over is left', 'pepo', { sex: 'female', stage: 'spent' }, { goal: 'fruit' }, 'leave'],
    [
      'a shoot of corn is bagged before silk shows',
      'corn',
      { sex: 'female', stage: 'green' },
      { goal: 'seed' },
      'cover',
    ],
    ['or when it comes next', 'corn', { sex: 'female', stage: 'eve' }, { goal: 'seed' }, 'cover'],
    [
      'a tassel that sheds is bagged for its pollen of the next morning',
      'corn',
      { sex: 'male', stage: 'open' },
      { goal: 'seed' },
      'cover',
    ],
    [
      'from a bag that held it is taken',
      'corn',
      { sex: 'male', stage: 'open' },
      { goal: 'seed', cover: 'intact' },
      'pollen',
    ],
    [
      'a silk seen outside a bag is contaminated',
      'corn',
      { sex: 'female', stage: 'open' },
      { goal: 'seed' },
      'fruitOnly',
    ],
    [
      'a colouring bud is emasculated for a cross',
      'tomato',
      { sex: 'perfect', stage: 'eve' },
      { goal: 'cross' },
      'emasculate',
    ],
    [
      'an open one has pollinated itself',
      'tomato',
      { sex: 'perfect', stage: 'open' },
      { goal: 'cross' },
      'leave',
    ],
    [
      'and gives the pollen if it was bagged',
      'tomato',
      { sex: 'perfect', stage: 'open' },
      { goal: 'cross', cover: 'intact' },
      'pollen',
    ],
    ['for fruit it is shaken', 'tomato', { sex: 'perfect', stage: 'open' }, { goal: 'fruit' }, 'pollinate'],
    [
      'a short-styled aubergine flower is not worth a tag',
      'aubergine',
      { sex: 'perfect', stage: 'open', style: 'short' },
      { goal: 'fruit' },
      'leave',
    ],
  ];
  test.each(cases)('%s', (_, crop, kind, condition, use) => {
    const found = flowerUseOfKind(seen(crop), kind, condition);
    expect(found.use).toBe(use);
    expect(found.reasons.length).toBeGreaterThan(0);
  });
});

test('between green and eve one looks once more, and is told between what', () => {
  const { beliefs } = identify(seen('pepo'), {}, { under: 'fruitlet', size: 'half' });
  const use = flowerUse(seen('pepo'), beliefs, { goal: 'seed' });
  expect(use.use).toBe('lookCloser');
  expect(use.reasons[0]!.params).toMatchObject({ one: 'comeBack', other: 'cover' });
});

test('sure enough of the use, the age may stay open', () => {
  // Pin or green: either way it is too early.
  const { beliefs, stage } = identify(seen('pepo'), {}, { colour: 'green', tip: 'closed' });
  expect(stage.chance).toBeLessThan(0.75);
  expect(flowerUse(seen('pepo'), beliefs, { goal: 'seed' }).use).toBe('comeBack');
});

test('a female that is late may be tried, and is said to be late', () => {
  const use = flowerUseOfKind(seen('pepo'), { sex: 'female', stage: 'open' }, { goal: 'fruit', late: true });
  expect(use.use).toBe('pollinate');
  expect(use.reasons.map(({ code }) => code)).toContain('shutSoon');
});
