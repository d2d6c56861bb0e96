import { useSyncExternalStore } from 'react';
import { LOW_SCREEN, WIDE_FROM } from '@/ui/theme';

const screenOf = (media: string) => ({
  matches: (): boolean => window.matchMedia(media).matches,
  onChange: (changed: () => void) => {
    const query = window.matchMedia(media);
    query.addEventListener('change', changed);
    return (): void => query.removeEventListener('change', changed);
  },
});

const WIDE = screenOf(`(min-width: ${WIDE_FROM}px)`);
const LOW = screenOf(LOW_SCREEN);
/** A phone whose pages are shown twice as large, upright and on its side. */
const NARROW = screenOf('(max-width: 240px)');
const FLAT = screenOf('(max-height: 260px)');

export const isWide = WIDE.matches;
export const isLow = LOW.matches;

const useScreen = ({ onChange, matches }: ReturnType<typeof screenOf>): boolean =>
  useSyncExternalStore(onChange, matches, () => false);

/** Is there room for two columns? Pages are written for where there is not. */
export const useWide = (): boolean => useScreen(WIDE);

/** Is it a phone on its side? */
export const useLow = (): boolean => useScreen(LOW);

/** Is there hardly room for two buttons side by side? */
export const useNarrow = (): boolean => useScreen(NARROW);

/** Is there no height for anything that stays in view beside the page? */
export const useFlat = (): boolean => useScreen(FLAT);
