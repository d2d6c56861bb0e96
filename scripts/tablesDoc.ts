import { writeFileSync } from 'node:fs';
import path from 'node:path';
import prettier from 'prettier';
import { tablesDoc } from '@testing/tablesDoc';

// Writes docs/tables.md; a test holds it against the tables.
const FILE = path.join(import.meta.dirname, '../docs/tables.md');

async function main(): Promise<void> {
  const options = await prettier.resolveConfig(FILE);
  writeFileSync(FILE, await prettier.format(tablesDoc(), { ...options, parser: 'markdown' }));
}

void main();
