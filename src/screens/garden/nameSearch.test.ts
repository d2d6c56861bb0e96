import { findNames } from './nameSearch';

const names = (typed: string): string[] => findNames(typed).map(({ name }) => name);

test('a name that is known comes first, in the plural and with capitals too', () => {
  expect(names('Courgettes')[0]).toBe('courgette');
  expect(names('butternut')[0]).toBe('butternut');
  expect(findNames('pumpkin')[0]!.crops).toHaveLength(4);
});

test.each([
  ['buternut', 'moschata'],
  ['zuchini', 'pepo'],
  ['kabotcha', 'maxima'],
  ['cantalope', 'melon'],
  ['habenero', 'chinense'],
  ['loofa', 'luffa'],
])('“%s” is near enough to be found', (typed, crop) => {
  expect(findNames(typed).some(({ crops }) => crops.length === 1 && crops[0] === crop)).toBe(true);
});

test('nothing is made up for a letter, for nothing, or for another plant', () => {
  expect(names('z')).toEqual([]);
  expect(names('  ')).toEqual([]);
  expect(names('chrysanthemum')).toEqual([]);
});

test('no name comes twice, and not more than can be read', () => {
  for (const typed of ['squash', 'bean', 'melon', 'pepper']) {
    const found = names(typed);
    expect(new Set(found).size).toBe(found.length);
    expect(found.length).toBeLessThanOrEqual(6);
  }
});
