/**
 * The lower triangle L of a symmetric matrix A = L·Lᵀ, row by row [Golub & Van Loan, Matrix Computations, 4.2.4].
 *
 * @param a `size × size`, row by row; only its lower triangle is read.
 * @returns `undefined` where A is not positive definite, or so nearly not that nothing can be said of its inverse.
 * @example cholesky(Float64Array.of(4, 2, 2, 3), 2) // 2, 0, 1, √2
 */
export function cholesky(a: Float64Array, size: number): Float64Array | undefined {
  const l = new Float64Array(size * size);
  for (let i = 0; i < size; i += 1) {
    for (let j = 0; j <= i; j += 1) {
      let sum = a[i * size + j]!;
      for (let k = 0; k < j; k += 1) sum -= l[i * size + k]! * l[j * size + k]!;
      if (i > j) l[i * size + j] = sum / l[j * size + j]!;
      else if (sum > NEARLY_NONE * a[i * size + i]!) l[i * size + i] = Math.sqrt(sum);
      else return undefined;
    }
  }
  return l;
}

/** What is left of a diagonal once the rest explains it: below this part of it, rounding decides. */
const NEARLY_NONE = 1e-10;

/** Solves L·x = b in place: `x` is b before, and the solution after. */
export function solveLower(l: Float64Array, x: Float64Array): void {
  const size = x.length;
  for (let i = 0; i < size; i += 1) {
    let sum = x[i]!;
    for (let k = 0; k < i; k += 1) sum -= l[i * size + k]! * x[k]!;
    x[i] = sum / l[i * size + i]!;
  }
}

/**
 * Solves A·x = b.
 *
 * @param l of A, as `cholesky` gives it.
 * @example solve(cholesky(Float64Array.of(4, 0, 0, 2), 2)!, Float64Array.of(8, 2)) // 2, 1
 */
export function solve(l: Float64Array, b: Float64Array): Float64Array {
  const size = b.length;
  const x = Float64Array.from(b);
  solveLower(l, x);
  for (let i = size - 1; i >= 0; i -= 1) {
    for (let k = i + 1; k < size; k += 1) x[i]! -= l[k * size + i]! * x[k]!;
    x[i]! /= l[i * size + i]!;
  }
  return x;
}

/** The inverse of A, row by row. */
export function inverse(l: Float64Array, size: number): Float64Array {
  const all = new Float64Array(size * size);
  for (let column = 0; column < size; column += 1) {
    const unit = new Float64Array(size);
    unit[column] = 1;
    const x = solve(l, unit);
    for (let row = 0; row < size; row += 1) all[row * size + column] = x[row]!;
  }
  return all;
}

/** log |A|. */
export function logDeterminant(l: Float64Array, size: number): number {
  let sum = 0;
  for (let i = 0; i < size; i += 1) sum += Math.log(l[i * size + i]!);
  return 2 * sum;
}
