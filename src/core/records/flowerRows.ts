import { cropOf } from '../crops/catalogue';
import { setFactors, type SetFactor, type SetTrial } from '../analysis/setTrials';
import { fruitOf, type Fruit } from '../fruit/fruits';
import { hasSet } from '../fruit/setVerdict';
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
  'method',
  'hours_after_opening',
  'males',
  'own_plant',
  'late',
  'load',
  'rain',
  'device',
  'set',
  'missed',
  'last_growing_day',
  'failed_day',
  'cause',
  'ended',
  'harvested_at',
  'purity',
  'trial',
  'trial_side',
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
  const flowers = [...journal.all('bloom').values()].map((raw) => {
    const flower = withCohortHistory(journal, raw);
    return { flower, fruit: fruitOf(journal, garden, today, flower) };
  });
  const factorsOf = setFactors(
    journal,
    garden,
    flowers.flatMap(({ fruit }) => fruit ?? []),
  );
  const rows = flowers.map(({ flower, fruit }) => ({
    ...flowerRow(journal, garden, { flower, fruit }, options),
    ...setColumns(fruit, fruit && factorsOf(fruit, fruit.history)),
  }));
  const key = (row: FlowerRow): string => `${row.morning} ${row.sex} ${row.tag} ${row.flower_id}`;
  return rows.sort((a, b) => (key(a) < key(b) ? -1 : 1));
}

type SetColumn =
  'method' | 'hours_after_opening' | 'males' | 'own_plant' | 'late' | 'load' | 'rain' | 'device' | 'set';

/** What set may go with; of flowers that nobody tells apart, as the first of them was pollinated. */
function setColumns(
  fruit: Fruit | undefined,
  factors: SetTrial['factors'] | undefined,
): Pick<FlowerRow, SetColumn> {
  const text = (factor: SetFactor): string => String(factors?.[factor] ?? '');
  const set = fruit?.count === 1 && factors ? hasSet(fruit.history) : undefined;
  return {
    method: text('method'),
    hours_after_opening: typeof factors?.hour === 'number' ? factors.hour.toFixed(2) : '',
    males: text('males'),
    own_plant: text('ownPlant'),
    late: text('late'),
    load: text('load'),
    rain: text('rain'),
    device: text('device'),
    set: set === undefined ? '' : String(Number(set)),
  };
}

function flowerRow(
  journal: Journal,
  garden: Garden,
  { flower, fruit }: { readonly flower: Bloom; readonly fruit: Fruit | undefined },
  options: PurityOptions,
): Omit<FlowerRow, SetColumn> {
  const plant = journal.all('plant').get(flower.plant);
  const variety = plant && journal.all('variety').get(plant.variety);
  const bed = plant && journal.all('bed').get(plant.bed);
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
    // Of what nobody pollinated, to see what sets, nothing is judged.
    purity:
      fruit && !['control', 'left'].includes(fruit.history.followed)
        ? purityOf(journal, garden, flower, options)!.grade
        : '',
    trial: flower.dealt?.trial ?? '',
    trial_side: flower.dealt ? String(flower.dealt.side) : '',
    count: String(flower.count),
    flower_id: flower.bloom,
  };
}
