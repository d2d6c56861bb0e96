import { cropOf } from '../../crops/catalogue';
import { POLLINATION_METHODS } from '../../crops/crop';
import { setFactors, type SetTrial } from '../../analysis/setTrials';
import { fruitOf, type Fruit } from '../../fruit/fruits';
import { hasSet } from '../../fruit/setVerdict';
import type { Journal } from '../../journal/journal';
import { CAUSES, FRUIT_ENDS, FRUIT_REMOVALS } from '../../journal/kinds/fruit';
import { FINDINGS, MISSED_REASONS } from '../../journal/kinds/roundBodies';
import { BLOOM_SEXES, COVER_METHODS } from '../../journal/kinds/walk';
import { grownThen, type Grown } from '../../journal/past';
import { fatherPlants } from '../../journal/pollinations';
import type { Bloom } from '../../journal/state';
import { withCohortHistory } from '../../journal/withCohortHistory';
import { isolationOf } from '../../planning/isolationOf';
import { GRADES_BEST_FIRST } from '../../journal/kinds/grades';
import { purityOf } from '../../purity/purityOf';
import { byId } from '../../text/byId';
import { plantLabel } from '../plantLabel';
import { knownFlower, knownPlant, knownVariety } from './references';
import { ALWAYS, column, inUnit, oneOf, recordTable, rounded, type ColumnOf, type Tabled } from './table';

interface FlowerRow {
  readonly flower: Bloom;
  readonly fruit: Fruit | undefined;
  /** What set may go with; of flowers that nobody tells apart, as the first of them was pollinated. */
  readonly factors: SetTrial['factors'] | undefined;
  /** What it grew on, as that was then. */
  readonly grown: Grown | undefined;
  readonly bed: string | undefined;
  readonly plant: string | undefined;
  readonly group: string | undefined;
  readonly variety: string | undefined;
  readonly fathers: string;
  readonly purity: string | undefined;
}

type Factor = keyof SetTrial['factors'];

const text = (factor: Factor) => (row: FlowerRow) => row.factors?.[factor];
const yesNo = (factor: Factor) => (row: FlowerRow) => {
  const value = row.factors?.[factor];
  return value === undefined ? undefined : value === 1;
};

const COLUMNS: readonly ColumnOf<FlowerRow>[] = [
  column('flower_id', 'string', 'its id', ({ flower }) => flower.bloom, ALWAYS),
  column('tag', 'string', 'the code on its tag', ({ flower }) => flower.code),
  column('sex', 'string', 'of the flower', ({ flower }) => flower.sex, oneOf(BLOOM_SEXES)),
  column('morning', 'date', 'the day on which it was to open', ({ flower }) => flower.day),
  column(
    'count',
    'integer',
    '1, or how many flowers nobody told apart',
    ({ flower }) => flower.count,
    ALWAYS,
  ),
  column(
    'group_id',
    'string',
    'the flowers that nobody told apart of which it was one until it got its tag',
    ({ group }) => group,
  ),
  column('plant_id', 'string', 'where it grew', ({ plant }) => plant),
  column('bed', 'string', 'the name of that plant’s bed', ({ bed }) => bed),
  column('row', 'integer', 'its row', ({ grown }) => grown?.plant.row),
  column('place', 'integer', 'its place in the row', ({ grown }) => grown?.plant.place),
  column('variety_id', 'string', 'what it was of', ({ variety }) => variety),
  column('variety', 'string', 'the name of that', ({ grown }) => grown?.variety.name),
  column('species', 'string', 'botanical name', ({ grown }) => grown && cropOf(grown.variety.crop).species),
  column(
    'cover',
    'string',
    'with what it was covered; `none`: only marked',
    ({ flower }) => flower.cover?.method,
    oneOf(COVER_METHODS),
  ),
  column('covered_at', 'instant', 'when', ({ flower }) => flower.cover?.at),
  column(
    'found',
    'string',
    'how it was found when it was first pollinated',
    ({ flower }) => flower.pollination?.found,
    oneOf(FINDINGS),
  ),
  column('pollinated_at', 'instant', 'when it was first pollinated', ({ flower }) => flower.pollination?.at),
  column('fathers', 'string', 'plants of the males, a space between', ({ fathers }) => fathers),
  column(
    'later_pollinations',
    'integer',
    'how many followed the first',
    ({ flower }) => flower.pollination && flower.laterPollinations.length,
  ),
  column('method', 'string', 'how the pollen was brought', text('method'), oneOf(POLLINATION_METHODS)),
  column(
    'hours_after_opening',
    'number',
    'from the middle of its crop’s opening that day to its pollination',
    ({ factors }) => (typeof factors?.hour === 'number' ? rounded(factors.hour, 2) : undefined),
    inUnit('hour'),
  ),
  column('males', 'integer', 'males it got pollen of, where they were counted', text('males')),
  column('own_plant', 'boolean', 'all its pollen was its own plant’s', yesNo('ownPlant')),
  column('late', 'boolean', 'it was closing, or a male faded', yesNo('late')),
  column('load', 'integer', 'fruits that grew on the plant already', text('load')),
  column('rain', 'boolean', 'rain was noted for the day; empty where nobody noted', yesNo('rain')),
  column('device', 'string', 'on which the pollination was recorded', text('device')),
  column(
    'set',
    'boolean',
    'it grew at its set look; empty where nobody can say, and for flowers that nobody tells apart',
    ({ fruit, factors }) => (fruit?.count === 1 && factors ? hasSet(fruit.history) : undefined),
  ),
  column(
    'missed',
    'string',
    'why it was not pollinated or, for a male, not used',
    ({ flower }) => flower.missed?.why ?? flower.spoiled?.why,
    oneOf(MISSED_REASONS),
  ),
  column(
    'last_growing_day',
    'integer',
    'days since pollination (of a control since it opened, of fruit that had set by itself since it got its tag) of the last look that found it growing',
    ({ fruit }) => fruit?.history.lastGrowing || undefined,
    inUnit('day'),
  ),
  column(
    'failed_day',
    'integer',
    'the same of the look that found it failed: it failed between the two',
    ({ fruit }) => fruit?.history.failed,
    inUnit('day'),
  ),
  column('cause', 'string', 'its likely cause', ({ fruit }) => fruit?.history.cause, oneOf(CAUSES)),
  column(
    'ended',
    'string',
    'how it ended, where it neither failed nor was picked',
    ({ flower }) => flower.removed?.how,
    oneOf([...FRUIT_REMOVALS, ...FRUIT_ENDS]),
  ),
  column(
    'harvested_at',
    'instant',
    'when it was picked, or the last of several',
    ({ flower }) => flower.harvest?.at ?? flower.picks?.at(-1)?.at,
  ),
  column(
    'purity',
    'string',
    'what its seed is by the records',
    ({ purity }) => purity,
    oneOf(GRADES_BEST_FIRST),
  ),
  column('trial', 'string', 'the trial it is in', ({ flower }) => flower.dealt?.trial),
  column(
    'trial_side',
    'integer',
    'which of the two ways fell to it: 0 or 1',
    ({ flower }) => flower.dealt?.side,
  ),
];

/** One row for each flower of the garden, or each group of flowers that nobody tells apart, by morning, sex, tag. */
export const FLOWER_TABLE = recordTable<FlowerRow>({
  holds: 'a flower, or flowers that nobody told apart',
  key: ['flower_id'],
  refers: [
    { columns: ['group_id'], table: 'flowers', theirs: ['flower_id'] },
    { columns: ['plant_id'], table: 'plants' },
    { columns: ['variety_id'], table: 'varieties' },
  ],
  columns: COLUMNS,
  items: flowerRows,
});

function flowerRows({ journal, garden, today }: Tabled): FlowerRow[] {
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
  const rows = flowers.map(({ flower, fruit }): FlowerRow => {
    const grown = grownThen(journal, flower.plant, flower.day);
    // Of what nobody pollinated, to see what sets, nothing is judged.
    const isJudged = fruit && !['control', 'left'].includes(fruit.history.followed);
    return {
      ...{ flower, fruit, grown },
      factors: fruit && factorsOf(fruit, fruit.history),
      plant: knownPlant(journal, flower.plant),
      group: knownFlower(journal, flower.of),
      bed: bedThen(journal, grown),
      variety: knownVariety(journal, grown?.variety.variety),
      fathers: fatherPlants(flower)
        .map((plant) => plantLabel(journal, plant))
        .join(' '),
      purity: isJudged ? purityOf(journal, garden, flower, options)?.grade : undefined,
    };
  });
  const key = ({ flower }: FlowerRow): string =>
    `${flower.day ?? ''} ${flower.sex ?? ''} ${flower.code} ${flower.bloom}`;
  return rows.sort((a, b) => byId(key(a), key(b)));
}

const bedThen = (journal: Journal, grown: Grown | undefined): string | undefined =>
  grown && journal.all('bed').get(grown.plant.bed)?.name;
