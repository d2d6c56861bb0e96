import Svg, { G, Path } from 'react-native-svg';
import { usePalette } from '../theme';

export interface SquashFlowerProps {
  readonly sex: 'female' | 'male';
  /** `eve`: long, pointed, opens next morning; `open`: the morning itself. */
  readonly stage: 'eve' | 'open';
  /** Taped, tied or bagged shut. */
  readonly covered: boolean;
  readonly species: SquashSpecies;
  readonly size?: number;
  readonly label: string;
}

/** Width and length of the young fruit of each species, in the drawing's units. Shapes are our own drawing. */
const OVARY = {
  pepo: { w: 34, h: 46 },
  maxima: { w: 50, h: 44 },
  moschata: { w: 36, h: 54 },
  argyrosperma: { w: 40, h: 50 },
} as const;

export type SquashSpecies = keyof typeof OVARY;

export const isSquash = (species: string): species is SquashSpecies => Object.hasOwn(OVARY, species);

const STALK_END = 152;
const CUP = 84;

/** A squash flower as it should look now, drawn from what it is. */
export function SquashFlower({ sex, stage, covered, species, size = 132, label }: SquashFlowerProps) {
  const palette = usePalette();
  const ovary = OVARY[species];
  const half = ovary.w / 2;
  const belly = CUP + ovary.h * 0.62;
  const base = CUP + ovary.h;
  const ovaryPath =
    `M52 ${CUP}C${60 - half * 0.5} ${CUP + 8},${60 - half} ${belly - 12},${60 - half} ${belly}` +
    `C${60 - half} ${base},${60 + half} ${base},${60 + half} ${belly}C${60 + half} ${belly - 12},${60 + half * 0.5} ${CUP + 8},68 ${CUP}z`;
  return (
    <Svg width={size * 0.78} height={size} viewBox="0 0 120 156" role="img" aria-label={label}>
      <G fill="none" stroke={palette.ink} strokeWidth={3.2} strokeLinejoin="round" strokeLinecap="round">
        {sex === 'female' ? (
          <>
            <Path d={`M60 ${STALK_END}V${base - 2}`} />
            <Path d={ovaryPath} fill={palette.petal} />
          </>
        ) : (
          <Path d={`M60 ${STALK_END}V${CUP}`} />
        )}
        {stage === 'eve' ? (
          <>
            <Path d={`M50 ${CUP}C43 60 38 46 44 26L60 6l16 20c6 20 1 34-6 58z`} fill={palette.paper} />
            <Path d={`M60 8v74M52 22c-4 18-1 40 4 60M68 22c4 18 1 40-4 60`} strokeWidth={1.6} />
          </>
        ) : (
          <>
            <Path
              d={`M50 ${CUP}C46 60 32 44 10 30c16 0 24 2 32 8C44 24 50 12 60 4c10 8 16 20 18 34 8-6 16-8 32-8C88 44 74 60 70 ${CUP}z`}
              fill={palette.paper}
            />
            <Path
              d={sex === 'male' ? `M60 ${CUP - 4}V46` : `M60 ${CUP - 4}V58M52 54c3-4 13-4 16 0`}
              strokeWidth={6}
            />
          </>
        )}
        {covered ? <Path d="M36 36L60 4l24 32-7 12H43z" fill={palette.wash} strokeDasharray="5 4" /> : null}
      </G>
    </Svg>
  );
}
