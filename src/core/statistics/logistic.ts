import { cholesky, inverse, logDeterminant, solve, solveLower } from './cholesky';

/** Trials with what may go with their success. */
export interface Trials {
  /** One row a trial, `terms` numbers each; a constant is a term of its own. */
  readonly rows: Float64Array;
  readonly terms: number;
  /** 1 where it succeeded, 0 where it failed, `NaN` where that is not known. */
  readonly success: Float64Array;
  /** Of those that are not known: the chance that a failure would not have shown yet. */
  readonly hidden?: Float64Array;
  /** Which cluster each trial belongs to, from 0: trials of one share their luck. */
  readonly cluster: Int32Array;
  /** Where `hidden` is an estimate: of each cluster, by how much it would be more without it, as `[trial, more]`. */
  readonly changes?: readonly (readonly (readonly [trial: number, more: number])[])[];
}

export interface LogisticOptions {
  /** Firth's penalty, so that the answer is finite also where a term separates all successes; without it plain likelihood. */
  readonly penalised?: boolean;
}

export interface LogisticFit {
  /** Log odds for one more of each term. */
  readonly coefficients: Float64Array;
  /** Of the coefficients, with whole clusters as what varies; row by row. */
  readonly covariance: Float64Array;
  readonly clusters: number;
  /** How much wider each is because the terms go together: 1 where they do not [variance inflation]. */
  readonly inflation: Float64Array;
}

const MAX_ROUNDS = 60;
/** No step moves a coefficient further than this [as `logistf` does]. */
const MAX_STEP = 5;
const STILL = 1e-8;

/**
 * Logistic regression by Newton's method, with Firth's penalty: the score of each trial gets h·(½ − p), h its leverage,
 * which is Jeffreys' prior [Firth 1993, Biometrika 80, 27–38; Heinze & Schemper 2002, Statistics in Medicine 21,
 * 2409–2419]. One that is not known is a success or a failure that did not show, and counts as much of a success as is
 * likely [a mixture cure model: Farewell 1982, Biometrics 38, 1041–1046]; what it tells of the terms is less by as much
 * [Louis 1982, Journal of the Royal Statistical Society B 44, 226–233].
 *
 * The covariance is that of leaving out one cluster after another, each by one step of Newton: d = (I − Iᶜ)⁻¹·uᶜ, I the
 * information, Iᶜ and uᶜ a cluster's part of it and of the score. With few clusters it is honest where the plain
 * sandwich is too narrow [Mancl & DeRouen 2001, Biometrics 57, 126–134; jackknife of Lipsitz, Dear & Zhao 1994].
 *
 * @returns `undefined` where the terms say the same of each other, a term is known from one cluster alone, or no answer
 *   is finite.
 * @throws RangeError where the numbers do not fit together.
 */
export function logistic(
  trials: Trials,
  { penalised = true }: LogisticOptions = {},
): LogisticFit | undefined {
  const { rows, terms, success } = trials;
  if (rows.length !== success.length * terms) throw new RangeError('Each trial has one number for each term');
  let coefficients: Float64Array = new Float64Array(terms);
  let state = stateAt(trials, coefficients, penalised);
  for (let round = 0; state && round < MAX_ROUNDS; round += 1) {
    const step = solve(state.factor, state.score);
    const longest = step.reduce((most, each) => Math.max(most, Math.abs(each)), 0);
    if (longest < STILL) return withCovariance(trials, coefficients, state);
    let scale = Math.min(1, MAX_STEP / longest);
    let next: Float64Array;
    let after: State | undefined;
    // Half as far, until it is no worse.
    for (let half = 0; ; half += 1, scale /= 2) {
      next = coefficients.map((each, i) => each + scale * step[i]!);
      after = stateAt(trials, next, penalised);
      if ((after && after.likelihood >= state.likelihood - STILL) || half === 30) break;
    }
    coefficients = next;
    state = after;
  }
  return undefined;
}

interface State {
  readonly factor: Float64Array;
  readonly score: Float64Array;
  readonly likelihood: number;
  /** Of each trial: what it adds to the score for one of each term. */
  readonly residuals: Float64Array;
  /** What each tells, were all known. */
  readonly weights: Float64Array;
  /** What each tells less, since it is not known. */
  readonly missing: Float64Array;
  /** By how much less each is a success, for one more of `hidden`. */
  readonly slopes: Float64Array;
}

function stateAt(
  { rows, terms, success, hidden }: Trials,
  coefficients: Float64Array,
  penalised: boolean,
): State | undefined {
  const many = success.length;
  const shares = new Float64Array(many);
  const weights = new Float64Array(many);
  const residuals = new Float64Array(many);
  const missing = new Float64Array(many);
  const slopes = new Float64Array(many);
  const information = new Float64Array(terms * terms);
  let likelihood = 0;
  for (let i = 0, at = 0; i < many; i += 1, at += terms) {
    let logit = 0;
    for (let j = 0; j < terms; j += 1) logit += rows[at + j]! * coefficients[j]!;
    const share = 1 / (1 + Math.exp(-logit));
    const weight = share * (1 - share);
    shares[i] = share;
    weights[i] = weight;
    // log(1 + eˣ), where x may be large.
    likelihood -= logit > 0 ? logit + Math.log1p(Math.exp(-logit)) : Math.log1p(Math.exp(logit));
    const known = success[i]!;
    if (Number.isNaN(known)) {
      const seen = share + (1 - share) * hidden![i]!;
      const chance = share / seen;
      residuals[i] = chance - share;
      missing[i] = chance * (1 - chance);
      slopes[i] = weight / seen ** 2;
      likelihood += Math.log(Math.exp(logit) + hidden![i]!);
    } else {
      residuals[i] = known - share;
      likelihood += known * logit;
    }
    addOuter(information, rows, { at, terms, weight });
  }
  const factor = cholesky(information, terms);
  if (!factor) return undefined;
  if (penalised) {
    likelihood += logDeterminant(factor, terms) / 2;
    const half = new Float64Array(terms);
    for (let i = 0, at = 0; i < many; i += 1, at += terms) {
      // Leverage w·xᵀI⁻¹x = w·|L⁻¹x|².
      for (let j = 0; j < terms; j += 1) half[j] = rows[at + j]!;
      solveLower(factor, half);
      let leverage = 0;
      for (let j = 0; j < terms; j += 1) leverage += half[j]! * half[j]!;
      residuals[i]! += weights[i]! * leverage * (0.5 - shares[i]!);
    }
  }
  const score = new Float64Array(terms);
  for (let i = 0, at = 0; i < many; i += 1, at += terms)
    for (let j = 0; j < terms; j += 1) score[j]! += residuals[i]! * rows[at + j]!;
  return { factor, score, likelihood, residuals, weights, missing, slopes };
}

/** Adds weight·x·xᵀ, its lower triangle. */
function addOuter(
  matrix: Float64Array,
  rows: Float64Array,
  { at, terms, weight }: { readonly at: number; readonly terms: number; readonly weight: number },
): void {
  for (let j = 0; j < terms; j += 1) {
    const each = weight * rows[at + j]!;
    if (each === 0) continue;
    for (let k = 0; k <= j; k += 1) matrix[j * terms + k]! += each * rows[at + k]!;
  }
}

function withCovariance(
  { rows, terms, success, cluster, changes }: Trials,
  coefficients: Float64Array,
  { factor, residuals, weights, missing, slopes }: State,
): LogisticFit | undefined {
  const clusters = cluster.reduce((most, each) => Math.max(most, each + 1), 0);
  const size = terms * terms;
  const information = new Float64Array(clusters * size);
  const score = new Float64Array(clusters * terms);
  for (let i = 0, at = 0; i < success.length; i += 1, at += terms) {
    const own = cluster[i]!;
    const weight = weights[i]! - missing[i]!;
    addOuter(information.subarray(own * size, (own + 1) * size), rows, { at, terms, weight });
    for (let j = 0; j < terms; j += 1) score[own * terms + j]! += residuals[i]! * rows[at + j]!;
  }
  const all = new Float64Array(size);
  for (let i = 0; i < information.length; i += 1) all[i % size]! += information[i]!;
  const covariance = new Float64Array(size);
  for (let own = 0; own < clusters; own += 1) {
    const rest = all.map((each, i) => each - information[own * size + i]!);
    const without = cholesky(rest, terms);
    if (!without) return undefined;
    const moved = score.slice(own * terms, (own + 1) * terms);
    for (const [trial, more] of changes?.[own] ?? [])
      for (let j = 0; j < terms; j += 1) moved[j]! += more * slopes[trial]! * rows[trial * terms + j]!;
    const step = solve(without, moved);
    for (let j = 0; j < terms; j += 1)
      for (let k = 0; k < terms; k += 1)
        covariance[j * terms + k]! += ((clusters - 1) / clusters) * step[j]! * step[k]!;
  }
  const inflation = inflationOf(all, inverse(factor, terms), terms);
  return { coefficients, covariance, clusters, inflation };
}

/** Beside the constant, which the first term is taken to be. */
function inflationOf(information: Float64Array, inverted: Float64Array, terms: number): Float64Array {
  return Float64Array.from({ length: terms }, (_, j) => {
    if (j === 0) return 1;
    const aboutMean = information[j * terms + j]! - information[j * terms]! ** 2 / information[0]!;
    return aboutMean * inverted[j * terms + j]!;
  });
}
