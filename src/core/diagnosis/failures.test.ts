import { countCauses } from './failures';

test('what was noted counts in full; the rest by its chance, with a range', () => {
  const counts = countCauses([
    { crop: 'pepo', evidence: {}, noted: 'pest' },
    { crop: 'pepo', evidence: {}, noted: 'pest' },
    ...Array.from({ length: 10 }, () => ({
      crop: 'pepo' as const,
      evidence: { wholeYellow: true, grew: false, late: true },
    })),
  ]);
  expect(counts).toMatchObject({ failed: 12, noted: 2, crop: 'pepo' });
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
  const [rot] = countCauses([{ crop: 'pepo', evidence: { darkPatch: true, grew: true } }]).causes;
  expect(rot).toMatchObject({ cause: 'blossomEndRot', high: 1 });
});

test('failures of several crops: each by what its own flower bears', () => {
  const ear = { crop: 'corn', evidence: { emptyTip: true, grew: true, oneDay: true } } as const;
  const fruit = { crop: 'melon', evidence: { darkPatch: true, grew: true } } as const;
  const counts = countCauses([ear, fruit]);
  expect(counts.causes.map(({ cause }) => cause)).toEqual(['blossomEndRot', 'notAllOpen']);
  expect(counts).not.toHaveProperty('crop');
});
