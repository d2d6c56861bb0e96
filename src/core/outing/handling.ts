import { cropOf, protocolFor } from '../crops/catalogue';
import type { Protocol } from '../crops/crop';
import { BRUSHED_ONCE } from '../crops/figures';
import type { Journal } from '../journal/journal';
import { canBeSelfed, isSelfed } from './technique';
import type { HandlingMs } from '../round/operations/operation';

/**
 * How long the work at a flower takes for each variety, milliseconds, before own records speak.
 *
 * @example handlingTimes(journal).get(squash) // { pick: 25_000, pollinate: 75_000 }
 */
export function handlingTimes(journal: Journal): Map<string, HandlingMs> {
  return new Map(
    [...journal.all('variety').values()].flatMap(({ variety, crop, purpose }) => {
      const facts = cropOf(crop);
      const own = protocolFor(facts, { purpose, mother: variety, father: variety });
      // What only may be kept to its own pollen is worked where it has a part in a cross.
      const isWorked = !canBeSelfed(facts) || isSelfed(journal, { variety, crop, purpose });
      const protocol = (isWorked && own) || facts.protocols.cross;
      return protocol ? [[variety, handlingOf(protocol)] as const] : [];
    }),
  );
}

const MS_PER_SECOND = 1000;

const handlingOf = ({ collect, pollinate }: Protocol): HandlingMs => ({
  pick: (collect?.takes.value ?? 0) * MS_PER_SECOND,
  pollinate: pollinate.takes.value * MS_PER_SECOND,
});

/** For a variety that is no longer on the plan. */
export const USUAL_HANDLING = handlingOf(BRUSHED_ONCE);
