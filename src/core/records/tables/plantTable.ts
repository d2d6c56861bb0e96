import { placesOf, toCentimetre, type Place } from '../../garden/places';
import { PLANT_HEALTHS, SELECTIONS, TRUENESSES } from '../../journal/kinds/plan';
import type { Journal } from '../../journal/journal';
import type { Plant } from '../../journal/state';
import { byId } from '../../text/byId';
import { plantLabel } from '../plantLabel';
import { bedsEver } from './bedTable';
import { knownPlanting, knownVariety } from './references';
import { ALWAYS, column, inUnit, oneOf, recordTable, type ColumnOf } from './table';

interface PlantRow {
  readonly plant: Plant;
  readonly label: string;
  readonly bed: string | undefined;
  readonly variety: string | undefined;
  readonly planting: string | undefined;
  readonly at: Place | undefined;
}

const REMOVALS = ['offType', 'died', 'other', 'ended'] as const satisfies readonly NonNullable<
  Plant['removed']
>['why'][];
const METRES = inUnit('m');
const metres = (of: number | undefined): number | undefined => of && toCentimetre(of);

const COLUMNS: readonly ColumnOf<PlantRow>[] = [
  column('plant_id', 'string', 'its id', ({ plant }) => plant.plant, ALWAYS),
  column('label', 'string', 'bed and row, a point, its place', ({ label }) => label),
  column('bed_id', 'string', 'where it stands', ({ bed }) => bed),
  column('row', 'integer', 'counted from 1', ({ plant }) => plant.row),
  column('place', 'integer', 'along the row from the end at the gate, from 1', ({ plant }) => plant.place),
  column(
    'count',
    'integer',
    '1, or how many plants of a stand that nobody numbers',
    ({ plant }) => plant.count,
    ALWAYS,
  ),
  column('variety_id', 'string', 'what it is of', ({ variety }) => variety),
  column('planting_id', 'string', 'its sowing, where its variety has several', ({ planting }) => planting),
  column('x', 'number', 'east of the gate', ({ at }) => metres(at?.x), METRES),
  column('y', 'number', 'north of the gate', ({ at }) => metres(at?.y), METRES),
  column(
    'health',
    'string',
    'how it looked when that was last noted',
    ({ plant }) => plant.noted?.health,
    oneOf(PLANT_HEALTHS),
  ),
  column(
    'trueness',
    'string',
    'is it true to its variety?',
    ({ plant }) => plant.noted?.trueness,
    oneOf(TRUENESSES),
  ),
  column(
    'selection',
    'string',
    'what the grower makes of it as a parent',
    ({ plant }) => plant.selected?.choice,
    oneOf(SELECTIONS),
  ),
  column(
    'removed_at',
    'instant',
    'when it was taken out, or its season ended',
    ({ plant }) => plant.removed?.at,
  ),
  column('removed', 'string', 'why it is gone', ({ plant }) => plant.removed?.why, oneOf(REMOVALS)),
];

/** Plants that ever stood, those that are gone too. */
export const PLANT_TABLE = recordTable<PlantRow>({
  holds: 'a plant, or a stand of them that nobody numbers',
  key: ['plant_id'],
  refers: [
    { columns: ['bed_id'], table: 'beds' },
    { columns: ['variety_id'], table: 'varieties' },
    { columns: ['planting_id'], table: 'plantings' },
  ],
  columns: COLUMNS,
  items: ({ journal }) => plantRows(journal),
});

function plantRows(journal: Journal): PlantRow[] {
  const plants = [...journal.all('plant').values()].sort((a, b) => byId(a.plant, b.plant));
  const beds = new Set(bedsEver(journal).map(({ bed }) => bed.bed));
  const places = placesOf(plants, journal.all('bed'));
  const isPlaced = (bed: string): boolean => journal.all('bed').get(bed)?.unplaced !== true;
  return plants.map((plant) => ({
    plant,
    label: plantLabel(journal, plant.plant),
    bed: beds.has(plant.bed) ? plant.bed : undefined,
    variety: knownVariety(journal, plant.variety),
    planting: knownPlanting(journal, plant.planting),
    at: isPlaced(plant.bed) ? places.get(plant.plant) : undefined,
  }));
}
