import type { Purpose, SeedSource } from '../crops/variety';
import type { Bed, Plant, Variety } from '../journal/state';
import { cropOf } from '../crops/catalogue';
import { groupBy } from '../text/groupBy';

/** Columns of the table of the plan; docs/formats.md says what each holds. */
export const PLAN_COLUMNS = [
  'bed',
  'row',
  'variety',
  'kind',
  'plants',
  'purpose',
  'seed',
  'sown',
  'planted_out',
  'spacing',
  'bed_x',
  'bed_y',
  'bed_length',
  'bed_width',
  'bed_turn',
] as const;

export type PlanColumn = (typeof PLAN_COLUMNS)[number];
export type PlanRow = Readonly<Record<PlanColumn, string>>;

/** What may be written for a purpose, and what is. */
export const PURPOSES_WRITTEN: Readonly<Record<string, Purpose>> = {
  '': 'eat',
  eat: 'eat',
  food: 'eat',
  'seed for fun': 'seedForFun',
  fun: 'seedForFun',
  seed: 'seedToKeep',
  'seed to keep': 'seedToKeep',
  keep: 'seedToKeep',
  rare: 'rareOrSold',
  sale: 'rareOrSold',
  'rare or sold': 'rareOrSold',
};
const PURPOSE_WORDS: Readonly<Record<Purpose, string>> = {
  eat: 'eat',
  seedForFun: 'seed for fun',
  seedToKeep: 'seed to keep',
  rareOrSold: 'rare or sold',
};
/** What may be written for where seed came from, and what is. */
export const SEEDS_WRITTEN: Readonly<Record<string, SeedSource>> = {
  '': 'unknown',
  unknown: 'unknown',
  own: 'ownGuarded',
  bought: 'boughtLine',
  swapped: 'swapped',
  open: 'openGarden',
  f1: 'f1',
  hybrid: 'f1',
};
const SEED_WORDS: Readonly<Record<SeedSource, string>> = {
  unknown: '',
  ownGuarded: 'own',
  boughtLine: 'bought',
  swapped: 'swapped',
  openGarden: 'open',
  f1: 'f1',
};

/**
 * The plan as rows of the same table: one for each row of a bed and each variety in it.
 *
 * @example planRows([], [], new Map()) // []
 */
export function planRows(
  beds: readonly Bed[],
  plants: readonly Plant[],
  varieties: ReadonlyMap<string, Variety>,
): PlanRow[] {
  return beds.flatMap((bed) => {
    const own = plants.filter((plant) => plant.bed === bed.bed);
    const groups = groupBy(own, ({ row, variety }) => `${row}|${variety}`);
    return [...groups.values()].flatMap((some): PlanRow[] => {
      const variety = varieties.get(some[0]!.variety);
      if (!variety) return [];
      const { sowing } = variety;
      return [
        {
          bed: bed.name,
          row: String(some[0]!.row),
          variety: variety.name,
          kind: cropOf(variety.crop).species,
          plants: String(some.reduce((sum, { count }) => sum + count, 0)),
          purpose: PURPOSE_WORDS[variety.purpose],
          seed: SEED_WORDS[variety.seedSource],
          sown: sowing?.how === 'sown' ? sowing.day : '',
          planted_out: sowing?.how === 'plantedOut' ? sowing.day : '',
          spacing: bed.every === undefined ? '' : String(bed.every),
          bed_x: String(bed.x),
          bed_y: String(bed.y),
          bed_length: String(bed.length),
          bed_width: String(bed.width),
          bed_turn: String(bed.turn),
        },
      ];
    });
  });
}
