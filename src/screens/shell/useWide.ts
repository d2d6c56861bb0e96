import { useSyncExternalStore } from 'react';
import { WIDE_FROM } from '@/ui/theme';

const width = (): MediaQueryList => window.matchMedia(`(min-width: ${WIDE_FROM}px)`);

function onWidth(changed: () => void): () => void {
  const query = width();
  query.addEventListener('change', changed);
  return () => query.removeEventListener('change', changed);
}

export const isWide = (): boolean => width().matches;

/** Is there room for two columns? Pages are written for where there is not. */
export const useWide = (): boolean => useSyncExternalStore(onWidth, isWide, () => false);
