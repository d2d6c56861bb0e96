import Svg, { Circle, G, Line, Path } from 'react-native-svg';
import { usePalette } from '../theme';

export type HowDrawingName = 'tape' | 'bag' | 'strip' | 'brush' | 'ear' | 'tassel' | 'emasculate' | 'vibrate';

/** What each shows, for who cannot see it. */
const SHOWS: Readonly<Record<HowDrawingName, string>> = {
  tape: 'A bud with a strip of tape over its tip, the ends folded to tabs',
  bag: 'A bud in a bag that is drawn shut round the stalk',
  strip: 'A male flower, its petals pulled off to the base',
  brush: 'A stripped male on the lobes of a female',
  ear: 'An ear in a bag, folded round the stalk',
  tassel: 'A bent tassel with its bag',
  emasculate: 'A bud without anthers, tweezers holding the tube',
  vibrate: 'A hanging flower over a spoon',
};

const BUD = 'M48 74C41 54 40 36 46 22L56 8l10 14c6 14 5 32-2 52z';
const STALK = 'M56 112V74';

/** A line drawing of one step of the work. */
export function HowDrawing({ name, size = 96 }: { readonly name: HowDrawingName; readonly size?: number }) {
  const palette = usePalette();
  return (
    <Svg width={size} height={size} viewBox="0 0 112 116" role="img" aria-label={SHOWS[name]}>
      <G fill="none" stroke={palette.ink} strokeWidth={2.6} strokeLinejoin="round" strokeLinecap="round">
        <Strokes name={name} petal={palette.petal} paper={palette.paper} amber={palette.amber} />
      </G>
    </Svg>
  );
}

interface StrokesProps {
  readonly name: HowDrawingName;
  readonly petal: string;
  readonly paper: string;
  readonly amber: string;
}

function Strokes({ name, petal, paper, amber }: StrokesProps) {
  switch (name) {
    case 'tape':
      return (
        <>
          <Path d={STALK} />
          <Path d={BUD} fill={petal} />
          <Path d="M20 16h72v22H20z" fill={paper} />
          <Path d="M28 16v22M84 16v22" />
        </>
      );
    case 'bag':
      return (
        <>
          <Path d={STALK} />
          <Path d={BUD} fill={petal} />
          <Path d="M50 86C24 78 22 26 40 6h32c18 20 16 72-10 80" />
          <Path d="M46 84h20M42 90l8-6M70 90l-8-6" />
        </>
      );
    case 'strip':
      return (
        <>
          <Path d="M56 112V62" />
          <Path d="M50 62c0-22-2-36 6-46 8 10 6 24 6 46z" fill={amber} />
          <Path
            d="M44 66c-14-2-24-12-32-26 16 2 26 8 32 20zM68 66c14-2 24-12 32-26-16 2-26 8-32 20z"
            strokeDasharray="3 5"
          />
        </>
      );
    case 'brush':
      return (
        <>
          <Path d="M40 112V96M26 96c0-16 28-16 28 0 2 12-30 12-28 0z" fill={petal} />
          <Path d="M28 86C10 74 6 58 4 46c14 4 22 10 30 22 2-14 10-22 18-28 2 18-2 34-14 46" />
          <Circle cx={34} cy={78} r={5} />
          <Circle cx={44} cy={76} r={5} />
          <Path d="M98 10L66 52" />
          <Path d="M70 46c-6-2-14 8-20 22 12-6 22-10 26-16z" fill={amber} />
        </>
      );
    case 'ear':
      return (
        <>
          <Path d="M30 112C38 70 44 40 46 8M46 60c20-10 30-30 34-48" />
          <Path d="M44 96C58 88 78 70 84 34l16 6c-4 40-28 64-50 70z" fill={paper} />
          <Line x1={46} y1={92} x2={58} y2={106} />
        </>
      );
    case 'tassel':
      return (
        <>
          <Path d="M22 112C22 60 40 30 64 30" />
          <Path d="M60 24c16-6 34 0 40 14l-8 44c-10 8-24 4-28-8z" fill={paper} />
          <Path d="M66 34c10 6 16 20 16 34M70 32c12 8 20 20 20 32M64 38c4 8 8 20 8 32" strokeWidth={1.6} />
        </>
      );
    case 'emasculate':
      return (
        <>
          <Path d="M40 112V78M26 78c0-12 28-12 28 0 0 8-28 8-28 0z" fill={petal} />
          <Path d="M28 74C18 66 14 52 14 42c8 4 14 10 18 20M52 74c10-8 14-22 14-32-8 4-14 10-18 20" />
          <Line x1={40} y1={70} x2={40} y2={44} />
          <Circle cx={40} cy={41} r={3} />
          <Path d="M76 34l26-26M84 42l22-22" />
          <Path d="M66 40c4-8 12-10 18-6 2 8-2 14-10 18z" fill={amber} />
        </>
      );
    case 'vibrate':
      return (
        <>
          <Path d="M20 10c26 0 36 8 38 22" />
          <Path d="M44 40l-16 14M72 40l16 14M58 34v10" />
          <Path d="M50 42h16l-3 24h-10z" fill={amber} />
          <Path d="M34 92c0 12 48 12 48 0zM82 92l22-10" fill={paper} />
          <Path d="M56 72v4M60 78v4M54 82v3" strokeWidth={2} />
          <Path d="M30 34c-4-4-4-8 0-12M88 34c4-4 4-8 0-12" strokeWidth={1.8} />
        </>
      );
  }
}
