import type { Walk } from '../../journal/state';
import type { BudCount } from '../../journal/kinds/walk';
import { byId } from '../../text/byId';
import { knownPlant } from './references';
import { ALWAYS, column, recordTable, type ColumnOf } from './table';

interface WalkRow {
  readonly walk: Walk;
  readonly plant: string | undefined;
}

/** Was anything counted there that evening? Where not, zeroes would be lies. */
const counted = (of: (walk: Walk) => number) => (row: WalkRow) =>
  row.walk.scoutedEntry === undefined ? undefined : of(row.walk);
const each = (of: (walk: Walk) => BudCount | undefined, sex: keyof BudCount) => (row: WalkRow) =>
  of(row.walk)?.[sex];

const COLUMNS: readonly ColumnOf<WalkRow>[] = [
  column('plant_id', 'string', 'the plant', ({ plant }) => plant, ALWAYS),
  column(
    'day',
    'date',
    'the day whose flowers it is about; the walk may be the evening before',
    ({ walk }) => walk.day,
    ALWAYS,
  ),
  column('at', 'instant', 'when', ({ walk }) => walk.at, ALWAYS),
  column(
    'eve_females',
    'integer',
    'female buds that open on the day',
    counted(({ eve }) => eve.female),
  ),
  column(
    'eve_males',
    'integer',
    'male ones',
    counted(({ eve }) => eve.male),
  ),
  column(
    'green_females',
    'integer',
    'female buds that open later',
    counted(({ green }) => green.female),
  ),
  column(
    'green_males',
    'integer',
    'male ones',
    counted(({ green }) => green.male),
  ),
  column(
    'pin_females',
    'integer',
    'tiny female buds at the tips',
    each(({ pin }) => pin, 'female'),
  ),
  column(
    'pin_males',
    'integer',
    'male ones',
    each(({ pin }) => pin, 'male'),
  ),
  column(
    'open_females',
    'integer',
    'female flowers that were open on the day',
    each(({ open }) => open, 'female'),
  ),
  column(
    'open_males',
    'integer',
    'male ones',
    each(({ open }) => open, 'male'),
  ),
  column('nothing', 'boolean', 'there was nothing to cover', ({ walk }) => walk.swept === true),
  column(
    'stripped',
    'integer',
    'fruit that had set by itself and was taken off',
    ({ walk }) => walk.stripped,
  ),
];

/** What was counted at a plant for the flowers of a day. */
export const WALK_TABLE = recordTable<WalkRow>({
  holds: 'what was counted at a plant for the flowers of a day',
  key: ['plant_id', 'day'],
  refers: [{ columns: ['plant_id'], table: 'plants' }],
  columns: COLUMNS,
  items: ({ journal }) =>
    [...journal.all('walk').values()]
      .flatMap((walk) => {
        const plant = knownPlant(journal, walk.plant);
        return plant === undefined ? [] : [{ walk, plant }];
      })
      .sort((a, b) => byId(a.walk.day, b.walk.day) || byId(a.walk.plant, b.walk.plant)),
});
