import type { ReactElement } from 'react';
import Svg, { Circle, Path } from 'react-native-svg';
import { usePalette, type Palette } from '../theme';

interface Ink {
  readonly line: string;
  readonly fill: string;
}

/**
 * One family, drawn on 24 × 24 with a 2 px stroke; told apart by shape before colour. A female's stalk swells
 * under the cup, a male's is straight, a perfect flower has the swelling and the column of pollen; a cover is a ring closed or open; a fruit is solid, hatched or fallen.
 */
const DRAWINGS = {
  female: ({ fill }: Ink) => (
    <>
      <Path d="M12 23v-3" />
      <Path
        d="M12 20c-3.500 0-4.500-2.500-3.800-4.500.4-1 1.200-1.700 1.800-2.500h4c.6.8 1.400 1.500 1.800 2.500.7 2-.3 4.500-3.800 4.500z"
        fill={fill}
      />
      <Path d="M10 13C9 9.500 7.200 7 5 4.800c2.600.1 4.300.8 5.200 2L12 3.500l1.800 3.300c.9-1.200 2.600-1.900 5.200-2C16.800 7 15 9.500 14 13z" />
    </>
  ),
  male: () => (
    <>
      <Path d="M12 23V13" />
      <Path d="M10 13C9 9.500 7.200 7 5 4.800c2.600.1 4.300.8 5.200 2L12 3.500l1.800 3.300c.9-1.200 2.600-1.900 5.200-2C16.800 7 15 9.500 14 13z" />
    </>
  ),
  perfect: ({ line, fill }: Ink) => (
    <>
      <Path d="M12 23v-3" />
      <Path
        d="M12 20c-3.500 0-4.500-2.500-3.800-4.500.4-1 1.200-1.700 1.800-2.500h4c.6.8 1.400 1.500 1.800 2.500.7 2-.3 4.500-3.800 4.500z"
        fill={fill}
      />
      <Path d="M10 13C9 9.500 7.200 7 5 4.800M14 13c1-3.500 2.800-6 5-8.200M12 13V7" />
      <Circle cx={12} cy={4.5} r={2.2} fill={line} />
    </>
  ),
  ear: () => (
    <>
      <Path d="M12 23v-3" />
      <Path d="M12 20c-3-1.500-4.500-5-4-8.500C8.500 7.500 10 5 12 2.500c2 2.500 3.500 5 4 9 .5 3.500-1 7-4 8.500z" />
      <Path d="M12 20c-1.500-3-1.800-7-.6-11" strokeWidth={1.4} />
    </>
  ),
  head: ({ fill }: Ink) => (
    <>
      <Path d="M12 23v-4" />
      <Circle cx={12} cy={11} r={4.2} fill={fill} />
      <Path d="M12 6.800V2.500M12 15.200v4.300M7.800 11H3.500M16.200 11h4.300M9 8L6 5M15 8l3-3M9 14l-3 3M15 14l3 3" />
    </>
  ),
  tag: ({ line, fill }: Ink) => (
    <>
      <Path d="M8 6h13v12H8l-5-6z" fill={fill} />
      <Circle cx={9} cy={12} r={1.2} fill={line} />
      <Path d="M13 10h5M13 14h5" />
    </>
  ),
  silk: ({ fill }: Ink) => (
    <>
      <Path d="M12 23v-2" />
      <Path
        d="M12 21c-2.800-1.200-4.200-4-3.800-7 .3-2.200 1-3.800 1.800-5h4c.8 1.200 1.500 2.800 1.800 5 .4 3-1 5.800-3.800 7z"
        fill={fill}
      />
      <Path
        d="M10.500 9C9.500 6 8 4.200 5.500 3.500M12 9c0-3-.3-5-1-7M13.500 9c.6-3 2-5 4.500-6"
        strokeWidth={1.6}
      />
    </>
  ),
  tassel: () => (
    <>
      <Path d="M12 23V3M12 15L6 8M12 15l6-7M12 19l-7-4M12 19l7-4" />
      <Path d="M4.500 10.500v1M19.500 10.500v1M10 5.500v1M14 5.500v1" strokeWidth={1.6} />
    </>
  ),
  coverShut: () => <Circle cx={12} cy={12} r={8.5} />,
  coverOpen: () => <Path d="M17.500 5.600A8.500 8.500 0 1 0 20.500 12" />,
  fruit: ({ line }: Ink) => (
    <>
      <Path d="M12 2v4" />
      <Path
        d="M12 7c-5 0-7.500 3.500-7.500 7.500S7.500 22 12 22s7.500-3.500 7.500-7.500S17 7 12 7z"
        fill={line}
      />
    </>
  ),
  fruitYoung: () => (
    <>
      <Path d="M12 2v5" />
      <Path d="M12 7c-5 0-7.500 3.500-7.500 7.500S7.500 22 12 22s7.500-3.500 7.500-7.500S17 7 12 7z" />
      <Path d="M8 11.500l8.500 7M7 15l6 5.500M11 9.500l7.500 6" strokeWidth={1.4} />
    </>
  ),
  fruitFallen: () => (
    <>
      <Path d="M3 22h18" />
      <Path
        d="M9 9c-4 0-6 2.600-6 5.700 0 3 2.300 5.300 6 5.300s6-2.300 6-5.300S13 9 9 9z"
        strokeDasharray="2.500 2.500"
      />
      <Path d="M12 8l4-5" />
    </>
  ),
  seed: ({ line }: Ink) => (
    <>
      <Path d="M12 2.500c4.500 4 6.500 8 6.500 11.500 0 4.500-3 7.500-6.500 7.500s-6.500-3-6.500-7.500C5.500 10.500 7.500 6.500 12 2.500z" />
      <Path d="M12 8v6" stroke={line} />
    </>
  ),
  today: () => <Path d="M2 18h20M6 18a6 6 0 0 1 12 0M12 5v3M3.500 10l2 1.500M20.500 10l-2 1.500" />,
  garden: () => <Path d="M3 4h7v16H3zM14 4h7v7h-7zM14 15h7v5h-7z" />,
  more: () => <Path d="M4.500 12h.01M12 12h.01M19.500 12h.01" strokeWidth={4} />,
  tape: () => (
    <>
      <Circle cx={11} cy={12} r={8} />
      <Circle cx={11} cy={12} r={3.5} />
      <Path d="M11 20h11v-4" />
    </>
  ),
  tie: () => <Path d="M12 11a4.500 4.500 0 1 1 .1 0M12 11l-5 10M12 11l5 10M9.500 16h5" />,
  warn: () => <Path d="M12 3L2.500 20.500h19zM12 10v5M12 17.800v.2" />,
  walk: () => <Path d="M4 20c5 0 3-6 8-6s3-8 8-8M17 3l3 3-3 3" />,
  look: ({ line }: Ink) => (
    <>
      <Path d="M2 12c3-4.700 6.300-7 10-7s7 2.300 10 7c-3 4.700-6.300 7-10 7s-7-2.300-10-7z" />
      <Circle cx={12} cy={12} r={2.5} fill={line} />
    </>
  ),
  file: () => <Path d="M6 2h8l5 5v15H6zM14 2v5h5M9 13h6M9 17h6" />,
  phones: () => <Path d="M3 6h8v15H3zM13 3h8v15h-5M6 18h2M16 15h2" />,
  clock: () => (
    <>
      <Circle cx={12} cy={12} r={9} />
      <Path d="M12 6.500V12l4 2.500" />
    </>
  ),
  done: () => <Path d="M3.500 4h17v17h-17zM7.500 12.500l3.500 4 6-8" />,
  todo: () => <Path d="M3.500 4h17v17h-17z" />,
  unsaved: () => <Path d="M12 3v11M8 10.500l4 4 4-4M4 16v5h16v-5" />,
} satisfies Record<string, (ink: Ink) => ReactElement>;

export type GlyphName = keyof typeof DRAWINGS;

export interface GlyphProps {
  readonly name: GlyphName;
  readonly size?: number;
  readonly tone?: Extract<keyof Palette, 'ink' | 'soft' | 'rust' | 'leaf' | 'onLeaf'>;
  /** Named for screen readers only where no word next to it says the same. */
  readonly label?: string;
}

/** Beyond this size, px, a thinner line looks as strong. */
const LARGE = 64;

export function Glyph({ name, size = 24, tone = 'ink', label }: GlyphProps) {
  const palette = usePalette();
  const named = label ? { role: 'img' as const, 'aria-label': label } : { 'aria-hidden': true };
  return (
    <Svg
      width={size}
      height={size}
      viewBox="0 0 24 24"
      fill="none"
      stroke={palette[tone]}
      strokeWidth={size > LARGE ? 1.2 : 2}
      strokeLinecap="round"
      strokeLinejoin="round"
      {...named}
    >
      {DRAWINGS[name]({ line: palette[tone], fill: palette.petal })}
    </Svg>
  );
}
