import fc from 'fast-check';
import type { Envelope } from './entry';
import { compareEntries } from './order';

/** Few values, so that clocks and devices are often the same. */
const envelope = fc
  .record({
    lamport: fc.nat(3),
    device: fc.constantFrom('phone-a', 'phone-b'),
    id: fc.constantFrom('01', '02', '03', '04'),
  })
  .map((some): Envelope => ({ ...some, v: 1, at: '', recorded: '', garden: 'g', action: 'a' }));

test('the clock goes first, then the device, then the id', () => {
  const [entry] = fc.sample(envelope, 1);
  const at = (lamport: number, device: string, id: string): Envelope => ({ ...entry!, lamport, device, id });
  const sorted = [
    at(1, 'phone-b', '01'),
    at(2, 'phone-a', '02'),
    at(2, 'phone-a', '03'),
    at(2, 'phone-b', '01'),
  ];
  expect([...sorted].reverse().sort(compareEntries)).toEqual(sorted);
  // As numbers, not as letters.
  expect(compareEntries(at(9, 'phone-b', '02'), at(10, 'phone-a', '01'))).toBeLessThan(0);
});

test('it is a total order: one way round only, and through a third', () => {
  fc.assert(
    fc.property(envelope, envelope, envelope, (a, b, c) => {
      const [ab, ba, bc, ac] = [
        compareEntries(a, b),
        compareEntries(b, a),
        compareEntries(b, c),
        compareEntries(a, c),
      ];
      expect(Math.sign(ab) + Math.sign(ba)).toBe(0);
      if (ab <= 0 && bc <= 0) expect(ac).toBeLessThanOrEqual(0);
      const same = a.lamport === b.lamport && a.device === b.device && a.id === b.id;
      expect(ab === 0).toBe(same);
    }),
    { numRuns: 1_000 },
  );
});
