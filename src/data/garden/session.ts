import type { Fact, StoredEntry } from '@/core/journal/entry';
import { MS_PER_MINUTE } from '@/core/time/calendar';
import { Clock, newId } from '../clock';
import type { Current, DeviceStore, GardenListing } from '../device/deviceStore';
import { GardenStore } from './gardenStore';
import { DEMO_STORE, gardenStoreName, openStore } from '../storage';

/** An open garden and whether it is the demo. */
export interface Session {
  readonly demo: boolean;
  readonly garden: GardenStore;
}

/** The demo's records by their keys in the store, served with the app. */
const DEMO_FILE = '/demo-records.json';
/** The demo's garden id: its entries are known by it and are taken into no other garden. */
export const DEMO_GARDEN = '00000000000000000000DEMQ00';

/** Why a garden could not be opened. */
class DemoMissing extends Error {}

/** Opens the garden that is current on this device. */
export async function openSession(device: DeviceStore, current: Current): Promise<Session> {
  return current.demo ? openDemo(device) : openOwn(device, current.garden);
}

async function openOwn(device: DeviceStore, id: string): Promise<Session> {
  const store = openStore(gardenStoreName(id));
  // What was done to one of the browser's stores was done to all of this address.
  store.onReopen?.(() => void device.keep());
  const garden = await GardenStore.open({ garden: id, store, device: device.id, clock: Clock.real() });
  return { demo: false, garden };
}

async function openDemo(device: DeviceStore): Promise<Session> {
  const memory = await device.readClock();
  // On a first visit the demo is on its way while the store is opened.
  const demo = memory ? undefined : fetchDemo();
  demo?.catch(() => undefined);
  // Until the entries are read nobody knows when the demo begins; they are all recent to it.
  const clock = Clock.demo(0, memory);
  const garden = await GardenStore.open({
    garden: DEMO_GARDEN,
    store: openStore(DEMO_STORE),
    device: device.id,
    clock,
  });
  if (!garden.described) await takeDemo(garden, await (demo ?? fetchDemo()));
  if (!memory) clock.forwardTo((garden.newest ?? 0) + MS_PER_MINUTE);
  void device.writeClock(clock.memory()).catch(() => undefined);
  device.onClock((other) => clock.follow(other));
  return { demo: true, garden };
}

async function fetchDemo(): Promise<Response> {
  const response = await fetch(DEMO_FILE).catch(() => undefined);
  if (!response?.ok) throw new DemoMissing('the demo garden could not be fetched');
  return response;
}

async function takeDemo(garden: GardenStore, response: Response): Promise<void> {
  try {
    garden.adoptBundled((await response.json()) as Record<string, string>);
  } catch {
    throw new DemoMissing('the demo garden is damaged');
  }
}

/** Creates a garden of one's own with its first entries and makes it current. */
export async function createGarden(
  device: DeviceStore,
  name: string,
  facts: readonly Fact[],
): Promise<Current> {
  const id = newId();
  const { garden } = await openOwn(device, id);
  await garden.record([...garden.tags.ensureLetter(), ...facts]);
  garden.close();
  return adopt(device, id, name);
}

/** Every entry of a garden on this device that need not be open. */
export async function entriesOf(device: DeviceStore, id: string): Promise<ReadonlyMap<string, StoredEntry>> {
  const { garden } = await openOwn(device, id);
  try {
    await garden.reading.readAll();
    return new Map(garden.allEntries().map((entry) => [entry.id, entry]));
  } finally {
    garden.close();
  }
}

/** Imports a garden that is not open, under its own id; one that is here already keeps its name. */
export async function importGarden(
  device: DeviceStore,
  id: string,
  name: string,
  entries: readonly StoredEntry[],
): Promise<Current> {
  const { garden } = await openOwn(device, id);
  await garden.importEntries(entries).finally(() => garden.close());
  return adopt(device, id, device.gardens.find((each) => each.id === id)?.name ?? name);
}

/** Puts a removed garden back as it was, and makes it current. */
export const putBackGarden = (device: DeviceStore, { id, name }: GardenListing): Promise<Current> =>
  adopt(device, id, name);

/** Deletes every record of a removed garden from this device. */
export async function eraseGarden(device: DeviceStore, id: string): Promise<void> {
  const { garden } = await openOwn(device, id);
  await garden.wipe();
  await device.forgetGarden(id);
}

async function adopt(device: DeviceStore, id: string, name: string): Promise<Current> {
  await device.listGarden({ id, name });
  const current: Current = { demo: false, garden: id };
  await device.setCurrent(current);
  return current;
}
