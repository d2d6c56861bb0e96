import { cohortOf } from './cohort';
import type { EntryAbout } from './taking';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import type { MissedReason } from './kinds/roundBodies';

/** Stands for the day of blooms that have none yet. */
export const NO_DAY = '';

/**
 * The day under which a bloom is filed by what an entry says, on which it opens: `NO_DAY` when it leaves that open,
 * `undefined` when it does not speak of it. The bloom opens on one of the days its entries name, or on none.
 *
 * @param id of a bloom the entry names.
 * @example opensOn(looked, '01J…') // undefined
 */
export function opensOn(entry: EntryAbout<'bloom'>, id: string): Day | typeof NO_DAY | undefined {
  switch (entry.kind) {
    case 'covered':
      return entry.body.stage === 'green' ? NO_DAY : entry.body.day;
    case 'receptive':
    case 'emasculated':
      return entry.body.day;
    case 'pollinated':
      return cohortOf(id)?.day ?? entry.body.day;
    case 'tagged':
      return cohortOf(entry.body.of)?.day ?? NO_DAY;
    case 'missed':
      return opensAfter(entry.body.why, entry.body.day) ?? cohortOf(id)?.day;
    case 'picked': {
      const spoiled = entry.body.spoiled.find(({ bloom }) => bloom === id);
      return opensAfter(spoiled?.why, entry.body.day) ?? cohortOf(id)?.day;
    }
    case 'fruit.counted':
      return cohortOf(id)?.day ?? entry.body.day;
    case 'stripped':
      // What had set by itself is filed under the day it was found.
      return entry.body.day;
    case 'looked':
    case 'retagged':
    case 'removed':
    case 'harvested':
    case 'fruits.ended':
    case 'uncovered':
    case 'trial.dealt':
    case 'fruit.opened':
    case 'seed.extracted':
      return cohortOf(id)?.day;
  }
}

/** The next day, of what was not open yet on one. */
const opensAfter = (why: MissedReason | undefined, day: Day | undefined): Day | undefined =>
  why === 'notYet' && day !== undefined ? addDays(day, 1) : undefined;
