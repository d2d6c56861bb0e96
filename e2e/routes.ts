import { readdirSync } from 'node:fs';
import path from 'node:path';

/** Addresses of all routes, read from the folder of routes so that none is forgotten. */
export function routes(): string[] {
  const app = path.resolve(__dirname, '../src/app');
  return readdirSync(app, { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('.tsx') && !/(^|\/)(_layout|\+html|\+not-found)\.tsx$/.test(file))
    .map((file) => `/${file.replace(/\.tsx$/, '').replace(/(^|\/)index$/, '')}`)
    .sort();
}
