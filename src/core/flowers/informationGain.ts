/**
 * How much is learnt, on average, by looking at one sign: the entropy of what is believed now, less that expected once
 * the sign is known (Shannon 1948; Lindley 1956; Quinlan 1986 as the gain of a split).
 *
 * @param beliefs probabilities of the hypotheses; they sum to 1.
 * @param likelihoods for each hypothesis the probabilities of each value of the sign, which sum to 1.
 * @returns bits, from 0 to the entropy of the beliefs.
 * @throws RangeError when there is not one row of likelihoods for each hypothesis.
 * @example expectedInformationGain([0.5, 0.5], [[1, 0], [0, 1]]) // 1
 */
export function expectedInformationGain(
  beliefs: readonly number[],
  likelihoods: readonly (readonly number[])[],
): number {
  if (beliefs.length !== likelihoods.length)
    throw new RangeError('expected one row of likelihoods for each hypothesis');
  const values = likelihoods[0]?.length ?? 0;
  let left = 0;
  for (let value = 0; value < values; value += 1) {
    const joint = beliefs.map((belief, i) => belief * likelihoods[i]![value]!);
    const chance = joint.reduce((sum, each) => sum + each, 0);
    if (chance > 0) left += chance * entropyBits(joint.map((each) => each / chance));
  }
  return Math.max(0, entropyBits(beliefs) - left);
}

/**
 * How uncertain beliefs are, in bits.
 *
 * @example entropyBits([0.25, 0.25, 0.25, 0.25]) // 2
 */
export const entropyBits = (beliefs: readonly number[]): number =>
  -beliefs.reduce((sum, belief) => (belief > 0 ? sum + belief * Math.log2(belief) : sum), 0);
