import { zoneOf } from './zoneOf';
import { addDays } from '../time/calendar';
import type { InSteps } from '../time/inSteps';
import type { Day } from '../time/types';
import { GardenOn } from './gardenOn';
import { counted, DESCRIBED, HELD_BEFORE_DAYS, inForceOn } from './inForce';
import type { Journal } from './journal';
import type { SubjectType } from './kinds/definition';
import { perRevisionInSteps } from './perRevision';
import { foldSubject } from './reduce';
import type { Plant, States, Variety } from './state';

/** Gardens as they stood. */
interface Past {
  readonly zone: string;
  /** The days from which what is described counts, or does so no more, the earliest first. */
  readonly changes: readonly Day[];
  /** The days on which something was described again, the earliest first. */
  readonly again: readonly Day[];
  /** By how many of each had come. */
  readonly gardens: Map<string, GardenOn>;
}

/** Things that are gone through between two pauses. */
const AT_ONCE = 100;

const pastOf = perRevisionInSteps(function* (journal): InSteps<Past> {
  const zone = zoneOf(journal);
  const [changes, again] = [new Set<Day>(), new Set<Day>()];
  let seen = 0;
  for (const type of DESCRIBED)
    for (const { entries } of journal.everything(type)) {
      seen += 1;
      if (seen % AT_ONCE === 0) yield undefined;
      for (const [, each] of counted(type, entries, zone)) {
        if (each.from !== undefined) changes.add(each.from);
        if (each.again !== undefined) again.add(each.again);
      }
    }
  return { zone, changes: [...changes].sort(), again: [...again].sort(), gardens: new Map() };
});

/**
 * The garden as it stood on a day: what is described as it was in force then, whatever was changed or taken off the plan
 * since; all else as it is known now. Of two days between which nothing changed it is the same object.
 *
 * @example gardenOn(journal, '2026-07-20').all('plant').has('p1') // true though it was pulled out on the 25th
 */
export const gardenOn = (journal: Journal, day: Day): GardenOn => gardenTold(journal, day, day);

/**
 * The gardens that may have stood on a day. Who describes a thing again without saying since when may have found a
 * mistake, or it changed: first as it had been described until then, then as it was on each day on which it was
 * described again within a season. What is judged of the day holds if it holds in each of them.
 *
 * @example gardensOf(new Journal(), '2026-07-20').length // 1
 */
export function gardensOf(journal: Journal, day: Day): readonly GardenOn[] {
  const until = addDays(day, HELD_BEFORE_DAYS);
  const again = pastOf.now(journal).again.filter((each) => day < each && each <= until);
  return [...new Set([day, ...again].map((told) => gardenTold(journal, day, told)))];
}

/** The same, with pauses; what is described in them is read. */
export function* gardensInSteps(journal: Journal, day: Day): InSteps<readonly GardenOn[]> {
  yield* pastOf.inSteps(journal);
  const gardens = gardensOf(journal, day);
  for (const garden of gardens)
    for (const type of DESCRIBED) {
      yield undefined;
      garden.all(type);
    }
  return gardens;
}

/** A plant with what it was of. */
export interface Grown {
  readonly plant: Plant;
  readonly variety: Variety;
}

/**
 * A plant and its variety as they were on a day, whatever grows under their names since, or is gone; what was seen of the
 * plant, and how it ended, as it is known now. Of what was not there then, as they are now.
 *
 * @example grownThen(journal, 'p1', '2026-07-20')?.variety.crop // 'pepo'
 */
export function grownThen(journal: Journal, id: string, day: Day | undefined): Grown | undefined {
  const now = journal.all('plant').get(id);
  const then = day === undefined ? undefined : gardenOn(journal, day);
  const was = then?.all('plant').get(id) ?? now;
  if (!was) return undefined;
  const variety = then?.all('variety').get(was.variety) ?? journal.all('variety').get(was.variety);
  if (!variety) return undefined;
  const { removed: _removed, noted: _noted, selected: _selected, ...stood } = was;
  const { removed, noted, selected } = now ?? was;
  return {
    plant: { ...stood, ...(removed && { removed }), ...(noted && { noted }), ...(selected && { selected }) },
    variety,
  };
}

function gardenTold(journal: Journal, day: Day, told: Day): GardenOn {
  const { changes, again, gardens, zone } = pastOf.now(journal);
  const key = `${countUpTo(changes, day)} ${countUpTo(again, told)}`;
  const held = gardens.get(key);
  if (held) return held;
  const garden = new GardenOn(journal, (type) => describedOn(journal, type, { day, told, zone }));
  gardens.set(key, garden);
  return garden;
}

function describedOn<T extends SubjectType>(
  journal: Journal,
  type: T,
  when: { readonly day: Day; readonly told: Day; readonly zone: string },
): ReadonlyMap<string, States[T]> {
  if (!(DESCRIBED as readonly SubjectType[]).includes(type)) return journal.all(type);
  const states = new Map<string, States[T]>();
  for (const { id, entries, state } of journal.everything(type)) {
    const held = inForceOn(type, entries, when);
    const then = held === entries ? state : held.length > 0 ? foldSubject(type, id, held) : undefined;
    if (then !== undefined) states.set(id, then);
  }
  return states;
}

/** @param days the earliest first. */
function countUpTo(days: readonly Day[], day: Day): number {
  const after = days.findIndex((each) => each > day);
  return after < 0 ? days.length : after;
}
