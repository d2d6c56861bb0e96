import { countCauses } from './failures';

test('what was noted counts in full; the rest by its chance, with a range', () => {
  const counts = countCauses([
    { evidence: {}, noted: 'pest' },
    { evidence: {}, noted: 'pest' },
    ...Array.from({ length: 10 }, () => ({ evidence: { wholeYellow: true, grew: false, late: true } })),
  ]);
  expect(counts).toMatchObject({ failed: 12, noted: 2 });
  const [first] = counts.causes;
  expect(first!.cause).toBe('neverPollinated');
  expect(first!.expected).toBeGreaterThan(5);
  expect(first!.low).toBeLessThan(first!.expected);
  expect(first!.high).toBeGreaterThan(first!.expected);
  const pest = counts.causes.find(({ cause }) => cause === 'pest')!;
  expect(pest.low).toBe(2);
  expect(pest.expected).toBeCloseTo(2, 0);
});

test('nothing failed, and a sign that settles it', () => {
  expect(countCauses([])).toEqual({ failed: 0, noted: 0, causes: [] });
  const [rot] = countCauses([{ evidence: { darkPatch: true, grew: true } }]).causes;
  expect(rot).toMatchObject({ cause: 'blossomEndRot', high: 1 });
});
