import { CROP_IDS } from '../crops/catalogue';
import type { Ground } from '../garden/surroundings';
import { requiredDistance, type DistanceQuestion } from './requiredDistance';

const required = ({ ground = 'mixed', ...variety }: Partial<DistanceQuestion & { ground: Ground }>): number =>
  requiredDistance({ crop: 'pepo', purpose: 'seedToKeep', ...variety }, ground).metres;

// Seed-saving guides and certification rules (from memory): squash for saving 400 to 800 m, rare 800 m to 1.6 km;
// corn casually 75 to 100 m; tomato with inserted style 3 to 15 m.
test('ranges of the guides, by what a mistake would cost', () => {
  expect(required({ ground: 'sheltered' })).toBe(400);
  expect(required({})).toBe(600);
  expect(required({ ground: 'open' })).toBe(800);
  expect(required({ purpose: 'rareOrSold', ground: 'open' })).toBe(1600);
  expect(required({ purpose: 'seedForFun' })).toBe(250);
  expect(required({ crop: 'corn', purpose: 'seedForFun', ground: 'open' })).toBe(100);
  expect(required({ crop: 'tomato', ground: 'open' })).toBe(15);
});

test('what is only eaten needs no distance, except corn', () => {
  for (const crop of CROP_IDS) {
    const metres = required({ crop, purpose: 'eat', ground: 'open' });
    if (crop === 'corn') expect(metres).toBe(100);
    else expect(metres).toBe(0);
  }
  const { reasons } = requiredDistance({ crop: 'corn', purpose: 'eat' }, 'mixed');
  expect(reasons[0]!.code).toBe('xeniaWhenEaten');
});

// Cucumbers that set without pollen turn bulbous, seedy and bitter when pollinated; seedless watermelons set only with
// pollen of a seeded one (common practice, no source).
test('a cucumber that sets without pollen is kept away from it even when only eaten; a seedless watermelon is not', () => {
  const cucumber = { crop: 'cucumber', purpose: 'eat', parthenocarpic: true } as const;
  expect(requiredDistance(cucumber, 'mixed')).toMatchObject({
    metres: 250,
    reasons: [{ code: 'spoiltByPollen' }],
  });
  expect(required({ ...cucumber, parthenocarpic: false })).toBe(0);
  expect(required({ crop: 'pepo', purpose: 'eat', parthenocarpic: true })).toBe(0);
  expect(requiredDistance({ crop: 'watermelon', purpose: 'eat', seedless: true }, 'mixed')).toMatchObject({
    metres: 0,
    reasons: [{ code: 'seedlessWantsPollen' }],
  });
});

test('an exserted style needs more', () => {
  for (const purpose of ['seedForFun', 'seedToKeep', 'rareOrSold'] as const) {
    const question = { crop: 'tomato', purpose, ground: 'sheltered' } as const;
    expect(required({ ...question, style: 'exserted' })).toBeGreaterThan(
      required({ ...question, style: 'inserted' }),
    );
  }
  expect(required({ crop: 'pepo', style: 'exserted' })).toBe(required({ crop: 'pepo' }));
});

test('more care and more open ground never need less', () => {
  const care = ['seedForFun', 'seedToKeep', 'rareOrSold'] as const;
  const grounds = ['sheltered', 'mixed', 'open'] as const;
  for (const crop of CROP_IDS) {
    for (const purpose of care) {
      const metres = grounds.map((ground) => required({ crop, purpose, ground }));
      expect(metres).toEqual([...metres].sort((a, b) => a - b));
    }
    for (const ground of grounds) {
      const metres = care.map((purpose) => required({ crop, purpose, ground }));
      expect(metres).toEqual([...metres].sort((a, b) => a - b));
    }
  }
});
