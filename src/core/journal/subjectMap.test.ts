import fc from 'fast-check';
import { SubjectMap } from './subjectMap';
import { entryOf } from '@testing/entries';

/** An entry that is its Lamport clock; an even one says something, an odd one takes back what was said before. */
const said = (lamport: number) =>
  entryOf(
    { kind: 'plant.removed', body: { plant: 'p', why: 'other' } },
    { id: `e-${lamport}`, lamport, at: '2026-07-18T18:00:00.000Z', device: 'd', action: 'a' },
  );

const newMap = (): SubjectMap<number> =>
  new SubjectMap((_id, entries) => {
    const { lamport } = entries.at(-1)!;
    return lamport % 2 === 0 ? lamport : undefined;
  });

/** Which subject, with which clock, and whether the map is read after it. */
const filings = fc.uniqueArray(fc.tuple(fc.nat(6), fc.nat(99), fc.boolean()), {
  maxLength: 40,
  selector: ([, lamport]) => lamport,
});

test('it reads as a map of what is folded from the entries of each, whenever they came and it was read', () => {
  fc.assert(
    fc.property(filings, (steps) => {
      const map = newMap();
      const clocks = new Map<string, number[]>();
      const readsAsPlain = (): void => {
        const first = ([, [a]]: [string, number[]], [, [b]]: [string, number[]]): number => a! - b!;
        const sorted = [...clocks].map(([id, of]): [string, number[]] => [id, [...of].sort((a, b) => a - b)]);
        const plain = sorted
          .sort(first)
          .map(([id, of]): [string, number] => [id, of.at(-1)!])
          .filter(([, last]) => last % 2 === 0);
        expect([...map]).toEqual(plain);
        expect(map.size).toBe(plain.length);
        expect([...map.keys()]).toEqual(plain.map(([id]) => id));
        expect([...map.values()]).toEqual(plain.map(([, last]) => last));
        expect(map.someOf(['p6', 'p0', 'p3', 'nobody'])).toEqual(
          plain.filter(([id]) => ['p6', 'p0', 'p3'].includes(id)).map(([, last]) => last),
        );
        const visited: [string, number][] = [];
        map.forEach((state, id) => visited.push([id, state]));
        expect(visited).toEqual(plain);
      };
      for (const [key, lamport, read] of steps) {
        const id = `p${key}`;
        expect(map.file(id, said(lamport))).toBe(clocks.has(id));
        clocks.set(id, [...(clocks.get(id) ?? []), lamport]);
        const last = Math.max(...clocks.get(id)!);
        if (read) expect(map.get(id)).toBe(last % 2 === 0 ? last : undefined);
        if (read && key === 3) readsAsPlain();
      }
      readsAsPlain();
    }),
  );
});

test('it knows what was filed where, also of what has no state', () => {
  const map = newMap();
  map.file('p1', said(1));
  expect(map.holds('p1', 'e-1')).toBe(true);
  expect(map.holds('p1', 'e-2')).toBe(false);
  expect(map.holds('p2', 'e-1')).toBe(false);
  expect(map.has('p1')).toBe(false);
  map.clear();
  expect(map.holds('p1', 'e-1')).toBe(false);
  expect(map.size).toBe(0);
});

test('where subjects are of one day each, what waits for its day is there once it is read', () => {
  const filed = fc.array(fc.tuple(fc.nat(3), fc.nat(3), fc.option(fc.nat(3))), { maxLength: 30 });
  fc.assert(
    fc.property(filed, (steps) => {
      const byDays = new SubjectMap<number>(
        (_id, entries) => entries.length * 2,
        (id) => id.slice(-1),
      );
      const atOnce = new SubjectMap<number>((_id, entries) => entries.length * 2);
      steps.forEach(([plant, day, asked], i) => {
        byDays.fileLazily(`${day}`, `p${plant}|${day}`, said(i));
        atOnce.file(`p${plant}|${day}`, said(i));
        if (asked === null) return;
        expect(byDays.get(`p${asked}|${day}`)).toBe(atOnce.get(`p${asked}|${day}`));
        expect(byDays.holds(`p${plant}|${day}`, `e-${i}`)).toBe(true);
      });
      expect([...byDays]).toEqual([...atOnce]);
    }),
  );
});

test('a subject is folded when it is read, and again only when it was marked', () => {
  let folds = 0;
  const map = new SubjectMap<number>(() => (folds += 1));
  map.file('p1', said(1));
  map.file('p2', said(2));
  expect(folds).toBe(0);
  expect(map.get('p1')).toBe(1);
  expect(map.get('p1')).toBe(1);
  map.mark('p1');
  map.mark('nobody');
  expect(map.get('p1')).toBe(2);
  expect(map.size).toBe(2);
  expect(folds).toBe(3);
});
