import { openDatabase, type Database } from '../server/sync/database';
import { Refused, SyncStore } from '../server/sync/syncStore';
import type { Fact, StoredEntry } from '@/core/journal/entry';
import type { ExchangeAnswer, ExchangeRequest } from '@/core/sync/protocol';
import { Clock } from '@/data/clock';
import { GardenStore } from '@/data/garden/gardenStore';
import { Exchange } from '@/data/sync/exchange';
import { beginSync, invitationOf, joinSync } from '@/data/sync/members';
import { SyncMemory, type Pairing } from '@/data/sync/syncMemory';
import { SyncError, type SyncServer } from '@/data/sync/syncServer';
import { MemoryStore } from './memoryStore';

/** Each phone is a machine of its own: no tab of one hears those of another. */
Reflect.deleteProperty(globalThis, 'BroadcastChannel');

/** All that a server stores: what belongs to a garden goes with it. */
export const clearTables = (database: Database): Promise<void> =>
  database.run('delete from hand_overs; delete from gardens');

/** The server's own store over a network that may fail: no mock, it stores and refuses as the real one does. */
export class TestServer implements SyncServer {
  readonly store: SyncStore;
  /** What becomes of what is sent and answered; as it is, where nothing is said. */
  trouble: {
    readonly request?: () => void;
    readonly answer?: (answer: ExchangeAnswer, request: ExchangeRequest) => ExchangeAnswer;
  } = {};

  constructor(readonly database: Database) {
    this.store = new SyncStore(database);
  }

  static async open(url?: string): Promise<TestServer> {
    return new TestServer(await openDatabase({ url }));
  }

  clear = (): Promise<void> => clearTables(this.database);

  info = async () => ({ sync: 1 as const, addresses: [] });
  begin: SyncServer['begin'] = (...all) => this.#ask(() => this.store.begin(...all));
  join: SyncServer['join'] = (...all) => this.#ask(() => this.store.join(...all));
  changeKey: SyncServer['changeKey'] = (...all) => this.#ask(() => this.store.changeKey(...all));
  remove: SyncServer['remove'] = (...all) => this.#ask(() => this.store.remove(...all));
  handOver: SyncServer['handOver'] = (...all) => this.#ask(() => this.store.handOver(...all));
  takeHandOver: SyncServer['takeHandOver'] = (...all) => this.#ask(() => this.store.takeHandOver(...all));
  exchange: SyncServer['exchange'] = async (address, token, request) => {
    const answer = await this.#ask(() => this.store.exchange(address, token, request));
    return this.trouble.answer?.(answer, request) ?? answer;
  };

  async #ask<T>(job: () => Promise<T>): Promise<T> {
    this.trouble.request?.();
    try {
      return await job();
    } catch (error) {
      throw error instanceof Refused ? new SyncError(error.why) : error;
    }
  }
}

/** The id of the garden in which it is tried. */
const SYNCED = '01SYNCED000000000000000000';

/** A phone with a garden, which can be closed and opened again. */
export class TestDevice {
  garden!: GardenStore;
  exchange: Exchange | undefined;
  readonly disk = new MemoryStore();
  readonly syncDisk = new MemoryStore();

  private constructor(
    readonly name: string,
    readonly server: SyncServer,
  ) {}

  static async open(name: string, server: SyncServer): Promise<TestDevice> {
    const device = new TestDevice(name, server);
    opened.push(device);
    await device.#openGarden();
    return device;
  }

  async #openGarden(): Promise<void> {
    this.garden = await GardenStore.open({
      ...{ garden: SYNCED, store: this.disk, device: this.name, clock: Clock.real() },
    });
  }

  async begin(): Promise<this> {
    return this.#pair(await beginSync(this.server, SYNCED));
  }

  async join(other: TestDevice): Promise<this> {
    return this.#pair(await joinSync(this.server, invitationOf(other.pairing)));
  }

  async #pair(pairing: Pairing): Promise<this> {
    await new SyncMemory(this.syncDisk).writePairing(pairing);
    this.#openExchange(pairing);
    return this;
  }

  #openExchange(pairing: Pairing): void {
    this.exchange = new Exchange({
      ...{ garden: this.garden, memory: new SyncMemory(this.syncDisk), server: this.server, pairing },
      now: () => 0,
    });
  }

  get pairing(): Pairing {
    if (!this.exchange) throw new Error(`${this.name} does not sync`);
    return this.exchange.pairing;
  }

  /** Ends the program at once, whatever it was doing, and starts it again from what is on its disks. */
  async restart(): Promise<void> {
    this.close();
    await this.#openGarden();
    const pairing = await new SyncMemory(this.syncDisk).readPairing();
    if (pairing) this.#openExchange(pairing);
  }

  close(): void {
    this.exchange?.close();
    this.garden.close();
  }

  async sync(): Promise<void> {
    await this.exchange!.run();
  }

  record(...plants: readonly string[]): Promise<unknown> {
    return this.garden.record(plants.map(scouted));
  }

  get entries(): StoredEntry[] {
    return this.garden.allEntries().sort((a, b) => (a.id < b.id ? -1 : 1));
  }

  get ids(): string[] {
    return this.entries.map(({ id }) => id);
  }
}

const opened: TestDevice[] = [];

/** A device that is left open keeps the tests from ending. */
export const closeDevices = (): void => opened.splice(0).forEach((device) => device.close());

const scouted = (plant: string): Fact => ({
  kind: 'scouted',
  body: { plant, day: '2026-07-19', eve: { female: 1, male: 0 }, green: { female: 0, male: 0 } },
});
