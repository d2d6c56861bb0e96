import { createContext, useContext } from 'react';
import { createTheme, useTheme } from './elements';

/** Literal colours: React Native Elements computes with them. */
const DAY = {
  ground: '#EDF0E9',
  paper: '#F8FAF5',
  ink: '#1F241D',
  soft: '#525C4B',
  line: '#C4CDBB',
  edge: '#6F7B66',
  leaf: '#24583A',
  onLeaf: '#FFFFFF',
  amber: '#D98A00',
  rust: '#9C3416',
  wash: '#DDE4D4',
  petal: '#7C9A6B',
};

const NIGHT: Palette = {
  ground: '#12170F',
  paper: '#1A2117',
  ink: '#EDF1E6',
  soft: '#A9B5A0',
  line: '#37422F',
  edge: '#8A9880',
  leaf: '#9AD3A6',
  onLeaf: '#0E140C',
  amber: '#F5B53C',
  rust: '#F08A68',
  wash: '#232C1E',
  petal: '#6E8F63',
};

export type Palette = typeof DAY;
export type Mode = 'day' | 'night';

export const PALETTES: Readonly<Record<Mode, Palette>> = { day: DAY, night: NIGHT };

export const FACE = {
  text: 'Atkinson Hyperlegible Next, system-ui, sans-serif',
  head: 'Bitter, Georgia, serif',
} as const;

export const SPACE = { xs: 4, s: 8, m: 12, l: 20, xl: 32 } as const;
export const RADIUS = { s: 8, m: 14 } as const;
/** Least sides of what is touched, px: anywhere, and in the round. */
export const TOUCH = { least: 48, round: 64, glove: 112 } as const;
export const PAGE_WIDTH = 680;
export const WIDE_FROM = 900;
/** Of the places beside the page, on a wide screen. */
export const SIDE_WIDTH = 132;
/** A phone on its side: so wide, and not higher. What stays in view stands beside the page, not over and under it. */
export const LOW_SCREEN = `(min-width: 600px) and (max-width: ${WIDE_FROM - 1}px) and (max-height: 480px)`;
/** Of the places, and of what stays under the thumb, beside a low page. */
export const RAIL_WIDTH = 84;
export const LOW_FOOT_WIDTH = 250;

const colors = (palette: Palette) => ({
  primary: palette.leaf,
  secondary: palette.petal,
  background: palette.ground,
  white: palette.paper,
  black: palette.ink,
  error: palette.rust,
  warning: palette.amber,
  success: palette.leaf,
  divider: palette.line,
  disabled: palette.line,
  grey0: palette.soft,
  grey1: palette.soft,
  grey2: palette.edge,
  grey3: palette.edge,
  grey4: palette.line,
  grey5: palette.wash,
  greyOutline: palette.edge,
  searchBg: palette.paper,
});

/** The one theme of the interface's parts. */
export const elementsTheme = (mode: Mode) =>
  createTheme({
    mode: mode === 'night' ? 'dark' : 'light',
    lightColors: colors(DAY),
    darkColors: colors(NIGHT),
    components: {
      Text: { style: { fontFamily: FACE.text, fontSize: 17, lineHeight: 23 } },
      Button: {
        buttonStyle: { minHeight: TOUCH.least, borderRadius: RADIUS.m, paddingHorizontal: SPACE.l },
        titleStyle: { fontFamily: FACE.text, fontWeight: '600', fontSize: 17 },
      },
      Divider: { width: 1.5, style: { alignSelf: 'stretch' } },
      Input: {
        inputStyle: {
          fontFamily: FACE.text,
          fontSize: 17,
          minHeight: TOUCH.least,
          paddingHorizontal: SPACE.m,
        },
        labelStyle: { fontFamily: FACE.text, fontSize: 16, fontWeight: '600', marginBottom: SPACE.xs },
        errorStyle: { fontFamily: FACE.text, fontSize: 15, margin: 0, marginTop: SPACE.xs },
        containerStyle: { paddingHorizontal: 0 },
      },
    },
  });

const entries = (palette: Palette) => Object.entries(palette) as [keyof Palette, string][];

/** The palette as the page's own variables, as CSS. */
export const variablesOf = (palette: Palette): string =>
  entries(palette)
    .map(([name, color]) => `--${name}:${color}`)
    .join(';');

/** What is drawn before any script knows day from night: the page's variables do. */
export const PAGE_PALETTE = Object.fromEntries(
  entries(DAY).map(([name]) => [name, `var(--${name})`]),
) as Palette;

/** Overrides the theme's palette. */
export const PaletteContext = createContext<Palette | undefined>(undefined);

/** The palette of the theme in force. */
export function usePalette(): Palette {
  const { theme } = useTheme();
  return useContext(PaletteContext) ?? (theme.mode === 'dark' ? NIGHT : DAY);
}

export const useMode = (): Mode => (useTheme().theme.mode === 'dark' ? 'night' : 'day');
