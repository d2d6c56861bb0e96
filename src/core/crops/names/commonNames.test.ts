import { COMMON_NAMES } from './commonNameList';
import { findCommonName, normalisedName } from './commonNames';
import { CROP_IDS, cropOf } from '../catalogue';

const speciesOf = (name: string): readonly string[] =>
  (findCommonName(name)?.crops ?? []).map((id) => cropOf(id).species);

test('at least two hundred names, none of them twice', () => {
  const names = COMMON_NAMES.flatMap((kind) => kind.names.map(normalisedName));
  const twice = names.filter((name, i) => names.indexOf(name) !== i);
  // Spelling variants of one kind may become alike.
  for (const name of twice) {
    expect(
      COMMON_NAMES.filter((kind) => kind.names.some((each) => normalisedName(each) === name)),
    ).toHaveLength(1);
  }
  expect(new Set(names).size).toBeGreaterThanOrEqual(200);
});

test('every species goes by some name', () => {
  for (const id of CROP_IDS) expect(COMMON_NAMES.some(({ crops }) => crops.includes(id))).toBe(true);
});

// GRIN-Global Taxonomy, USDA Agricultural Research Service, common names of Cucurbita, Cucumis, Citrullus, Capsicum
// and Phaseolus (from memory).
test.each([
  ['zucchini', 'Cucurbita pepo'],
  ['acorn squash', 'Cucurbita pepo'],
  ['spaghetti squash', 'Cucurbita pepo'],
  ['vegetable marrow', 'Cucurbita pepo'],
  ['hubbard squash', 'Cucurbita maxima'],
  ['turban squash', 'Cucurbita maxima'],
  ['butternut squash', 'Cucurbita moschata'],
  ['cheese pumpkin', 'Cucurbita moschata'],
  ['cushaw', 'Cucurbita argyrosperma'],
  ['cantaloupe', 'Cucumis melo'],
  ['gherkin', 'Cucumis sativus'],
  ['citron melon', 'Citrullus amarus'],
  ['calabash', 'Lagenaria siceraria'],
  ['scotch bonnet', 'Capsicum chinense'],
  ['tabasco pepper', 'Capsicum frutescens'],
  ['rocoto', 'Capsicum pubescens'],
  ['runner bean', 'Phaseolus coccineus'],
  ['lima bean', 'Phaseolus lunatus'],
  ['broad bean', 'Vicia faba'],
  ['eggplant', 'Solanum melongena'],
])('%s is %s', (name, species) => {
  expect(speciesOf(name)).toEqual([species]);
});

test('an ambiguous name gives every species it may be', () => {
  expect(speciesOf('pumpkin')).toHaveLength(4);
  expect(speciesOf('winter squash')).toHaveLength(4);
  expect(speciesOf('chilli').length).toBeGreaterThan(1);
  expect(speciesOf('bean').length).toBeGreaterThan(1);
});

test('plurals, capitals, accents, hyphens and apostrophes do not matter', () => {
  const same = (...names: string[]): void => {
    for (const name of names) expect(findCommonName(name)).toBe(findCommonName(names[0]!));
    expect(findCommonName(names[0]!)).toBeDefined();
  };
  same('courgette', 'Courgettes', ' COURGETTE ');
  same('jalapeño', 'jalapenos', 'Jalapeño');
  same('tomato', 'Tomatoes', 'cherry tomatoes');
  same('patty pan', 'patty-pans', 'pattypan');
  same('ladies’ fingers', "ladies' fingers", 'Ladies Fingers');
  same('squash', 'squashes');
  same('chilli', 'Chillies', 'chillis');
  same('chili', 'chilies', 'chilis');
  same('muskmelon', 'musk melons', 'Musk-Melon');
});

test('an unknown name is unknown', () => {
  expect(findCommonName('dahlia')).toBeUndefined();
  expect(findCommonName('')).toBeUndefined();
});
