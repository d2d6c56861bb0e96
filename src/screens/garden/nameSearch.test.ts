import { COMMON_NAMES } from '@/core/crops/names/commonNameList';
import { seededChance, type Chance } from '@/core/random/chance';
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

/** One letter wrong, left out, put in, or changed round with the next. */
function mistyped(name: string, chance: Chance): string {
  const at = chance.index(name.length);
  const letter = String.fromCharCode(97 + chance.index(26));
  switch (chance.index(4)) {
    case 0:
      return name.slice(0, at) + letter + name.slice(at + 1);
    case 1:
      return name.slice(0, at) + name.slice(at + 1);
    case 2:
      return name.slice(0, at) + letter + name.slice(at);
    default:
      return (
        name.slice(0, at) +
        name
          .slice(at, at + 2)
          .split('')
          .reverse()
          .join('') +
        name.slice(at + 2)
      );
  }
}

test('of 400 names typed with one error each, 95 of 100 find their kind among the first three', () => {
  const chance = seededChance(11);
  const all = COMMON_NAMES.flatMap(({ names, crops }) => names.map((name) => ({ name, crops })));
  const missed: string[] = [];
  for (let i = 0; i < 400; i += 1) {
    const { name, crops } = all[chance.index(all.length)]!;
    const typed = mistyped(name, chance);
    const found = findNames(typed, 3).some((each) => each.crops.join() === crops.join());
    if (!found) missed.push(`${name}: ${typed}`);
  }
  expect(missed.length).toBeLessThanOrEqual(20);
});

// From memory, everyday words.
test.each([
  ['Kürbis', 'pepo'],
  ['kuerbis', 'maxima'],
  ['calabacin', 'pepo'],
  ['anguria', 'watermelon'],
  ['pastèque', 'watermelon'],
  ['Sandía', 'watermelon'],
  ['kheera', 'cucumber'],
  ['karela', 'bitterGourd'],
  ['mahindi', 'corn'],
  ['choclo', 'corn'],
  ['Paradeiser', 'tomato'],
  ['jitomate', 'tomato'],
  ['baingan', 'aubergine'],
  ['quiabo', 'okra'],
  ['kamokamo', 'pepo'],
  ['hechima', 'luffa'],
  ['Feuerbohne', 'runnerBean'],
  ['pallares', 'limaBean'],
] as const)('%s may be %s', (typed, crop) => {
  expect(findNames(typed, 3).some(({ crops }) => crops.includes(crop))).toBe(true);
});
