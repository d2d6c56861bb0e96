import type { Carrier } from '../crops/crop';

/**
 * A bell about a plant, by the distance r from it: (1 + r²/scale²)^−power, the 2Dt kernel [Clark, Silman, Kern,
 * Macklin & HilleRisLambers 1999, Seed dispersal near and far, equation 8]. With power 1 it falls by the square of
 * the distance far away. Scale in metres.
 */
export interface Bell {
  readonly scale: number;
  readonly power: 1 | 2;
}

/** How the pollen of one plant comes to another, by their distance: a sum of bells, the part close by and the far. */
export type PollenKernel = readonly (Bell & { readonly weight: number })[];

/** A middle kernel, and what is not known of it: one that carries less, one that carries more. */
export interface KernelRange {
  readonly middle: PollenKernel;
  readonly low: PollenKernel;
  readonly high: PollenKernel;
}

/**
 * Pollen on the wind falls everywhere alike, so its kernel is a density: over the plane it sums to one.
 *
 * @param farShare share of the pollen that travels far.
 */
const byWind = (farShare: number, nearScale: number, farScale: number): PollenKernel => [
  { weight: (1 - farShare) / (Math.PI * nearScale ** 2), scale: nearScale, power: 2 },
  { weight: farShare / (Math.PI * farScale ** 2), scale: farScale, power: 2 },
];

/**
 * Insects go from flower to flower and leave nothing on bare ground between, so their kernel is the pull of one
 * plant beside another: mostly the next plants of the same patch, now and then one farther off, by the inverse
 * square of its distance.
 *
 * @param leaves share of the visits that come from beyond the next plants.
 */
const byInsects = (leaves: number, nearScale: number, farScale: number): PollenKernel => [
  { weight: 1 - leaves, scale: nearScale, power: 2 },
  { weight: leaves, scale: farScale, power: 1 },
];

/**
 * Wind. Far part: read off the published table of crossing by distance between large fields [Jones & Brooks 1950,
 * Effectiveness of distance and border rows in preventing outcrossing in corn; from memory]. Near part: most corn
 * pollen falls within some metres of the plant (common practice, no source); its scale is our default. Calm and
 * windy years bound it; our defaults.
 */
const WIND: KernelRange = {
  middle: byWind(0.54, 3, 60),
  low: byWind(0.36, 3, 45),
  high: byWind(0.7, 4, 90),
};

/**
 * Insects. All three are our defaults and lie wide apart, since so do the published finds: some per cent at a
 * kilometre and more [Kirkpatrick & Wilson 1988, from memory], and patches side by side that hardly cross.
 * Isolation distances are rules, not measurements: nothing is fitted to them.
 */
const INSECTS: KernelRange = {
  middle: byInsects(0.1, 3, 60),
  low: byInsects(0.02, 3, 30),
  high: byInsects(0.3, 3, 120),
};

export const KERNELS: Readonly<Record<Carrier, KernelRange>> = {
  wind: WIND,
  insects: INSECTS,
  nightInsects: INSECTS,
  // What little goes from selfer to selfer is carried by insects.
  self: INSECTS,
};

const weighted = (kernel: PollenKernel, of: (bell: Bell) => number): number =>
  kernel.reduce((sum, bell) => sum + bell.weight * of(bell), 0);

/** Pollen that comes from one plant to another. @param metres between them. */
export const pollenAt = (metres: number, kernel: PollenKernel): number =>
  weighted(kernel, (bell) => bellAt(metres ** 2, bell));

/** @param r2 squared distance, m². */
export function bellAt(r2: number, { scale, power }: Bell): number {
  const g = 1 / (1 + r2 / scale ** 2);
  return power === 2 ? g * g : g;
}

/**
 * Mean pollen from a plant of a round field.
 *
 * @param metres from the middle of the field.
 * @param radius of the field, metres; 0 is a single plant.
 */
export const pollenFromField = (metres: number, radius: number, kernel: PollenKernel): number =>
  weighted(kernel, (bell) => bellOverField(metres, radius, bell));

/** What is smaller than this counts as a single plant, metres. */
const A_PLANT_M = 0.01;

/**
 * A bell averaged over a disc, in closed form. With power 2 it is the even measure of a sphere seen by
 * stereographic projection, so that a disc holds the share of a cap.
 *
 * @param metres from the middle of the disc.
 * @param radius of the disc, metres.
 */
export function bellOverField(metres: number, radius: number, bell: Bell): number {
  if (radius < A_PLANT_M) return bellAt(metres ** 2, bell);
  const over = bell.power === 2 ? overDisc2 : overDisc1;
  return over(metres, radius, bell.scale) / (Math.PI * radius ** 2);
}

/** 1/(1 + r²/s²)² summed over a disc, m². */
function overDisc2(metres: number, radius: number, scale: number): number {
  const [m2, r2, s2] = [metres ** 2, radius ** 2, scale ** 2];
  const away = m2 + s2 - r2;
  const root = Math.sqrt(away ** 2 + 4 * r2 * s2);
  // π·s²·(1 − away/root)/2, without the loss of digits far away.
  const share = away > 0 ? (2 * r2 * s2) / (root * (root + away)) : (root - away) / (2 * root);
  return Math.PI * s2 * share;
}

/** 1/(1 + r²/s²) summed over a disc, m². */
function overDisc1(metres: number, radius: number, scale: number): number {
  const [m2, r2, s2] = [metres ** 2, radius ** 2, scale ** 2];
  const root = Math.sqrt((m2 + s2 - r2) ** 2 + 4 * r2 * s2);
  // π·s²·ln((root + r² + s² − m²)/2s²), without the loss of digits far away.
  const behind = r2 + s2 - m2;
  const ratio = behind < 0 ? (2 * m2) / (root - behind) : (root + behind) / (2 * s2);
  return Math.PI * s2 * Math.log(ratio);
}

/**
 * Pollen on the wind from a field that reaches from an edge to the horizon, with one plant on each m².
 *
 * @param metres from the edge of the field.
 */
export const pollenFromWideField = (metres: number, kernel: PollenKernel): number =>
  weighted(kernel, ({ scale }) => (Math.PI * scale ** 2 * (1 - metres / Math.hypot(scale, metres))) / 2);
