import { ROW_METHODS, type RowMethod } from '../crops/crop';
import { cropOf, isCoveredForSeed, type Crop } from '../crops/catalogue';
import { wantsSeed } from '../crops/variety';
import { anyPollenSpoils } from '../isolation/anyPollenSpoils';
import type { Journal } from '../journal/journal';
import { walkId, type PollenFlight } from '../journal/kinds/walk';
import type { Garden, Plant, RowPollinated } from '../journal/state';
import { isUnderGlass } from '../journal/underGlass';
import { addDays, atClock, dayAt, daysBetween } from '../time/calendar';
import type { Day } from '../time/types';
import { plantedRows, type PlantedRow } from '../outing/plantedRows';

/** A crop whose open flowers are shaken or brushed again and again. */
type RoutineCrop = Crop & Required<Pick<Crop, 'routine'>>;
const hasRoutine = (crop: Crop): crop is RoutineCrop => crop.routine !== undefined;

/**
 * `done`: today. `rests`: it is too soon. `due`: today or tomorrow. `late`: more days have passed than flowers wait.
 * `begin`: not in the last two weeks. `enough`: on as many days as the crop wants it.
 */
type RoutineState = 'done' | 'rests' | 'due' | 'late' | 'begin' | 'enough';

/** A row with what its routine asks for. */
export interface RoutineRow extends PlantedRow {
  readonly crop: RoutineCrop;
  /** When all of them were last done, in the last two weeks. */
  readonly last: Day | undefined;
  /** On how many days in the last two weeks. */
  readonly times: number;
  readonly state: RoutineState;
  /** Plants that stand in it, those of a stand by their number. */
  readonly standing: number;
  /** Was it shaken or brushed today, and did pollen fly? */
  readonly today: { readonly flew?: PollenFlight } | undefined;
  /** Does no wind or insect do it for them? */
  readonly glass: boolean;
  /** The way that is usual for the crop. */
  readonly method: RowMethod;
}

/** A routine that has rested for longer is over. Our default. */
const REMEMBERED_DAYS = 14;

/**
 * Rows whose flowers are shaken or brushed, in walking order, with what their routine asks for. Not those of which
 * pollen spoils the fruit, nor those that are covered for seed.
 *
 * @param now UTC milliseconds.
 * @example routineRows(new Journal(), garden, now) // []
 */
export function routineRows(journal: Journal, garden: Garden, now: number): RoutineRow[] {
  const today = dayAt(now, garden.zone);
  const varieties = new Map(
    [...journal.all('variety').values()].flatMap((variety) => {
      const crop = cropOf(variety.crop);
      const { purpose, traits } = variety;
      const isWorked =
        hasRoutine(crop) &&
        !anyPollenSpoils({ crop: variety.crop, purpose, ...traits }) &&
        !(wantsSeed(purpose) && isCoveredForSeed(crop));
      return isWorked ? [[variety.variety, crop] as const] : [];
    }),
  );
  if (varieties.size === 0) return [];
  return plantedRows(journal, (variety) => varieties.has(variety)).map((planted): RoutineRow => {
    const crop = varieties.get(planted.variety.variety)!;
    const done = lastDone(journal, planted.plants, today);
    const { plants } = planted;
    const rows = plants.map(({ plant }) => journal.all('walk').get(walkId(plant, today))?.rowPollinated);
    return {
      ...planted,
      crop,
      ...done,
      state: stateOf(crop, done, today),
      standing: plants.reduce((sum, { count }) => sum + count, 0),
      today: rows.find((row) => row !== undefined),
      glass: plants.every((plant) => isUnderGlass(journal, plant)),
      method: usualRowMethod(crop),
    };
  });
}

type Done = Pick<RoutineRow, 'last' | 'times'>;

/** Pollen that sticks goes nowhere: it is shaken again once the air is drier. */
const didGood = (row: RowPollinated | undefined): boolean => row !== undefined && row.flew !== 'sticks';

/**
 * The day on which all of some plants had been done: the earliest of their last days; and on how many each was. A plant
 * that was added to a row does not make the row one that was never done.
 */
function lastDone(journal: Journal, plants: readonly Plant[], today: Day): Done {
  const walks = journal.all('walk');
  const days = Array.from({ length: REMEMBERED_DAYS + 1 }, (_, before) => addDays(today, -before));
  const each = plants.map(({ plant }) =>
    days.filter((day) => didGood(walks.get(walkId(plant, day))?.rowPollinated)),
  );
  const worked = each.filter(({ length }) => length > 0);
  if (worked.length * 2 < plants.length || worked.length === 0) return { last: undefined, times: 0 };
  return {
    last: worked.map(([latest]) => latest!).sort()[0],
    times: Math.min(...worked.map(({ length }) => length)),
  };
}

function stateOf({ routine }: RoutineCrop, { last, times }: Done, today: Day): RoutineState {
  if (last === undefined) return 'begin';
  const days = daysBetween(last, today);
  const [soonest, latest] = routine.every.value;
  if (days === 0) return 'done';
  if (routine.forDays && times >= routine.forDays.value[1]) return 'enough';
  if (days < soonest) return 'rests';
  return days <= latest ? 'due' : 'late';
}

/**
 * The crop's own way to pollinate the open flowers of a row.
 *
 * @example usualRowMethod(cropOf('strawberry')) // 'brush'
 */
const usualRowMethod = ({ methods }: Pick<Crop, 'methods'>): RowMethod =>
  methods.flatMap((method) => ROW_METHODS.find((each) => each === method) ?? [])[0] ?? 'shake';

/** What a running routine asks for today. */
export interface RoutineSituation {
  readonly plants: number;
  readonly done: number;
  /** Are all of them brushed, and none shaken? */
  readonly brushed: boolean;
  /** The best hours, UTC milliseconds. */
  readonly from: number;
  readonly by: number;
}

/**
 * What the routine asks for on the day: where one is kept, and under glass, where nothing sets without it, also where
 * nobody began.
 *
 * @param flowers can anything be in flower?
 * @example routineOf(new Journal(), garden, now, true) // undefined
 */
export function routineOf(
  journal: Journal,
  garden: Garden,
  now: number,
  flowers: boolean,
): RoutineSituation | undefined {
  const rows = routineRows(journal, garden, now);
  const kept = rows.filter(
    ({ state, glass }) =>
      state === 'due' || state === 'late' || state === 'done' || (state === 'begin' && glass && flowers),
  );
  if (kept.length === 0) return undefined;
  const today = dayAt(now, garden.zone);
  const hours = kept.map(({ crop }) => crop.routine.best.value);
  const last = Math.max(...hours.map(([, by]) => by));
  // What was not done in its hours waits for the next day's.
  const day = now > atClock(today, last, garden.zone) ? addDays(today, 1) : today;
  const count = (of: readonly RoutineRow[]): number => of.reduce((sum, { standing }) => sum + standing, 0);
  return {
    plants: count(kept),
    done: count(kept.filter(({ state }) => state === 'done')),
    brushed: kept.every(({ method }) => method === 'brush'),
    from: atClock(day, Math.min(...hours.map(([from]) => from)), garden.zone),
    by: atClock(day, last, garden.zone),
  };
}
