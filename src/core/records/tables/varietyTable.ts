import { cropOf } from '../../crops/catalogue';
import { ENDOSPERMS, FRUITING_FLOWERS, STYLE_POSITIONS } from '../../crops/traits';
import { FRUIT_SHAPES } from '../../crops/flowerForm';
import { OWN_POLLEN_RULES, PURPOSES, SEED_SOURCES, SOWING_METHODS } from '../../crops/variety';
import type { Journal } from '../../journal/journal';
import type { Bodies } from '../../journal/kinds/kinds';
import { varietyEver } from '../../journal/varietyEver';
import { byId } from '../../text/byId';
import { ALWAYS, column, inUnit, oneOf, recordTable, type ColumnOf } from './table';

/** A variety as it was described last, also one that was taken off the plan since: its fruit and seed are there. */
interface VarietyRow {
  readonly variety: Bodies['variety.described'];
  readonly isThere: boolean;
}

const COLUMNS: readonly ColumnOf<VarietyRow>[] = [
  column('variety_id', 'string', 'its id', ({ variety }) => variety.variety, ALWAYS),
  column('name', 'string', 'what it is called', ({ variety }) => variety.name, ALWAYS),
  column('crop', 'string', 'the crop as it is called here', ({ variety }) => cropOf(variety.crop).name),
  column('species', 'string', 'botanical name', ({ variety }) => cropOf(variety.crop).species),
  column('purpose', 'string', 'what it is grown for', ({ variety }) => variety.purpose, oneOf(PURPOSES)),
  column(
    'seed_source',
    'string',
    'where its seed came from',
    ({ variety }) => variety.seedSource,
    oneOf(SEED_SOURCES),
  ),
  column(
    'own_pollen',
    'string',
    'may a female take pollen of her own plant?',
    ({ variety }) => variety.ownPollen,
    oneOf(OWN_POLLEN_RULES),
  ),
  column(
    'fruiting_flowers',
    'string',
    'what carries its fruit',
    ({ variety }) => variety.traits.flowers,
    oneOf(FRUITING_FLOWERS),
  ),
  column(
    'parthenocarpic',
    'boolean',
    'it sets fruit without pollen',
    ({ variety }) => variety.traits.parthenocarpic,
  ),
  column(
    'gynoecious',
    'boolean',
    'it has female flowers only, or nearly',
    ({ variety }) => variety.traits.gynoecious,
  ),
  column('seedless', 'boolean', 'its fruit has no seed', ({ variety }) => variety.traits.seedless),
  column(
    'style',
    'string',
    'where its style ends',
    ({ variety }) => variety.traits.style,
    oneOf(STYLE_POSITIONS),
  ),
  column(
    'endosperm',
    'string',
    'what its kernels store',
    ({ variety }) => variety.traits.endosperm,
    oneOf(ENDOSPERMS),
  ),
  column(
    'fruit_shape',
    'string',
    'the shape of its fruit',
    ({ variety }) => variety.traits.fruitShape,
    oneOf(FRUIT_SHAPES),
  ),
  column(
    'begun',
    'string',
    'sown in place, or planted out',
    ({ variety }) => variety.sowing?.how,
    oneOf(SOWING_METHODS),
  ),
  column('begun_on', 'date', 'when', ({ variety }) => variety.sowing?.day),
  column(
    'days_to_flower',
    'integer',
    'from then to its first flower, where the grower knows',
    ({ variety }) => variety.daysToFlower,
    inUnit('day'),
  ),
  column('fruit_wanted', 'integer', 'fruits wanted for seed', ({ variety }) => variety.fruitWanted),
  column('note', 'string', 'whatever else was noted', ({ variety }) => variety.note),
  column('on_plan', 'boolean', '0: it was taken off the plan', ({ isThere }) => isThere),
];

/** Varieties, in the order in which they came. */
export const VARIETY_TABLE = recordTable<VarietyRow>({
  holds: 'a variety',
  key: ['variety_id'],
  columns: COLUMNS,
  items: ({ journal }) => varietiesEver(journal),
});

function varietiesEver(journal: Journal): VarietyRow[] {
  const rows: VarietyRow[] = [];
  for (const { id } of journal.everything('variety')) {
    const variety = varietyEver(journal, id);
    if (variety) rows.push({ variety, isThere: journal.all('variety').has(id) });
  }
  return rows.sort((a, b) => byId(a.variety.variety, b.variety.variety));
}
