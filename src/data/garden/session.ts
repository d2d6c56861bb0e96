import type { Fact, StoredEntry } from '@/core/journal/entry';
import { MS_PER_MINUTE } from '@/core/time/calendar';
import { Clock, newId } from '../clock';
import type { Current, DeviceStore, GardenListing } from '../device/deviceStore';
import { GardenStore } from './gardenStore';
import { DEMO_STORE, gardenStoreName, openStore, syncStoreName } from '../storage';

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

export const idOf = (current: Current): string => (current.demo ? DEMO_GARDEN : current.garden);

/** Opens the garden that is current on this device. */
export async function openSession(device: DeviceStore, current: Current): Promise<Session> {
  return current.demo ? openDemo(device) : openOwn(device, current.garden);
}

const openOwn = async (device: DeviceStore, id: string): Promise<Session> => ({
  demo: false,
  garden: await openGarden(device, id),
});

/** Opens a garden of one's own, which may have no entries yet. */
export async function openGarden(device: DeviceStore, id: string): Promise<GardenStore> {
  const store = openStore(gardenStoreName(id));
  // What was done to one of the browser's stores was done to all of this address.
  store.onReopen?.(() => void device.keep());
  return GardenStore.open({ garden: id, store, device: device.id, clock: Clock.real() });
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

/** The device took nothing. */
class NotStored extends Error {}

/** The entries of a file are stored; that their garden be opened is not. */
export class NotOpened extends Error {}

/**
 * Creates a garden of one's own with its first entries and makes it current.
 *
 * @throws NotStored, or whatever the device says, where it refused: there is no such garden then.
 */
export async function createGarden(
  device: DeviceStore,
  name: string,
  facts: readonly Fact[],
): Promise<Current> {
  const id = newId();
  const garden = await openGarden(device, id);
  try {
    const written = await garden.record([...garden.tags.ensureLetter(), ...facts]);
    if (written === 'unsaved') throw new NotStored();
    return await adoptNew(device, garden, name);
  } finally {
    garden.close();
  }
}

/** Every entry of a garden on this device that need not be open. */
export async function entriesOf(device: DeviceStore, id: string): Promise<ReadonlyMap<string, StoredEntry>> {
  const garden = await openGarden(device, id);
  try {
    await garden.reading.readAll();
    return new Map(garden.allEntries().map((entry) => [entry.id, entry]));
  } finally {
    garden.close();
  }
}

/**
 * Imports a garden that is not open, under its own id; one that is here already, or was removed, keeps its name.
 *
 * @throws NotOpened when it is stored all the same; otherwise nothing was changed.
 */
export async function importGarden(
  device: DeviceStore,
  id: string,
  name: string,
  entries: readonly StoredEntry[],
): Promise<Current> {
  const garden = await openGarden(device, id);
  const here = [...device.gardens, ...device.removed].find((each) => each.id === id);
  try {
    await garden.importEntries(entries);
    if (!here) return await adoptNew(device, garden, name);
    return await adopt(device, here).catch(() => {
      throw new NotOpened();
    });
  } finally {
    garden.close();
  }
}

/**
 * Deletes every record of a removed garden from this device.
 *
 * @param held where it is still open, since some of its entries are not on disk.
 */
export async function eraseGarden(device: DeviceStore, id: string, held?: GardenStore): Promise<void> {
  const garden = held ?? (await openGarden(device, id));
  await garden.wipe();
  await openStore(syncStoreName(id)).clear();
  await device.forgetGarden(id);
}

/** Lists a garden whose records are here, also one that was removed, and makes it current. */
export async function adopt(device: DeviceStore, listing: GardenListing): Promise<Current> {
  await device.adoptGarden(listing);
  return { demo: false, garden: listing.id };
}

/** What is not listed is not left behind either. */
async function adoptNew(device: DeviceStore, garden: GardenStore, name: string): Promise<Current> {
  try {
    return await adopt(device, { id: garden.id, name });
  } catch (error) {
    await garden.wipe();
    throw error;
  }
}
