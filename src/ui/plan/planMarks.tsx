import { Circle, Line, Path, Text as SvgText } from 'react-native-svg';
import { FACE, usePalette } from '../theme';
import type { PlanBarrier } from './planParts';
import { MARGIN, type CanvasSize, type PlanSpot, type PlanView } from './planView';

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

/** Sources outside the garden, at the edge towards it. */
export function Beyond({
  name,
  at,
  size,
}: {
  readonly name: string;
  readonly at: PlanSpot;
  readonly size: CanvasSize;
}) {
  const palette = usePalette();
  const right = at.x > size.width / 2;
  // At the upper and lower edge the name stands next to its mark, at the sides below it: beds lie between.
  const sideways = at.y < MARGIN || at.y > size.height - MARGIN;
  return (
    <>
      <Circle cx={at.x} cy={at.y} r={6} fill={palette.ground} stroke={palette.ink} strokeWidth={2} />
      <Circle cx={at.x} cy={at.y} r={2} fill={palette.ink} />
      <Label
        x={at.x + (sideways ? 11 : 8) * (right === sideways ? -1 : 1)}
        y={at.y + (sideways ? 5 : 22)}
        end={right}
        size={13}
      >
        {name}
      </Label>
    </>
  );
}

interface LabelProps {
  readonly x: number;
  readonly y: number;
  /** Does the text end there, or begin? */
  readonly end: boolean;
  readonly size: number;
  readonly head?: boolean;
  readonly children: string;
}

/** Text with the ground round it, so that it reads over what is drawn beneath. */
export function Label({ x, y, end, size, head = false, children }: LabelProps) {
  const palette = usePalette();
  const text = {
    x,
    y,
    textAnchor: end ? ('end' as const) : ('start' as const),
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

const LENGTHS = [0.5, 1, 2, 5, 10, 20, 50, 100, 200, 500, 1000];

interface ScaleBarProps {
  readonly view: PlanView;
  readonly size: CanvasSize;
  /** A length in the grower's words. */
  readonly lengthInWords: (metres: number) => string;
}

/** A bar of a round length, so that distances can be judged. */
export function ScaleBar({ view, size, lengthInWords }: ScaleBarProps) {
  const palette = usePalette();
  const metres = LENGTHS.findLast((each) => each * view.scale <= 90) ?? LENGTHS[0]!;
  const y = size.height - 8;
  return (
    <>
      <Path
        d={`M10 ${y - 4}v4h${(metres * view.scale).toFixed(1)}v-4`}
        fill="none"
        stroke={palette.soft}
        strokeWidth={2}
      />
      <SvgText x={14} y={y - 5} fontFamily={FACE.text} fontSize={12} fill={palette.soft}>
        {lengthInWords(metres)}
      </SvgText>
    </>
  );
}
