import { SEED_SOURCES } from '../../crops/variety';
import type { Content } from '../../seed/lotContents';
import { seedLots } from '../../seed/seedLot';
import { knownFlower, knownVariety } from './references';
import { ALWAYS, column, oneOf, recordTable, rounded, type Tabled } from './table';

interface ContentRow {
  readonly lot: string;
  /** From 1, the greatest share first. */
  readonly part: number;
  readonly content: Content;
  readonly flower: string | undefined;
  readonly variety: string | undefined;
}

/** What lots are made of in the end: fruits that grew here, and seed from elsewhere. */
export const CONTENT_TABLE = recordTable<ContentRow>({
  holds: 'a fruit, or seed from elsewhere, in a lot',
  key: ['lot_id', 'part'],
  refers: [
    { columns: ['lot_id'], table: 'lots', theirs: ['ACCENUMB'] },
    { columns: ['flower_id'], table: 'flowers' },
    { columns: ['variety_id'], table: 'varieties' },
  ],
  columns: [
    column('lot_id', 'string', 'the lot', ({ lot }) => lot, ALWAYS),
    column('part', 'integer', 'from 1, the greatest share first', ({ part }) => part, ALWAYS),
    column(
      'share',
      'number',
      'of its seed, 0 to 1; fruits whose seeds nobody counted are taken to be alike',
      ({ content }) => rounded(content.share, 4),
      ALWAYS,
    ),
    column('flower_id', 'string', 'the fruit', ({ flower }) => flower),
    column('variety_id', 'string', 'of seed from elsewhere its variety', ({ variety }) => variety),
    column(
      'seed_source',
      'string',
      'of seed from elsewhere where it came from',
      ({ content }) => (content.from === 'elsewhere' ? content.source : undefined),
      oneOf(SEED_SOURCES),
    ),
  ],
  items: ({ journal }: Tabled) =>
    seedLots(journal).flatMap(({ lot, contents }) =>
      contents.map((content, i) => ({
        ...{ lot, content, part: i + 1 },
        flower: content.from === 'fruit' ? knownFlower(journal, content.bloom) : undefined,
        variety: content.from === 'elsewhere' ? knownVariety(journal, content.variety) : undefined,
      })),
    ),
});
