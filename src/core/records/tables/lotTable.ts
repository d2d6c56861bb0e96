import { cropOf } from '../../crops/catalogue';
import type { Journal } from '../../journal/journal';
import type { SeedStore } from '../../journal/kinds/seed';
import type { Garden } from '../../journal/state';
import { varietyEver } from '../../journal/varietyEver';
import { plantOfDealt } from '../../population/populationSoFar';
import { GRADES_BEST_FIRST } from '../../journal/kinds/grades';
import { ancestryOf } from '../../seed/ancestry';
import { lotDescent } from '../../seed/descent';
import { endedTest } from '../../seed/germination';
import { judgeLotInSteps } from '../../seed/judgedLot';
import { lotParents, type ParentShare } from '../../seed/lotParents';
import { seedLots, type SeedLot } from '../../seed/seedLot';
import { finished } from '../../time/inSteps';
import { plantLabel } from '../plantLabel';
import { ALWAYS, column, inUnit, oneOf, recordTable, rounded, type ColumnOf } from './table';

interface LotRow {
  readonly lot: SeedLot;
  readonly genus: string;
  readonly species: string;
  readonly crop: string;
  /** Of a cross. */
  readonly ancestry: string | undefined;
  readonly varieties: string;
  readonly purity: string | undefined;
  readonly mothers: string;
  readonly fathers: string;
  readonly effectiveSize: number | undefined;
  readonly test: ReturnType<typeof endedTest>;
}

/** Short, medium and long term. */
const STORAGE: Readonly<Record<SeedStore, string>> = { room: '11', cool: '11', fridge: '12', freezer: '13' };

/** Breeding and research material. What a line is, a landrace or an improved cultivar, is not known here. */
const BREEDING = '400';

/**
 * Those in capitals are fields of the Multi-Crop Passport Descriptors [FAO & Bioversity International 2015, MCPD V.2.1,
 * from memory], as far as they fit; the others are our own.
 */
const COLUMNS: readonly ColumnOf<LotRow>[] = [
  column('ACCENUMB', 'string', 'the lot’s id', ({ lot }) => lot.lot, ALWAYS),
  column('ACCENAME', 'string', 'its name', ({ lot }) => lot.name, ALWAYS),
  column('GENUS', 'string', 'of its botanical name', ({ genus }) => genus),
  column('SPECIES', 'string', 'the rest of that', ({ species }) => species),
  column('CROPNAME', 'string', 'the crop as it is called here', ({ crop }) => crop),
  column(
    'ACQDATE',
    'string',
    'YYYYMMDD: when its seed was taken out, or it was had; hyphens for what is not known',
    ({ lot }) => acquired(lot),
  ),
  column('SAMPSTAT', 'string', 'of a cross `400`, breeding material; else empty', ({ ancestry }) =>
    ancestry === undefined ? undefined : BREEDING,
  ),
  column('ANCEST', 'string', 'of a cross its pedigree, mother first: `A/B, F2`', ({ ancestry }) => ancestry),
  column(
    'STORAGE',
    'string',
    '`11` short, `12` medium, `13` long term: room or cool, fridge, freezer',
    ({ lot }) => lot.described?.store && STORAGE[lot.described.store],
  ),
  column('REMARKS', 'string', 'notes', ({ lot }) => lot.described?.note),
  column('variety', 'string', 'of its mothers; semicolons between several', ({ varieties }) => varieties),
  column('seeds', 'integer', 'how many are left, where somebody counted', ({ lot }) => lot.amount.seeds),
  column(
    'grams',
    'number',
    'what is left, where somebody weighed',
    ({ lot }) => rounded(lot.amount.grams, 2),
    inUnit('g'),
  ),
  column(
    'purity',
    'string',
    'that of its weakest fruit; of what comes of a cross, whether its parents are those that were meant',
    ({ purity }) => purity,
    oneOf(GRADES_BEST_FIRST),
  ),
  column(
    'mothers',
    'string',
    'plants with their shares, semicolons between several; empty where they are not known',
    ({ mothers }) => mothers,
  ),
  column('fathers', 'string', 'the same of its fathers', ({ fathers }) => fathers),
  column('effective_size', 'number', 'of its parents; empty where one is not known', ({ effectiveSize }) =>
    rounded(effectiveSize, 1),
  ),
  column(
    'germinated',
    'integer',
    'in the latest test that has ended',
    ({ test }) => test && (test.counts.at(-1)?.up ?? 0),
  ),
  column('of_tested', 'integer', 'of so many seeds', ({ test }) => test?.seeds),
  column('tested_on', 'date', 'when that test was begun', ({ test }) => test?.day),
  column('place_kept', 'string', 'where it is', ({ lot }) => lot.described?.place),
];

/** One row for each lot, the latest first, those that are used up too. */
export const LOT_TABLE = recordTable<LotRow>({
  holds: 'a lot of seed',
  key: ['ACCENUMB'],
  columns: COLUMNS,
  items: ({ journal, garden }) => seedLots(journal).map((lot) => lotRow(journal, garden, lot)),
});

function lotRow(journal: Journal, garden: Garden, lot: SeedLot): LotRow {
  const descent = lotDescent(journal, lot.lot);
  const parents = lotParents(journal, lot.lot);
  const nameOf = (variety: string): string => varietyEver(journal, variety)?.name ?? '';
  const crop = lot.crop && cropOf(lot.crop);
  const [genus = '', ...species] = crop?.species.split(' ') ?? [];
  const isCrossed = descent.of === 'cross' || descent.of === 'complex' || descent.of === 'hybrid';
  return {
    ...{ lot, genus, species: species.join(' '), crop: crop?.name ?? '' },
    ancestry: isCrossed ? ancestryOf(descent, nameOf) : undefined,
    varieties: lot.varieties.map(nameOf).join('; '),
    purity: finished(judgeLotInSteps(journal, garden, lot.contents)).purity?.grade,
    mothers: sharesOf(journal, parents.mothers),
    fathers: sharesOf(journal, parents.fathers),
    effectiveSize: parents.size,
    test: endedTest(journal, lot),
  };
}

/** `YYYYMMDD`, hyphens for what is not known. */
const acquired = ({ year, since }: SeedLot): string =>
  year === undefined ? since.replaceAll('-', '') : `${year}----`;

/** `B1·1 50 %; B1·2 50 %`. */
const sharesOf = (journal: Journal, parents: readonly ParentShare[]): string =>
  parents
    .map(({ plant, share }) => `${plantLabel(journal, plantOfDealt(plant))} ${Math.round(share * 100)} %`)
    .join('; ');
