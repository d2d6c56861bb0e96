import { OWN_POLLEN_RULES, PURPOSES } from '../../crops/variety';
import type { Journal } from '../../journal/journal';
import type { Mating } from '../../journal/state';
import { byId } from '../../text/byId';
import { knownPlant, knownVariety } from './references';
import { ALWAYS, column, oneOf, recordTable, type ColumnOf } from './table';

interface CrossRow {
  readonly cross: Mating;
  readonly mother: string | undefined;
  readonly father: string | undefined;
  readonly mothers: string;
  readonly fathers: string;
}

const COLUMNS: readonly ColumnOf<CrossRow>[] = [
  column('cross_id', 'string', 'its id', ({ cross }) => cross.mating, ALWAYS),
  column('mother_variety_id', 'string', 'the mother’s variety', ({ mother }) => mother),
  column('father_variety_id', 'string', 'the father’s', ({ father }) => father),
  column('purpose', 'string', 'what it is for', ({ cross }) => cross.purpose, oneOf(PURPOSES)),
  column(
    'own_pollen',
    'string',
    'may a female take pollen of her own plant?',
    ({ cross }) => cross.ownPollen,
    oneOf(OWN_POLLEN_RULES),
  ),
  column('from', 'date', 'of flowers that open from that day on', ({ cross }) => cross.from, ALWAYS),
  column('until', 'date', 'and up to that one; empty: to the end of the season', ({ cross }) => cross.until),
  column(
    'mother_plants',
    'string',
    'ids of the mothers, a space between; empty: all of the variety',
    ({ mothers }) => mothers,
  ),
  column(
    'father_plants',
    'string',
    'ids of the plants that alone may father; empty: any of the variety',
    ({ fathers }) => fathers,
  ),
  column(
    'marker',
    'string',
    'what the plants of its seed show, and the mother does not',
    ({ cross }) => cross.marker,
  ),
];

/** Who is to father what, where that is not the variety itself. */
export const CROSS_TABLE = recordTable<CrossRow>({
  holds: 'a cross, or a variety that is kept by chosen parents',
  key: ['cross_id'],
  refers: [
    { columns: ['mother_variety_id'], table: 'varieties', theirs: ['variety_id'] },
    { columns: ['father_variety_id'], table: 'varieties', theirs: ['variety_id'] },
  ],
  columns: COLUMNS,
  items: ({ journal }) =>
    [...journal.all('mating').values()]
      .sort((a, b) => byId(a.mating, b.mating))
      .map((cross) => ({
        cross,
        mother: knownVariety(journal, cross.mother),
        father: knownVariety(journal, cross.father),
        mothers: plantsOf(journal, cross.plants),
        fathers: plantsOf(journal, cross.fathers),
      })),
});

const plantsOf = (journal: Journal, plants: readonly string[] = []): string =>
  plants.flatMap((plant) => knownPlant(journal, plant) ?? []).join(' ');
