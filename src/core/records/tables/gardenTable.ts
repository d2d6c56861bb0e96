import { GROUNDS } from '../../garden/surroundings';
import { ALWAYS, column, inUnit, oneOf, recordTable, type ColumnOf } from './table';
import type { Garden, Surroundings } from '../../journal/state';
import type { Day } from '../../time/types';

interface GardenRow {
  readonly garden: Garden;
  readonly around: Surroundings | undefined;
}

const COLUMNS: readonly ColumnOf<GardenRow>[] = [
  column('name', 'string', 'what it is called', ({ garden }) => garden.name, ALWAYS),
  column('place', 'string', 'the town or the place it is at', ({ garden }) => garden.place),
  column('latitude', 'number', 'north positive', ({ garden }) => garden.latitude, inUnit('degree')),
  column('longitude', 'number', 'east positive', ({ garden }) => garden.longitude, inUnit('degree')),
  column('zone', 'string', 'time zone of all its days (IANA)', ({ garden }) => garden.zone, ALWAYS),
  column('ground', 'string', 'how open the land around is', ({ around }) => around?.ground, oneOf(GROUNDS)),
  column('late_frost', 'string', 'MM-DD: as late as the last frost comes in one year of ten', ({ around }) =>
    ofAnyYear(around?.lateFrost),
  ),
  column(
    'early_frost',
    'string',
    'MM-DD: as early as the first frost comes in one year of ten',
    ({ around }) => ofAnyYear(around?.earlyFrost),
  ),
];

const ofAnyYear = (day: Day | undefined): string | undefined => day?.slice(5);

/** The garden itself: one row. */
export const GARDEN_TABLE = recordTable<GardenRow>({
  holds: 'the garden',
  key: ['name'],
  columns: COLUMNS,
  items: ({ journal, garden }) => [{ garden, around: journal.all('surroundings').get('') }],
});
