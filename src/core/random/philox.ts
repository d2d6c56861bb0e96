/**
 * Chance by address: four numbers for each counter, the same each time and whatever was drawn before.
 *
 * Philox4x32-10 [Salmon, Moraes, Dror & Shaw 2011, Parallel random numbers: as easy as 1, 2, 3, section 3.3; its known
 * answers are in the tests]. Two ways of working can so be tried on the same weather and the same flowers: what one way
 * does draws nothing away from the other.
 */
export interface Philox {
  /** The four numbers of the last draw, each above 0 and below 1. */
  readonly drawn: Float64Array;
  /** Draws the numbers at a counter: four whole numbers of 32 bits. */
  readonly at: (a: number, b: number, c: number, d: number) => void;
}

const { imul } = Math;
const ROUNDS = 10;
const MULTIPLY_A = 0xd2511f53;
const MULTIPLY_C = 0xcd9e8d57;
/** The key moves on by these from round to round: the golden ratio, and √3 − 1. */
const WEYL_0 = 0x9e3779b9;
const WEYL_1 = 0xbb67ae85;
const WORDS = 2 ** 32;

/** The upper 32 bits of a product of two numbers of 32 bits, in halves of 16. */
function upper(a: number, b: number): number {
  const low = imul(a & 0xffff, b & 0xffff);
  const middle = (imul(a >>> 16, b & 0xffff) + (low >>> 16)) >>> 0;
  const other = (imul(a & 0xffff, b >>> 16) + (middle & 0xffff)) >>> 0;
  return (imul(a >>> 16, b >>> 16) + (middle >>> 16) + (other >>> 16)) | 0;
}

const unit = (word: number): number => ((word >>> 0) + 0.5) / WORDS;

/**
 * @param key0 with `key1` two whole numbers of 32 bits: other keys, other numbers.
 * @example philox(0, 0).at(0, 0, 0, 0) // drawn[0] is 0x6627e8d5 of 2³²
 */
export function philox(key0: number, key1: number): Philox {
  const drawn = new Float64Array(4);
  const at = (a: number, b: number, c: number, d: number): void => {
    let x0 = a | 0;
    let x1 = b | 0;
    let x2 = c | 0;
    let x3 = d | 0;
    let k0 = key0 | 0;
    let k1 = key1 | 0;
    for (let round = 0; round < ROUNDS; round += 1) {
      const highA = upper(MULTIPLY_A, x0);
      const highC = upper(MULTIPLY_C, x2);
      const lowA = imul(MULTIPLY_A, x0);
      x0 = highC ^ x1 ^ k0;
      x1 = imul(MULTIPLY_C, x2);
      x2 = highA ^ x3 ^ k1;
      x3 = lowA;
      k0 = (k0 + WEYL_0) | 0;
      k1 = (k1 + WEYL_1) | 0;
    }
    drawn[0] = unit(x0);
    drawn[1] = unit(x1);
    drawn[2] = unit(x2);
    drawn[3] = unit(x3);
  };
  return { drawn, at };
}
