import { candidatesOf, dispersalOf, type Candidate } from '../src/core/isolation/candidates';
import { judgeIsolation, type IsolationReport } from '../src/core/isolation/isolationReport';
import type { IsolationQuestion } from '../src/core/isolation/question';
import type { ShareRange } from '../src/core/isolation/expectedOutcrossing';
import { pollenFromField, type PollenKernel } from '../src/core/pollen/pollenKernel';

/**
 * The same reports by the plainest way there is: every plant with every other, in one loop over typed arrays.
 * Distances and sums of pollen are gathered on the way; the judging is the app's own.
 */
export function reportsByPairs(question: IsolationQuestion): IsolationReport[] {
  const { varieties, outside } = question;
  const n = varieties.reduce((sum, { places }) => sum + places.length, 0);
  const [xs, ys, of] = [new Float64Array(n), new Float64Array(n), new Int32Array(n)];
  let at = 0;
  varieties.forEach(({ places }, v) =>
    places.forEach(({ x, y }) => {
      xs[at] = x;
      ys[at] = y;
      of[at] = v;
      at += 1;
    }),
  );
  const v = varieties.length;
  const s = v + outside.length;
  const candidates = candidatesOf(question);
  const comes = new Float64Array(v * s);
  const crosses = new Uint8Array(v * s);
  candidates.forEach((some, i) =>
    some.forEach((candidate) => {
      comes[i * s + columnOf(candidate, v)] = candidate.effectiveShare;
      crosses[i * s + columnOf(candidate, v)] = 1;
    }),
  );
  const kernels = varieties.map((variety) => {
    const { middle, low, high } = dispersalOf(variety).kernels;
    return { three: [middle, low, high], flat: flatOf([middle, low, high]) };
  });
  const nearestSquared = new Float64Array(v * s).fill(Infinity);
  const sums = new Float64Array(v * s * 3);
  const pollen = new Float64Array(s * 3);
  for (let i = 0; i < n; i += 1) {
    const own = of[i]!;
    const [x, y] = [xs[i]!, ys[i]!];
    const { three, flat } = kernels[own]!;
    pollen.fill(0);
    for (let j = 0; j < n; j += 1) {
      const other = of[j]!;
      const cell = own * s + other;
      if (other !== own && crosses[cell] === 0) continue;
      const [dx, dy] = [xs[j]! - x, ys[j]! - y];
      const r2 = dx * dx + dy * dy;
      if (r2 < nearestSquared[cell]!) nearestSquared[cell] = r2;
      for (let k = 0; k < 3; k += 1) {
        const at = PART * k;
        const n = 1 / (1 + r2 * flat[at + 1]!);
        const f = 1 / (1 + r2 * flat[at + 3]!);
        pollen[other * 3 + k]! += flat[at]! * n * n + flat[at + 2]! * (flat[at + 4] === 2 ? f * f : f);
      }
    }
    for (let o = 0; o < outside.length; o += 1) {
      const cell = own * s + v + o;
      if (crosses[cell] === 0) continue;
      const { middle, radius, plants } = outside[o]!;
      const r2 = (middle.x - x) ** 2 + (middle.y - y) ** 2;
      if (r2 < nearestSquared[cell]!) nearestSquared[cell] = r2;
      for (let k = 0; k < 3; k += 1) {
        pollen[(v + o) * 3 + k] = plants * pollenFromField(Math.sqrt(r2), radius, three[k]!);
      }
    }
    addShares(own, { s, pollen, comes, sums });
  }
  return judgeIsolation(question, {
    metres: (i, ref) => {
      if (varieties[i]!.places.length === 0) return undefined;
      const metres = Math.sqrt(nearestSquared[i * s + columnOf(ref, v)]!);
      if (ref.from === 'outside') return Math.max(0, metres - outside[ref.index]!.radius);
      return Number.isFinite(metres) ? metres : undefined;
    },
    outcrossing: (i, some) => {
      const { value } = dispersalOf(varieties[i]!).outcrossing;
      const crossed = [Math.sqrt(value[0] * value[1]), ...value];
      const count = varieties[i]!.places.length;
      const each = some.map((candidate): ShareRange => {
        const from = (i * s + columnOf(candidate, v)) * 3;
        const [share, low, high] = [0, 1, 2].map((k) => (crossed[k]! * sums[from + k]!) / count);
        return { share: share!, low: low!, high: high! };
      });
      const sum = (of: (range: ShareRange) => number): number => each.reduce((all, one) => all + of(one), 0);
      return {
        total: { share: sum((r) => r.share), low: sum((r) => r.low), high: sum((r) => r.high) },
        bySource: each,
      };
    },
  });
}

/** Numbers that one kernel takes: of its part close by and of the far one, weight and 1/scale²; and the far power. */
const PART = 5;

const flatOf = (kernels: readonly PollenKernel[]): Float64Array =>
  Float64Array.from(
    kernels.flatMap(([near, far]) => [
      near!.weight,
      near!.scale ** -2,
      far!.weight,
      far!.scale ** -2,
      far!.power,
    ]),
  );

const columnOf = ({ from, index }: Pick<Candidate, 'from' | 'index'>, varieties: number): number =>
  from === 'garden' ? index : varieties + index;

interface Sums {
  readonly s: number;
  readonly pollen: Float64Array;
  readonly comes: Float64Array;
  readonly sums: Float64Array;
}

/** What one plant received, as shares of it, added to what its variety's plants received. */
function addShares(own: number, { s, pollen, comes, sums }: Sums): void {
  for (let k = 0; k < 3; k += 1) {
    let total = pollen[own * 3 + k]!;
    for (let c = 0; c < s; c += 1) if (c !== own) total += comes[own * s + c]! * pollen[c * 3 + k]!;
    for (let c = 0; c < s; c += 1) {
      if (c !== own) sums[(own * s + c) * 3 + k]! += (comes[own * s + c]! * pollen[c * 3 + k]!) / total;
    }
  }
}
