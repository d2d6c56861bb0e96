import { SEED_SOURCES, SOWING_METHODS } from '../../crops/variety';
import type { Journal } from '../../journal/journal';
import type { Planting } from '../../journal/state';
import { byId } from '../../text/byId';
import { knownLot, knownVariety } from './references';
import { ALWAYS, column, inUnit, oneOf, recordTable, type ColumnOf } from './table';

interface PlantingRow {
  readonly planting: Planting;
  readonly variety: string | undefined;
  /** The lot of this garden that it was sown from. */
  readonly lot: string | undefined;
}

const COLUMNS: readonly ColumnOf<PlantingRow>[] = [
  column('planting_id', 'string', 'its id', ({ planting }) => planting.planting, ALWAYS),
  column('variety_id', 'string', 'of which variety', ({ variety }) => variety),
  column(
    'seed_source',
    'string',
    'where its seed came from',
    ({ planting }) => planting.seedSource,
    oneOf(SEED_SOURCES),
  ),
  column(
    'begun',
    'string',
    'sown in place, or planted out',
    ({ planting }) => planting.sowing?.how,
    oneOf(SOWING_METHODS),
  ),
  column('begun_on', 'date', 'when', ({ planting }) => planting.sowing?.day),
  column('packet', 'string', 'its seed, as the packet names it', ({ planting }) => planting.lot),
  column('lot_id', 'string', 'its seed, of this garden', ({ lot }) => lot),
  column(
    'days_to_flower',
    'integer',
    'from then to its first flower, where the grower knows',
    ({ planting }) => planting.daysToFlower,
    inUnit('day'),
  ),
  column(
    'first_flower',
    'date',
    'its first flower that somebody noted',
    ({ planting }) => planting.flowered[0],
  ),
];

/** Sowings beyond the one that its variety tells. */
export const PLANTING_TABLE = recordTable<PlantingRow>({
  holds: 'a sowing of a variety that has several',
  key: ['planting_id'],
  refers: [
    { columns: ['variety_id'], table: 'varieties' },
    { columns: ['lot_id'], table: 'lots', theirs: ['ACCENUMB'] },
  ],
  columns: COLUMNS,
  items: ({ journal }) => plantings(journal),
});

const plantings = (journal: Journal): PlantingRow[] =>
  [...journal.all('planting').values()]
    .sort((a, b) => byId(a.planting, b.planting))
    .map((planting) => ({
      planting,
      variety: knownVariety(journal, planting.variety),
      lot: knownLot(journal, planting.fromLot),
    }));
