import { pollinationNeeds, type PollinationVariety } from './pollinationNeeds';

const variety = (id: string, change: Partial<PollinationVariety> = {}): PollinationVariety => ({
  id,
  crop: 'watermelon',
  traits: {},
  purpose: 'eat',
  seedSource: 'boughtLine',
  plants: 4,
  ...change,
});
const codes = (one: PollinationVariety, ...others: PollinationVariety[]): string[] =>
  pollinationNeeds(one, [one, ...others]).map(({ code }) => code);

// About one seeded plant to three or four seedless ones (common practice, no source).
test('a seedless watermelon needs a seeded neighbour, one to four', () => {
  const seedless = variety('none', { traits: { seedless: true }, plants: 8 });
  expect(codes(seedless)).toEqual(['seedlessNeedsPolliniser']);
  expect(pollinationNeeds(seedless, [seedless])[0]!.params).toEqual({ have: 0, needed: 2 });
  expect(codes(seedless, variety('seeded', { plants: 2 }))).toEqual(['seedlessHasPolliniser']);
  expect(codes(seedless, variety('other', { traits: { seedless: true } }))).toEqual([
    'seedlessNeedsPolliniser',
  ]);
  expect(codes(seedless, variety('melon', { crop: 'melon' }))).toEqual(['seedlessNeedsPolliniser']);
});

// Cucumbers that set without pollen must not be pollinated when grown for fruit (common practice, no source).
test('parthenocarpic cucumbers are kept from pollen, and swelling proves nothing when grown for seed', () => {
  const alone = { crop: 'cucumber', traits: { parthenocarpic: true } } as const;
  expect(codes(variety('house', alone))).toEqual(['keepUnpollinated']);
  expect(codes(variety('house', { ...alone, purpose: 'seedToKeep' }))).toEqual(['swellingProvesNothing']);
  expect(codes(variety('zucchini', { crop: 'pepo', traits: { parthenocarpic: true } }))).toEqual([]);
});

test('a gynoecious line needs a polliniser, unless it is parthenocarpic', () => {
  const female = { crop: 'cucumber', traits: { gynoecious: true } } as const;
  expect(codes(variety('f', female))).toEqual(['gynoeciousNeedsPolliniser']);
  expect(codes(variety('f', female), variety('m', { crop: 'cucumber' }))).toEqual([
    'gynoeciousHasPolliniser',
  ]);
  expect(codes(variety('f', { ...female, traits: { gynoecious: true, parthenocarpic: true } }))).toEqual([
    'keepUnpollinated',
  ]);
});

test('names hybrids, crossed seed and perfect flowers when seed is wanted', () => {
  expect(codes(variety('f1', { seedSource: 'f1', purpose: 'seedForFun' }))).toEqual(['f1NotTrue']);
  expect(codes(variety('open', { seedSource: 'openGarden', purpose: 'seedToKeep' }))).toEqual([
    'seedMayBeCrossed',
  ]);
  expect(codes(variety('m', { crop: 'melon', purpose: 'seedToKeep' }))).toEqual(['emasculatePerfect']);
  expect(
    codes(variety('m', { crop: 'melon', purpose: 'seedToKeep', traits: { flowers: 'female' } })),
  ).toEqual([]);
  expect(codes(variety('f1', { seedSource: 'f1' }))).toEqual([]);
});
