import type { GardenKey } from './gardenKey';

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

const INVITATION = /(?:^|[\s#])st1\.([0-9A-Z]{20,40})\.([\w-]{22})\.(\d{1,6})\.([\w-]{43})(?![\w.-])/;

/**
 * Reads an invitation: by itself, at the end of an address, or anywhere in the text of a recovery file.
 *
 * @returns nothing where there is none.
 * @example readInvitation('https://garden.example/more/phones#st1.…') // { garden: …, address: …, key: … }
 */
export function readInvitation(text: string): Invitation | undefined {
  const [, garden, address, generation, secret] = INVITATION.exec(text) ?? [];
  return garden && address && secret
    ? { garden, address, key: { secret, generation: Number(generation) } }
    : undefined;
}
