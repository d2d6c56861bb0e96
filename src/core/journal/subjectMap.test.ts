import fc from 'fast-check';
import { SubjectMap, type Subject } from './subjectMap';

const subject = (id: string): Subject<number> => ({
  type: 'plant',
  id,
  entries: [],
  sorted: true,
  dirty: false,
  corrected: false,
  state: undefined,
});

test('it reads as a map of the states there are, whatever was said and taken back', () => {
  const steps = fc.array(fc.tuple(fc.nat(6), fc.option(fc.nat(9), { nil: undefined })), { maxLength: 40 });
  fc.assert(
    fc.property(steps, (sayings) => {
      const map = new SubjectMap<number>();
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
  const map = new SubjectMap<number>();
  map.insert(subject('p1'));
  expect(map.subject('p1')).toBeDefined();
  expect(map.has('p1')).toBe(false);
  expect([...map.entries()]).toEqual([]);
  map.setState(map.subject('p1')!, 3);
  map.clear();
  expect(map.size).toBe(0);
  expect(map.subject('p1')).toBeUndefined();
});
