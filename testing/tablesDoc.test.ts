import { readFileSync } from 'node:fs';
import path from 'node:path';
import { tablesDoc } from './tablesDoc';

/** Without what only lines the columns up. */
const words = (text: string): string =>
  text
    .replace(/-{3,}|:?-+:?(?= \|)/g, '-')
    .replace(/[ ]+/g, ' ')
    .trim();

test('docs/tables.md tells every table and column as they are', () => {
  const doc = readFileSync(path.join(__dirname, '../docs/tables.md'), 'utf8');
  expect(words(doc)).toBe(words(tablesDoc()));
});
