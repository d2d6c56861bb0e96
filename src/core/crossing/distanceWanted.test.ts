import { distanceWanted, type DistanceQuestion } from './distanceWanted';
import { CROP_IDS } from '../crops/catalogue';

const wanted = (question: Partial<DistanceQuestion>): number =>
  distanceWanted({ crop: 'pepo', purpose: 'seedToKeep', ground: 'mixed', ...question }).metres;

// Seed-saving guides and certification rules (from memory): squash for saving 400 to 800 m, rare 800 m to 1.6 km;
// corn casually 75 to 100 m; tomato with inset style 3 to 15 m.
test('ranges of the guides, by how much a mistake would cost', () => {
  expect(wanted({ ground: 'sheltered' })).toBe(400);
  expect(wanted({})).toBe(600);
  expect(wanted({ ground: 'open' })).toBe(800);
  expect(wanted({ purpose: 'rareOrSold', ground: 'open' })).toBe(1600);
  expect(wanted({ purpose: 'seedForFun' })).toBe(250);
  expect(wanted({ crop: 'corn', purpose: 'seedForFun', ground: 'open' })).toBe(100);
  expect(wanted({ crop: 'tomato', ground: 'open' })).toBe(15);
});

test('nothing is asked of what is only eaten, but of corn', () => {
  for (const crop of CROP_IDS) {
    const metres = wanted({ crop, purpose: 'eat', ground: 'open' });
    if (crop === 'corn') expect(metres).toBe(100);
    else expect(metres).toBe(0);
  }
  const { reasons } = distanceWanted({ crop: 'corn', purpose: 'eat', ground: 'mixed' });
  expect(reasons[0]!.code).toBe('kernelsAreEaten');
});

test('a style that stands out asks for more', () => {
  for (const purpose of ['seedForFun', 'seedToKeep', 'rareOrSold'] as const) {
    const question = { crop: 'tomato', purpose, ground: 'sheltered' } as const;
    expect(wanted({ ...question, style: 'out' })).toBeGreaterThan(wanted({ ...question, style: 'inset' }));
  }
  expect(wanted({ crop: 'pepo', style: 'out' })).toBe(wanted({ crop: 'pepo' }));
});

test('more care and more open ground never ask for less', () => {
  const care = ['seedForFun', 'seedToKeep', 'rareOrSold'] as const;
  const grounds = ['sheltered', 'mixed', 'open'] as const;
  for (const crop of CROP_IDS) {
    for (const purpose of care) {
      const metres = grounds.map((ground) => wanted({ crop, purpose, ground }));
      expect(metres).toEqual([...metres].sort((a, b) => a - b));
    }
    for (const ground of grounds) {
      const metres = care.map((purpose) => wanted({ crop, purpose, ground }));
      expect(metres).toEqual([...metres].sort((a, b) => a - b));
    }
  }
});
