import { cropOf } from '../crops/catalogue';
import { fruitOf } from '../fruit/fruits';
import type { Journal } from '../journal/journal';
import type { Flower, Garden } from '../journal/state';
import { fruitPurity } from '../purity/fruitPurity';
import type { Day } from '../time/types';
import { windowsOf } from '../round/morning';

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
  'second_dabs',
  'missed',
  'last_growing_day',
  'failed_day',
  'cause',
  'ended',
  'harvested_at',
  'purity',
  'flower_id',
] as const;

export type FlowerRow = Record<(typeof FLOWER_COLUMNS)[number], string>;

/** One row for each flower of the garden, by morning, then by tag. */
export function flowerRows(journal: Journal, garden: Garden, today: Day): FlowerRow[] {
  const rows = [...journal.all('flower').values()].map((flower) => flowerRow(journal, garden, today, flower));
  const key = (row: FlowerRow): string => `${row.morning} ${row.sex} ${row.tag} ${row.flower_id}`;
  return rows.sort((a, b) => (key(a) < key(b) ? -1 : 1));
}

function flowerRow(journal: Journal, garden: Garden, today: Day, flower: Flower): FlowerRow {
  const plant = journal.all('plant').get(flower.plant);
  const variety = plant && journal.all('variety').get(plant.variety);
  const bed = plant && journal.all('bed').get(plant.bed);
  const fruit = fruitOf(journal, garden, today, flower);
  return {
    tag: flower.code,
    sex: flower.sex ?? '',
    morning: flower.morning ?? '',
    bed: bed?.name ?? '',
    row: plant ? String(plant.row) : '',
    place: plant ? String(plant.place) : '',
    variety: variety?.name ?? '',
    species: variety ? cropOf(variety.crop).species : '',
    cover: flower.cover?.method ?? '',
    covered_at: flower.cover?.at ?? '',
    found: flower.pollination?.found ?? '',
    pollinated_at: flower.pollination?.at ?? '',
    fathers: flower.pollination?.donors.map((donor) => plantLabel(journal, donor.plant)).join(' ') ?? '',
    second_dabs: flower.pollination ? String(flower.secondDabs.length) : '',
    missed: flower.missed?.why ?? flower.spoiled?.why ?? '',
    last_growing_day: fruit && fruit.course.lastGrowing > 0 ? String(fruit.course.lastGrowing) : '',
    failed_day: fruit?.course.failed === undefined ? '' : String(fruit.course.failed),
    cause: fruit?.course.cause ?? '',
    ended: flower.removed?.how ?? '',
    harvested_at: flower.harvest?.at ?? '',
    purity: fruit ? purityOf(journal, garden, flower)!.grade : '',
    flower_id: flower.flower,
  };
}

/** A plant as growers write it: bed and row, a point, the place, `C1·4`. */
export function plantLabel(journal: Journal, id: string): string {
  const plant = journal.all('plant').get(id);
  if (!plant) return '?';
  return `${journal.all('bed').get(plant.bed)?.name ?? '?'}${plant.row}·${plant.place}`;
}

/** The purity of a flower's seed with the journal's own evidence; `undefined` when its variety is not known. */
export function purityOf(
  journal: Journal,
  garden: Garden,
  flower: Flower,
): ReturnType<typeof fruitPurity> | undefined {
  const plants = journal.all('plant');
  const variety = journal.all('variety').get(plants.get(flower.plant)?.variety ?? '');
  if (!variety) return undefined;
  const window =
    flower.morning && windowsOf(journal, garden, flower.morning, [variety.crop]).get(variety.crop);
  return fruitPurity({
    flower,
    variety,
    males: journal.all('flower'),
    plants,
    opens: window ? window.opens[0] : undefined,
  });
}
