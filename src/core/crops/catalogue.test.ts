import { COVERED_CROP_IDS, CROP_IDS, cropOf, isPollinatedOpen } from './catalogue';
import type { Figure, Span } from './crop';

/** Every figure of a crop, with where it stands. */
function figuresOf(value: unknown, path = ''): (readonly [string, Figure<number | Span>])[] {
  if (typeof value !== 'object' || value === null) return [];
  if ('standing' in value) return [[path, value as Figure<number | Span>]];
  return Object.entries(value).flatMap(([key, inner]) => figuresOf(inner, `${path}.${key}`));
}

test.each(CROP_IDS)(
  '%s: every figure has a unit and a standing, spans run upwards, memory names its source',
  (id) => {
    const figures = figuresOf(cropOf(id));
    expect(figures.length).toBeGreaterThan(8);
    for (const [path, { value, unit, standing, source }] of figures) {
      expect([path, unit.length > 0, ['practice', 'memory', 'default'].includes(standing)]).toEqual([
        path,
        true,
        true,
      ]);
      if (standing === 'memory') expect([path, source]).toEqual([path, expect.stringMatching(/\w{4}/)]);
      if (Array.isArray(value)) expect(value[0]).toBeLessThanOrEqual(value[1]);
      for (const number of [value].flat() as number[]) expect(Number.isFinite(number)).toBe(true);
      if (unit === 'share')
        for (const share of [value].flat() as number[]) expect(share > 0 && share <= 1).toBe(true);
    }
  },
);

test('distances and mothers never fall with more care', () => {
  for (const id of CROP_IDS) {
    const { distances, mothers } = cropOf(id);
    expect(distances.casual.value[1]).toBeLessThanOrEqual(distances.saving.value[1]);
    expect(distances.saving.value[1]).toBeLessThanOrEqual(distances.rare.value[1]);
    expect(mothers.any.value).toBeLessThanOrEqual(mothers.keep.value[0]);
    expect(mothers.keep.value[1]).toBeLessThanOrEqual(mothers.conserve.value[1]);
  }
});

// Seed-saving guides and certification rules (from memory); corn: 200 m (660 ft) for certified seed.
test('isolation lies where guides and rules put it', () => {
  expect(cropOf('pepo').distances.saving.value).toEqual([400, 800]);
  expect(cropOf('tomato').distances.casual.value[0]).toBe(3);
  const { casual, saving } = cropOf('corn').distances;
  expect(casual.value[1]).toBeLessThan(200);
  expect(saving.value[1]).toBeGreaterThan(200);
  expect(CROP_IDS.filter((id) => cropOf(id).timeApart)).toEqual(['corn']);
  expect(cropOf('corn').timeApart!.value).toEqual([14, 21]);
});

// Cross & Zuber 1972 (corn, 10 to 30 °C); Perry & Wehner (cucumber, 15.5 to 32 °C); Seaton & Kremer 1939 (floors:
// squash 10, melon 18 to 20 °C). All from memory.
test('temperatures that are published', () => {
  expect(cropOf('corn').development).toMatchObject({ base: { value: 10 }, cap: { value: 30 } });
  expect(cropOf('cucumber').development).toMatchObject({ base: { value: 15.5 }, cap: { value: 32 } });
  expect(cropOf('pepo').floor!.value).toBe(10);
  expect(cropOf('melon').floor!.value).toBeGreaterThanOrEqual(18);
});

// Common practice, no source: what each crop is pollinated with, and when its flowers open.
test('growth habits', () => {
  expect(cropOf('tomato').methods[0]).toBe('vibrate');
  expect(cropOf('corn')).toMatchObject({
    pollenVector: 'wind',
    habit: 'monoecious',
    covers: ['shootBag', 'tasselBag'],
  });
  for (const id of ['bottleGourd', 'snakeGourd'] as const) {
    expect(cropOf(id)).toMatchObject({ pollenVector: 'nightInsects', hours: { from: 'sunset' } });
  }
  expect(cropOf('potato').cautions).toContain('poisonousBerries');
  expect(cropOf('melon').variableTraits).toContain('flowers');
});

// Common practice, no source: which crops are covered in the evening and worked next morning, and which are worked as
// they open.
test('the walk and the round lead through what is covered before it opens, by morning or by dusk', () => {
  for (const id of [
    'pepo',
    'maxima',
    'moschata',
    'argyrosperma',
    'melon',
    'cucumber',
    'watermelon',
    'corn',
    'bottleGourd',
    'snakeGourd',
  ] as const)
    expect(COVERED_CROP_IDS).toContain(id);
  for (const id of ['tomato', 'pea', 'strawberry'] as const) expect(COVERED_CROP_IDS).not.toContain(id);
  expect(isPollinatedOpen(cropOf('bottleGourd'))).toBe(true);
  for (const id of ['corn', 'tomato', 'strawberry', 'lettuce'] as const)
    expect(isPollinatedOpen(cropOf(id))).toBe(false);
});
