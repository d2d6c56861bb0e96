import type { FlowerForm } from '@/core/crops/flowerForm';
import type { Mode } from '../theme';
import { drawnAs } from './geometry/forms';
import type { Tone } from './geometry/shape';

type Colours = Readonly<Record<Exclude<Tone, 'none'>, string>>;

const DAY: Colours = {
  stalk: '#8DAE62',
  stalkShade: '#5F8243',
  sepal: '#7FA356',
  bud: '#A8C07A',
  budRib: '#6F9350',
  seam: '#F2B632',
  petal: '#F7C243',
  petalBack: '#F0B033',
  petalLine: '#C98612',
  throat: '#DE8F1E',
  column: '#B9650F',
  pollen: '#F6A81C',
  stigma: '#E58A1F',
  fruitlet: '#93B765',
  fruitletShade: '#6A9148',
  yellowed: '#DDC865',
  rot: '#4A3324',
  spent: '#D6B27A',
  spentShade: '#94683A',
  leaf: '#6E9A58',
  leafLine: '#4C763D',
  husk: '#B9CC86',
  huskShade: '#7E9A55',
  silk: '#F1E3A4',
  silkSpent: '#8A5A34',
  straw: '#D9C391',
  tape: '#F4F1E4',
  veil: '#FFFFFF99',
  hole: '#2A2118',
  hair: '#7E9472',
};

/** At night the same drawing on a dark ground, a little subdued. */
const NIGHT: Colours = {
  ...DAY,
  stalk: '#7C9C58',
  sepal: '#6D8F4B',
  bud: '#93AD69',
  petal: '#E5B03B',
  petalBack: '#D69E2E',
  seam: '#DFA72F',
  fruitlet: '#7FA257',
  leaf: '#577D47',
  leafLine: '#3B5E31',
  tape: '#D8D6C8',
  veil: '#FFFFFF33',
  hair: '#90A583',
  silk: '#DDD093',
};

/** Petals that are not yellow; the seams of a bud have the petals' colour. */
const PETALS: Readonly<Record<'white' | 'violet', Readonly<Record<Mode, Partial<Colours>>>>> = {
  white: {
    day: { petal: '#FBFAF0', petalBack: '#EDEEDF', petalLine: '#B9BFA2', throat: '#E6E7C8', seam: '#F7F6E6' },
    night: {
      petal: '#E4E5D6',
      petalBack: '#CFD2C0',
      petalLine: '#98A083',
      throat: '#C9CCA6',
      seam: '#DCDECB',
    },
  },
  violet: {
    day: { petal: '#B79AD6', petalBack: '#A284C6', petalLine: '#7C5AA6', throat: '#C9B37A', seam: '#B79AD6' },
    night: {
      petal: '#A489C4',
      petalBack: '#8E72B2',
      petalLine: '#6B4C93',
      throat: '#B3A06C',
      seam: '#A489C4',
    },
  },
};

/** The light in which a flower is seen. */
export const LIGHTS = ['day', 'dawn', 'dusk'] as const;
export type Light = (typeof LIGHTS)[number];

/** What the light adds to every colour, and how much of it. Weak enough that green and yellow stay apart. */
const TINTS: Readonly<Record<Exclude<Light, 'day'>, { readonly colour: string; readonly share: number }>> = {
  dawn: { colour: '#FFC9A0', share: 0.16 },
  dusk: { colour: '#4A5687', share: 0.24 },
};

/** What falls over a plant as night comes. */
export const NIGHTFALL = '#0B1220';

/**
 * A colour with a share of another in it; how see-through it is stays.
 *
 * @example mixed('#000000', '#FFFFFF', 0.5) // '#808080'
 */
export function mixed(colour: string, other: string, share: number): string {
  const channel = (of: string, i: number): number => parseInt(of.slice(1 + 2 * i, 3 + 2 * i), 16);
  const parts = [0, 1, 2].map((i) =>
    Math.round((1 - share) * channel(colour, i) + share * channel(other, i)),
  );
  return `#${parts
    .map((part) => part.toString(16).padStart(2, '0'))
    .join('')
    .toUpperCase()}${colour.slice(7)}`;
}

/**
 * The colours of a drawing.
 *
 * @param ink the colour of its outlines.
 */
export function toneColours(
  form: FlowerForm,
  mode: Mode,
  ink: string,
  light: Light = 'day',
): Readonly<Record<Tone | 'ink', string>> {
  const colours = coloursOf(form, mode);
  if (light === 'day') return { ...colours, none: 'none', ink };
  const { colour, share } = TINTS[light];
  const tinted = Object.fromEntries(
    Object.entries(colours).map(([tone, own]) => [tone, mixed(own, colour, share)]),
  ) as Colours;
  return { ...tinted, none: 'none', ink };
}

function coloursOf(form: FlowerForm, mode: Mode): Colours {
  const { petals, own } = drawnAs(form).colours(form);
  return {
    ...(mode === 'night' ? NIGHT : DAY),
    ...(petals === 'yellow' ? {} : PETALS[petals][mode]),
    ...own,
  };
}
