import { seededChance } from '../src/core/random/chance';
import { logistic, type Trials } from '../src/core/statistics/logistic';
import { turnbull, type Bracket } from '../src/core/statistics/turnbull';
import { ratioOf, report } from './ratio';

/** What a season's pollinations tell: the curve of drops, and the regression of what goes with set. */

/** Looks every few days at fruits of which a part drops. */
function brackets(many: number): Bracket[] {
  const chance = seededChance(many);
  return Array.from({ length: many }, () => {
    const after = chance.index(20);
    return { after, by: chance.below(1) < 0.6 ? Infinity : after + 1 + chance.index(8) };
  });
}

const [FLOWERS, TERMS, PLANTS] = [5_000, 12, 400];

function trials(): Trials {
  const chance = seededChance(1);
  const rows = Float64Array.from({ length: FLOWERS * TERMS }, (_, i) =>
    i % TERMS === 0 ? 1 : chance.below(2),
  );
  return {
    rows,
    terms: TERMS,
    success: Float64Array.from({ length: FLOWERS }, (_, i) =>
      Number(chance.below(1) < 1 / (1 + Math.exp(1 - rows[i * TERMS + 1]!))),
    ),
    cluster: Int32Array.from({ length: FLOWERS }, (_, i) => i % PLANTS),
  };
}

/** Newton’s method for the plain likelihood, with Gaussian elimination; neither penalty nor plants. */
function plainNewton({ rows, terms, success }: Trials): Float64Array {
  const coefficients = new Float64Array(terms);
  for (let round = 0; round < 25; round += 1) {
    const system = Array.from({ length: terms }, () => new Float64Array(terms + 1));
    for (let i = 0; i < success.length; i += 1) {
      let logit = 0;
      for (let j = 0; j < terms; j += 1) logit += rows[i * terms + j]! * coefficients[j]!;
      const share = 1 / (1 + Math.exp(-logit));
      for (let j = 0; j < terms; j += 1) {
        const x = rows[i * terms + j]!;
        for (let k = 0; k < terms; k += 1) system[j]![k]! += share * (1 - share) * x * rows[i * terms + k]!;
        system[j]![terms]! += (success[i]! - share) * x;
      }
    }
    const step = eliminate(system, terms);
    for (let j = 0; j < terms; j += 1) coefficients[j]! += step[j]!;
    if (step.every((each) => Math.abs(each) < 1e-8)) break;
  }
  return coefficients;
}

function eliminate(system: Float64Array[], size: number): Float64Array {
  for (let i = 0; i < size; i += 1)
    for (let j = i + 1; j < size; j += 1) {
      const factor = system[j]![i]! / system[i]![i]!;
      for (let k = i; k <= size; k += 1) system[j]![k]! -= factor * system[i]![k]!;
    }
  const solution = new Float64Array(size);
  for (let i = size - 1; i >= 0; i -= 1) {
    let sum = system[i]![size]!;
    for (let k = i + 1; k < size; k += 1) sum -= system[i]![k]! * solution[k]!;
    solution[i] = sum / system[i]![i]!;
  }
  return solution;
}

export async function analysisBench(): Promise<void> {
  const [few, many] = [brackets(300), brackets(3_000)];
  report(
    'the curve of 3,000 fruits against 300',
    await ratioOf(
      () => turnbull(many),
      () => turnbull(few),
      { swept: false, runs: 15 },
    ),
    12,
  );
  const all = trials();
  report(
    'regression on 5,000 flowers and 12 terms, with penalty and plants, against a plain one without',
    await ratioOf(
      () => logistic(all),
      () => plainNewton(all),
      { swept: false },
    ),
    3,
  );
}
