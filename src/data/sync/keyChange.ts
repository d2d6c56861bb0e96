import type { Block, KeyGiven } from './block';
import { newGardenKey, openFrom, sealFor, type GardenKey } from './gardenKey';
import { currentKey } from './members';
import type { HeldKey, Pairing } from './syncMemory';

const aboutKey = (address: string, generation: number): string => `key/${address}/${generation}`;

/** The same on every device. */
const sortedKeys = (keys: readonly HeldKey[]): HeldKey[] =>
  [...keys].sort((a, b) => a.generation - b.generation || (a.secret < b.secret ? -1 : 1));

/** The pairing with a new key, for all but those that were removed. */
export async function withNewKey(pairing: Pairing, removed: readonly string[]): Promise<Pairing> {
  const { address, own, member, others, keys, given, toGive } = pairing;
  const key = newGardenKey(currentKey(pairing).generation + 1);
  const stay = Object.entries(others).filter(([other]) => !removed.includes(other));
  const sealed = await Promise.all(
    stay.map(
      async ([other, { open }]) =>
        [other, await sealFor(own, open, key, aboutKey(address, key.generation))] as const,
    ),
  );
  const giving: KeyGiven = { generation: key.generation, removed, for: Object.fromEntries(sealed) };
  return {
    ...pairing,
    removed,
    keys: sortedKeys([...keys, { ...key, givenTo: [member, ...stay.map(([other]) => other)] }]),
    given: [...given, giving],
    toGive: [...toGive, giving],
  };
}

/** The pairing once a block of another member was read: who wrote it, and a new key that it may give. */
export async function withHeard(
  pairing: Pairing,
  { member, device, open, given }: Block,
  now: number,
): Promise<Pairing> {
  const others = { ...pairing.others, [member]: { device, open, heard: now } };
  return { ...pairing, others, ...(given && (await keysWith(pairing, given, open))) };
}

async function keysWith(
  { keys, removed, own, member, address }: Pairing,
  given: KeyGiven,
  open: string,
): Promise<Pick<Pairing, 'keys' | 'removed'>> {
  const mine = given.for[member];
  const about = aboutKey(address, given.generation);
  const secret =
    mine === undefined ? undefined : await openFrom(own, open, mine, about).catch(() => undefined);
  const isNew = secret !== undefined && keys.every((key) => key.secret !== secret);
  return {
    removed: [...new Set([...removed, ...given.removed])],
    keys: isNew
      ? sortedKeys([...keys, { secret, generation: given.generation, givenTo: Object.keys(given.for) }])
      : keys,
  };
}

/** With what a block is sealed: a new key is given under one that those who get it have. */
export function sealingKey(pairing: Pairing, giving: KeyGiven | undefined): GardenKey {
  const older = giving && pairing.keys.findLast(({ generation }) => generation < giving.generation);
  return older ?? currentKey(pairing);
}
