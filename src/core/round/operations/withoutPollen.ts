import type { Stop } from '../../journal/kinds/stops';
import { MS_PER_MINUTE } from '../../time/calendar';
import type { Operation } from './operation';

/** What all operations share that touch no pollen. The time they take is our default. */
export const WITHOUT_POLLEN = {
  mother: () => undefined,
  donors: () => [],
  malesHeld: () => [],
  pollen: () => undefined,
  lasts: () => 0.5 * MS_PER_MINUTE,
  canBeLate: false,
  wrong: [],
} as const satisfies Partial<Operation<Stop>>;
