import { cropOf } from '../crops/catalogue';
import { comparePlants } from '../garden/places';
import type { Journal } from '../journal/journal';
import { plantingOf } from '../journal/plantingOf';
import type { Bed, Plant, Variety } from '../journal/state';
import { groupBy } from '../text/groupBy';
import { purposeText, seedText, type PlanColumn } from './planColumns';
import { writeTraits } from './sheet/writtenTraits';

export type PlanRow = Readonly<Record<PlanColumn, string>>;

/** One row of a bed with one sowing of a variety in it, and how it is written in a table. */
export interface PlanLine {
  readonly bed: Bed;
  readonly variety: Variety;
  /** In walking order; at least one. */
  readonly plants: readonly Plant[];
  readonly cells: PlanRow;
}

/**
 * The plan as lines of a table, in walking order.
 *
 * @example planLines(new Journal()) // []
 */
export function planLines(journal: Journal): PlanLine[] {
  const [beds, varieties] = [journal.all('bed'), journal.all('variety')];
  const standing = [...journal.all('plant').values()]
    .filter(({ removed, bed, variety }) => !removed && beds.has(bed) && varieties.has(variety))
    .sort(comparePlants(beds));
  const groups = groupBy(standing, ({ bed, row, variety, planting }) =>
    [bed, row, variety, planting ?? ''].join('|'),
  );
  return [...groups.values()].map((plants): PlanLine => {
    const bed = beds.get(plants[0]!.bed)!;
    const variety = varieties.get(plants[0]!.variety)!;
    return { bed, variety, plants, cells: cellsOf(journal, bed, variety, plants) };
  });
}

/**
 * The same as rows alone: read again, they are the same plan.
 *
 * @example planRows(new Journal()) // []
 */
export const planRows = (journal: Journal): PlanRow[] => planLines(journal).map(({ cells }) => cells);

function cellsOf(journal: Journal, bed: Bed, variety: Variety, plants: readonly Plant[]): PlanRow {
  const { sowing } = plantingOf(journal, plants[0]!, variety);
  const place = (metres: number): string => (bed.unplaced ? '' : String(metres));
  return {
    bed: bed.name,
    row: String(plants[0]!.row),
    variety: variety.name,
    kind: cropOf(variety.crop).species,
    plants: String(plants.reduce((sum, { count }) => sum + count, 0)),
    purpose: purposeText(variety.purpose),
    seed: seedText(variety.seedSource),
    sown: sowing?.how === 'sown' ? sowing.day : '',
    planted_out: sowing?.how === 'plantedOut' ? sowing.day : '',
    spacing: bed.every === undefined ? '' : String(bed.every),
    bed_x: place(bed.x),
    bed_y: place(bed.y),
    bed_length: String(bed.length),
    bed_width: String(bed.width),
    bed_turn: String(bed.turn),
    traits: writeTraits(variety.traits),
    days_to_flower: String(variety.daysToFlower ?? ''),
    fruit_wanted: String(variety.fruitWanted ?? ''),
    note: variety.note ?? '',
  };
}
