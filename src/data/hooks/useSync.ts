import { useEffect, useState, useSyncExternalStore } from 'react';
import { idle } from '../idle';
import type { DeviceStore } from '../device/deviceStore';
import type { GardenStore } from '../garden/gardenStore';
import { syncNote } from '../sync/syncNote';
import type { Syncer, SyncView } from '../sync/syncer';
import { useOpened } from './opening';

/** Fetched when a garden syncs, or may begin to. */
export const loadSync = () => import('../sync/parts');

async function openSyncer(garden: GardenStore, device: DeviceStore): Promise<Syncer> {
  const { syncerOf } = await loadSync();
  return syncerOf({ garden, noteOn: (on) => device.keepValue(syncNote(garden.id), on) });
}

/** Exchanges the open garden as long as it is open, if it syncs. */
export function useSyncInBackground(): void {
  const { session, device } = useOpened();
  const { garden, demo } = session;
  useEffect(() => {
    if (demo) return;
    const begin = async (): Promise<void> => {
      await idle();
      if (await device.readKept<boolean>(syncNote(garden.id))) await openSyncer(garden, device);
    };
    // It is tried again at the next visit; nothing depends on it.
    begin().catch(() => undefined);
  }, [garden, demo, device]);
}

const NOTHING = (): undefined => undefined;
const never = () => NOTHING;

/** The open garden's exchange, for the page that shows it; nothing while it loads, and for the demo. */
export function useSync(): { readonly syncer: Syncer | undefined; readonly view: SyncView | undefined } {
  const { session, device } = useOpened();
  const { garden, demo } = session;
  const [syncer, setSyncer] = useState<Syncer>();
  useEffect(() => {
    let gone = false;
    if (!demo)
      openSyncer(garden, device).then(
        (opened) => {
          if (!gone) setSyncer(opened);
        },
        () => undefined,
      );
    return () => {
      gone = true;
    };
  }, [garden, demo, device]);
  const view = useSyncExternalStore(syncer?.subscribe ?? never, () => syncer?.view, NOTHING);
  return { syncer, view };
}
