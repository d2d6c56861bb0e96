import Svg, { Path, Rect } from 'react-native-svg';

export interface CodePictureProps {
  /** Of its dark squares, each 1 wide. */
  readonly path: string;
  readonly squares: number;
  readonly label: string;
}

/** Squares of white round a code, without which it may not be read [ISO/IEC 18004, 6.3.8]. */
const QUIET = 4;

/** A QR code as wide as there is room, black on white by night too: cameras read no other. */
export function CodePicture({ path, squares, label }: CodePictureProps) {
  const side = squares + 2 * QUIET;
  return (
    <Svg
      viewBox={`${-QUIET} ${-QUIET} ${side} ${side}`}
      width="100%"
      height="100%"
      role="img"
      aria-label={label}
    >
      <Rect x={-QUIET} y={-QUIET} width={side} height={side} fill="#FFFFFF" />
      <Path d={path} fill="#000000" />
    </Svg>
  );
}
