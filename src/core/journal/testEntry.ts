import type { Entry, Envelope, Fact } from './entry';

type Told = Pick<Envelope, 'id' | 'lamport' | 'at' | 'device' | 'action'>;

/** A fact as a device writes it down, at the moment it happened: for tests. */
export const entryOf = ({ kind, body }: Fact, told: Told): Entry =>
  ({ ...told, kind, v: 1, recorded: told.at, garden: 'g', body }) as Entry;
