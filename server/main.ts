import path from 'node:path';
import { createApp } from './app';
import { portFrom } from './port';

const port = portFrom(process.env['PORT']);
if (port === undefined) {
  console.error(`PORT should be a whole number from 1 to 65535, but is “${process.env['PORT']}”.`);
  process.exit(1);
}
const dist = path.resolve(__dirname, '..', 'dist');

const server = createApp(dist).listen(port, '127.0.0.1', (error?: Error) => {
  if (!error) console.log(`Steady Trowel is at http://127.0.0.1:${port}/ (stop with Ctrl+C)`);
});
server.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code === 'EADDRINUSE') {
    console.error(`Port ${port} is taken by another program. Choose one: PORT=${port + 1} npm start`);
  } else console.error(error.message);
  process.exit(1);
});
