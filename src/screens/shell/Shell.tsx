import { ThemeProvider } from '@/ui/elements';
import { Link, usePathname } from 'expo-router';
import { useEffect, useLayoutEffect, useSyncExternalStore, type ReactNode } from 'react';
import { View } from 'react-native';
import { useOpening } from '@/data/hooks/opening';
import { Glyph } from '@/ui/glyphs/Glyph';
import { Text } from '@/ui/parts/Text';
import {
  elementsTheme,
  PAGE_PALETTE,
  PaletteContext,
  PALETTES,
  RAIL_WIDTH,
  SIDE_WIDTH,
  SPACE,
  TOUCH,
  usePalette,
  type Mode,
} from '@/ui/theme';
import { Banners } from './Banners';
import { TABS, WORK } from './places';
import { Shortcuts } from './Shortcuts';
import { useLow, useWide } from './useWide';

/** Something that never changes. */
const never = () => (): void => undefined;

const darkness = (): MediaQueryList => window.matchMedia('(prefers-color-scheme: dark)');

function onDarkness(changed: () => void): () => void {
  const query = darkness();
  query.addEventListener('change', changed);
  return () => query.removeEventListener('change', changed);
}

/** The light that the page was written in, before anything of the device was read (`app/+html.tsx`). */
const pageMode = (): string | undefined => document.documentElement.dataset['mode'];

/** Day or night: the grower's choice, else the device's. */
function useMode(): Mode {
  const opening = useOpening();
  const device = opening.state === 'open' ? opening.device : undefined;
  const choice = useSyncExternalStore(
    device?.subscribe ?? never,
    () => (device ? device.settings.theme : pageMode()),
    () => undefined,
  );
  const dark = useSyncExternalStore(
    onDarkness,
    () => darkness().matches,
    () => false,
  );
  useEffect(() => {
    if (!device || !choice) return;
    const root = document.documentElement;
    if (choice === 'auto') delete root.dataset['mode'];
    else root.dataset['mode'] = choice;
  }, [device, choice]);
  if (choice === 'day' || choice === 'night') return choice;
  return dark ? 'night' : 'day';
}

/** Made once: the provider begins with the one it is given, and follows when another one is. */
const THEMES = { day: elementsTheme('day'), night: elementsTheme('night') };

export interface ShellProps {
  readonly children: ReactNode;
  /** What was undone by a key, in words: loaded when it is first needed. */
  readonly undone: ReactNode;
}

/** What is around every screen: theme, the five places, and bands that tell of the demo and of trouble. */
export function Shell({ children, undone }: ShellProps) {
  const mode = useMode();
  return (
    <ThemeProvider theme={THEMES[mode]}>
      <Frame mode={mode} undone={undone}>
        {children}
      </Frame>
    </ThemeProvider>
  );
}

function Frame({ mode, children, undone }: ShellProps & { readonly mode: Mode }) {
  const wide = useWide();
  const low = useLow();
  const beside = wide || low;
  const path = usePathname();
  const opening = useOpening();
  const open = opening.state === 'open';
  const nav =
    wide || !WORK.some(({ href }) => href === path) ? (
      <Places side={wide ? SIDE_WIDTH : low ? RAIL_WIDTH : undefined} path={path} />
    ) : null;
  useLayoutEffect(() => {
    document.documentElement.dataset['laid'] = '';
  }, []);
  return (
    <PaletteContext.Provider value={opening.state === 'opening' ? PAGE_PALETTE : undefined}>
      <View
        style={{
          height: '100dvh' as unknown as number,
          flexDirection: beside ? 'row' : 'column',
          backgroundColor: open ? PALETTES[mode].ground : 'transparent',
        }}
      >
        {beside ? nav : null}
        <View style={{ flex: 1, minHeight: 0, minWidth: 0 }}>
          {open ? <Banners /> : null}
          {open ? <Shortcuts told={undone} /> : null}
          {children}
        </View>
        {beside ? null : nav}
      </View>
    </PaletteContext.Provider>
  );
}

/** @param side their width beside the page; without it they stand below it. */
function Places({ side, path }: { readonly side: number | undefined; readonly path: string }) {
  const beside = side !== undefined;
  const palette = usePalette();
  const here = (href: string): boolean => (href === '/' ? path === '/' : path.startsWith(href));
  return (
    <View
      role="navigation"
      aria-label="Places"
      style={{
        flexDirection: beside ? 'column' : 'row',
        backgroundColor: palette.paper,
        borderColor: palette.line,
        borderTopWidth: beside ? 0 : 1.5,
        borderRightWidth: beside ? 1.5 : 0,
        ...(beside && {
          width: side,
          paddingTop: side === SIDE_WIDTH ? SPACE.l : 0,
          gap: side === SIDE_WIDTH ? SPACE.s : 0,
        }),
      }}
    >
      {TABS.map(({ href, name, glyph }) => (
        <Link
          key={href}
          href={href as '/'}
          aria-current={here(href) ? 'page' : undefined}
          style={{ flex: beside ? undefined : 1, minHeight: TOUCH.round, textDecorationLine: 'none' }}
        >
          <View
            style={{
              width: '100%',
              minHeight: TOUCH.round,
              alignItems: 'center',
              justifyContent: 'center',
              gap: 2,
              borderColor: here(href) ? palette.ink : 'transparent',
              borderTopWidth: beside ? 0 : 4,
              borderLeftWidth: beside ? 4 : 0,
              paddingHorizontal: SPACE.xs,
            }}
          >
            <Glyph name={glyph} tone={here(href) ? 'ink' : 'soft'} />
            <Text
              variant="small"
              tone={here(href) ? 'ink' : 'soft'}
              style={{ fontWeight: here(href) ? '600' : '400', fontSize: 14 }}
            >
              {name}
            </Text>
          </View>
        </Link>
      ))}
    </View>
  );
}
