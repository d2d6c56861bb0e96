import { strToU8, zipSync } from 'fflate';
import type { Column, ColumnType, RecordTable, Tabled } from '@/core/records/tables/table';
import { TABLE_NAMES, TABLES, type TableName } from '@/core/records/tables/tables';
import { toInstant } from '@/core/time/calendar';
import { checksum } from '../../log/record';
import { tableText } from './tableText';

/**
 * The whole garden as a Tabular Data Package [Frictionless Data, "Tabular Data Package", v1]: a zip of one CSV a table and
 * `datapackage.json`, which tells types, units, values and how tables refer to each other.
 */
export interface PackageSource extends Tabled {
  /** Its id. */
  readonly id: string;
  /** UTC milliseconds. */
  readonly now: number;
}

/** Of a package; a reader that does not know the version leaves it. */
export const PACKAGE_VERSION = 1;
export const DESCRIPTOR = 'datapackage.json';

/** What a package says of itself. */
export interface Descriptor {
  readonly profile: 'tabular-data-package';
  readonly name: string;
  readonly title: string;
  readonly description: string;
  readonly created: string;
  readonly resources: readonly Resource[];
  /** By which it is read back in. */
  readonly steadyTrowel: { readonly garden: string; readonly version: number };
}

interface Resource {
  readonly profile: 'tabular-data-resource';
  readonly name: TableName;
  readonly path: string;
  readonly description: string;
  readonly format: 'csv';
  readonly mediatype: 'text/csv';
  readonly encoding: 'utf-8';
  readonly bytes: number;
  /** Checksum of its text (docs/formats.md). */
  readonly sum: string;
  readonly schema: TableSchema;
}

interface TableSchema {
  readonly fields: readonly Field[];
  readonly primaryKey: readonly string[];
  readonly foreignKeys?: readonly {
    readonly fields: readonly string[];
    /** The empty name is the table itself. */
    readonly reference: { readonly resource: string; readonly fields: readonly string[] };
  }[];
  readonly missingValues: readonly [''];
}

interface Field {
  readonly name: string;
  readonly type: string;
  readonly format: 'default';
  readonly description: string;
  readonly unit?: string;
  readonly constraints?: { readonly required?: true; readonly enum?: readonly string[] };
}

/** @returns the bytes of the zip. */
export function encodePackage(source: PackageSource): Uint8Array<ArrayBuffer> {
  const texts = TABLE_NAMES.map((name) => ({ name, text: tableText(TABLES[name], source) }));
  const resources = texts.map(({ name, text }) => resource(name, text));
  const files = Object.fromEntries(texts.map(({ name, text }) => [fileOf(name), strToU8(text)]));
  return zipSync(
    { [DESCRIPTOR]: strToU8(`${JSON.stringify(descriptor(source, resources), null, 2)}\n`), ...files },
    { mtime: source.now },
  );
}

export const fileOf = (name: TableName): string => `${name}.csv`;

const descriptor = (
  { garden, id, now, today }: PackageSource,
  resources: readonly Resource[],
): Descriptor => ({
  profile: 'tabular-data-package',
  name: `garden-${id.toLowerCase()}`,
  title: garden.name,
  description: `Records of the garden ${garden.name} up to ${today}. Days are days in ${garden.zone}, times are UTC. An empty cell means that it is not known, or that there is nothing to say. Read back in is the table entries alone; all others follow from it.`,
  created: toInstant(now),
  resources,
  steadyTrowel: { garden: id, version: PACKAGE_VERSION },
});

function resource(name: TableName, text: string): Resource {
  const table: RecordTable = TABLES[name];
  return {
    profile: 'tabular-data-resource',
    name,
    path: fileOf(name),
    description: `A row is ${table.holds}.`,
    format: 'csv',
    mediatype: 'text/csv',
    encoding: 'utf-8',
    bytes: strToU8(text).length,
    sum: checksum(text),
    schema: schemaOf(name, table),
  };
}

const schemaOf = (name: TableName, { columns, key, refers }: RecordTable): TableSchema => ({
  fields: columns.map(fieldOf),
  primaryKey: key,
  ...(refers.length > 0 && {
    foreignKeys: refers.map(({ columns: fields, table, theirs = fields }) => ({
      fields,
      reference: { resource: table === name ? '' : table, fields: theirs },
    })),
  }),
  missingValues: [''],
});

/** As the Table Schema calls them; its own way to write a time is to the second. */
const TYPES: Readonly<Record<ColumnType, string>> = {
  string: 'string',
  integer: 'integer',
  number: 'number',
  boolean: 'boolean',
  date: 'date',
  instant: 'datetime',
  object: 'object',
};

const fieldOf = ({ name, type, holds, unit, oneOf, always }: Column): Field => ({
  name,
  type: TYPES[type],
  format: 'default',
  description: holds,
  ...(unit && { unit }),
  ...((always || oneOf) && {
    constraints: { ...(always && { required: true as const }), ...(oneOf && { enum: oneOf }) },
  }),
});
