import { CROP_IDS } from '../crops/catalogue';
import { SEEN_CROPS } from '../flowers/kindsOf';
import { cardsOf } from './cards';
import { classSheet } from './classSheet';

test('a number is a sheet: the same each time, and another one than the next', () => {
  expect(classSheet('pepo', 3, 12)).toEqual(classSheet('pepo', 3, 12));
  expect(classSheet('pepo', 3, 12)).not.toEqual(classSheet('pepo', 4, 12));
});

test('on a sheet of any crop each kind stands before one stands twice more', () => {
  for (const { id } of SEEN_CROPS) {
    const kinds = cardsOf(id).filter(({ exercise }) => exercise === 'age');
    for (const many of [1, 12, 40]) {
      const sheet = classSheet(id, 7, many);
      expect(sheet).toHaveLength(many);
      const times = kinds.map((each) => sheet.filter(({ card }) => card.id === each.id).length);
      expect(Math.max(...times) - Math.min(...times)).toBeLessThanOrEqual(1);
      expect(new Set(sheet.map(({ seed }) => seed)).size).toBe(many);
    }
  }
});

test('of a crop whose flowers are not drawn there is none', () => {
  const seen = new Set<string>(SEEN_CROPS.map(({ id }) => id));
  for (const id of CROP_IDS.filter((each) => !seen.has(each))) expect(classSheet(id, 1, 12)).toEqual([]);
});
