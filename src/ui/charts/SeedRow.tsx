import Svg, { Path } from 'react-native-svg';
import { usePalette } from '../theme';

const SEEDS = 20;
const STEP = 16;
const HEIGHT = 26;

export interface SeedRowProps {
  /** Shares of the seed with a foreign father, 0 to 1: what to expect, and at the most. */
  readonly share: number;
  readonly high: number;
  readonly label: string;
}

/** A seed, pointed at the top. */
const seed = (x: number, y: number): string =>
  `M${x} ${y - 9}c4 4 5.500 7 5.500 10a5.500 5.500 0 0 1-11 0c0-3 1.500-6 5.500-10z`;

/** A foreign seed is split in two. */
const split = (x: number, y: number): string =>
  `M${x - 1} ${y - 8}c-3.500 4-4.500 6.500-4.500 9a5 5 0 0 0 4.500 5.300zM${x + 1} ${y - 8}c3.500 4 4.500 6.500 4.500 9a5 5 0 0 1-4.500 5.300z`;

/**
 * Twenty seeds of what would be harvested if nothing were covered: those with a foreign father to expect are split,
 * those that may have one besides are only outlined.
 */
export function SeedRow({ share, high, label }: SeedRowProps) {
  const palette = usePalette();
  const foreign = Math.min(SEEDS, Math.round(share * SEEDS));
  const maybe = Math.min(SEEDS, Math.max(foreign, Math.ceil(high * SEEDS - 0.2)));
  const spots = Array.from({ length: SEEDS }, (_, i) => ({ x: 8 + i * STEP, y: 12 }));
  const draw = (from: number, to: number, one: typeof seed): string =>
    spots
      .slice(from, to)
      .map(({ x, y }) => one(x, y))
      .join('');
  return (
    <Svg width="100%" height={HEIGHT} viewBox={`0 0 ${SEEDS * STEP} ${HEIGHT}`} role="img" aria-label={label}>
      <Path d={draw(maybe, SEEDS, seed)} fill={palette.petal} />
      <Path
        d={draw(foreign, maybe, seed)}
        fill="none"
        stroke={palette.rust}
        strokeWidth={1.6}
        strokeDasharray="2 2"
      />
      <Path d={draw(0, foreign, split)} fill={palette.rust} />
    </Svg>
  );
}
