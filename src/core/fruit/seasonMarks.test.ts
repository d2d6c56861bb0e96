import type { FruitHistory } from './fruitHistory';
import type { Fruit } from './fruits';
import { outcomeOf, seasonMarks } from './seasonMarks';

const history = (change: Partial<FruitHistory>): FruitHistory =>
  ({
    followed: 'pollinated',
    since: '2026-07-01',
    lastGrowing: 0,
    age: 9,
    plant: 'p',
    ...change,
  }) as FruitHistory;
const fruit = (variety: string, ...histories: FruitHistory[]): Fruit =>
  ({ variety: { variety, name: `Name of ${variety}` }, histories }) as unknown as Fruit;

test.each([
  [{ failed: 5, lastGrowing: 3 }, 'failed'],
  [{ harvested: 8 }, 'growing'],
  [{ ended: { how: 'eaten', day: 9 } }, 'growing'],
  [{ ended: { how: 'thinned', day: 4 }, lastGrowing: 3 }, 'off'],
  [{ ended: { how: 'frosted', day: 80 }, lastGrowing: 30 }, 'off'],
  [{ lastGrowing: 3 }, 'growing'],
  [{}, 'waiting'],
] as const)('%j came to %s', (change, outcome) => {
  expect(outcomeOf(history(change))).toBe(outcome);
});

test('each pollinated flower is one mark, on its day, and nothing else is', () => {
  const marks = seasonMarks([
    fruit('b', history({ lastGrowing: 3 }), history({ failed: 4 })),
    fruit('a', history({ since: '2026-07-03' }), history({ since: '2026-07-02' })),
    fruit('b', history({ followed: 'control' }), history({ followed: 'left' })),
    fruit('c', history({ followed: 'found' })),
  ]);
  expect(marks.map(({ name }) => name)).toEqual(['Name of a', 'Name of b']);
  expect(marks[0]!.days.map(({ day }) => day)).toEqual(['2026-07-02', '2026-07-03']);
  expect(marks[1]!.days).toEqual([
    { day: '2026-07-01', counts: { growing: 1, waiting: 0, failed: 1, off: 0 } },
  ]);
});
