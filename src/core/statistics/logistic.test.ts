import fc from 'fast-check';
import { seededChance } from '../random/chance';
import { logistic, type Trials } from './logistic';

const trialsOf = (
  rows: readonly (readonly number[])[],
  success: readonly number[],
  cluster: readonly number[] = success.map((_, i) => i),
): Trials => ({
  rows: Float64Array.from(rows.flat()),
  terms: rows[0]!.length,
  success: Float64Array.from(success),
  cluster: Int32Array.from(cluster),
});

/** Temperature at the joint in °F, and whether any of its O-rings was hurt, on 23 flights. */
const FLIGHTS: readonly (readonly [number, number])[] = [
  ...([66, 69, 68, 67, 72, 73, 70, 78, 67, 67, 75, 70, 81, 76, 79, 76] as const).map(
    (degrees) => [degrees, 0] as const,
  ),
  ...([70, 57, 63, 70, 53, 75, 58] as const).map((degrees) => [degrees, 1] as const),
];

it('gives the published fit of the O-ring data', () => {
  // Dalal, Fowlkes & Hoadley 1989, Journal of the American Statistical Association 84, 945–957; from memory.
  const fit = logistic(
    trialsOf(
      FLIGHTS.map(([degrees]) => [1, degrees]),
      FLIGHTS.map(([, hurt]) => hurt),
    ),
    { penalised: false },
  )!;
  expect(fit.coefficients[0]).toBeCloseTo(15.0429, 3);
  expect(fit.coefficients[1]).toBeCloseTo(-0.23216, 4);
});

it('with the penalty, a table of two by two is that table with half a trial more in each cell', () => {
  // Of a saturated model, Firth 1993: Jeffreys' prior adds a half to each cell.
  fc.assert(
    fc.property(
      fc.tuple(...Array.from({ length: 4 }, () => fc.integer({ min: 0, max: 12 }))),
      ([a, b, c, d]) => {
        if (a! + b! < 2 || c! + d! < 2) return;
        const of = (x: number, y: number, many: number): [number, number][] =>
          Array.from({ length: many }, () => [x, y]);
        const all = [...of(0, 1, a!), ...of(0, 0, b!), ...of(1, 1, c!), ...of(1, 0, d!)];
        const fit = logistic(
          trialsOf(
            all.map(([x]) => [1, x]),
            all.map(([, y]) => y),
          ),
        )!;
        expect(fit.coefficients[0]).toBeCloseTo(Math.log((a! + 0.5) / (b! + 0.5)), 5);
        const odds = ((c! + 0.5) * (b! + 0.5)) / ((d! + 0.5) * (a! + 0.5));
        expect(fit.coefficients[1]).toBeCloseTo(Math.log(odds), 5);
      },
    ),
  );
});

/** The penalised log-likelihood, written again without the fit's own steps; two terms. */
function penalisedLikelihood(
  rows: readonly (readonly number[])[],
  success: readonly number[],
  [constant, slope]: readonly [number, number],
): number {
  let sum = 0;
  let [i00, i01, i11] = [0, 0, 0];
  for (const [i, row] of rows.entries()) {
    const share = 1 / (1 + Math.exp(-(constant + slope * row[1]!)));
    sum += Math.log(success[i] ? share : 1 - share);
    const weight = share * (1 - share);
    i00 += weight;
    i01 += weight * row[1]!;
    i11 += weight * row[1]! ** 2;
  }
  return sum + Math.log(i00 * i11 - i01 ** 2) / 2;
}

it('no other coefficients are likelier, also where a term separates all that set from all that did not', () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.integer({ min: 0, max: 9 }), fc.boolean()), { minLength: 6, maxLength: 30 }),
      (all) => {
        const rows = all.map(([x]) => [1, x]);
        const success = all.map(([, y]) => Number(y));
        const fit = logistic(trialsOf(rows, success));
        // The same number at each, or one trial with another: nothing can be said of it.
        const [low, high] = [Math.min(...all.map(([x]) => x)), Math.max(...all.map(([x]) => x))];
        const apart = all.filter(([x]) => x !== all[0]![0]).length;
        if (low === high || apart < 2 || apart > all.length - 2) return;
        expect(fit).toBeDefined();
        const [constant, slope] = fit!.coefficients as unknown as [number, number];
        const best = penalisedLikelihood(rows, success, [constant, slope]);
        expect(Number.isFinite(best)).toBe(true);
        for (const [a, b] of [
          [0.05, 0],
          [-0.05, 0],
          [0, 0.02],
          [0, -0.02],
        ] as const)
          expect(penalisedLikelihood(rows, success, [constant + a, slope + b])).toBeLessThanOrEqual(
            best + 1e-6,
          );
      },
    ),
  );
});

it('of a constant alone, the spread is that of the plants’ shares', () => {
  // The ratio estimator of Rao & Scott 1992, with each plant left out in turn: larger by (of / (of − own))² each.
  const plants = [
    [3, 5],
    [1, 6],
    [4, 4],
    [0, 3],
    [2, 7],
  ] as const;
  const success = plants.flatMap(([hits, of]) => Array.from({ length: of }, (_, i) => (i < hits ? 1 : 0)));
  const cluster = plants.flatMap(([, of], plant) => Array.from({ length: of }, () => plant));
  const fit = logistic(
    trialsOf(
      success.map(() => [1]),
      success,
      cluster,
    ),
    { penalised: false },
  )!;
  const [hits, of] = [10, 25];
  const weight = (hits / of) * (1 - hits / of);
  const spread = plants.reduce(
    (sum, [own, many]) => sum + ((own - many * (hits / of)) / (weight * (of - many))) ** 2,
    0,
  );
  expect(fit.covariance[0]).toBeCloseTo((4 / 5) * spread, 8);
});

it('what is not known is a success or a failure that did not show: no other coefficients are likelier', () => {
  const chance = seededChance(5);
  const rows = Array.from({ length: 60 }, () => [1, 4 * chance.below(1)]);
  const yes = rows.map(([, x]) => Number(chance.below(1) < 1 / (1 + Math.exp(x! - 2))));
  const hidden = rows.map(() => chance.below(1));
  const success = yes.map((each, i) =>
    i % 3 > 0 ? each : each === 1 || chance.below(1) < hidden[i]! ? NaN : 0,
  );
  const trials = { ...trialsOf(rows, success), hidden: Float64Array.from(hidden) };
  const fit = logistic(trials, { penalised: false })!;
  const likelihood = (constant: number, slope: number): number =>
    rows.reduce((sum, [, x], i) => {
      const share = 1 / (1 + Math.exp(-(constant + slope * x!)));
      const known = success[i]!;
      return (
        sum + Math.log(Number.isNaN(known) ? share + (1 - share) * hidden[i]! : known ? share : 1 - share)
      );
    }, 0);
  const [a, b] = fit.coefficients as unknown as [number, number];
  const best = likelihood(a, b);
  for (const [more, steeper] of [
    [0.02, 0],
    [-0.02, 0],
    [0, 0.01],
    [0, -0.01],
  ] as const)
    expect(likelihood(a + more, b + steeper)).toBeLessThan(best);
  // Where a failure would never show, nothing is told; where it always would, it is a success.
  const plain = { penalised: false };
  const as = (late: number) => ({ ...trials, hidden: trials.hidden.fill(late) });
  const known = rows
    .map((row, i) => ({ row, yes: success[i]! }))
    .filter(({ yes: each }) => !Number.isNaN(each));
  const only = trialsOf(
    known.map(({ row }) => row),
    known.map(({ yes: each }) => each),
  );
  for (const [found, expected] of [
    [logistic(as(1), plain)!, logistic(only, plain)!],
    [
      logistic(as(0), plain)!,
      logistic(
        trialsOf(
          rows,
          success.map((each) => (each === 0 ? 0 : 1)),
        ),
        plain,
      )!,
    ],
  ] as const) {
    for (const [i, each] of found.coefficients.entries())
      expect(each).toBeCloseTo(expected.coefficients[i]!, 5);
    expect(found.covariance[3]! / expected.covariance[3]!).toBeCloseTo(1, 1);
  }
  // Where what is hidden is an estimate, more is in doubt.
  trials.hidden.set(hidden);
  const changes = rows.map((_, own) =>
    rows.flatMap((__, i) =>
      Number.isNaN(success[i]!) && i !== own ? [[i, own % 2 ? 0.05 : -0.05] as const] : [],
    ),
  );
  const doubted = logistic({ ...trials, changes }, plain)!;
  expect(doubted.coefficients).toEqual(fit.coefficients);
  expect(doubted.covariance[0]!).toBeGreaterThan(fit.covariance[0]!);
});

it('covers what it says, of plants that share their luck', () => {
  const chance = seededChance(11);
  const normal = (): number =>
    Math.sqrt(-2 * Math.log(1 - chance.below(1))) * Math.cos(2 * Math.PI * chance.below(1));
  const covered = (plants: number, runs: number): number => {
    let inside = 0;
    for (let run = 0; run < runs; run += 1) {
      const rows: number[][] = [];
      const [success, cluster]: number[][] = [[], []];
      for (let plant = 0; plant < plants; plant += 1) {
        const luck = 0.7 * normal();
        for (let flower = 0; flower < 6; flower += 1) {
          const hour = chance.below(4);
          rows.push([1, hour]);
          cluster!.push(plant);
          success!.push(Number(chance.below(1) < 1 / (1 + Math.exp(-(1 - 0.5 * hour + luck)))));
        }
      }
      const fit = logistic(trialsOf(rows, success!, cluster!));
      // The mean slope over plants is a little flatter than each plant's own [Zeger, Liang & Albert 1988].
      const flatter = 1 / Math.sqrt(1 + 0.346 * 0.7 ** 2);
      const error = Math.abs(fit!.coefficients[1]! + 0.5 * flatter);
      if (error < 1.959964 * Math.sqrt(fit!.covariance[3]!)) inside += 1;
    }
    return inside / runs;
  };
  expect(covered(40, 400)).toBeGreaterThan(0.92);
  expect(covered(6, 400)).toBeGreaterThan(0.88);
});

it('says of each term how much the others tell of it', () => {
  const rows = Array.from({ length: 40 }, (_, i) => [1, i % 2, (i % 2) + (i % 8 === 0 ? 1 : 0)]);
  const fit = logistic(
    trialsOf(
      rows,
      rows.map((_, i) => Number(i % 3 === 0)),
    ),
  )!;
  expect(fit.inflation[1]).toBeGreaterThan(2);
  const apart = rows.map(([one, x], i) => [one!, x!, i % 4 < 2 ? 1 : 0]);
  const alone = logistic(
    trialsOf(
      apart,
      rows.map((_, i) => Number(i % 3 === 0)),
    ),
  )!;
  expect(alone.inflation[1]).toBeLessThan(1.2);
});

it('knows nothing where a term is a sum of others, or known of one plant alone', () => {
  const rows = Array.from({ length: 12 }, (_, i) => [1, i % 2, 1 - (i % 2)]);
  const success = rows.map((_, i) => Number(i % 3 === 0));
  expect(logistic(trialsOf(rows, success))).toBeUndefined();
  const own = rows.map((_, i) => [1, i < 3 ? 1 : 0]);
  const cluster = rows.map((_, i) => Math.floor(i / 3));
  expect(logistic(trialsOf(own, success, cluster))).toBeUndefined();
  expect(() => logistic({ ...trialsOf(rows, success), terms: 2 })).toThrow(RangeError);
});
