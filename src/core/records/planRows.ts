import { cropOf } from '../crops/catalogue';
import { comparePlants } from '../garden/places';
import type { Journal } from '../journal/journal';
import { plantingOf } from '../journal/plantingOf';
import { groupBy } from '../text/groupBy';
import { purposeText, seedText, type PlanColumn } from './planColumns';
import { writeTraits } from './sheet/writtenTraits';

export type PlanRow = Readonly<Record<PlanColumn, string>>;

/**
 * The plan as rows of a table: one for each row of a bed and each sowing of a variety in it, in walking order. Read
 * again, it is the same plan.
 *
 * @example planRows(new Journal()) // []
 */
export function planRows(journal: Journal): PlanRow[] {
  const [beds, varieties] = [journal.all('bed'), journal.all('variety')];
  const standing = [...journal.all('plant').values()]
    .filter(({ removed, bed, variety }) => !removed && beds.has(bed) && varieties.has(variety))
    .sort(comparePlants(beds));
  const groups = groupBy(standing, ({ bed, row, variety, planting }) =>
    [bed, row, variety, planting ?? ''].join('|'),
  );
  return [...groups.values()].map((plants): PlanRow => {
    const bed = beds.get(plants[0]!.bed)!;
    const variety = varieties.get(plants[0]!.variety)!;
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
  });
}
