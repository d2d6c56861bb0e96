import { distanceWanted, type DistanceQuestion } from './distanceWanted';
import { SPECIES_IDS } from './species';

const wanted = (question: Partial<DistanceQuestion>): number =>
  distanceWanted({ species: 'pepo', purpose: 'seedToKeep', ground: 'mixed', ...question }).metres;

// Seed-saving guides and certification rules (from memory): squash for saving 400 to 800 m, rare 800 m to 1.6 km;
// corn casually 75 to 100 m; tomato with inset style 3 to 15 m.
test('ranges of the guides, by how much a mistake would cost', () => {
  expect(wanted({ ground: 'sheltered' })).toBe(400);
  expect(wanted({})).toBe(600);
  expect(wanted({ ground: 'open' })).toBe(800);
  expect(wanted({ purpose: 'rareOrSold', ground: 'open' })).toBe(1600);
  expect(wanted({ purpose: 'seedForFun' })).toBe(250);
  expect(wanted({ species: 'corn', purpose: 'seedForFun', ground: 'open' })).toBe(100);
  expect(wanted({ species: 'tomato', ground: 'open' })).toBe(15);
});

test('nothing is asked of what is only eaten, but of corn', () => {
  for (const species of SPECIES_IDS) {
    const metres = wanted({ species, purpose: 'eat', ground: 'open' });
    if (species === 'corn') expect(metres).toBe(100);
    else expect(metres).toBe(0);
  }
  const { reasons } = distanceWanted({ species: 'corn', purpose: 'eat', ground: 'mixed' });
  expect(reasons[0]!.code).toBe('kernelsAreEaten');
});

test('a style that stands out asks for more', () => {
  for (const purpose of ['seedForFun', 'seedToKeep', 'rareOrSold'] as const) {
    const question = { species: 'tomato', purpose, ground: 'sheltered' } as const;
    expect(wanted({ ...question, style: 'out' })).toBeGreaterThan(wanted({ ...question, style: 'inset' }));
  }
  expect(wanted({ species: 'pepo', style: 'out' })).toBe(wanted({ species: 'pepo' }));
});

test('more care and more open ground never ask for less', () => {
  const care = ['seedForFun', 'seedToKeep', 'rareOrSold'] as const;
  const grounds = ['sheltered', 'mixed', 'open'] as const;
  for (const species of SPECIES_IDS) {
    for (const purpose of care) {
      const metres = grounds.map((ground) => wanted({ species, purpose, ground }));
      expect(metres).toEqual([...metres].sort((a, b) => a - b));
    }
    for (const ground of grounds) {
      const metres = care.map((purpose) => wanted({ species, purpose, ground }));
      expect(metres).toEqual([...metres].sort((a, b) => a - b));
    }
  }
});
