import { createContext, useContext } from 'react';
import { DeviceLog } from '../device/deviceLog';
import { DeviceStore, type Current } from '../device/deviceStore';
import { openSession, type Session } from '../garden/session';
import { DEVICE_STORE, openStore } from '../storage';

export interface Opened {
  readonly device: DeviceStore;
  readonly log: DeviceLog;
  readonly session: Session;
  /** Opens another garden, or the same one again. */
  readonly open: (current: Current) => Promise<void>;
}

/** How far the app has come with opening the device's current garden. */
export type Opening =
  | { readonly state: 'opening'; /** The browser has not answered for some seconds. */ readonly slow?: true }
  | { readonly state: 'failed'; readonly error: unknown; readonly retry: () => void }
  | ({ readonly state: 'open' } & Opened);

export const OpeningContext = createContext<Opening>({ state: 'opening' });

export const useOpening = (): Opening => useContext(OpeningContext);

/** What is open. To be used below the screens' `Route` only, which waits for it. */
export function useOpened(): Opened {
  const opening = useOpening();
  if (opening.state !== 'open') throw new Error('no garden is open');
  return opening;
}

/** Longer than any sound store takes to answer, on a slow phone too. */
const SLOW_MS = 6_000;

type SetOpening = (next: Opening) => void;

/** Opens the device's store and the garden that is current on it. */
export function openCurrent(setOpening: SetOpening): void {
  setOpening({ state: 'opening' });
  const slow = setTimeout(() => setOpening({ state: 'opening', slow: true }), SLOW_MS);
  const store = openStore(DEVICE_STORE);
  Promise.all([DeviceStore.open(store), DeviceLog.open(store)])
    .then(([device, log]) => openGarden(setOpening, { device, log, current: device.current }))
    .catch((error: unknown) => setOpening({ state: 'failed', error, retry: () => openCurrent(setOpening) }))
    .finally(() => clearTimeout(slow));
}

interface GardenToOpen {
  readonly device: DeviceStore;
  readonly log: DeviceLog;
  readonly current: Current;
  /** What was open before. */
  readonly before?: Session;
}

async function openGarden(
  setOpening: SetOpening,
  { device, log, current, before }: GardenToOpen,
): Promise<void> {
  const session = await openSession(device, current);
  before?.garden.close();
  setOpening({
    state: 'open',
    device,
    log,
    session,
    open: (next) => openGarden(setOpening, { device, log, current: next, before: session }),
  });
}
