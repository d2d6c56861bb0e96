import { TABLES, type TableName } from '@/core/records/tables';
import type { Garden } from '@/core/journal/state';
import { dayAt, toInstant } from '@/core/time/calendar';
import type { GardenStore } from '../garden/gardenStore';
import { download } from './download';

interface Exported {
  readonly store: GardenStore;
  readonly garden: Garden;
}

interface Export {
  /** Of the file's name. */
  readonly ending: string;
  readonly type: string;
  readonly text: (of: Exported, now: number) => Promise<string>;
}

const table = (name: TableName): Export => ({
  ending: `-${name}.csv`,
  type: 'text/csv',
  text: async ({ store: { journal }, garden }, now) => {
    const { encodeTable } = await import('./csv');
    const { columns, rows } = TABLES[name];
    return encodeTable<string>(columns, rows({ journal, garden, today: dayAt(now, garden.zone) }));
  },
});

/** The files that a garden can be had as, the whole of it first; docs/formats.md describes each. */
export const EXPORTS = {
  garden: {
    ending: '.json',
    type: 'application/json',
    text: async ({ store, garden: { name } }, now) => {
      const { encodeBackup } = await import('./backup');
      const entries = store.allEntries();
      return encodeBackup({ garden: store.id, name, exported: toInstant(now), entries });
    },
  },
  flowers: table('flowers'),
  lots: table('lots'),
  plan: table('plan'),
} as const satisfies Readonly<Record<string, Export>>;

export type ExportName = keyof typeof EXPORTS;

/** Hands a file to the browser to save, as the garden is now. */
export async function saveExport(name: ExportName, of: Exported): Promise<void> {
  const { ending, type, text }: Export = EXPORTS[name];
  const now = of.store.clock.now();
  download(fileName(of.garden, now, ending), await text(of, now), type);
}

/** `wren-cottage-2026-07-19.json`. */
export const fileName = ({ name, zone }: Garden, now: number, ending: string): string =>
  `${name.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '-')}-${dayAt(now, zone)}${ending}`;
