import type { ExportName } from '@/data/files/exports';

interface ExportWords {
  /** On its button. */
  readonly action: string;
  /** Where all are named. */
  readonly brief: string;
  /** What is in it, and what for. */
  readonly note: string;
}

/** What each file is called. */
export const EXPORT_NAMES = {
  garden: {
    action: 'Export the garden',
    brief: 'the garden',
  },
  workbook: {
    action: 'Export a spreadsheet',
    brief: 'a spreadsheet',
    note: 'A sheet each for plants, flowers, pollinations, looks, fruit, seed and weather (.xlsx).',
  },
  package: {
    action: 'Export tables for statistics',
    brief: 'tables for statistics',
    note: 'The same as CSV files in a zip that describes every column (Data Package). It can be imported again.',
  },
  flowers: {
    action: 'Export flowers as CSV',
    brief: 'flowers',
    note: 'A row for each flower, with what set may depend on.',
  },
  lots: {
    action: 'Export seed lots as CSV',
    brief: 'seed lots',
    note: 'A row for each lot, with its parents and tests.',
  },
  plan: {
    action: 'Export the plan as CSV',
    brief: 'the plan',
    note: 'What grows where. Imported again, it is the same plan.',
  },
  map: {
    action: 'Export the plan as a map',
    brief: 'a map',
    note: 'Beds and plants around the garden’s coordinates, for map programs (GeoJSON).',
  },
} as const satisfies { readonly garden: Omit<ExportWords, 'note'> } & Readonly<
  Record<Exclude<ExportName, 'garden'>, ExportWords>
>;
