import { cropOf, CROP_IDS } from '../crops/catalogue';
import type { Kernel } from '../journal/entry';
import { crossesHow, crossing, RARE_CROSSES } from './crossing';

const how = (mother: (typeof CROP_IDS)[number], father: (typeof CROP_IDS)[number]): string =>
  crossing({ crop: mother }, { crop: father }).how;

test('who crosses with whom does not depend on who is the mother', () => {
  for (const a of CROP_IDS) {
    expect(how(a, a)).toBe('freely');
    for (const b of CROP_IDS) expect(how(a, b)).toBe(how(b, a));
  }
});

// Squash breeding reviews (from memory): the species are kept apart in planning; moschata and argyrosperma cross
// now and then, moschata with maxima or pepo seldom.
test('squash species are apart, but for a few that cross rarely', () => {
  expect(how('pepo', 'maxima')).toBe('no');
  expect(how('maxima', 'argyrosperma')).toBe('no');
  expect(crossing({ crop: 'argyrosperma' }, { crop: 'moschata' })).toMatchObject({
    how: 'rarely',
    reasons: [{ code: 'nowAndThen' }],
  });
  expect(how('moschata', 'maxima')).toBe('rarely');
  expect(how('moschata', 'pepo')).toBe('rarely');
});

// Pepper breeding reviews (from memory): annuum, chinense and frutescens are one complex; baccatum stands beside
// it; pubescens apart.
test('cultivated peppers: one complex, one beside it, one apart', () => {
  expect(how('annuum', 'chinense')).toBe('freely');
  expect(how('chinense', 'frutescens')).toBe('freely');
  expect(how('annuum', 'baccatum')).toBe('rarely');
  expect(how('annuum', 'pubescens')).toBe('no');
});

// Common practice, no source.
test('melon and watermelon never cross, watermelon and citron do, cucumber stands alone', () => {
  expect(how('melon', 'watermelon')).toBe('no');
  expect(how('watermelon', 'citron')).toBe('freely');
  for (const other of CROP_IDS.filter((id) => id !== 'cucumber')) expect(how('cucumber', other)).toBe('no');
});

test('the nightshades do not cross with each other', () => {
  const kinds = ['tomato', 'potato', 'aubergine', 'annuum'] as const;
  for (const a of kinds) for (const b of kinds) if (a !== b) expect(how(a, b)).toBe('no');
});

const kernels = (mother: Kernel, father: Kernel): string =>
  crossing({ crop: 'corn', kernel: mother }, { crop: 'corn', kernel: father }).thisYear;

// Xenia: sweetness and supersweetness are recessive at different genes, so their cross is starchy (corn genetics,
// textbook; from memory).
test('corn shows a cross in this year’s kernels', () => {
  expect(kernels('sweet', 'starchy')).toBe('spoils');
  expect(kernels('sweet', 'supersweet')).toBe('spoils');
  expect(kernels('supersweet', 'sweet')).toBe('spoils');
  expect(kernels('pop', 'starchy')).toBe('spoils');
  expect(kernels('starchy', 'sweet')).toBe('changes');
  expect(kernels('sweet', 'sweet')).toBe('no');
  expect(crossing({ crop: 'corn' }, { crop: 'corn', kernel: 'pop' }).thisYear).toBe('unknown');
});

test('no other crop’s eating suffers this year', () => {
  for (const a of CROP_IDS.filter((id) => id !== 'corn')) {
    for (const b of CROP_IDS) expect(crossing({ crop: a }, { crop: b }).thisYear).toBe('no');
  }
});

test('every judgement has its reason, and every figure its standing and order', () => {
  for (const a of CROP_IDS) {
    expect(crossing({ crop: a }, { crop: 'pepo' }).reasons.length).toBeGreaterThan(0);
    const { distances, mothers } = cropOf(a);
    const [casual, saving, rare] = [distances.casual.value, distances.saving.value, distances.rare.value];
    for (const [least, most] of [casual, saving, rare]) expect(least).toBeLessThanOrEqual(most);
    expect(casual[1]).toBeLessThanOrEqual(saving[1]);
    expect(saving[1]).toBeLessThanOrEqual(rare[1]);
    expect(mothers.any.value).toBeLessThanOrEqual(mothers.keep.value[0]);
    expect(mothers.keep.value[1]).toBeLessThanOrEqual(mothers.conserve.value[1]);
  }
});

test('the short answer and the long one agree, and rare crosses name groups that exist', () => {
  for (const a of CROP_IDS) for (const b of CROP_IDS) expect(crossesHow(a, b)).toBe(how(a, b));
  const groups = new Set(CROP_IDS.map((id) => cropOf(id).group));
  for (const [one, other] of RARE_CROSSES) expect([groups.has(one), groups.has(other)]).toEqual([true, true]);
});
