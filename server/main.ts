import path from 'node:path';
import { createApp } from './app';
import { portFrom } from './port';
import { share, shareFolder } from './share/share';
import type { SyncRoutesOptions } from './sync/syncRoutes';
import { syncStoreIn } from './sync/syncStoreIn';

const ROOT = path.resolve(__dirname, '..');
const DIST = path.join(ROOT, 'dist');

const port = portFrom(process.env['PORT']);
if (port === undefined) {
  console.error(`PORT should be a whole number from 1 to 65535, but is “${process.env['PORT']}”.`);
  process.exit(1);
}

function refuse(error: NodeJS.ErrnoException, taken: number): never {
  if (error.code === 'EADDRINUSE') {
    console.error(`Port ${taken} is taken by another program. Choose one: PORT=${taken + 1} npm start`);
  } else console.error(error.message);
  process.exit(1);
}

/** By which phones reach this computer: none until it is shared. */
let reachable: readonly string[] = [];
const sync: SyncRoutesOptions = {
  store: syncStoreIn({
    url: process.env['DATABASE_URL'],
    folder: process.env['DATA'] ?? path.join(ROOT, '.data'),
  }),
  addresses: () => reachable,
};

createApp(DIST, { sync })
  .listen(port, '127.0.0.1', (error?: Error) => {
    if (!error) console.log(`Steady Trowel is at http://127.0.0.1:${port}/ (stop with Ctrl+C)`);
  })
  .on('error', (error) => refuse(error, port));

async function shareToo(at: number): Promise<void> {
  const shared = await share({ dist: DIST, folder: shareFolder(ROOT), port: at, sync, now: Date.now() });
  reachable = shared?.addresses ?? [];
  console.log(shared?.words ?? 'This computer is in no local network: there is nobody to share with.');
}

// Only when asked for by name: nothing else opens the app to others.
if (process.argv.includes('--share')) {
  const at = port === 65_535 ? port - 1 : port + 1;
  shareToo(at).catch((error: NodeJS.ErrnoException) => refuse(error, at));
}
