import path from 'node:path';
import { createApp } from './app';
import { portFrom } from './port';
import { share, shareFolder } from './share/share';

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

createApp(DIST)
  .listen(port, '127.0.0.1', (error?: Error) => {
    if (!error) console.log(`Steady Trowel is at http://127.0.0.1:${port}/ (stop with Ctrl+C)`);
  })
  .on('error', (error) => refuse(error, port));

async function shareToo(at: number): Promise<void> {
  const shared = await share({ dist: DIST, folder: shareFolder(ROOT), port: at, now: Date.now() });
  console.log(shared?.words ?? 'This computer is in no local network: there is nobody to share with.');
}

// Only when asked for by name: nothing else opens the app to others.
if (process.argv.includes('--share')) {
  const at = port === 65_535 ? port - 1 : port + 1;
  shareToo(at).catch((error: NodeJS.ErrnoException) => refuse(error, at));
}
