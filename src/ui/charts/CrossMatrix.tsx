import Svg, { Circle, Path, Text as SvgText } from 'react-native-svg';
import { FACE, usePalette } from '../theme';

export interface CrossMatrixProps {
  readonly names: readonly string[];
  /** How two cross, by their places in `names`. */
  readonly how: (a: number, b: number) => 'freely' | 'rarely' | 'no';
  readonly label: string;
}

const CELL = 30;
const NAMES = 150;

/** Half a table of who crosses with whom: two discs that overlap cross freely, two that touch rarely. */
export function CrossMatrix({ names, how, label }: CrossMatrixProps) {
  const palette = usePalette();
  const count = names.length;
  const width = NAMES + count * CELL;
  const pairs = names.flatMap((_, row) => names.slice(0, row).map((__, column) => ({ row, column })));
  const x = (column: number): number => NAMES + (column + 0.5) * CELL;
  const y = (row: number): number => (row + 0.5) * CELL;
  const grid = names.map((_, row) => `M0 ${(row + 1) * CELL}H${NAMES + (row + 1) * CELL}`).join('');
  return (
    <Svg width={width} height={count * CELL + 2} role="img" aria-label={label}>
      <Path d={grid} stroke={palette.line} strokeWidth={1} />
      {names.map((name, row) => (
        <SvgText
          key={name}
          x={0}
          y={y(row) + 5}
          fontFamily={FACE.text}
          fontWeight="600"
          fontSize={14}
          fill={palette.ink}
        >
          {name.length > 19 ? `${name.slice(0, 18)}…` : name}
        </SvgText>
      ))}
      {names.map((name, i) => (
        <SvgText
          key={name}
          x={x(i)}
          y={y(i) + 5}
          textAnchor="middle"
          fontFamily={FACE.head}
          fontWeight="700"
          fontSize={13}
          fill={palette.soft}
        >
          {i + 1}
        </SvgText>
      ))}
      {pairs.map(({ row, column }) => {
        const found = how(row, column);
        if (found === 'no') return null;
        const apart = found === 'freely' ? 4 : 6.5;
        const [cx, cy] = [x(column), y(row)];
        return found === 'freely' ? (
          <Path
            key={`${row}-${column}`}
            d={`${disc(cx - apart, cy)}${disc(cx + apart, cy)}`}
            fill={palette.rust}
            fillOpacity={0.75}
          />
        ) : (
          [cx - apart, cx + apart].map((at) => (
            <Circle
              key={`${row}-${column}-${at}`}
              cx={at}
              cy={cy}
              r={5}
              fill="none"
              stroke={palette.ink}
              strokeWidth={1.8}
            />
          ))
        );
      })}
    </Svg>
  );
}

const disc = (cx: number, cy: number): string => `M${cx - 7} ${cy}a7 7 0 1 0 14 0a7 7 0 1 0-14 0`;
