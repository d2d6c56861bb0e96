import { openStore, syncStoreName, type Store } from '../storage';
import { Subscribable } from '../subscribable';
import { wallNow } from '../clock';
import type { GardenStore } from '../garden/gardenStore';
import { Exchange, NO_CONCERNS, type Concerns } from './exchange';
import type { Invitation } from './invitation';
import { beginSync, handOver, invitationOf, joinSync } from './members';
import { SyncMemory, type Pairing } from './syncMemory';
import { HttpSyncServer, SyncError, type SyncServer, type SyncTrouble } from './syncServer';

/** Why an exchange did not come to its end: the server, or a device that stores no more. */
export type SyncFailure = SyncTrouble | 'full';

export interface SyncView {
  /** `reading`: it is not known yet whether the garden syncs; `elsewhere`: another tab does it. */
  readonly at: 'reading' | 'off' | 'elsewhere' | 'working' | 'resting';
  readonly pairing: Pairing | undefined;
  readonly failure: SyncFailure | undefined;
  /** When all was last exchanged, UTC milliseconds. */
  readonly synced: number | undefined;
  /** Entries that no other device can have yet. */
  readonly waiting: number;
  readonly concerns: Concerns;
}

/** Some taps go together. */
const AFTER_TAP_MS = 2_000;
/** So often others are listened to while the page is looked at; after failures ever less often. */
const EVERY_MS = 15_000;
const SELDOM_MS = 5 * 60_000;

export interface SyncerOptions {
  readonly garden: GardenStore;
  readonly server?: SyncServer;
  readonly store?: Store;
  /** Says on the device that this garden syncs, so that its page need not be opened for it. */
  readonly noteOn: (on: boolean) => Promise<void>;
}

/**
 * Exchanges the open garden in the background: after a tap, when the network comes back, now and then. One tab does it,
 * the one that is looked at; no tap waits for it.
 */
export class Syncer extends Subscribable {
  readonly #garden: GardenStore;
  readonly #server: SyncServer;
  readonly #memory: SyncMemory;
  readonly #noteOn: SyncerOptions['noteOn'];
  #exchange: Exchange | undefined;
  #view: SyncView;
  #timer: ReturnType<typeof setTimeout> | undefined;
  #failures = 0;
  #running: Promise<void> | undefined;
  /** Gives the lock back to other tabs. */
  #release: (() => void) | undefined;
  #closed = false;
  readonly #stops: (() => void)[] = [];

  constructor({ garden, server = new HttpSyncServer(), store, noteOn }: SyncerOptions) {
    super();
    this.#garden = garden;
    this.#server = server;
    this.#memory = new SyncMemory(store ?? openStore(syncStoreName(garden.id)));
    this.#noteOn = noteOn;
    this.#view = {
      ...{ at: 'reading', pairing: undefined, failure: undefined, synced: undefined, waiting: 0 },
      concerns: NO_CONCERNS,
    };
  }

  get view(): SyncView {
    return this.#view;
  }

  get server(): SyncServer {
    return this.#server;
  }

  /** Begins to exchange, if the garden is one that syncs. */
  async start(): Promise<void> {
    const shown = (): void => {
      if (document.visibilityState !== 'visible') return;
      if (this.#view.at === 'elsewhere') void this.#take();
      else this.#soon(0);
    };
    const online = (): void => this.#soon(0);
    document.addEventListener('visibilitychange', shown);
    window.addEventListener('online', online);
    this.#stops.push(
      () => document.removeEventListener('visibilitychange', shown),
      () => window.removeEventListener('online', online),
      this.#garden.onEntries(() => {
        if (this.#exchange && this.#exchange.waiting > 0) {
          this.#show({});
          this.#soon(AFTER_TAP_MS);
        }
      }),
    );
    await this.#take();
  }

  /** Stops for good. */
  close(): void {
    this.#closed = true;
    this.#stops.forEach((stop) => stop());
    this.#letGo();
  }

  /** Exchanges now, and resolves when that has come to an end, good or bad. */
  async now(): Promise<void> {
    clearTimeout(this.#timer);
    await this.#run((exchange) => exchange.run());
  }

  /** @throws SyncError */
  async begin(): Promise<void> {
    await this.#pair(await beginSync(this.#server, this.#garden.id));
  }

  /** @throws SyncError */
  async join(invitation: Invitation): Promise<void> {
    await this.#pair(await joinSync(this.#server, invitation));
  }

  /** Takes another device off. */
  async remove(member: string): Promise<void> {
    await this.#run((exchange) => exchange.remove(member));
  }

  /** @returns a code to read aloud. @throws SyncError */
  spokenCode(): Promise<string> {
    return handOver(this.#server, this.#paired());
  }

  invitation(): Invitation {
    return invitationOf(this.#paired());
  }

  /** This device syncs no more; what it has stays. Where the server cannot be told, it is not. */
  async leave(): Promise<void> {
    const { address, token, member } = this.#paired();
    await this.#server.remove(address, token, member).catch(() => undefined);
    this.#exchange?.close();
    this.#exchange = undefined;
    await this.#memory.clear();
    await this.#noteOn(false);
    this.#show({
      at: 'off',
      pairing: undefined,
      failure: undefined,
      synced: undefined,
      concerns: NO_CONCERNS,
    });
  }

  #paired(): Pairing {
    if (!this.#view.pairing) throw new Error('the garden does not sync');
    return this.#view.pairing;
  }

  async #pair(pairing: Pairing): Promise<void> {
    await this.#memory.clear();
    await this.#memory.writePairing(pairing);
    await this.#noteOn(true);
    this.#exchange?.close();
    this.#exchange = undefined;
    await this.#open();
    await this.now();
  }

  /** Becomes the tab that exchanges: the one before lets go. Without locks each does; what comes twice changes nothing. */
  async #take(): Promise<void> {
    if (typeof navigator.locks?.request !== 'function') return this.#open();
    await new Promise<void>((resolve) => {
      navigator.locks
        .request(`steady-trowel-sync/${this.#garden.id}`, { steal: true }, () => {
          resolve();
          return new Promise<void>((release) => (this.#release = release));
        })
        .catch(() => {
          // Another tab is looked at now.
          this.#letGo();
          if (!this.#closed) this.#show({ at: 'elsewhere' });
          resolve();
        });
    });
    if (!this.#closed) await this.#open();
  }

  #letGo(): void {
    clearTimeout(this.#timer);
    this.#exchange?.close();
    this.#exchange = undefined;
    this.#release?.();
    this.#release = undefined;
  }

  async #open(): Promise<void> {
    const pairing = await this.#memory.readPairing();
    if (!pairing || this.#closed) {
      this.#show({ at: 'off' });
      return;
    }
    this.#exchange ??= new Exchange({
      ...{ garden: this.#garden, memory: this.#memory, server: this.#server, pairing },
      now: wallNow,
    });
    this.#show({ at: 'resting', pairing });
    this.#soon(0);
  }

  /** One exchange after another: two at once would write the same number. */
  #run(job: (exchange: Exchange) => Promise<void>): Promise<void> {
    const before = this.#running ?? Promise.resolve();
    const running = before.then(() => this.#runOne(job));
    this.#running = running;
    return running;
  }

  async #runOne(job: (exchange: Exchange) => Promise<void>): Promise<void> {
    const exchange = this.#exchange;
    if (!exchange) return;
    this.#show({ at: 'working' });
    const failure = await job(exchange).then(
      () => undefined,
      (error: unknown): SyncFailure => (error instanceof SyncError ? error.why : 'full'),
    );
    if (this.#exchange !== exchange) return;
    this.#failures = failure ? this.#failures + 1 : 0;
    this.#show({
      ...{ at: 'resting', failure },
      ...(failure ? {} : { synced: wallNow() }),
    });
    this.#soon(Math.min(SELDOM_MS, EVERY_MS * 2 ** Math.min(this.#failures, 8)));
  }

  #soon(afterMs: number): void {
    clearTimeout(this.#timer);
    if (!this.#exchange || this.#closed) return;
    this.#timer = setTimeout(() => {
      if (document.visibilityState === 'visible' || this.#exchange?.waiting) void this.now();
    }, afterMs);
  }

  #show(change: Partial<SyncView>): void {
    const exchange = this.#exchange;
    this.#view = {
      ...this.#view,
      ...(exchange && {
        ...{ pairing: exchange.pairing, concerns: exchange.concerns, waiting: exchange.waiting },
      }),
      ...change,
    };
    this.tell();
  }
}

/** One a garden, for its background and its page. */
const syncers = new WeakMap<GardenStore, Syncer>();

export function syncerOf(options: SyncerOptions): Syncer {
  const known = syncers.get(options.garden);
  if (known) return known;
  const syncer = new Syncer(options);
  syncers.set(options.garden, syncer);
  options.garden.onClose(() => syncer.close());
  void syncer.start();
  return syncer;
}
