import fc from 'fast-check';
import { SubjectMap, type Subject } from './subjectMap';
import { entryOf } from './testEntry';

const subject = (id: string, lamport = 1): Subject<number> => ({
  type: 'plant',
  id,
  entries: [
    entryOf(
      { kind: 'plant.removed', body: { plant: id, why: 'other' } },
      { id: `e-${id}`, lamport, at: '2026-07-18T18:00:00.000Z', device: 'd', action: 'a' },
    ),
  ],
  sorted: true,
  dirty: false,
  corrected: false,
  state: undefined,
});

test('it reads as a map of the states there are, whatever was said and taken back', () => {
  const steps = fc.array(fc.tuple(fc.nat(6), fc.option(fc.nat(9), { nil: undefined })), { maxLength: 40 });
  fc.assert(
    fc.property(steps, (sayings) => {
      const map = new SubjectMap<number>(() => undefined);
      const plain = new Map<string, number>();
      for (const [key, state] of sayings) {
        const id = `p${key}`;
        if (!map.subject(id)) map.insert(subject(id));
        map.setState(map.subject(id)!, state);
        if (state === undefined) plain.delete(id);
        else plain.set(id, state);
      }
      expect(map.size).toBe(plain.size);
      expect(new Map(map)).toEqual(plain);
      expect(new Set(map.keys())).toEqual(new Set(plain.keys()));
      expect([...map.values()].sort()).toEqual([...plain.values()].sort());
      for (let key = 0; key <= 6; key += 1) {
        expect(map.get(`p${key}`)).toBe(plain.get(`p${key}`));
        expect(map.has(`p${key}`)).toBe(plain.has(`p${key}`));
      }
      const visited: [string, number][] = [];
      map.forEach((state, id) => visited.push([id, state]));
      expect(new Map(visited)).toEqual(plain);
    }),
  );
});

test('what has no state is known as a subject, and is not in the map', () => {
  const map = new SubjectMap<number>(() => undefined);
  map.insert(subject('p1'));
  expect(map.subject('p1')).toBeDefined();
  expect(map.has('p1')).toBe(false);
  expect([...map.entries()]).toEqual([]);
  map.setState(map.subject('p1')!, 3);
  map.clear();
  expect(map.size).toBe(0);
  expect(map.subject('p1')).toBeUndefined();
});

test('it is read in the order of the first entry that names each, whatever came when', () => {
  fc.assert(
    fc.property(fc.uniqueArray(fc.nat(99), { minLength: 1, maxLength: 30 }), fc.nat(29), (lamports, at) => {
      const map = new SubjectMap<number>(() => undefined);
      lamports.forEach((lamport, i) => {
        map.insert(subject(`p${lamport}`, lamport));
        map.setState(map.subject(`p${lamport}`)!, lamport);
        if (i === at) expect([...map.values()]).toEqual(lamports.slice(0, i + 1).sort((a, b) => a - b));
      });
      expect([...map.values()]).toEqual([...lamports].sort((a, b) => a - b));
      const [first] = lamports;
      map.subject(`p${first}`)!.entries.splice(0, 1, subject('early', 0).entries[0]!);
      map.reorder();
      expect([...map.values()][0]).toBe(first);
    }),
  );
});
