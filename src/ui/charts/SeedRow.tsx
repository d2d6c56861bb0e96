import Svg, { Path } from 'react-native-svg';
import { usePalette } from '../theme';
import { SEEDS, seedsOf, type SeedKind } from './seeds';

const STEP = 16;
const HEIGHT = 26;

export interface SeedRowProps {
  /** Shares of the seed with a foreign father, 0 to 1: what to expect, and at most. */
  readonly share: number;
  readonly high: number;
  readonly label: string;
}

/** A seed, pointed at the top. */
const whole = (x: number, y: number): string =>
  `M${x} ${y - 9}c4 4 5.500 7 5.500 10a5.500 5.500 0 0 1-11 0c0-3 1.500-6 5.500-10z`;

/** A foreign seed is split in two. */
const split = (x: number, y: number): string =>
  `M${x - 1} ${y - 8}c-3.500 4-4.500 6.500-4.500 9a5 5 0 0 0 4.500 5.300zM${x + 1} ${y - 8}c3.500 4 4.500 6.500 4.500 9a5 5 0 0 1-4.500 5.300z`;

/**
 * Twenty seeds of what would be harvested if nothing were covered: those with a foreign father to expect are split,
 * those that may have one as well are only outlined.
 */
export function SeedRow({ share, high, label }: SeedRowProps) {
  const palette = usePalette();
  const seeds = seedsOf(share, high);
  const draw = (kind: SeedKind, one: typeof whole): string =>
    seeds.map((each, i) => (each === kind ? one(8 + i * STEP, 12) : '')).join('');
  return (
    <Svg width="100%" height={HEIGHT} viewBox={`0 0 ${SEEDS * STEP} ${HEIGHT}`} role="img" aria-label={label}>
      <Path d={draw('own', whole)} fill={palette.petal} />
      <Path
        d={draw('possiblyForeign', whole)}
        fill="none"
        stroke={palette.rust}
        strokeWidth={1.6}
        strokeDasharray="2 2"
      />
      <Path d={draw('foreign', split)} fill={palette.rust} />
    </Svg>
  );
}
