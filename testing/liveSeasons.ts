import { mkdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { liveSeason } from '../demo/season';
import { SEASONS, seasonFile, type SeasonName } from './seasons';

/** Lives every season that tests read, and writes each to its file. */
for (const [name, season] of Object.entries(SEASONS)) {
  const { seed, until }: { seed?: number; until?: string } = season;
  const file = seasonFile(name as SeasonName);
  mkdirSync(path.dirname(file), { recursive: true });
  writeFileSync(file, JSON.stringify(liveSeason(seed, until)));
}
