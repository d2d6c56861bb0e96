import { wallNow } from '../clock';
import type { Current, DeviceStore } from '../device/deviceStore';
import { adopt, openGarden } from '../garden/session';
import { openStore, syncStoreName } from '../storage';
import { syncNote } from './syncNote';
import { Exchange } from './exchange';
import type { Invitation } from './invitation';
import { joinSync } from './members';
import { SyncMemory } from './syncMemory';
import type { SyncServer } from './syncServer';

/** The garden came, but nobody described it yet. */
export class NothingThere extends Error {}

/**
 * Fetches a garden that others sync to this device, or joins one that is here already, and lists it.
 *
 * @throws SyncError, {@link NothingThere}, or what the device says that takes no more. What came until then stays, and
 *   joining again goes on with it.
 */
export async function joinGarden(
  device: DeviceStore,
  server: SyncServer,
  invitation: Invitation,
): Promise<Current> {
  const pairing = await joinSync(server, invitation);
  const memory = new SyncMemory(openStore(syncStoreName(invitation.garden)));
  await memory.clear();
  await memory.writePairing(pairing);
  const garden = await openGarden(device, invitation.garden);
  const exchange = new Exchange({ garden, memory, server, pairing, now: wallNow });
  try {
    await exchange.run();
    const name = garden.described?.name;
    if (name === undefined) throw new NothingThere();
    await device.keepValue(syncNote(garden.id), true);
    return await adopt(device, { id: garden.id, name });
  } finally {
    exchange.close();
    garden.close();
  }
}
