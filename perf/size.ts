import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import { compressScripts, writePolicy } from '../scripts/finish';
import { report } from './ratio';

const ROOT = path.resolve(__dirname, '..');
const builtAt = (app: string): string => path.join(ROOT, '.cache', app);
export const EMPTY = builtAt('empty-app');
const LIMIT_KB = 410;

/** Gzipped bytes of the scripts that a page's HTML loads. */
function scriptsOf(dist: string, page: string): number {
  const html = readFileSync(path.join(dist, page), 'utf8');
  const sources = [...html.matchAll(/<script[^>]*\bsrc="([^"]+)"/g)].map(([, source]) => source!);
  return sources.reduce(
    (sum, source) => sum + gzipSync(readFileSync(path.join(dist, source)), { level: 9 }).length,
    0,
  );
}

/** A script by the start of its name. */
function scriptNamed(dist: string, start: string): number {
  const folder = path.join(dist, '_expo/static/js/web');
  return readdirSync(folder)
    .filter((file) => file.startsWith(start) && file.endsWith('.js'))
    .reduce((sum, file) => sum + gzipSync(readFileSync(path.join(folder, file)), { level: 9 }).length, 0);
}

/**
 * Builds a small app of `perf/` as the same tools build it unasked.
 *
 * @returns where it was built.
 */
export function buildSmall(app: 'empty-app' | 'scene-app', { again = false } = {}): string {
  const to = builtAt(app);
  if (!again && existsSync(path.join(to, 'csp.json'))) return to;
  const { status } = spawnSync(
    path.join(ROOT, 'node_modules/.bin/expo'),
    ['export', '-p', 'web', '--output-dir', to],
    {
      cwd: ROOT,
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, APP_ROOT: `perf/${app}`, EXPO_NO_TELEMETRY: '1', EXPO_OFFLINE: '1', CI: '1' },
    },
  );
  if (status !== 0) throw new Error(`${app} could not be built`);
  writePolicy(to);
  compressScripts(to);
  return to;
}

/** Scripts until Today answers a tap: those of its page, and its schema, which judges the first entry. */
export function sizeBench(): void {
  buildSmall('empty-app');
  const dist = path.join(ROOT, 'dist');
  const today = scriptsOf(dist, 'index.html');
  const empty = scriptsOf(EMPTY, 'index.html');
  console.log(
    `        Today ${(today / 1000).toFixed(1)} kB, an empty route ${(empty / 1000).toFixed(1)} kB, ` +
      `fetched after for the first entry ${(scriptNamed(dist, 'entrySchema') / 1000).toFixed(1)} kB, all gzipped`,
  );
  report('scripts of Today against 410 kB', today / 1000 / LIMIT_KB, 1);
  report('scripts of Today against those of an empty route', today / empty, 1.45);
}
