import type { CrossingFrequency } from '@/core/isolation/compatibility';
import Svg, { Circle, Path, Text as SvgText } from 'react-native-svg';
import { FACE, usePalette } from '../theme';
import { crossTableGeometry, type CrossCell } from './crossTable';

export interface CrossMatrixProps {
  readonly names: readonly string[];
  /** How often two cross, by their places in `names`. */
  readonly frequency: (a: number, b: number) => CrossingFrequency;
  readonly label: string;
}

/** Half a table of which varieties cross: two discs that overlap cross freely, two rings rarely. */
export function CrossMatrix({ names, frequency, label }: CrossMatrixProps) {
  const palette = usePalette();
  const table = crossTableGeometry(names, frequency);
  return (
    <Svg width={table.width} height={table.height} role="img" aria-label={label}>
      <Path d={table.rules} stroke={palette.line} strokeWidth={1} />
      {table.names.map(({ name, y }, i) => (
        <SvgText key={i} x={0} y={y} fontFamily={FACE.text} fontWeight="600" fontSize={14} fill={palette.ink}>
          {name}
        </SvgText>
      ))}
      {table.names.map(({ y, numberX }, i) => (
        <SvgText
          key={i}
          x={numberX}
          y={y}
          textAnchor="middle"
          fontFamily={FACE.head}
          fontWeight="700"
          fontSize={13}
          fill={palette.soft}
        >
          {i + 1}
        </SvgText>
      ))}
      {table.cells.map(({ key, ...cell }) => (
        <Cell key={key} {...cell} />
      ))}
    </Svg>
  );
}

function Cell({ x, y, frequency }: Omit<CrossCell, 'key'>) {
  const palette = usePalette();
  if (frequency === 'freely') {
    return <Path d={`${disc(x - 4, y)}${disc(x + 4, y)}`} fill={palette.rust} fillOpacity={0.75} />;
  }
  return [x - 6.5, x + 6.5].map((cx) => (
    <Circle key={cx} cx={cx} cy={y} r={5} fill="none" stroke={palette.ink} strokeWidth={1.8} />
  ));
}

const disc = (cx: number, cy: number): string => `M${cx - 7} ${cy}a7 7 0 1 0 14 0a7 7 0 1 0-14 0`;
