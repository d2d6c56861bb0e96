import { cropOf } from '../crops/catalogue';
import type { Journal } from '../journal/journal';
import type { SeedStore } from '../journal/kinds/seed';
import type { Garden } from '../journal/state';
import { varietyEver } from '../journal/varietyEver';
import { plantOfDealt } from '../population/populationSoFar';
import { lotDescent, type Descent } from '../seed/descent';
import { endedTest } from '../seed/germination';
import { judgeLotInSteps } from '../seed/judgedLot';
import { lotParents, type ParentShare } from '../seed/lotParents';
import { seedLots, type SeedLot } from '../seed/seedLot';
import { finished } from '../time/inSteps';
import { plantLabel } from './plantLabel';

/**
 * Columns of the table of lots. Those in capitals are fields of the Multi-Crop Passport Descriptors [FAO & Bioversity
 * International 2015, MCPD V.2.1, from memory], as far as they fit; the others are our own.
 */
export const LOT_COLUMNS = [
  'ACCENUMB',
  'ACCENAME',
  'GENUS',
  'SPECIES',
  'CROPNAME',
  'ACQDATE',
  'SAMPSTAT',
  'ANCEST',
  'STORAGE',
  'REMARKS',
  'variety',
  'seeds',
  'grams',
  'purity',
  'mothers',
  'fathers',
  'effective_size',
  'germinated',
  'of_tested',
  'tested_on',
  'place_kept',
] as const;

export type LotRow = Record<(typeof LOT_COLUMNS)[number], string>;

/** Short, medium and long term. */
const STORAGE: Readonly<Record<SeedStore, string>> = { room: '11', cool: '11', fridge: '12', freezer: '13' };

/** Breeding and research material. What a line is, a landrace or an improved cultivar, is not known here. */
const BREEDING = '400';

/**
 * One row for each lot, the latest first, those that are used up too.
 *
 * @example lotRows(new Journal(), garden) // []
 */
export function lotRows(journal: Journal, garden: Garden): LotRow[] {
  return seedLots(journal).map((lot) => lotRow(journal, garden, lot));
}

function lotRow(journal: Journal, garden: Garden, lot: SeedLot): LotRow {
  const descent = lotDescent(journal, lot.lot);
  const parents = lotParents(journal, lot.lot);
  const nameOf = (variety: string): string => varietyEver(journal, variety)?.name ?? '';
  const crop = lot.crop && cropOf(lot.crop);
  const [genus = '', ...species] = crop?.species.split(' ') ?? [];
  const test = endedTest(journal, lot);
  const { described, amount } = lot;
  const { purity } = finished(judgeLotInSteps(journal, garden, lot.contents));
  const isCrossed = descent.of === 'cross' || descent.of === 'complex' || descent.of === 'hybrid';
  return {
    ACCENUMB: lot.lot,
    ACCENAME: lot.name,
    GENUS: genus,
    SPECIES: species.join(' '),
    CROPNAME: crop?.name ?? '',
    ACQDATE: acquired(lot),
    SAMPSTAT: isCrossed ? BREEDING : '',
    ANCEST: isCrossed ? ancestryOf(descent, nameOf) : '',
    STORAGE: described?.store ? STORAGE[described.store] : '',
    REMARKS: described?.note ?? '',
    variety: lot.varieties.map(nameOf).join('; '),
    seeds: amount.seeds === undefined ? '' : String(amount.seeds),
    grams: amount.grams === undefined ? '' : String(Math.round(amount.grams * 100) / 100),
    purity: purity?.grade ?? '',
    mothers: sharesOf(journal, parents.mothers),
    fathers: sharesOf(journal, parents.fathers),
    effective_size: parents.size === undefined ? '' : parents.size.toFixed(1),
    germinated: test ? String(test.counts.at(-1)?.up ?? 0) : '',
    of_tested: test ? String(test.seeds) : '',
    tested_on: test?.day ?? '',
    place_kept: described?.place ?? '',
  };
}

/** `YYYYMMDD`, hyphens for what is not known. */
const acquired = ({ year, since }: SeedLot): string =>
  year === undefined ? since.replaceAll('-', '') : `${year}----`;

/** A pedigree in one line: mother first, a slash between. */
function ancestryOf(descent: Descent, nameOf: (variety: string) => string): string {
  switch (descent.of) {
    case 'line':
      return nameOf(descent.variety);
    case 'hybrid':
      return `${nameOf(descent.variety)} F${descent.filial}`;
    case 'cross': {
      const { mother, father, filial, backcrossed } = descent;
      const parents = `${nameOf(mother)}/${nameOf(father)}`;
      const back = backcrossed ? `, BC${backcrossed.times} to ${nameOf(backcrossed.to)}` : '';
      return `${parents}${back}, F${filial}`;
    }
    case 'complex':
      return `(${ancestryOf(descent.mother, nameOf)})/(${ancestryOf(descent.father, nameOf)})`;
    case 'mixture':
    case 'unknown':
      return '';
  }
}

/** `B1·1 50 %; B1·2 50 %`. */
const sharesOf = (journal: Journal, parents: readonly ParentShare[]): string =>
  parents
    .map(({ plant, share }) => `${plantLabel(journal, plantOfDealt(plant))} ${Math.round(share * 100)} %`)
    .join('; ');
