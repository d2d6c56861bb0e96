import { isSecret, type GardenKey } from './gardenKey';

/** What a device needs to come to a garden: shown as a QR code to the one device, or saved for the day all are lost. */
export interface Invitation {
  readonly garden: string;
  /** At the server. */
  readonly address: string;
  readonly key: GardenKey;
}

const PREFIX = 'st1';

/** As the part of an address after `#`, which is never sent. */
export const writeInvitation = ({ garden, address, key }: Invitation): string =>
  [PREFIX, garden, address, key.generation, key.secret].join('.');

/**
 * Reads an invitation, by itself or at the end of an address.
 *
 * @returns nothing where it is none.
 * @example readInvitation('https://garden.example/join#st1.…') // { garden: …, address: …, key: … }
 */
export function readInvitation(text: string): Invitation | undefined {
  const [prefix, garden, address, generation, secret, ...more] = (text.trim().split('#').at(-1) ?? '').split(
    '.',
  );
  const isWhole =
    prefix === PREFIX &&
    more.length === 0 &&
    /^[0-9A-Z]{20,40}$/.test(garden ?? '') &&
    /^[\w-]{22}$/.test(address ?? '') &&
    /^\d{1,6}$/.test(generation ?? '') &&
    isSecret(secret ?? '');
  return isWhole
    ? { garden: garden!, address: address!, key: { secret: secret!, generation: Number(generation) } }
    : undefined;
}
