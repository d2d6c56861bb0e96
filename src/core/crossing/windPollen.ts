import type { Place } from '../garden/places';
import { metresBetween } from '../garden/places';

/**
 * How corn pollen falls round the plant that sheds it: a part close by, a part far. Both parts are 2Dt kernels with
 * shape 2 [Clark, Silman, Kern, Macklin & HilleRisLambers 1999, Seed dispersal near and far, equation 8].
 */
export interface WindKernel {
  /** Share of the pollen that travels far. */
  readonly farShare: number;
  /** Scales of the two parts, metres. */
  readonly nearScale: number;
  readonly farScale: number;
}

/**
 * Far part: read off the published table of crossing by distance between large fields [Jones & Brooks 1950,
 * Effectiveness of distance and border rows in preventing outcrossing in corn; from memory]. Near part: most corn
 * pollen falls within some metres of the plant (common practice, no source); its scale is our default.
 */
export const CORN_KERNEL: WindKernel = { farShare: 0.54, nearScale: 3, farScale: 60 };

/** What is not known of the wind and the lie of the land: less and more carried than by the kernel. Our defaults. */
const CALM: WindKernel = { farShare: 0.36, nearScale: 3, farScale: 45 };
const WINDY: WindKernel = { farShare: 0.7, nearScale: 4, farScale: 90 };

const partAt = (metres: number, scale: number): number =>
  1 / (Math.PI * scale ** 2 * (1 + (metres / scale) ** 2) ** 2);

/** Share of a plant's pollen that falls on a square metre at a distance, per m². Over all the plane it sums to 1. */
export const pollenAt = (metres: number, kernel: WindKernel): number => pollenFromField(metres, 0, kernel);

/**
 * Pollen from a field that reaches from an edge to the horizon, for a field that sheds one unit on each m²: the
 * kernel integrated over the half plane.
 *
 * @param metres from the edge of the field.
 */
export function pollenFromWideField(metres: number, kernel: WindKernel): number {
  const part = (scale: number): number => (1 - metres / Math.hypot(scale, metres)) / 2;
  return (1 - kernel.farShare) * part(kernel.nearScale) + kernel.farShare * part(kernel.farScale);
}

const RINGS = 100;

/**
 * Mean pollen on a square metre from a round field that sheds one unit in all, per m²: the kernel over rings about
 * the receiving plant, each weighed by the arc of it that lies in the field. The rings hold equal pollen, so that
 * they are fine where it is dense.
 *
 * @param metres from the middle of the field.
 * @param radius of the field, metres; 0 is a single plant.
 */
export function pollenFromField(
  metres: number,
  radius: number,
  { farShare, nearScale, farScale }: WindKernel,
): number {
  if (radius <= 0) return (1 - farShare) * partAt(metres, nearScale) + farShare * partAt(metres, farScale);
  const all =
    (1 - farShare) * partFromField(metres, radius, nearScale) +
    farShare * partFromField(metres, radius, farScale);
  return all / (Math.PI * radius ** 2);
}

function partFromField(metres: number, radius: number, scale: number): number {
  /** Share of a plant's pollen that falls within a distance of it. */
  const within = (r: number): number => r ** 2 / (r ** 2 + scale ** 2);
  const around = radius > metres ? within(radius - metres) : 0;
  const nearest = within(Math.abs(metres - radius));
  const step = (within(metres + radius) - nearest) / RINGS;
  let sum = around;
  for (let i = 0; i < RINGS; i += 1) {
    const share = nearest + (i + 0.5) * step;
    const r = scale * Math.sqrt(share / (1 - share));
    const cosine = (metres ** 2 + r ** 2 - radius ** 2) / (2 * metres * r);
    sum += (Math.acos(Math.min(1, Math.max(-1, cosine))) / Math.PI) * step;
  }
  return sum;
}

/** Plants of one kind that shed pollen together. */
export interface WindSource {
  readonly middle: Place;
  /** Metres; 0 for a plant or a small group. */
  readonly radius: number;
  readonly plants: number;
  /** Share of the silking days of the receiving plants on which it sheds, 0 to 1. */
  readonly overlap: number;
  /** Share of its pollen that gets past what stands between, 0 to 1. */
  readonly passes: number;
}

/** Share of the kernels fathered by foreign pollen: a middle figure, and from calm to windy. */
export interface ForeignShare {
  readonly share: number;
  readonly low: number;
  readonly high: number;
}

/**
 * What share of a corn's kernels foreign pollen will father if it is left open: foreign pollen beside the variety's
 * own, averaged over its plants. It assumes that all plants shed alike, that pollen of either kind is as good, and
 * wind from every side alike; calm and windy years bound it.
 *
 * @param own where the variety's plants stand.
 * @returns shares from 0 to 1; all 0 without a source.
 * @throws RangeError without a plant of its own.
 */
export function foreignShareByWind(own: readonly Place[], sources: readonly WindSource[]): ForeignShare {
  if (own.length === 0) throw new RangeError('a variety without plants receives no pollen');
  const shareIn = (kernel: WindKernel): number =>
    own.reduce((sum, plant) => sum + shareAt(plant, own, sources, kernel), 0) / own.length;
  return { share: shareIn(CORN_KERNEL), low: shareIn(CALM), high: shareIn(WINDY) };
}

function shareAt(
  plant: Place,
  own: readonly Place[],
  sources: readonly WindSource[],
  kernel: WindKernel,
): number {
  const ours = own.reduce((sum, other) => sum + pollenAt(metresBetween(plant, other), kernel), 0);
  const foreign = sources.reduce(
    (sum, { middle, radius, plants, overlap, passes }) =>
      sum + plants * overlap * passes * pollenFromField(metresBetween(plant, middle), radius, kernel),
    0,
  );
  return foreign / (foreign + ours);
}
