import { cropOf } from '../src/core/crops/catalogue';
import { candidatesOf, dispersalOf, type Candidate } from '../src/core/isolation/candidates';
import { judgeIsolation, type IsolationReport } from '../src/core/isolation/isolationReport';
import type { IsolationQuestion } from '../src/core/isolation/question';
import type { Nearest } from '../src/core/isolation/measurements';
import { Barriers, DISTANCE_FACTOR } from '../src/core/pollen/barriers';
import { spread } from '../src/core/isolation/emitters';
import type { ShareRange } from '../src/core/isolation/expectedOutcrossing';
import { termAt, termOverField, type KernelTerm, type PollenKernel } from '../src/core/pollen/pollenKernel';

/**
 * The same reports by the plainest way there is: every plant with every other, in one loop over typed arrays.
 * Distances and sums of pollen are gathered on the way; the judging is the app's own.
 */
export function reportsByPairs(question: IsolationQuestion): IsolationReport[] {
  const { varieties, outside, barriers } = question;
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
  const success = new Float64Array(v * s);
  const crosses = new Uint8Array(v * s);
  candidates.forEach((some, i) =>
    some.forEach((candidate) => {
      success[i * s + columnOf(candidate, v)] = candidate.success;
      crosses[i * s + columnOf(candidate, v)] = 1;
    }),
  );
  const kernels = varieties.map((variety) => {
    const { middle, low, high } = dispersalOf(variety).kernels;
    return { three: [middle, low, high], flat: flatOf([middle, low, high]) };
  });
  const patches = outside.map(({ middle, radius }) => spread(middle, radius));
  const insects = new Barriers(barriers, 'insects');
  const wind = new Barriers(barriers, 'wind');
  const barriersOf = varieties.map(({ crop }) => (cropOf(crop).pollenVector === 'wind' ? wind : insects));
  const nearest: (Nearest | undefined)[] = new Array(v * s);
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
      let past = 1;
      if (other !== own) {
        past = barriersOf[own]!.transmission({ x, y }, { x: xs[j]!, y: ys[j]! });
        nearest[cell] = nearer(nearest[cell], Math.sqrt(r2), past);
      }
      for (let k = 0; k < 3; k += 1) {
        const at = PART * k;
        const n = 1 / (1 + r2 * flat[at + 1]!);
        const f = 1 / (1 + r2 * flat[at + 3]!);
        pollen[other * 3 + k]! +=
          past * (flat[at]! * n * n + flat[at + 2]! * (flat[at + 4] === 2 ? f * f : f));
      }
    }
    for (let o = 0; o < outside.length; o += 1) {
      const cell = own * s + v + o;
      if (crosses[cell] === 0) continue;
      const { middle, radius, plants } = outside[o]!;
      const metres = Math.hypot(middle.x - x, middle.y - y);
      const edge = {
        x: x + (1 - radius / metres) * (middle.x - x),
        y: y + (1 - radius / metres) * (middle.y - y),
      };
      nearest[cell] = nearer(nearest[cell], metres - radius, barriersOf[own]!.transmission({ x, y }, edge));
      const seen = patches[o]!.map((spot) => ({
        squared: (spot.x - x) ** 2 + (spot.y - y) ** 2,
        past: barriersOf[own]!.transmission({ x, y }, spot),
      }));
      const all = seen.every(({ past }) => past === seen[0]!.past) ? seen[0]!.past : undefined;
      for (let k = 0; k < 3; k += 1) {
        pollen[(v + o) * 3 + k] = three[k]!.reduce((sum, term) => {
          const from = term.weight * plants * termOverField(metres, radius, term);
          return sum + from * (all ?? meanPast(seen, term));
        }, 0);
      }
    }
    addShares(own, { s, pollen, success, sums });
  }
  return judgeIsolation(question, {
    nearest: (i, ref) => nearest[i * s + columnOf(ref, v)],
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

/** The share of a patch that gets past, each place of it weighted by what comes from there. */
function meanPast(
  seen: readonly { readonly squared: number; readonly past: number }[],
  term: KernelTerm,
): number {
  const weights = seen.map(({ squared }) => termAt(squared, term));
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  return seen.reduce((sum, { past }, i) => sum + weights[i]! * past, 0) / all;
}

/** The pair that decides: the nearest, one with a barrier between counting as farther off. */
function nearer(held: Nearest | undefined, metres: number, past: number): Nearest {
  const distanceFactor = past < 1 ? DISTANCE_FACTOR : 1;
  return held && held.metres / held.distanceFactor <= metres / distanceFactor
    ? held
    : { metres, distanceFactor, barriers: [] };
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
  readonly success: Float64Array;
  readonly sums: Float64Array;
}

/** What one plant received, as shares of it, added to what its variety's plants received. */
function addShares(own: number, { s, pollen, success, sums }: Sums): void {
  for (let k = 0; k < 3; k += 1) {
    let total = pollen[own * 3 + k]!;
    for (let c = 0; c < s; c += 1) if (c !== own) total += success[own * s + c]! * pollen[c * 3 + k]!;
    for (let c = 0; c < s; c += 1) {
      if (c !== own) sums[(own * s + c) * 3 + k]! += (success[own * s + c]! * pollen[c * 3 + k]!) / total;
    }
  }
}
