import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useSyncExternalStore } from 'react';
import { installPrompt } from '../device/installPrompt';
import {
  homeScreenWay,
  keepingOf,
  type BrowserFacts,
  type HomeScreenWay,
  type Keeping,
} from '../device/keeping';
import { useDevice } from './useDevice';

const KEY = ['keeping'];
const TOLD = 'keeping-told';

async function askBrowser(): Promise<BrowserFacts> {
  const persisted = await navigator.storage?.persisted?.().catch(() => undefined);
  return {
    userAgent: navigator.userAgent,
    touchPoints: navigator.maxTouchPoints,
    standalone:
      matchMedia('(display-mode: standalone)').matches ||
      (navigator as { readonly standalone?: boolean }).standalone === true,
    ...(persisted !== undefined && { persisted }),
  };
}

export interface KeepingView {
  readonly keeping: Keeping;
  readonly way: HomeScreenWay | undefined;
  /** Shows the browser's own offer to install the app. */
  readonly install: () => void;
}

/** How long this browser keeps what is recorded; `undefined` until it was asked. */
export function useKeeping(): KeepingView | undefined {
  const { data } = useQuery({ queryKey: KEY, queryFn: askBrowser });
  const offered = useSyncExternalStore(installPrompt.subscribe, installPrompt.isOffered, () => false);
  return (
    data && {
      keeping: keepingOf(data),
      way: homeScreenWay(data, offered),
      install: () => void installPrompt.show(),
    }
  );
}

/** Asks the browser to keep what is stored. What it may clear by itself is no place for records. */
export function useKeepStored(): () => void {
  const client = useQueryClient();
  return useCallback(() => {
    // Not every browser can be asked.
    const asked = navigator.storage?.persist?.() ?? Promise.resolve(false);
    void asked.catch(() => false).then(() => client.invalidateQueries({ queryKey: KEY }));
  }, [client]);
}

/** Has the grower been told that this browser may clear records? `undefined` until that is known. */
export function useKeepingTold(): { readonly told: boolean | undefined; readonly tell: () => void } {
  const device = useDevice();
  const client = useQueryClient();
  const { data } = useQuery({
    queryKey: [TOLD],
    queryFn: async () => (await device.readKept<boolean>(TOLD)) ?? false,
  });
  const tell = useCallback(() => {
    client.setQueryData([TOLD], true);
    void device.keepValue(TOLD, true).catch(() => undefined);
  }, [client, device]);
  return { told: data, tell };
}
