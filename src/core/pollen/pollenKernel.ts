import type { PollenVector } from '../crops/crop';

/**
 * One term of a dispersal kernel, by the distance r from a plant: (1 + r²/scale²)^−power, the 2Dt kernel [Clark,
 * Silman, Kern, Macklin & HilleRisLambers 1999, Seed dispersal near and far, equation 8]. With power 1 it falls off
 * with the square of the distance. Scale in metres.
 */
export interface KernelTerm {
  readonly scale: number;
  readonly power: 1 | 2;
}

/** How much pollen of one plant reaches another, by their distance: a weighted sum of a near and a far term. */
export type PollenKernel = readonly (KernelTerm & { readonly weight: number })[];

/** A middle kernel and the bounds of what is not known of it: one that carries less, one that carries more. */
export interface KernelRange {
  readonly middle: PollenKernel;
  readonly low: PollenKernel;
  readonly high: PollenKernel;
}

/**
 * Pollen on the wind falls everywhere alike, so its kernel is a density: over the plane it integrates to 1.
 *
 * @param farShare share of the pollen that travels far.
 */
const byWind = (farShare: number, nearScale: number, farScale: number): PollenKernel => [
  { weight: (1 - farShare) / (Math.PI * nearScale ** 2), scale: nearScale, power: 2 },
  { weight: farShare / (Math.PI * farScale ** 2), scale: farScale, power: 2 },
];

/**
 * Insects go from flower to flower and leave nothing on the bare ground between, so their kernel is the pull of one
 * plant compared with another: mostly the next plants of the same patch, now and then one farther off, by the
 * inverse square of its distance.
 *
 * @param farShare share of the visits that come from beyond the next plants.
 */
const byInsects = (farShare: number, nearScale: number, farScale: number): PollenKernel => [
  { weight: 1 - farShare, scale: nearScale, power: 2 },
  { weight: farShare, scale: farScale, power: 1 },
];

/**
 * Wind. Far term: read off the published table of crossing by distance between large fields [Jones & Brooks 1950,
 * Effectiveness of distance and border rows in preventing outcrossing in corn; from memory]. Near term: most corn
 * pollen falls within some metres of the plant (common practice, no source); its scale is our default. Calm and
 * windy years bound it; our defaults.
 */
const WIND: KernelRange = {
  middle: byWind(0.54, 3, 60),
  low: byWind(0.36, 3, 45),
  high: byWind(0.7, 4, 90),
};

/**
 * Insects. All three are our defaults, and far apart because the published findings are: some per cent at a
 * kilometre and more [Kirkpatrick & Wilson 1988, from memory], and patches side by side that hardly cross.
 * Isolation distances are rules, not measurements: nothing is fitted to them.
 */
const INSECTS: KernelRange = {
  middle: byInsects(0.1, 3, 60),
  low: byInsects(0.02, 3, 30),
  high: byInsects(0.3, 3, 120),
};

export const POLLEN_KERNELS: Readonly<Record<PollenVector, KernelRange>> = {
  wind: WIND,
  insects: INSECTS,
  nightInsects: INSECTS,
  // The little that passes between self-pollinating plants is carried by insects.
  self: INSECTS,
};

const weightedSum = (kernel: PollenKernel, of: (term: KernelTerm) => number): number =>
  kernel.reduce((sum, term) => sum + term.weight * of(term), 0);

/**
 * Pollen that reaches one plant from another, in the kernel's own unit.
 *
 * @param metres between them.
 * @example pollenAt(0, [{ weight: 2, scale: 3, power: 2 }]) // 2
 */
export const pollenAt = (metres: number, kernel: PollenKernel): number =>
  weightedSum(kernel, (term) => termAt(metres ** 2, term));

/**
 * A kernel term at a distance.
 *
 * @param squaredMetres squared distance, m².
 * @example termAt(9, { scale: 3, power: 2 }) // 0.25
 */
export function termAt(squaredMetres: number, { scale, power }: KernelTerm): number {
  const g = 1 / (1 + squaredMetres / scale ** 2);
  return power === 2 ? g * g : g;
}

/**
 * Mean pollen from a plant of a round field.
 *
 * @param metres from the centre of the field.
 * @param radius of the field, metres; 0 is a single plant.
 * @example pollenFromField(7, 0, kernel) // pollenAt(7, kernel)
 */
export const pollenFromField = (metres: number, radius: number, kernel: PollenKernel): number =>
  weightedSum(kernel, (term) => termOverField(metres, radius, term));

/** A smaller radius than this is a single plant, metres. */
const SINGLE_PLANT_M = 0.01;

/**
 * The mean of a kernel term over a disc, in closed form. With power 2 the term is the uniform measure of a sphere
 * under stereographic projection, so that a disc holds the share of a spherical cap.
 *
 * @param metres from the centre of the disc.
 * @param radius of the disc, metres.
 * @example termOverField(0, 10, { scale: 10, power: 2 }) // 0.5
 */
export function termOverField(metres: number, radius: number, term: KernelTerm): number {
  if (radius < SINGLE_PLANT_M) return termAt(metres ** 2, term);
  const integral = term.power === 2 ? integralOverDisc2 : integralOverDisc1;
  return integral(metres, radius, term.scale) / (Math.PI * radius ** 2);
}

/** 1/(1 + r²/s²)² integrated over a disc, m². */
function integralOverDisc2(metres: number, radius: number, scale: number): number {
  const [m2, r2, s2] = [metres ** 2, radius ** 2, scale ** 2];
  const away = m2 + s2 - r2;
  const root = Math.sqrt(away ** 2 + 4 * r2 * s2);
  // π·s²·(1 − away/root)/2, without the loss of digits far away.
  const share = away > 0 ? (2 * r2 * s2) / (root * (root + away)) : (root - away) / (2 * root);
  return Math.PI * s2 * share;
}

/** 1/(1 + r²/s²) integrated over a disc, m². */
function integralOverDisc1(metres: number, radius: number, scale: number): number {
  const [m2, r2, s2] = [metres ** 2, radius ** 2, scale ** 2];
  const root = Math.sqrt((m2 + s2 - r2) ** 2 + 4 * r2 * s2);
  // π·s²·ln((root + r² + s² − m²)/2s²), without the loss of digits far away.
  const behind = r2 + s2 - m2;
  const ratio = behind < 0 ? (2 * m2) / (root - behind) : (root + behind) / (2 * s2);
  return Math.PI * s2 * Math.log(ratio);
}

/**
 * Wind-borne pollen from a field that reaches from an edge to the horizon, with one plant on each m².
 *
 * @param metres from the edge of the field.
 * @example pollenFromWideField(0, POLLEN_KERNELS.wind.middle) // 0.5: half of what falls deep inside such a field
 */
export const pollenFromWideField = (metres: number, kernel: PollenKernel): number =>
  weightedSum(kernel, ({ scale }) => (Math.PI * scale ** 2 * (1 - metres / Math.hypot(scale, metres))) / 2);
