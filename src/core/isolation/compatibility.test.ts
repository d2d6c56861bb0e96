import { cropOf, CROP_IDS } from '../crops/catalogue';
import type { Endosperm } from '../crops/traits';
import { compatibility, crossingFrequency, RARE_CROSSES } from './compatibility';

const how = (mother: (typeof CROP_IDS)[number], father: (typeof CROP_IDS)[number]): string =>
  compatibility({ crop: mother }, { crop: father }).frequency;

test('compatibility does not depend on which is the mother', () => {
  for (const a of CROP_IDS) {
    expect(how(a, a)).toBe('freely');
    for (const b of CROP_IDS) expect(how(a, b)).toBe(how(b, a));
  }
});

// Squash breeding reviews (from memory): the species are kept apart in planning; moschata and argyrosperma cross
// now and then, moschata with maxima or pepo seldom.
test('squash species do not cross, but for a few that cross rarely', () => {
  expect(how('pepo', 'maxima')).toBe('never');
  expect(how('maxima', 'argyrosperma')).toBe('never');
  expect(compatibility({ crop: 'argyrosperma' }, { crop: 'moschata' })).toMatchObject({
    frequency: 'rarely',
    reasons: [{ code: 'crossOccasionally' }],
  });
  expect(how('moschata', 'maxima')).toBe('rarely');
  expect(how('moschata', 'pepo')).toBe('rarely');
});

// Pepper breeding reviews (from memory): annuum, chinense and frutescens are one complex; baccatum stands next to it
// it; pubescens apart.
test('cultivated peppers: one complex, one next to it, one apart', () => {
  expect(how('annuum', 'chinense')).toBe('freely');
  expect(how('chinense', 'frutescens')).toBe('freely');
  expect(how('annuum', 'baccatum')).toBe('rarely');
  expect(how('annuum', 'pubescens')).toBe('never');
});

// Common practice, no source.
test('melon and watermelon never cross, watermelon and citron do, cucumber stands alone', () => {
  expect(how('melon', 'watermelon')).toBe('never');
  expect(how('watermelon', 'citron')).toBe('freely');
  for (const other of CROP_IDS.filter((id) => id !== 'cucumber'))
    expect(how('cucumber', other)).toBe('never');
});

test('the nightshades do not cross with each other', () => {
  const kinds = ['tomato', 'potato', 'aubergine', 'annuum'] as const;
  for (const a of kinds) for (const b of kinds) if (a !== b) expect(how(a, b)).toBe('never');
});

const kernels = (mother: Endosperm, father: Endosperm): string =>
  compatibility({ crop: 'corn', endosperm: mother }, { crop: 'corn', endosperm: father }).xenia;

// Xenia: sweetness and supersweetness are recessive at different genes, so their cross is starchy (corn genetics,
// textbook; from memory).
test('corn shows xenia: a cross changes this year’s kernels', () => {
  expect(kernels('sweet', 'starchy')).toBe('spoils');
  expect(kernels('sweet', 'supersweet')).toBe('spoils');
  expect(kernels('supersweet', 'sweet')).toBe('spoils');
  expect(kernels('pop', 'starchy')).toBe('spoils');
  expect(kernels('starchy', 'sweet')).toBe('visible');
  expect(kernels('sweet', 'sweet')).toBe('none');
  expect(compatibility({ crop: 'corn' }, { crop: 'corn', endosperm: 'pop' }).xenia).toBe('unknown');
});

test('no other crop shows xenia', () => {
  for (const a of CROP_IDS.filter((id) => id !== 'corn')) {
    for (const b of CROP_IDS) expect(compatibility({ crop: a }, { crop: b }).xenia).toBe('none');
  }
});

test('every judgement has a reason, and every figure a source', () => {
  for (const a of CROP_IDS) {
    expect(compatibility({ crop: a }, { crop: 'pepo' }).reasons.length).toBeGreaterThan(0);
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
  for (const a of CROP_IDS) for (const b of CROP_IDS) expect(crossingFrequency(a, b)).toBe(how(a, b));
  const groups = new Set(CROP_IDS.map((id) => cropOf(id).group));
  for (const [one, other] of RARE_CROSSES) expect([groups.has(one), groups.has(other)]).toEqual([true, true]);
});
