import type { PickStop } from '../../journal/kinds/stops';
import { pickedFor, reportOn } from '../../journal/pollinations';
import type { Operation } from './operation';

/** Males of one plant are taken for their pollen. */
export const PICK: Operation<PickStop> = {
  fields: ['blooms'],
  blooms: ({ blooms }) => blooms,
  mother: () => undefined,
  donors: () => [],
  malesHeld: ({ blooms }) => blooms,
  pollen: ({ variety }) => variety,
  lasts: ({ blooms }, { pick }) => pick * blooms.length,
  // Who needs one is late; a male that nobody needs is not picked at all.
  canBeLate: false,
  wrong: ['notYet', 'hole', 'open', 'insect', 'wilted', 'broke', 'notFound'],
  became({ blooms: ids }, { blooms, day }) {
    const males = ids.map((id) => blooms.get(id));
    const seen = males.map((male) => {
      const taken = male && pickedFor(male, day);
      if (taken) return { at: taken.at, entry: taken.entry, outcome: 'done' } as const;
      if (male?.spoiled) return { ...male.spoiled, outcome: male.spoiled.why };
      const report = male && reportOn(male, day);
      return report && { at: report.at, entry: report.entry, outcome: report.why };
    });
    if (seen.includes(undefined)) return undefined;
    const best = seen.find((each) => each?.outcome === 'done') ?? seen[0];
    return best && { entry: best.entry, at: best.at, outcome: best.outcome };
  },
};
