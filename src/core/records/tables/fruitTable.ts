import { fruitOf } from '../../fruit/fruits';
import type { FruitHistory } from '../../fruit/fruitHistory';
import {
  CAUSES,
  FRUIT_ENDS,
  FRUIT_REMOVALS,
  FRUIT_SIGNS,
  HARVEST_USES,
  LOOK_FINDINGS,
  TAG_STATES,
} from '../../journal/kinds/fruit';
import type { Journal } from '../../journal/journal';
import type { Bloom, Look } from '../../journal/state';
import { byId } from '../../text/byId';
import { toMs } from '../../time/calendar';
import { ALWAYS, column, inUnit, oneOf, recordTable, type ColumnOf, type Tabled } from './table';

interface FruitRow {
  readonly bloom: string;
  readonly number: number;
  readonly history: FruitHistory;
}

const FOLLOWED = [
  'pollinated',
  'control',
  'left',
  'found',
] as const satisfies readonly FruitHistory['followed'][];
const DAYS = inUnit('day');

const FRUIT_COLUMNS: readonly ColumnOf<FruitRow>[] = [
  column('flower_id', 'string', 'the flower it comes of', ({ bloom }) => bloom, ALWAYS),
  column(
    'number',
    'integer',
    '1; of flowers that nobody tells apart which of them, from 1',
    ({ number }) => number,
    ALWAYS,
  ),
  column(
    'followed',
    'string',
    'why it is followed: pollinated, left without pollen, left to the insects, or found with fruit',
    ({ history }) => history.followed,
    { always: true, oneOf: FOLLOWED },
  ),
  column(
    'since',
    'date',
    'its pollination; of a control its opening; of one found with fruit when it was found',
    ({ history }) => history.since,
    ALWAYS,
  ),
  column(
    'age',
    'integer',
    'days since then, at the end of the records or today',
    ({ history }) => history.age,
    DAYS,
  ),
  column(
    'last_growing_day',
    'integer',
    'day of the last look that found it growing; 0: none has',
    ({ history }) => history.lastGrowing,
    DAYS,
  ),
  column(
    'failed_day',
    'integer',
    'day of the look that found it failed: it failed between the two',
    ({ history }) => history.failed,
    DAYS,
  ),
  column('cause', 'string', 'its likely cause', ({ history }) => history.cause, oneOf(CAUSES)),
  column(
    'ended_day',
    'integer',
    'day on which it was taken off, or its season ended',
    ({ history }) => history.ended?.day,
    DAYS,
  ),
  column(
    'ended',
    'string',
    'how',
    ({ history }) => history.ended?.how,
    oneOf([...FRUIT_REMOVALS, ...FRUIT_ENDS]),
  ),
  column('harvested_day', 'integer', 'day on which it was picked', ({ history }) => history.harvested, DAYS),
];

/** What became of each flower that is followed: censored between two looks, as it was seen. */
export const FRUIT_TABLE = recordTable<FruitRow>({
  holds: 'what became of a flower that is followed',
  key: ['flower_id', 'number'],
  refers: [{ columns: ['flower_id'], table: 'flowers' }],
  columns: FRUIT_COLUMNS,
  items: ({ journal, garden, today }: Tabled) =>
    blooms(journal).flatMap((flower) => {
      const fruit = fruitOf(journal, garden, today, flower);
      return (fruit?.histories ?? []).map((history, i) => ({ bloom: flower.bloom, number: i + 1, history }));
    }),
});

interface LookRow {
  readonly bloom: string;
  readonly number: number;
  readonly look: Look;
}

const list = (values: readonly string[] | undefined): string | undefined => values?.join(' ');

const LOOK_COLUMNS: readonly ColumnOf<LookRow>[] = [
  column('flower_id', 'string', 'what was looked at', ({ bloom }) => bloom, ALWAYS),
  column(
    'number',
    'integer',
    'of all looks at it, from 1 in the order of time',
    ({ number }) => number,
    ALWAYS,
  ),
  column('at', 'instant', 'when', ({ look }) => look.at, ALWAYS),
  column('seen', 'string', 'how it was found', ({ look }) => look.seen, {
    always: true,
    oneOf: LOOK_FINDINGS,
  }),
  column('cause', 'string', 'the likely cause of a failure', ({ look }) => look.cause, oneOf(CAUSES)),
  column('signs', 'string', `signs that were there, a space between: ${FRUIT_SIGNS.join(', ')}`, ({ look }) =>
    list(look.signs),
  ),
  column('without', 'string', 'signs that were looked for and not there', ({ look }) => list(look.without)),
  column('tag', 'string', 'how its tag was found', ({ look }) => look.tag, oneOf(TAG_STATES)),
  column(
    'size',
    'number',
    'its length, or its width: what one measures of its crop',
    ({ look }) => look.mm,
    inUnit('mm'),
  ),
  column(
    'growing',
    'integer',
    'of flowers that nobody tells apart: how many were growing',
    ({ look }) => look.growing,
  ),
  column('of', 'integer', 'of how many', ({ look }) => look.of),
  column('misshapen', 'integer', 'how many of those were misshapen', ({ look }) => look.misshapen),
];

/** Looks at fruit, by flower and time. */
export const LOOK_TABLE = recordTable<LookRow>({
  holds: 'a look at a fruit',
  key: ['flower_id', 'number'],
  refers: [{ columns: ['flower_id'], table: 'flowers' }],
  columns: LOOK_COLUMNS,
  items: ({ journal }) =>
    blooms(journal).flatMap(({ bloom, looks }) => looks.map((look, i) => ({ bloom, look, number: i + 1 }))),
});

interface HarvestRow {
  readonly bloom: string;
  readonly number: number;
  readonly picked: Pick<NonNullable<Bloom['harvest']>, 'at' | 'use' | 'grams'> & {
    readonly count: number | undefined;
    readonly typical?: boolean;
    readonly tagThere?: boolean;
  };
}

/** What was picked, by flower and time. */
export const HARVEST_TABLE = recordTable<HarvestRow>({
  holds: 'fruit that was picked at once',
  key: ['flower_id', 'number'],
  refers: [{ columns: ['flower_id'], table: 'flowers' }],
  columns: [
    column('flower_id', 'string', 'what it comes of', ({ bloom }) => bloom, ALWAYS),
    column('number', 'integer', 'of all that was picked of it, from 1', ({ number }) => number, ALWAYS),
    column('at', 'instant', 'when', ({ picked }) => picked.at, ALWAYS),
    column('use', 'string', 'what for', ({ picked }) => picked.use, oneOf(HARVEST_USES)),
    column(
      'count',
      'integer',
      'how many; empty for all that were left of flowers that nobody tells apart',
      ({ picked }) => picked.count,
    ),
    column(
      'weight',
      'number',
      'what they weighed together, where somebody did',
      ({ picked }) => picked.grams,
      inUnit('g'),
    ),
    column(
      'typical',
      'boolean',
      'its mother looked healthy and true to its variety',
      ({ picked }) => picked.typical,
    ),
    column('tag_there', 'boolean', 'its tag was there', ({ picked }) => picked.tagThere),
  ],
  items: ({ journal }) =>
    blooms(journal).flatMap((flower) =>
      pickedOf(flower).map((picked, i) => ({ bloom: flower.bloom, number: i + 1, picked })),
    ),
});

/** Of some of a cohort nobody said more than what for, and how many. */
const pickedOf = ({ picks = [], harvest, count }: Bloom): HarvestRow['picked'][] =>
  [...picks, ...(harvest ? [{ ...harvest, count: count === 1 ? 1 : undefined }] : [])].sort(
    (a, b) => toMs(a.at) - toMs(b.at),
  );

/** As they were recorded: what one of a cohort inherits of that stands with the cohort. */
const blooms = (journal: Journal): Bloom[] =>
  [...journal.all('bloom').values()].sort((a, b) => byId(a.bloom, b.bloom));
