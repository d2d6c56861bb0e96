import { philox } from './philox';

/** The known answers of the authors' own library, from memory. */
const KNOWN = [
  { counter: [0, 0, 0, 0], key: [0, 0], words: [0x6627e8d5, 0xe169c58d, 0xbc57ac4c, 0x9b00dbd8] },
  { counter: [-1, -1, -1, -1], key: [-1, -1], words: [0x408f276d, 0x41c83b0e, 0xa20bc7c6, 0x6d5451fd] },
  {
    counter: [0x243f6a88, 0x85a308d3, 0x13198a2e, 0x03707344],
    key: [0xa4093822, 0x299f31d0],
    words: [0xd16cfe09, 0x94fdcceb, 0x5001e420, 0x24126ea1],
  },
] as const;

test.each(KNOWN)('gives the known answer at $counter', ({ counter, key, words }) => {
  const { drawn, at } = philox(key[0], key[1]);
  at(counter[0], counter[1], counter[2], counter[3]);
  expect(Array.from(drawn, (share) => Math.floor(share * 2 ** 32))).toEqual(words);
});

test('numbers of neighbouring counters are even, and have nothing to do with each other', () => {
  const { drawn, at } = philox(7, 3);
  const cells = new Array<number>(100).fill(0);
  let before = 0.5;
  let together = 0;
  const draws = 40_000;
  for (let i = 0; i < draws; i += 1) {
    at(i, 2, 0, 0);
    cells[Math.floor(drawn[0]! * 10) * 10 + Math.floor(drawn[3]! * 10)]! += 1;
    together += (before - 0.5) * (drawn[0]! - 0.5);
    before = drawn[0]!;
  }
  const wanted = draws / 100;
  const chiSquare = cells.reduce((sum, seen) => sum + (seen - wanted) ** 2 / wanted, 0);
  // 99 degrees of freedom: 1 in 1000 is above 148.2 [NIST/SEMATECH e-Handbook, 1.3.6.7.4].
  expect(chiSquare).toBeLessThan(148.2);
  expect(Math.abs((12 * together) / draws)).toBeLessThan(3.5 / Math.sqrt(draws));
});
