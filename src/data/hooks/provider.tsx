import { QueryClientProvider, type QueryClient } from '@tanstack/react-query';
import { useEffect, useState, useSyncExternalStore, type ReactNode } from 'react';
import { idle } from '../idle';
import type { DeviceLog } from '../device/deviceLog';
import type { DeviceStore } from '../device/deviceStore';
import type { GardenStore } from '../garden/gardenStore';
import { opener, OpeningContext, type Opening } from './opening';
import { newQueryClient } from './queryClient';
import { Trouble } from '../trouble';
import { TroubleContext } from './useTrouble';
import { watchErrors, watchGarden, watchLeaving } from './watch';

/** Opens the device's store and its current garden, and hands them to the screens. */
export function DataProvider({ children }: { readonly children: ReactNode }) {
  const [trouble] = useState(() => new Trouble());
  const [client] = useState(() => newQueryClient(trouble));
  const opening = useSyncExternalStore(opener.subscribe, progress, progress);
  const { device, log, session, waiting } = opening.state === 'open' ? opening : NOTHING_OPEN;
  useLog(log, session?.garden, trouble);
  useEffect(() => (session ? watchLeaving([session.garden, ...waiting]) : undefined), [session, waiting]);
  useFreshViews(client, session?.garden);
  useSavedClock(device, session?.demo ? session.garden : undefined);
  return (
    <QueryClientProvider client={client}>
      <TroubleContext.Provider value={trouble}>
        <OpeningContext.Provider value={opening}>{children}</OpeningContext.Provider>
      </TroubleContext.Provider>
    </QueryClientProvider>
  );
}

const progress = (): Opening => opener.opening;

const NOTHING_OPEN = { device: undefined, log: undefined, session: undefined, waiting: [] };

/** Logs errors, refused writes and damage. */
function useLog(log: DeviceLog | undefined, garden: GardenStore | undefined, trouble: Trouble): void {
  useEffect(() => (log ? watchErrors(log, trouble) : undefined), [log, trouble]);
  useEffect(() => (log && garden ? watchGarden(log, garden) : undefined), [log, garden]);
}

/** Who opens Today looks at it first, and goes elsewhere before anything is recorded. */
const touched = (): Promise<unknown> =>
  window.location.pathname === '/'
    ? new Promise((resolve) => {
        for (const event of ['pointerdown', 'keydown'])
          window.addEventListener(event, resolve, { once: true, passive: true });
      })
    : Promise.resolve();

/** The check of what is recorded is large: it is evaluated ahead of the first tap that needs it, and not for Today. */
async function prepareSchema(): Promise<void> {
  await touched();
  await idle();
  const { PREPARATIONS } = await import('../schema/entrySchema');
  for (const prepare of PREPARATIONS) {
    await idle();
    prepare();
  }
}

/** Computes what is shown again; without hurry, one view after another as the page has time for each. */
async function freshen(client: QueryClient, garden: string, unhurried: boolean): Promise<void> {
  const all = { queryKey: [garden] };
  if (!unhurried) {
    // The tap is answered first: views are worked out in a task of their own.
    await new Promise((resolve) => setTimeout(resolve, 0));
    return client.invalidateQueries(all);
  }
  await client.invalidateQueries({ ...all, refetchType: 'none' });
  for (const { queryKey } of client.getQueryCache().findAll({ ...all, type: 'active' })) {
    await idle();
    await client.refetchQueries({ queryKey, exact: true, type: 'active', stale: true });
  }
}

/** Views are derived from the journal and from nothing else: they are stale whenever it has changed. */
function useFreshViews(client: QueryClient, garden: GardenStore | undefined): void {
  useEffect(() => {
    if (!garden) return;
    const catchUp = (): void => {
      if (document.visibilityState === 'visible') void garden.catchUp();
    };
    document.addEventListener('visibilitychange', catchUp);
    const unsubscribe = garden.subscribe((unhurried) => void freshen(client, garden.id, unhurried));
    void prepareSchema().catch(() => undefined);
    return () => {
      document.removeEventListener('visibilitychange', catchUp);
      unsubscribe();
    };
  }, [client, garden]);
}

/** How often the demo's time is saved. */
const CLOCK_SAVED_EVERY_MS = 15_000;

function useSavedClock(device: DeviceStore | undefined, demo: GardenStore | undefined): void {
  useEffect(() => {
    if (!demo || !device) return;
    const save = (): void => void device.writeClock(demo.clock.memory()).catch(() => undefined);
    const timer = setInterval(save, CLOCK_SAVED_EVERY_MS);
    return () => clearInterval(timer);
  }, [device, demo]);
}
