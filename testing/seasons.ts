import { readFileSync } from 'node:fs';
import path from 'node:path';
import type { Entry } from '@/core/journal/entry';

/**
 * The seasons of the demo garden that tests live in: of which chance, and until which evening. Without either, as it
 * ships. `liveSeasons.ts` lives each once and writes it down, since that takes ten seconds inside a test; only the
 * season's own test lives it there.
 */
export const SEASONS = {
  demo: {},
  other: { seed: 3 },
  threeWeeks: { seed: 7, until: '2026-06-12' },
  fourWeeks: { seed: 5, until: '2026-06-20' },
  fiveWeeks: { seed: 7, until: '2026-06-24' },
  untilJuly: { seed: 11, until: '2026-06-28' },
} as const satisfies Readonly<Record<string, { readonly seed?: number; readonly until?: string }>>;

export type SeasonName = keyof typeof SEASONS;

/** Where a season that was lived is written. */
export const seasonFile = (name: SeasonName): string =>
  path.resolve(__dirname, '../.cache/seasons', `${name}.json`);

/**
 * The entries of a season, in the order in which they were recorded.
 *
 * @example livedSeason('demo')[0]?.kind // 'garden.described'
 */
export const livedSeason = (name: SeasonName): Entry[] =>
  JSON.parse(readFileSync(seasonFile(name), 'utf8')) as Entry[];
