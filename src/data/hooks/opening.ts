import { createContext, useContext } from 'react';
import type { StoredEntry } from '@/core/journal/entry';
import { DeviceLog } from '../device/deviceLog';
import { installPrompt } from '../device/installPrompt';
import { DeviceStore, type Current } from '../device/deviceStore';
import type { GardenStore } from '../garden/gardenStore';
import { idOf, openSession, type Session } from '../garden/session';
import { DEVICE_STORE, openStore } from '../storage';
import { Subscribable } from '../subscribable';

export interface Opened {
  readonly device: DeviceStore;
  readonly log: DeviceLog;
  readonly session: Session;
  /** Gardens that were left while the device refused some of their entries: these are tried again until it takes them. */
  readonly waiting: readonly GardenStore[];
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

/** Opens the device's store and the garden that is current on it, and tells how far that has come. */
class Opener extends Subscribable {
  #opening: Opening = { state: 'opening' };
  readonly #waiting = new Map<string, Session>();

  get opening(): Opening {
    return this.#opening;
  }

  /** Entries of the open garden that are in memory alone: for where no screen works any more. */
  unsaved(): readonly StoredEntry[] {
    return this.#opening.state === 'open' ? this.#opening.session.garden.unsaved : [];
  }

  /** Resolves once there is more to show than that it opens. */
  async settled(): Promise<void> {
    await new Promise<void>((resolve) => {
      const look = (): void => {
        if (this.#opening.state === 'opening' && !this.#opening.slow) return;
        stop();
        resolve();
      };
      const stop = this.subscribe(look);
      look();
    });
  }

  /** Begins, or begins again, as if the page had been loaded again. */
  begin(): void {
    installPrompt.watch();
    this.#set({ state: 'opening' });
    const slow = setTimeout(() => this.#set({ state: 'opening', slow: true }), SLOW_MS);
    const store = openStore(DEVICE_STORE);
    Promise.all([DeviceStore.open(store), DeviceLog.open(store)])
      .then(([device, log]) => this.#openGarden({ device, log, current: device.current }))
      .catch((error: unknown) => this.#set({ state: 'failed', error, retry: () => this.begin() }))
      .finally(() => clearTimeout(slow));
  }

  async #openGarden({ device, log, current, before }: GardenToOpen): Promise<void> {
    const session = (await this.#backAt(current)) ?? (await openSession(device, current));
    if (before && before.garden !== session.garden) this.#leave(before);
    this.#set({
      state: 'open',
      device,
      log,
      session,
      waiting: this.#allWaiting(),
      open: (next) => this.#openGarden({ device, log, current: next, before: session }),
    });
  }

  /** A garden that was left waiting, opened again. */
  async #backAt(current: Current): Promise<Session | undefined> {
    const session = this.#waiting.get(idOf(current));
    if (!session) return undefined;
    // What was imported into it meanwhile.
    await session.garden.catchUp();
    this.#waiting.delete(session.garden.id);
    return session.garden.wiped ? undefined : session;
  }

  /** Closes a garden once all that was recorded in it is on disk. */
  #leave(session: Session): void {
    const { garden } = session;
    if (garden.unsaved.length === 0 || garden.wiped) {
      garden.close();
      return;
    }
    this.#waiting.set(garden.id, session);
    const stop = garden.subscribe(() => {
      const waits = this.#waiting.get(garden.id) === session;
      if (waits && garden.unsaved.length > 0 && !garden.wiped) return;
      stop();
      if (!waits) return;
      this.#waiting.delete(garden.id);
      garden.close();
      if (this.#opening.state === 'open') this.#set({ ...this.#opening, waiting: this.#allWaiting() });
    });
  }

  #allWaiting(): GardenStore[] {
    return [...this.#waiting.values()].map(({ garden }) => garden).filter(({ wiped }) => !wiped);
  }

  #set(opening: Opening): void {
    this.#opening = opening;
    this.tell();
  }
}

interface GardenToOpen {
  readonly device: DeviceStore;
  readonly log: DeviceLog;
  readonly current: Current;
  /** What was open before. */
  readonly before?: Session;
}

/** The one of this page. */
export const opener = new Opener();
