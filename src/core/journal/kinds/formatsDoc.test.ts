import { readFileSync } from 'node:fs';
import path from 'node:path';
import { KINDS, type Kind } from './kinds';

const DOC = readFileSync(path.join(__dirname, '../../../../docs/formats.md'), 'utf8');

test('docs/formats.md lists every kind of entry with its version', () => {
  const listed = new Map(
    Array.from(
      DOC.matchAll(/^\| `([a-zA-Z.]+)`(?: (\d+))? *\| (?!why|the variety)/gm),
      ([, kind, version]) => [kind!, Number(version ?? 1)],
    ),
  );
  const kinds = Object.entries(KINDS) as [Kind, { readonly version: number }][];
  expect(Object.fromEntries(kinds.map(([kind]) => [kind, listed.get(kind)]))).toEqual(
    Object.fromEntries(kinds.map(([kind, { version }]) => [kind, version])),
  );
});
