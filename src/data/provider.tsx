import { QueryClient, QueryClientProvider, useMutation, useQuery } from '@tanstack/react-query';
import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useState,
  useSyncExternalStore,
  type ReactNode,
} from 'react';
import { dayAt } from '@/core/time/calendar';
import type { Garden } from '@/core/journal/state';
import { DeviceStore, type Current } from './device';
import type { Fact } from '@/core/journal/entry';
import { DeviceLog } from './deviceLog';
import type { GardenStore } from './gardenStore';
import { openSession, type Session } from './session';
import { DEVICE_STORE, openStore } from './storage';
import { watchErrors, watchGarden } from './watch';

interface Opened {
  readonly device: DeviceStore;
  readonly log: DeviceLog;
  readonly session: Session;
  /** Opens another garden, or the same anew. */
  readonly open: (current: Current) => Promise<void>;
}

export type Opening =
  | { readonly state: 'opening' }
  | { readonly state: 'failed'; readonly error: unknown; readonly retry: () => void }
  | ({ readonly state: 'open' } & Opened);

const OpeningContext = createContext<Opening>({ state: 'opening' });

/**
 * Query defaults for a store in the browser: nothing waits for a network, nothing is read again by itself, and
 * an entry is written once. Mutations have no scope, since one that waits for another's disk write would not
 * show: the journal folds each tap at once, and records of one tab need no order on disk.
 */
const newQueryClient = (): QueryClient =>
  new QueryClient({
    defaultOptions: {
      queries: {
        networkMode: 'always',
        staleTime: Infinity,
        retry: false,
        refetchOnWindowFocus: false,
        refetchOnReconnect: false,
        structuralSharing: false,
        gcTime: 60_000,
      },
      mutations: { networkMode: 'always', retry: false },
    },
  });

type SetOpening = (next: Opening) => void;

/** Opens the device's store and the garden that is current on it. */
function boot(setOpening: SetOpening): void {
  setOpening({ state: 'opening' });
  const store = openStore(DEVICE_STORE);
  Promise.all([DeviceStore.open(store), DeviceLog.open(store)])
    .then(([device, log]) => start(setOpening, { device, log, current: device.current }))
    .catch((error: unknown) => setOpening({ state: 'failed', error, retry: () => boot(setOpening) }));
}

interface Start {
  readonly device: DeviceStore;
  readonly log: DeviceLog;
  readonly current: Current;
  /** What was open before. */
  readonly before?: Session;
}

async function start(setOpening: SetOpening, { device, log, current, before }: Start): Promise<void> {
  const session = await openSession(device, current);
  before?.garden.close();
  setOpening({
    state: 'open',
    device,
    log,
    session,
    open: (next) => start(setOpening, { device, log, current: next, before: session }),
  });
}

/** Opens the device's store and its current garden, and hands them to the screens. */
export function DataProvider({ children }: { readonly children: ReactNode }) {
  const [client] = useState(newQueryClient);
  const [opening, setOpening] = useState<Opening>({ state: 'opening' });

  useEffect(() => boot(setOpening), []);

  const session = opening.state === 'open' ? opening.session : undefined;
  const device = opening.state === 'open' ? opening.device : undefined;
  const log = opening.state === 'open' ? opening.log : undefined;
  useEffect(() => (log ? watchErrors(log) : undefined), [log]);
  useEffect(() => (log && session ? watchGarden(log, session.garden) : undefined), [log, session]);
  useEffect(() => {
    if (!session) return;
    const { garden } = session;
    const catchUp = (): void => {
      if (document.visibilityState === 'visible') void garden.catchUp();
    };
    document.addEventListener('visibilitychange', catchUp);
    // Views are derived from the journal and from nothing else.
    const unsubscribe = garden.subscribe(() => void client.invalidateQueries({ queryKey: [garden.id] }));
    // Fetched ahead of the first tap that needs it.
    void import('./schema').catch(() => undefined);
    return () => {
      document.removeEventListener('visibilitychange', catchUp);
      unsubscribe();
    };
  }, [client, session]);
  useEffect(() => {
    if (!session?.demo || !device) return;
    const keep = (): void => void device.writeClock(session.garden.clock.memory()).catch(() => undefined);
    const timer = setInterval(keep, CLOCK_KEPT_EVERY_MS);
    return () => clearInterval(timer);
  }, [device, session]);

  return (
    <QueryClientProvider client={client}>
      <OpeningContext.Provider value={opening}>{children}</OpeningContext.Provider>
    </QueryClientProvider>
  );
}

/** How often the demo's time is remembered. */
const CLOCK_KEPT_EVERY_MS = 15_000;
const CLOCK_EVENT = 'steady-trowel-clock';

export const useOpening = (): Opening => useContext(OpeningContext);

function useOpened(): Opened {
  const opening = useOpening();
  if (opening.state !== 'open') throw new Error('no garden is open');
  return opening;
}

/** The device's store; renders again when a setting changes. */
export function useDevice(): DeviceStore {
  const { device } = useOpened();
  useSyncExternalStore(device.subscribe, device.snapshot, device.snapshot);
  return device;
}

/** The log of what went wrong on this device. */
export const useDeviceLog = (): DeviceLog => useOpened().log;

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
 * A small derived view of the journal, kept under the garden, the clock's day and a name. It is computed anew
 * when the journal has changed.
 *
 * @param key what else the view depends on.
 */
export function useView<T>(
  name: string,
  key: readonly (string | number)[],
  compute: (view: { readonly store: GardenStore; readonly garden: Garden; readonly now: number }) => T,
): T | undefined {
  const { store } = useGarden();
  const garden = store.described;
  const now = store.clock.now();
  const day = garden ? dayAt(now, garden.zone) : '';
  const queryKey = [store.id, day, name, ...key];
  const run = (): T | null => (garden ? compute({ store, garden, now: store.clock.now() }) : null);
  const { data } = useQuery({ queryKey, queryFn: run, initialData: run, initialDataUpdatedAt: now });
  return data ?? undefined;
}

/** Writes down the facts of one tap. */
export function useRecord(): (facts: readonly Fact[]) => void {
  const { session } = useOpened();
  const { mutate } = useMutation({
    mutationFn: async (facts: readonly Fact[]) => {
      const first = !session.garden.savedAny;
      const outcome = await session.garden.record(facts);
      // Asked at the first real entry: what the browser may clear away by itself is no place for records.
      if (first && !session.demo) void navigator.storage?.persist?.().catch(() => false);
      return outcome;
    },
  });
  return mutate;
}

/** Undo and redo of this device's own actions. */
export function useUndo(): { undo: () => Promise<boolean>; redo: () => Promise<boolean> } {
  const { session } = useOpened();
  return useMemo(() => ({ undo: () => session.garden.undo(), redo: () => session.garden.redo() }), [session]);
}

/** The garden's time, renewed every few seconds and whenever the demo is put forward. */
export function useNow(everyMs = 15_000): number {
  const { clock } = useOpened().session.garden;
  const [now, setNow] = useState(() => clock.now());
  useEffect(() => {
    const tick = (): void => setNow(clock.now());
    tick();
    const timer = setInterval(tick, everyMs);
    window.addEventListener(CLOCK_EVENT, tick);
    return () => {
      clearInterval(timer);
      window.removeEventListener(CLOCK_EVENT, tick);
    };
  }, [clock, everyMs]);
  return now;
}

/** Puts the demo's clock forward and tells every screen. */
export function useForward(): (ms: number) => void {
  const { session, device } = useOpened();
  return (ms) => {
    session.garden.clock.forwardTo(ms);
    window.dispatchEvent(new Event(CLOCK_EVENT));
    void device.writeClock(session.garden.clock.memory()).catch(() => undefined);
  };
}

/**
 * Half-made input that outlives a reload. `undefined` until it has been read.
 *
 * @param name what it belongs to; another name is another draft.
 */
export function useDraft<T>(name: string, empty: T): [T | undefined, (draft: T) => void, () => void] {
  const { device, session } = useOpened();
  const key = `${session.garden.id}/${name}`;
  const [held, setHeld] = useState<{ readonly key: string; readonly draft: T | undefined }>();
  useEffect(() => {
    let gone = false;
    device
      .readDraft<T>(key)
      .catch(() => undefined)
      .then((draft) => {
        if (!gone) setHeld({ key, draft });
      });
    return () => {
      gone = true;
    };
  }, [device, key]);
  const write = (draft: T): void => {
    setHeld({ key, draft });
    void device.writeDraft(key, draft).catch(() => undefined);
  };
  const drop = (): void => void device.dropDraft(key).catch(() => undefined);
  return [held?.key === key ? (held.draft ?? empty) : undefined, write, drop];
}
