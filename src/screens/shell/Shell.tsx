import { ThemeProvider, useThemeMode } from '@/ui/elements';
import { Link, usePathname } from 'expo-router';
import { useEffect, useMemo, useSyncExternalStore, type ReactNode } from 'react';
import { View } from 'react-native';
import { useOpening } from '@/data/provider';
import { Glyph, type GlyphName } from '@/ui/glyphs/Glyph';
import { Words } from '@/ui/parts/Words';
import { elementsTheme, PALETTES, SPACE, TOUCH, usePalette, type Mode } from '@/ui/theme';
import { Bands } from './Bands';
import { Keys } from './Keys';
import { useWide } from './useWide';

const MODE_KEY = 'steady-trowel-mode';

/** Something that never changes. */
const never = () => (): void => undefined;

const darkness = (): MediaQueryList => window.matchMedia('(prefers-color-scheme: dark)');

function onDarkness(changed: () => void): () => void {
  const query = darkness();
  query.addEventListener('change', changed);
  return () => query.removeEventListener('change', changed);
}

/** Day or night: the grower's choice, else the device's. */
function useMode(): Mode {
  const opening = useOpening();
  const device = opening.state === 'open' ? opening.device : undefined;
  const choice = useSyncExternalStore(
    device?.subscribe ?? never,
    () => device?.settings.theme,
    () => undefined,
  );
  const dark = useSyncExternalStore(
    onDarkness,
    () => darkness().matches,
    () => false,
  );
  useEffect(() => {
    if (!choice) return;
    const root = document.documentElement;
    if (choice === 'auto') {
      localStorage.removeItem(MODE_KEY);
      delete root.dataset['mode'];
    } else {
      localStorage.setItem(MODE_KEY, choice);
      root.dataset['mode'] = choice;
    }
  }, [choice]);
  if (choice === 'day' || choice === 'night') return choice;
  return dark ? 'night' : 'day';
}

const PLACES: readonly { readonly href: string; readonly name: string; readonly glyph: GlyphName }[] = [
  { href: '/', name: 'Today', glyph: 'today' },
  { href: '/garden', name: 'Garden', glyph: 'garden' },
  { href: '/fruit', name: 'Fruit', glyph: 'fruit' },
  { href: '/bench', name: 'Bench', glyph: 'bench' },
];

/** Routes on which the work has the whole screen. */
const FULL = ['/round', '/scout'];

/** What is around every screen: theme, the four places, and bands that tell of the demo and of trouble. */
export function Shell({ children }: { readonly children: ReactNode }) {
  const mode = useMode();
  const theme = useMemo(() => elementsTheme('day'), []);
  return (
    <ThemeProvider theme={theme}>
      <Frame mode={mode}>{children}</Frame>
    </ThemeProvider>
  );
}

function Frame({ mode, children }: { readonly mode: Mode; readonly children: ReactNode }) {
  const wide = useWide();
  const path = useSettledPath();
  const opening = useOpening();
  const open = opening.state === 'open';
  const { mode: shown, setMode } = useThemeMode();
  const wanted = mode === 'night' ? 'dark' : 'light';
  useEffect(() => {
    // Each call makes a new theme, and with it a new `setMode`.
    if (shown !== wanted) setMode(wanted);
  }, [shown, wanted, setMode]);
  const nav = wide || !FULL.includes(path) ? <Places wide={wide} path={path} /> : null;
  return (
    <View
      style={{
        height: '100dvh' as unknown as number,
        flexDirection: wide ? 'row' : 'column',
        // Until a garden is open the page's own ground shows, which knows day from night before any script.
        backgroundColor: open ? PALETTES[mode].ground : 'transparent',
      }}
    >
      {wide ? nav : null}
      <View style={{ flex: 1, minHeight: 0, minWidth: 0 }}>
        {open ? <Bands /> : null}
        {children}
      </View>
      {wide ? null : nav}
      {open ? <Keys /> : null}
    </View>
  );
}

/** The path, once mounted: the pages' HTML is made without one, and the first render must be the same. */
function useSettledPath(): string {
  const path = usePathname();
  const mounted = useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
  return mounted ? path : '';
}

function Places({ wide, path }: { readonly wide: boolean; readonly path: string }) {
  const palette = usePalette();
  const here = (href: string): boolean => (href === '/' ? path === '/' : path.startsWith(href));
  return (
    <View
      role="navigation"
      aria-label="Places"
      style={{
        flexDirection: wide ? 'column' : 'row',
        backgroundColor: palette.paper,
        borderColor: palette.line,
        borderTopWidth: wide ? 0 : 1.5,
        borderRightWidth: wide ? 1.5 : 0,
        ...(wide && { width: 132, paddingTop: SPACE.l, gap: SPACE.s }),
      }}
    >
      {PLACES.map(({ href, name, glyph }) => (
        <Link
          key={href}
          href={href as '/'}
          aria-current={here(href) ? 'page' : undefined}
          style={{ flex: wide ? undefined : 1, minHeight: TOUCH.round, textDecorationLine: 'none' }}
        >
          <View
            style={{
              width: '100%',
              minHeight: TOUCH.round,
              alignItems: 'center',
              justifyContent: 'center',
              gap: 2,
              borderColor: here(href) ? palette.ink : 'transparent',
              borderTopWidth: wide ? 0 : 4,
              borderLeftWidth: wide ? 4 : 0,
              paddingHorizontal: SPACE.xs,
            }}
          >
            <Glyph name={glyph} tone={here(href) ? 'ink' : 'soft'} />
            <Words
              kind="small"
              tone={here(href) ? 'ink' : 'soft'}
              style={{ fontWeight: here(href) ? '600' : '400', fontSize: 14 }}
            >
              {name}
            </Words>
          </View>
        </Link>
      ))}
    </View>
  );
}
