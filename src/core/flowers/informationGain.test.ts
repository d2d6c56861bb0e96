import { entropyBits, expectedInformationGain } from './informationGain';

/** Joint table by plain enumeration: the mutual information of hypothesis and sign. */
function mutualInformation(beliefs: readonly number[], likelihoods: readonly (readonly number[])[]): number {
  let bits = 0;
  for (let v = 0; v < likelihoods[0]!.length; v += 1) {
    let chance = 0;
    for (let h = 0; h < beliefs.length; h += 1) chance += beliefs[h]! * likelihoods[h]![v]!;
    for (let h = 0; h < beliefs.length; h += 1) {
      const joint = beliefs[h]! * likelihoods[h]![v]!;
      if (joint > 0) bits += joint * Math.log2(joint / (beliefs[h]! * chance));
    }
  }
  return bits;
}

describe('against Quinlan 1986, Induction of decision trees, the Saturday mornings (from memory)', () => {
  // Nine mornings of the class P, five of N.
  const beliefs = [9 / 14, 5 / 14];
  test.each([
    [
      'outlook',
      [
        [2, 4, 3],
        [3, 0, 2],
      ],
      0.246,
    ],
    [
      'humidity',
      [
        [3, 6],
        [4, 1],
      ],
      0.151,
    ],
    [
      'windy',
      [
        [6, 3],
        [2, 3],
      ],
      0.048,
    ],
    [
      'temperature',
      [
        [2, 4, 3],
        [2, 2, 1],
      ],
      0.029,
    ],
  ] as const)('%s', (_, counts, gain) => {
    const likelihoods = counts.map((row) => {
      const all = row.reduce<number>((sum, each) => sum + each, 0);
      return row.map((each) => each / all);
    });
    expect(Math.abs(expectedInformationGain(beliefs, likelihoods) - gain)).toBeLessThan(0.001);
  });
  test('the class itself', () => expect(entropyBits(beliefs)).toBeCloseTo(0.94, 3));
});

test('equals the mutual information of a plain enumeration', () => {
  let seed = 7;
  const random = (): number => (seed = (seed * 16807) % 2147483647) / 2147483647;
  const spread = (n: number): number[] => {
    const raw = Array.from({ length: n }, () => (random() < 0.15 ? 0 : random()));
    raw[0]! += 0.01;
    const sum = raw.reduce((a, b) => a + b, 0);
    return raw.map((each) => each / sum);
  };
  for (let i = 0; i < 300; i += 1) {
    const beliefs = spread(1 + Math.floor(random() * 8));
    const values = 1 + Math.floor(random() * 5);
    const likelihoods = beliefs.map(() => spread(values));
    expect(expectedInformationGain(beliefs, likelihoods)).toBeCloseTo(
      mutualInformation(beliefs, likelihoods),
      10,
    );
  }
});

test('what is the same under every hypothesis teaches nothing', () => {
  expect(
    expectedInformationGain(
      [0.3, 0.7],
      [
        [0.2, 0.8],
        [0.2, 0.8],
      ],
    ),
  ).toBeCloseTo(0, 12);
});

test('a row of likelihoods is needed for each hypothesis', () => {
  expect(() => expectedInformationGain([1], [])).toThrow(RangeError);
});
