import type { Journal } from '../../journal/journal';
import { germinationTests, type GerminationTest } from '../../seed/germination';
import { seedLots } from '../../seed/seedLot';
import { ALWAYS, column, recordTable } from './table';

interface TestRow {
  readonly lot: string;
  readonly test: GerminationTest;
}

/** Seeds that were laid out to see how many germinate. */
export const GERMINATION_TEST_TABLE = recordTable<TestRow>({
  holds: 'a germination test of a lot',
  key: ['test_id'],
  refers: [{ columns: ['lot_id'], table: 'lots', theirs: ['ACCENUMB'] }],
  columns: [
    column('test_id', 'string', 'its id', ({ test }) => test.test, ALWAYS),
    column('lot_id', 'string', 'the lot', ({ lot }) => lot, ALWAYS),
    column('begun_on', 'date', 'when the seeds were laid out', ({ test }) => test.day, ALWAYS),
    column('seeds', 'integer', 'how many', ({ test }) => test.seeds, ALWAYS),
    column('ended', 'boolean', 'nothing more is counted', ({ test }) => test.ended, ALWAYS),
  ],
  items: ({ journal }) => testsOf(journal),
});

interface CountRow {
  readonly test: string;
  readonly count: GerminationTest['counts'][number];
}

/** How many had germinated by a day, all of the test together. */
export const GERMINATION_COUNT_TABLE = recordTable<CountRow>({
  holds: 'a count of a germination test',
  key: ['test_id', 'day'],
  refers: [{ columns: ['test_id'], table: 'germination_tests' }],
  columns: [
    column('test_id', 'string', 'the test', ({ test }) => test, ALWAYS),
    column('day', 'date', 'when it was counted', ({ count }) => count.day, ALWAYS),
    column('germinated', 'integer', 'by then, of all its seeds', ({ count }) => count.up, ALWAYS),
  ],
  items: ({ journal }) =>
    testsOf(journal).flatMap(({ test }) => test.counts.map((count) => ({ test: test.test, count }))),
});

const testsOf = (journal: Journal): TestRow[] =>
  seedLots(journal).flatMap(({ lot, crop }) => {
    const raw = journal.all('lot').get(lot);
    return raw && crop ? germinationTests(raw, crop).map((test) => ({ lot, test })) : [];
  });
