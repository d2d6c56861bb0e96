import { readFileSync } from 'node:fs';
import path from 'node:path';
import { TABLES, type TableName } from './tables';

const SECTIONS = readFileSync(path.join(__dirname, '../../../docs/formats.md'), 'utf8').split(/^## /m);

test.each(Object.keys(TABLES) as TableName[])(
  'docs/formats.md lists every column of the table of %s',
  (name) => {
    const section = SECTIONS.find((each) => new RegExp(`^Table of (the )?${name}\\b`).test(each))!;
    const listed = Array.from(section.matchAll(/^\| (`.*?) *\|/gm), ([, cell]) =>
      Array.from(cell!.matchAll(/`([A-Za-z_]+)`/g), ([, column]) => column),
    ).flat();
    expect([...listed].sort()).toEqual([...TABLES[name].columns].sort());
  },
);
