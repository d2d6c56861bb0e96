import type { PlanSpot } from './planView';

/** Shapes of plants, a shape a crossing group, told apart without colour. */
export const PLANT_SHAPES = [
  'disc',
  'square',
  'triangle',
  'diamond',
  'ring',
  'cross',
  'drop',
  'bar',
] as const;

export type PlantShape = (typeof PLANT_SHAPES)[number];

const n = (value: number): string => value.toFixed(2);

const disc = (x: number, y: number, r: number): string =>
  `M${n(x - r)} ${n(y)}a${n(r)} ${n(r)} 0 1 0 ${n(2 * r)} 0a${n(r)} ${n(r)} 0 1 0 ${n(-2 * r)} 0`;

const OUTLINES: Readonly<Record<PlantShape, (x: number, y: number, r: number) => string>> = {
  disc,
  square: (x, y, r) => `M${n(x - r * 0.9)} ${n(y - r * 0.9)}h${n(1.8 * r)}v${n(1.8 * r)}h${n(-1.8 * r)}z`,
  triangle: (x, y, r) => `M${n(x)} ${n(y + 1.1 * r)}l${n(1.1 * r)} ${n(-2 * r)}h${n(-2.2 * r)}z`,
  diamond: (x, y, r) =>
    `M${n(x)} ${n(y - 1.25 * r)}l${n(r)} ${n(1.25 * r)}l${n(-r)} ${n(1.25 * r)}l${n(-r)} ${n(-1.25 * r)}z`,
  ring: (x, y, r) => `${disc(x, y, 1.1 * r)}z${disc(x, y, 0.55 * r)}z`,
  cross: (x, y, r) => {
    const a = 0.4 * r;
    return `M${n(x - a)} ${n(y - r)}h${n(2 * a)}v${n(r - a)}h${n(r - a)}v${n(2 * a)}h${n(a - r)}v${n(r - a)}h${n(-2 * a)}v${n(a - r)}h${n(a - r)}v${n(-2 * a)}h${n(r - a)}z`;
  },
  drop: (x, y, r) =>
    `M${n(x)} ${n(y + 1.3 * r)}l${n(0.9 * r)} ${n(-1.5 * r)}a${n(0.9 * r)} ${n(0.9 * r)} 0 0 0 ${n(-1.8 * r)} 0z`,
  bar: (x, y, r) => `M${n(x - 0.4 * r)} ${n(y - 1.2 * r)}h${n(0.8 * r)}v${n(2.4 * r)}h${n(-0.8 * r)}z`,
};

/** All plants of a variety as one path, so that thousands cost one node. @param radius in the units of the spots. */
export const plantsPath = (spots: readonly PlanSpot[], shape: PlantShape, radius: number): string =>
  spots.map(({ x, y }) => OUTLINES[shape](x, y, radius)).join('');
