import { Circle, Line, Path, Text as SvgText } from 'react-native-svg';
import { FACE, usePalette } from '../theme';
import type { PlanBarrier } from './planParts';
import { roundLength, scaleBarX, type CanvasSize, type PlanSpot, type PlanView } from './planView';

/** A stretch of something in the way, each sort in a line of its own. */
export function BarrierLine({ sort, from, to }: Omit<PlanBarrier, 'id'>) {
  const palette = usePalette();
  const line = { x1: from.x, y1: from.y, x2: to.x, y2: to.y };
  switch (sort) {
    case 'trellis':
      return (
        <Line
          {...line}
          stroke={palette.ink}
          strokeWidth={2}
          strokeDasharray="1.500 5"
          strokeLinecap="round"
        />
      );
    case 'wall':
      return <Line {...line} stroke={palette.ink} strokeWidth={4} />;
    case 'building':
      return (
        <>
          <Line {...line} stroke={palette.ink} strokeWidth={9} />
          <Line {...line} stroke={palette.paper} strokeWidth={4} />
        </>
      );
    case 'hedge':
      return (
        <Line
          {...line}
          stroke={palette.leaf}
          strokeWidth={7}
          strokeDasharray="0.100 8"
          strokeLinecap="round"
        />
      );
    case 'forage':
      return (
        <Line
          {...line}
          stroke={palette.petal}
          strokeWidth={9}
          strokeDasharray="0.100 11"
          strokeLinecap="round"
        />
      );
  }
}

/** Something that lies outside the canvas: an arrow at its edge, towards it. */
export function EdgeArrow({ at, towards }: { readonly at: PlanSpot; readonly towards: number }) {
  const palette = usePalette();
  return (
    <Path
      d="M-6 -6L8 0L-6 6Z"
      transform={`translate(${at.x.toFixed(1)} ${at.y.toFixed(1)}) rotate(${towards.toFixed(1)})`}
      fill={palette.ink}
      stroke={palette.ground}
      strokeWidth={2}
    />
  );
}

/** A source outside the garden that the canvas shows. */
export function SourceMark({ at }: { readonly at: PlanSpot }) {
  const palette = usePalette();
  return (
    <>
      <Circle cx={at.x} cy={at.y} r={6} fill={palette.ground} stroke={palette.ink} strokeWidth={2} />
      <Circle cx={at.x} cy={at.y} r={2} fill={palette.ink} />
    </>
  );
}

interface LabelProps {
  readonly x: number;
  readonly y: number;
  /** Does the text end there? Else it begins there. */
  readonly ends?: boolean;
  readonly size: number;
  readonly head?: boolean;
  readonly children: string;
}

/** Text with the ground round it, so that it reads over what is drawn beneath. */
export function Label({ x, y, ends = false, size, head = false, children }: LabelProps) {
  const palette = usePalette();
  const text = {
    x,
    y,
    textAnchor: ends ? ('end' as const) : ('start' as const),
    fontFamily: head ? FACE.head : FACE.text,
    fontWeight: head ? '700' : '600',
    fontSize: size,
  };
  return (
    <>
      <SvgText {...text} stroke={palette.ground} strokeWidth={5} strokeLinejoin="round" fill={palette.ground}>
        {children}
      </SvgText>
      <SvgText {...text} fill={palette.ink}>
        {children}
      </SvgText>
    </>
  );
}

interface ScaleBarProps {
  readonly view: PlanView;
  readonly size: CanvasSize;
  /** A length in the grower's words. */
  readonly lengthInWords: (metres: number) => string;
}

/** A bar of a round length, so that distances can be judged. */
export function ScaleBar({ view, size, lengthInWords }: ScaleBarProps) {
  const palette = usePalette();
  const metres = roundLength(90 / view.scale);
  const y = size.height - 8;
  const x = scaleBarX(view, size);
  return (
    <>
      <Path
        d={`M${x} ${y - 4}v4h${(metres * view.scale).toFixed(1)}v-4`}
        fill="none"
        stroke={palette.soft}
        strokeWidth={2}
      />
      <SvgText x={x + 4} y={y - 5} fontFamily={FACE.text} fontSize={12} fill={palette.soft}>
        {lengthInWords(metres)}
      </SvgText>
    </>
  );
}
