import { useSyncExternalStore } from 'react';
import { LOW_SCREEN, WIDE_FROM } from '@/ui/theme';

const WIDE_SCREEN = `(min-width: ${WIDE_FROM}px)`;

const onChange = (media: string) => (changed: () => void) => {
  const query = window.matchMedia(media);
  query.addEventListener('change', changed);
  return (): void => query.removeEventListener('change', changed);
};
const onWidth = onChange(WIDE_SCREEN);
const onTurn = onChange(LOW_SCREEN);
/** As a phone is when its pages are shown twice as large, upright and on its side. */
const NARROW_SCREEN = '(max-width: 240px)';
const onNarrow = onChange(NARROW_SCREEN);
const FLAT_SCREEN = '(max-height: 260px)';
const onFlat = onChange(FLAT_SCREEN);
const isFlat = (): boolean => window.matchMedia(FLAT_SCREEN).matches;
const isNarrow = (): boolean => window.matchMedia(NARROW_SCREEN).matches;

export const isWide = (): boolean => window.matchMedia(WIDE_SCREEN).matches;
export const isLow = (): boolean => window.matchMedia(LOW_SCREEN).matches;

/** Is there room for two columns? Pages are written for where there is not. */
export const useWide = (): boolean => useSyncExternalStore(onWidth, isWide, () => false);

/** Is it a phone on its side? */
export const useLow = (): boolean => useSyncExternalStore(onTurn, isLow, () => false);

/** Is there hardly room for two buttons side by side? */
export const useNarrow = (): boolean => useSyncExternalStore(onNarrow, isNarrow, () => false);

/** Is there no height for anything that stays in view beside the page? */
export const useFlat = (): boolean => useSyncExternalStore(onFlat, isFlat, () => false);
