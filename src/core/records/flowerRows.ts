import { cropOf } from '../crops/catalogue';
import { fruitOf } from '../fruit/fruits';
import { fatherPlants } from '../journal/pollinations';
import { withCohortHistory } from '../journal/withCohortHistory';
import type { Journal } from '../journal/journal';
import type { Bloom, Garden } from '../journal/state';
import { isolationOf } from '../planning/isolationOf';
import { purityOf, type PurityOptions } from '../purity/purityOf';
import type { Day } from '../time/types';
import { plantLabel } from './plantLabel';

/** Columns of the table of flowers, in order; docs/formats.md says what each holds. */
export const FLOWER_COLUMNS = [
  'tag',
  'sex',
  'morning',
  'bed',
  'row',
  'place',
  'variety',
  'species',
  'cover',
  'covered_at',
  'found',
  'pollinated_at',
  'fathers',
  'later_pollinations',
  'missed',
  'last_growing_day',
  'failed_day',
  'cause',
  'ended',
  'harvested_at',
  'purity',
  'count',
  'flower_id',
] as const;

export type FlowerRow = Record<(typeof FLOWER_COLUMNS)[number], string>;

/**
 * One row for each flower of the garden, or each group of flowers that nobody tells apart, by morning, then by tag.
 *
 * @example flowerRows(new Journal(), garden, today) // []
 */
export function flowerRows(journal: Journal, garden: Garden, today: Day): FlowerRow[] {
  const options = { isolationOf: isolationOf(journal, garden) };
  const rows = [...journal.all('bloom').values()].map((flower) =>
    flowerRow(journal, garden, today, flower, options),
  );
  const key = (row: FlowerRow): string => `${row.morning} ${row.sex} ${row.tag} ${row.flower_id}`;
  return rows.sort((a, b) => (key(a) < key(b) ? -1 : 1));
}

function flowerRow(
  journal: Journal,
  garden: Garden,
  today: Day,
  raw: Bloom,
  options: PurityOptions,
): FlowerRow {
  const flower = withCohortHistory(journal, raw);
  const plant = journal.all('plant').get(flower.plant);
  const variety = plant && journal.all('variety').get(plant.variety);
  const bed = plant && journal.all('bed').get(plant.bed);
  const fruit = fruitOf(journal, garden, today, flower);
  return {
    tag: flower.code,
    sex: flower.sex ?? '',
    morning: flower.day ?? '',
    bed: bed?.name ?? '',
    row: plant ? String(plant.row) : '',
    place: plant ? String(plant.place) : '',
    variety: variety?.name ?? '',
    species: variety ? cropOf(variety.crop).species : '',
    cover: flower.cover?.method ?? '',
    covered_at: flower.cover?.at ?? '',
    found: flower.pollination?.found ?? '',
    pollinated_at: flower.pollination?.at ?? '',
    fathers: fatherPlants(flower)
      .map((plant) => plantLabel(journal, plant))
      .join(' '),
    later_pollinations: flower.pollination ? String(flower.laterPollinations.length) : '',
    missed: flower.missed?.why ?? flower.spoiled?.why ?? '',
    last_growing_day: fruit && fruit.history.lastGrowing > 0 ? String(fruit.history.lastGrowing) : '',
    failed_day: fruit?.history.failed === undefined ? '' : String(fruit.history.failed),
    cause: fruit?.history.cause ?? '',
    ended: flower.removed?.how ?? '',
    harvested_at: flower.harvest?.at ?? flower.picks?.at(-1)?.at ?? '',
    // Of a control nothing is judged.
    purity:
      fruit && fruit.history.followed !== 'control' ? purityOf(journal, garden, flower, options)!.grade : '',
    count: String(flower.count),
    flower_id: flower.bloom,
  };
}
