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

export const isWide = (): boolean => window.matchMedia(WIDE_SCREEN).matches;
export const isLow = (): boolean => window.matchMedia(LOW_SCREEN).matches;

/** Is there room for two columns? Pages are written for where there is not. */
export const useWide = (): boolean => useSyncExternalStore(onWidth, isWide, () => false);

/** Is it a phone on its side? */
export const useLow = (): boolean => useSyncExternalStore(onTurn, isLow, () => false);
