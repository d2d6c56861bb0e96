import type { Entry, Envelope, Fact } from './entry';
import { isKind, KINDS } from './kinds/kinds';

type Told = Pick<Envelope, 'id' | 'lamport' | 'at' | 'device' | 'action'>;

/** A fact as a device writes it down, at the moment it happened: for tests. */
export const entryOf = ({ kind, body }: Fact, told: Told): Entry =>
  ({
    ...told,
    kind,
    v: isKind(kind) ? KINDS[kind].version : 1,
    recorded: told.at,
    garden: 'g',
    body,
  }) as Entry;
