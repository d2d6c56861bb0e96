import { CROP_IDS } from '../catalogue';
import { COMMON_NAMES } from './commonNameList';
import { commonNameIn } from './nameInVariety';
import { DIAGNOSTIC_TRAITS } from './diagnosticTraits';

test.each([
  ['Old Striped Butternut', ['moschata']],
  ['Grey Hollow Cherry Tomatoes', ['tomato']],
  ['Miller’s Sweet Corn', ['corn']],
  ['Pale Heron', undefined],
  ['Ox × Pea F1', undefined],
  ['Corne Grise', undefined],
  ['Grey Hollow x Butternut', undefined],
  ['', undefined],
])('%s speaks of %j', (name, crops) => {
  expect(commonNameIn(name)?.crops).toEqual(crops);
});

test('of several common names in a name the longest counts', () => {
  expect(commonNameIn('Winter Melon Butternut Squash')?.crops).toEqual(['moschata']);
});

test('each species of an ambiguous name has diagnostic traits', () => {
  const mixed = new Set(COMMON_NAMES.filter(({ crops }) => crops.length > 1).flatMap(({ crops }) => crops));
  for (const crop of CROP_IDS.filter((id) => mixed.has(id))) {
    expect([crop, Object.values(DIAGNOSTIC_TRAITS[crop] ?? {}).length > 0]).toEqual([crop, true]);
  }
});
