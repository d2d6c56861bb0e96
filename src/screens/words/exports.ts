import type { ExportName } from '@/data/files/exports';

/** What each file is called: on its button, and where all are named. */
export const EXPORT_NAMES: Readonly<Record<ExportName, { readonly action: string; readonly brief: string }>> =
  {
    garden: { action: 'Export the garden', brief: 'the garden' },
    flowers: { action: 'Export flowers as CSV', brief: 'flowers' },
    lots: { action: 'Export seed lots as CSV', brief: 'seed lots' },
    plan: { action: 'Export the plan as CSV', brief: 'the plan' },
  };
