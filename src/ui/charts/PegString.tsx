import Svg, { Circle, Line } from 'react-native-svg';
import { usePalette } from '../theme';
import { pegsOf, type PegsRequest } from './pegs';

export interface PegStringProps extends PegsRequest {
  readonly label: string;
}

/** The round as a string with a peg for each stop. */
export function PegString({ label, ...request }: PegStringProps) {
  const palette = usePalette();
  const fill = { done: palette.ink, missed: palette.ground, present: palette.amber, ahead: palette.ground };
  return (
    <Svg width={request.width} height={26} role="img" aria-label={label}>
      <Line x1={4} x2={request.width - 4} y1={13} y2={13} stroke={palette.ink} strokeWidth={1.5} />
      {pegsOf(request).map(({ x, radius, state }) => (
        <Circle
          key={x}
          cx={x}
          cy={13}
          r={radius}
          fill={fill[state]}
          stroke={state === 'missed' ? palette.rust : palette.ink}
          strokeWidth={state === 'present' || state === 'missed' ? 2 : 1.5}
        />
      ))}
    </Svg>
  );
}
