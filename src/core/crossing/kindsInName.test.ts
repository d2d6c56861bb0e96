import { CROP_IDS } from '../crops/catalogue';
import { KINDS } from './kinds';
import { kindInName } from './kindsInName';
import { MARKS } from './tell';

test.each([
  ['Old Striped Butternut', ['moschata']],
  ['Grey Hollow Cherry Tomatoes', ['tomato']],
  ['Miller’s Sweet Corn', ['corn']],
  ['Pale Heron', undefined],
  ['', undefined],
])('%s speaks of %j', (name, crops) => {
  expect(kindInName(name)?.crops).toEqual(crops);
});

test('of several kinds in a name the longest counts', () => {
  expect(kindInName('Winter Melon Butternut Squash')?.crops).toEqual(['moschata']);
});

test('wherever a name does not tell, every species it may be has marks to look for', () => {
  const mixed = new Set(KINDS.filter(({ crops }) => crops.length > 1).flatMap(({ crops }) => crops));
  for (const crop of CROP_IDS.filter((id) => mixed.has(id))) {
    expect([crop, Object.values(MARKS[crop] ?? {}).length > 0]).toEqual([crop, true]);
  }
});
