import { pollenNeeds, type PollenVariety } from './needs';

const variety = (id: string, change: Partial<PollenVariety> = {}): PollenVariety => ({
  id,
  crop: 'watermelon',
  traits: {},
  purpose: 'eat',
  seedSource: 'boughtLine',
  plants: 4,
  ...change,
});
const codes = (one: PollenVariety, ...others: PollenVariety[]): string[] =>
  pollenNeeds(one, [one, ...others]).map(({ code }) => code);

// About one seeded plant to three or four seedless ones (common practice, no source).
test('a seedless watermelon needs a seeded neighbour, one to four', () => {
  const seedless = variety('none', { traits: { seedless: true }, plants: 8 });
  expect(codes(seedless)).toEqual(['seedlessNeedsParent']);
  expect(pollenNeeds(seedless, [seedless])[0]!.params).toEqual({ have: 0, want: 2 });
  expect(codes(seedless, variety('seeded', { plants: 2 }))).toEqual(['seedlessHasParent']);
  expect(codes(seedless, variety('other', { traits: { seedless: true } }))).toEqual(['seedlessNeedsParent']);
  expect(codes(seedless, variety('melon', { crop: 'melon' }))).toEqual(['seedlessNeedsParent']);
});

// Cucumbers that set without pollen must not be pollinated when grown for fruit (common practice, no source).
test('cucumbers that set alone are kept from pollen, and prove nothing when grown for seed', () => {
  const alone = { crop: 'cucumber', traits: { setsAlone: true } } as const;
  expect(codes(variety('house', alone))).toEqual(['keepUnpollinated']);
  expect(codes(variety('house', { ...alone, purpose: 'seedToKeep' }))).toEqual(['swellingProvesNothing']);
  expect(codes(variety('zucchini', { crop: 'pepo', traits: { setsAlone: true } }))).toEqual([]);
});

test('an all-female line needs a pollen parent, unless its fruit sets alone', () => {
  const female = { crop: 'cucumber', traits: { allFemale: true } } as const;
  expect(codes(variety('f', female))).toEqual(['allFemaleNeedsParent']);
  expect(codes(variety('f', female), variety('m', { crop: 'cucumber' }))).toEqual(['allFemaleHasParent']);
  expect(codes(variety('f', { ...female, traits: { allFemale: true, setsAlone: true } }))).toEqual([
    'keepUnpollinated',
  ]);
});

test('hybrids, crossed seed and perfect flowers are told of when seed is wanted', () => {
  expect(codes(variety('f1', { seedSource: 'f1', purpose: 'seedForFun' }))).toEqual(['f1NotTrue']);
  expect(codes(variety('open', { seedSource: 'openGarden', purpose: 'seedToKeep' }))).toEqual([
    'seedMayBeCrossed',
  ]);
  expect(codes(variety('m', { crop: 'melon', purpose: 'seedToKeep' }))).toEqual(['ownAnthersOff']);
  expect(
    codes(variety('m', { crop: 'melon', purpose: 'seedToKeep', traits: { flowers: 'female' } })),
  ).toEqual([]);
  expect(codes(variety('f1', { seedSource: 'f1' }))).toEqual([]);
});
