import { useCallback, useSyncExternalStore } from 'react';
import type { GardenStore } from '../garden/gardenStore';
import { useOpened, type Opened } from './opening';

export interface OpenGardenView {
  readonly store: GardenStore;
  readonly demo: boolean;
  readonly open: Opened['open'];
}

/** The open garden; renders again when its journal changes. */
export function useGarden(): OpenGardenView {
  const { session, open } = useOpened();
  const store = session.garden;
  const version = useCallback(() => store.version, [store]);
  useSyncExternalStore(store.subscribe, version, version);
  return { store, demo: session.demo, open };
}

/**
 * The open garden's store, for what a view has chosen from it: renders again with the view, and not by itself. Who reads
 * the store without a view takes `useGarden`.
 */
export const useStore = (): GardenStore => useOpened().session.garden;

/** The garden's time zone; renders again only when that changes. */
export function useZone(): string {
  const store = useOpened().session.garden;
  const zone = useCallback(() => store.described?.zone ?? 'UTC', [store]);
  return useSyncExternalStore(store.subscribe, zone, zone);
}
