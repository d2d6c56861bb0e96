import { POLLINATION_METHODS } from '../../crops/crop';
import type { Journal } from '../../journal/journal';
import { FINDINGS, TOOL_STATES } from '../../journal/kinds/roundBodies';
import type { Donor } from '../../journal/kinds/stops';
import { byTime } from '../../journal/order';
import { pollinationsOf } from '../../journal/pollinations';
import type { Bloom, Pollination } from '../../journal/state';
import { withDonorsOfMixes } from '../../journal/withCohortHistory';
import { byId } from '../../text/byId';
import { knownFlower, knownPlant } from './references';
import { ALWAYS, column, oneOf, recordTable, type ColumnOf } from './table';

interface PollinationRow {
  readonly bloom: string;
  /** Of all that this flower got, from 1. */
  readonly number: number;
  readonly pollination: Pollination;
  readonly cross: string | undefined;
}

const COLUMNS: readonly ColumnOf<PollinationRow>[] = [
  column('flower_id', 'string', 'the flower that got pollen', ({ bloom }) => bloom, ALWAYS),
  column(
    'number',
    'integer',
    'of all the pollinations of that flower, from 1 in the order of time',
    ({ number }) => number,
    ALWAYS,
  ),
  column('at', 'instant', 'when', ({ pollination }) => pollination.at, ALWAYS),
  column(
    'count',
    'integer',
    'of flowers that nobody tells apart: how many got pollen for the first time',
    ({ pollination }) => pollination.count,
  ),
  column(
    'method',
    'string',
    'how the pollen was brought',
    ({ pollination }) => pollination.method,
    oneOf(POLLINATION_METHODS),
  ),
  column(
    'found',
    'string',
    'how the flower was found',
    ({ pollination }) => pollination.found,
    oneOf(FINDINGS),
  ),
  column('faded', 'boolean', 'a male was faded', ({ pollination }) => pollination.faded === true),
  column(
    'open_minutes',
    'number',
    'for how long it stood open',
    ({ pollination }) => pollination.openMinutes,
  ),
  column(
    'shut_again',
    'boolean',
    'it was covered again after it',
    ({ pollination }) => pollination.shutAgain,
  ),
  column(
    'tool',
    'string',
    'was the brush clean, or had it been on another variety?',
    ({ pollination }) => pollination.tool,
    oneOf(TOOL_STATES),
  ),
  column(
    'cross_id',
    'string',
    'what it was meant for, where that was not the variety itself',
    ({ cross }) => cross,
  ),
  column('device', 'string', 'on which it was recorded', ({ pollination }) => pollination.device),
];

/** Pollinations by hand, by flower and time. */
export const POLLINATION_TABLE = recordTable<PollinationRow>({
  holds: 'a pollination of a flower',
  key: ['flower_id', 'number'],
  refers: [
    { columns: ['flower_id'], table: 'flowers' },
    { columns: ['cross_id'], table: 'crosses' },
  ],
  columns: COLUMNS,
  items: ({ journal }) => pollinationRows(journal),
});

function pollinationRows(journal: Journal): PollinationRow[] {
  return eachPollination(journal).map(({ bloom, number, pollination }) => ({
    ...{ bloom, number, pollination },
    cross: journal.all('mating').has(pollination.mating ?? '') ? pollination.mating : undefined,
  }));
}

interface DonorRow {
  readonly bloom: string;
  readonly number: number;
  /** From 1. */
  readonly part: number;
  readonly donor: Donor;
  readonly male: string | undefined;
  readonly plant: string | undefined;
}

/** The males that a pollination was made with: fathers that may be. */
export const DONOR_TABLE = recordTable<DonorRow>({
  holds: 'a male, or a portion of pollen, that a flower was pollinated with',
  key: ['flower_id', 'number', 'part'],
  refers: [
    { columns: ['flower_id', 'number'], table: 'pollinations' },
    { columns: ['father_flower_id'], table: 'flowers', theirs: ['flower_id'] },
    { columns: ['father_plant_id'], table: 'plants', theirs: ['plant_id'] },
  ],
  columns: [
    column('flower_id', 'string', 'the flower that got pollen', ({ bloom }) => bloom, ALWAYS),
    column('number', 'integer', 'which of its pollinations', ({ number }) => number, ALWAYS),
    column('part', 'integer', 'which of the males of that, from 1', ({ part }) => part, ALWAYS),
    column('father_flower_id', 'string', 'the male; empty where only its plant is known', ({ male }) => male),
    column('father_plant_id', 'string', 'its plant; empty where nobody noted it', ({ plant }) => plant),
  ],
  items: ({ journal }) =>
    eachPollination(journal).flatMap(({ bloom, number, pollination }) =>
      pollination.donors.map((donor, i) => ({
        ...{ bloom, number, donor, part: i + 1 },
        male: knownFlower(journal, donor.bloom),
        plant: knownPlant(journal, donor.plant),
      })),
    ),
});

interface Numbered {
  readonly bloom: string;
  readonly number: number;
  readonly pollination: Pollination;
}

/** As they were recorded: what one of a cohort got before it had a tag stands with the cohort. */
const eachPollination = (journal: Journal): Numbered[] =>
  [...journal.all('bloom').values()].sort(byBloom).flatMap((raw) =>
    pollinationsOf(withDonorsOfMixes(journal, raw))
      .sort(byTime)
      .map((pollination, i) => ({ bloom: raw.bloom, number: i + 1, pollination })),
  );

const byBloom = (a: Bloom, b: Bloom): number => byId(a.bloom, b.bloom);
