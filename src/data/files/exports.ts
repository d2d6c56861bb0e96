import type { Garden } from '@/core/journal/state';
import { dayAt, toInstant } from '@/core/time/calendar';
import type { GardenStore } from '../garden/gardenStore';
import { download, type Downloaded } from './download';
import type { SingleTable, TableFiles, TableSource } from './tables/tableFiles';
import type { Remote } from 'comlink';

interface Exported {
  readonly store: GardenStore;
  readonly garden: Garden;
}

interface Export {
  /** Of the file's name. */
  readonly ending: string;
  readonly type: string;
  readonly content: (of: Exported, now: number) => Promise<Downloaded>;
}

/** What the worker for tables makes of all entries. */
const made =
  (what: (files: Remote<TableFiles>, source: TableSource) => Promise<Downloaded>) =>
  async ({ store }: Exported, now: number): Promise<Downloaded> => {
    const { tableFiles } = await import('./tables/tableFiles');
    return tableFiles().ask((files) => what(files, { entries: store.allEntries(), id: store.id, now }));
  };

const table = (name: SingleTable): Export => ({
  ending: `-${name}.csv`,
  type: 'text/csv',
  content: made((files, source) => files.table(name, source)),
});

/** The files that a garden can be had as, the whole of it first; docs/formats.md describes each. */
export const EXPORTS = {
  garden: {
    ending: '.json',
    type: 'application/json',
    content: async ({ store, garden: { name } }, now) => {
      const { encodeBackup } = await import('./backup');
      const entries = store.allEntries();
      return encodeBackup({ garden: store.id, name, exported: toInstant(now), entries });
    },
  },
  workbook: {
    ending: '.xlsx',
    type: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
    content: made((files, source) => files.workbook(source)),
  },
  package: {
    ending: '-data.zip',
    type: 'application/zip',
    content: made((files, source) => files.dataPackage(source)),
  },
  flowers: table('flowers'),
  lots: table('lots'),
  plan: table('plan'),
  map: {
    ending: '-plan.geojson',
    type: 'application/geo+json',
    content: made((files, source) => files.map(source)),
  },
} as const satisfies Readonly<Record<string, Export>>;

export type ExportName = keyof typeof EXPORTS;

/** Hands a file to the browser to save, as the garden is now. */
export async function saveExport(name: ExportName, of: Exported): Promise<void> {
  const { ending, type, content }: Export = EXPORTS[name];
  const now = of.store.clock.now();
  download(fileName(of.garden, now, ending), await content(of, now), type);
}

/** `wren-cottage-2026-07-19.json`. */
export const fileName = ({ name, zone }: Garden, now: number, ending: string): string =>
  `${name.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '-')}-${dayAt(now, zone)}${ending}`;
