import type { Admission } from '@/core/sync/protocol';
import { newId } from '../clock';
import { fromBase64, toBase64, utf8 } from './bytes';
import {
  addressOf,
  admitOf,
  handOverOf,
  isSecret,
  newDeviceKeys,
  newGardenKey,
  newSpokenCode,
  newToken,
  openSealed,
  seal,
  type GardenKey,
} from './gardenKey';
import { readInvitation, writeInvitation, type Invitation } from './invitation';
import type { HeldKey, Pairing } from './syncMemory';
import { SyncError, type SyncServer } from './syncServer';

/** The key with which is written now. */
export function currentKey({ keys }: Pick<Pairing, 'keys'>): HeldKey {
  const key = keys.at(-1);
  if (!key) throw new Error('a pairing without a key');
  return key;
}

/** SHA-256 of a text, hex. */
export async function sha256(text: string): Promise<string> {
  const hash = new Uint8Array(await crypto.subtle.digest('SHA-256', utf8(text)));
  return Array.from(hash, (byte) => byte.toString(16).padStart(2, '0')).join('');
}

const aboutOlder = (address: string): string => `older-keys/${address}`;

/** The keys of before, for devices that join later: sealed with the present one; empty where there are none. */
export async function olderKeys({ keys, address }: Pick<Pairing, 'keys' | 'address'>): Promise<string> {
  const older = keys.slice(0, -1).map(({ secret, generation }) => ({ secret, generation }));
  if (older.length === 0) return '';
  return toBase64(await seal(currentKey({ keys }), utf8(JSON.stringify(older)), aboutOlder(address)));
}

async function readOlderKeys(key: GardenKey, sealed: string, address: string): Promise<GardenKey[]> {
  if (sealed === '') return [];
  const opened = await openSealed([key], fromBase64(sealed), aboutOlder(address));
  // Without them what was written before cannot be read.
  if ('why' in opened) throw new SyncError('wrongKey');
  const keys = JSON.parse(new TextDecoder().decode(opened.message)) as GardenKey[];
  return keys.filter(({ secret }) => isSecret(secret));
}

/** With what a device is let in by the key it has. */
export async function admissionOf(pairing: Pick<Pairing, 'member' | 'token' | 'keys'>): Promise<Admission> {
  const { member, token } = pairing;
  const key = currentKey(pairing);
  return { member, token, admit: await admitOf(key), generation: key.generation };
}

/** What every pairing begins with. */
const newPairing = async (garden: string, address: string, keys: readonly GardenKey[]): Promise<Pairing> => ({
  ...{ garden, address, keys },
  ...{ member: newId(), token: newToken(), writer: newId(), own: await newDeviceKeys() },
  ...{ others: {}, removed: [], given: [], toGive: [] },
});

/**
 * Begins to sync a garden: with a key that is made here.
 *
 * @throws SyncError
 */
export async function beginSync(server: SyncServer, garden: string): Promise<Pairing> {
  const key = newGardenKey(0);
  const pairing = await newPairing(garden, await addressOf(key), [key]);
  await server.begin(pairing.address, await admissionOf(pairing));
  return pairing;
}

/**
 * Joins a garden that others sync.
 *
 * @throws SyncError `wrongKey` where the invitation's key was changed since.
 */
export async function joinSync(server: SyncServer, { garden, address, key }: Invitation): Promise<Pairing> {
  const pairing = await newPairing(garden, address, [key]);
  const admitted = await server.join(address, await admissionOf(pairing));
  return { ...pairing, keys: [...(await readOlderKeys(key, admitted.olderKeys, address)), key] };
}

export const invitationOf = (pairing: Pairing): Invitation => {
  const { secret, generation } = currentKey(pairing);
  return { garden: pairing.garden, address: pairing.address, key: { secret, generation } };
};

const ABOUT_HAND_OVER = 'hand-over';

/**
 * Leaves the invitation at the server for whoever is told the code, once and for ten minutes. The server cannot read it.
 *
 * @returns the code to read aloud.
 * @throws SyncError
 */
export async function handOver(server: SyncServer, pairing: Pairing): Promise<string> {
  const code = newSpokenCode();
  const { place, key } = await handOverOf(code);
  const sealed = await seal(key, utf8(writeInvitation(invitationOf(pairing))), ABOUT_HAND_OVER);
  await server.handOver(pairing.address, pairing.token, place, toBase64(sealed));
  return code;
}

/** @throws SyncError `notThere` where the code is wrong, too old or was used. */
export async function takeHandOver(server: SyncServer, code: string): Promise<Invitation> {
  const { place, key } = await handOverOf(code);
  const opened = await openSealed([key], fromBase64(await server.takeHandOver(place)), ABOUT_HAND_OVER);
  const invitation = 'why' in opened ? undefined : readInvitation(new TextDecoder().decode(opened.message));
  if (!invitation) throw new SyncError('notThere');
  return invitation;
}
