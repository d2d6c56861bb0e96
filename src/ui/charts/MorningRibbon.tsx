import Svg, { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { FACE, usePalette, type Palette } from '../theme';
import { ChartTable, type ChartTableProps } from './ChartTable';
import { insectsName, RIBBON_TOP, ribbonGeometry, type RibbonGeometry, type RibbonPetal } from './ribbon';

export interface MorningRibbonProps {
  readonly width: number;
  /** Hours since the morning's midnight that the band shows. */
  readonly from: number;
  readonly to: number;
  readonly petals: readonly RibbonPetal[];
  readonly sunrise: number | undefined;
  readonly insects: number | undefined;
  readonly insectsLabel: string;
  /** The present hour when it falls into the band. */
  readonly now: number | undefined;
  readonly hourName: (hour: number) => string;
  readonly rain: boolean;
  /** All of it in words. */
  readonly label: string;
  readonly table: Omit<ChartTableProps, 'label'>;
}

const textOf = (palette: Palette) => ({ fontFamily: FACE.text, fontSize: 14, fill: palette.ink });

/** The morning as a band of hours; each crop a petal as thick as that hour is worth. */
export function MorningRibbon(props: MorningRibbonProps) {
  const { width, from, to, petals, sunrise, insects, now, hourName, rain, label } = props;
  const palette = usePalette();
  const geometry = ribbonGeometry(petals, [from, to], width, insects);
  const { height, bottom, x } = geometry;
  return (
    <>
      <Svg width={width} height={height} role="img" aria-label={label}>
        {sunrise !== undefined && sunrise > from ? (
          <Rect
            x={0}
            y={0}
            width={Math.max(0, x(Math.min(sunrise, to)))}
            height={height}
            fill={palette.wash}
          />
        ) : null}
        <Hours geometry={geometry} hourName={hourName} />
        {sunrise !== undefined ? (
          <Line x1={x(sunrise)} x2={x(sunrise)} y1={20} y2={bottom} stroke={palette.ink} strokeWidth={1.5} />
        ) : null}
        <Petals geometry={geometry} />
        {geometry.insects.length > 0 ? (
          <Insects geometry={geometry} at={x(insects!)} label={props.insectsLabel} />
        ) : null}
        {rain ? <Rain /> : null}
        {now !== undefined ? (
          <G>
            <Line x1={x(now)} x2={x(now)} y1={18} y2={bottom + 20} stroke={palette.amber} strokeWidth={3} />
            <Path d={`M${x(now) - 7} 18h14l-7 9z`} fill={palette.amber} />
          </G>
        ) : null}
      </Svg>
      <ChartTable label={label} {...props.table} />
    </>
  );
}

interface PartProps {
  readonly geometry: RibbonGeometry;
}

function Hours({ geometry, hourName }: PartProps & Pick<MorningRibbonProps, 'hourName'>) {
  const palette = usePalette();
  return geometry.hours.map((hour) => (
    <G key={hour}>
      <Line x1={geometry.x(hour)} x2={geometry.x(hour)} y1={22} y2={geometry.bottom} stroke={palette.line} />
      <SvgText
        {...textOf(palette)}
        x={geometry.x(hour)}
        y={15}
        textAnchor="middle"
        fontSize={13}
        fill={palette.soft}
      >
        {hourName(hour)}
      </SvgText>
    </G>
  ));
}

function Petals({ geometry }: PartProps) {
  const palette = usePalette();
  return geometry.petals.map(({ name, first, outline, y, nameX, nameY }) => (
    <G key={name}>
      <Path d={outline} transform={`translate(0 ${y})`} fill={first ? palette.leaf : palette.petal} />
      <SvgText {...textOf(palette)} x={nameX} y={nameY} textAnchor="start">
        {name}
      </SvgText>
    </G>
  ));
}

function Insects({ geometry, at, label }: PartProps & { readonly at: number; readonly label: string }) {
  const palette = usePalette();
  const name = insectsName(label, at);
  return (
    <G>
      {geometry.insects
        .filter(({ x }) => x > name.dotsFrom)
        .map(({ x, y }) => (
          <Circle key={x} cx={x} cy={y} r={1.6} fill={palette.soft} />
        ))}
      <SvgText
        {...textOf(palette)}
        x={name.x}
        y={geometry.bottom + 17}
        textAnchor={name.anchor}
        fontSize={13}
        fill={palette.soft}
      >
        {label}
      </SvgText>
    </G>
  );
}

const DROPS = 14;

function Rain() {
  const palette = usePalette();
  return Array.from({ length: DROPS }, (_, i) => {
    const top = RIBBON_TOP - 4 + (i % 3) * 8;
    return (
      <Line
        key={i}
        x1={30 + i * 26}
        x2={24 + i * 26}
        y1={top}
        y2={top + 12}
        stroke={palette.edge}
        strokeWidth={1.5}
      />
    );
  });
}
