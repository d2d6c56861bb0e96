import { download } from './download';

/** The numbers of a chart, as they are shown. */
export interface ChartNumbers {
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

/**
 * Hands the numbers of a chart to the browser to save as CSV.
 *
 * @param name of the file, without its ending.
 */
export async function saveNumbers(name: string, { head, rows }: ChartNumbers): Promise<void> {
  const { encodeTable } = await import('./csv');
  const records = rows.map((row) => Object.fromEntries(head.map((column, i) => [column, row[i] ?? ''])));
  download(`${name}.csv`, encodeTable<string>(head, records), 'text/csv');
}
