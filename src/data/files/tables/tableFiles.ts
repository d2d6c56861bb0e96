import type { StoredEntry } from '@/core/journal/entry';
import { workerTransport, WorkerClient } from '@/worker/client';

/** A garden of which files are made. */
export interface TableSource {
  /** All of them. */
  readonly entries: readonly StoredEntry[];
  /** The garden's id. */
  readonly id: string;
  /** UTC milliseconds. */
  readonly now: number;
}

/** Tables that are saved one by one. */
export type SingleTable = 'flowers' | 'lots' | 'plan';

/** What the worker for tables answers. */
export interface TableFiles {
  readonly table: (name: SingleTable, source: TableSource) => string;
  /** The plan as GeoJSON. */
  readonly map: (source: TableSource) => string;
  /** The garden as a data package. */
  readonly dataPackage: (source: TableSource) => Uint8Array<ArrayBuffer>;
  /** The garden as a workbook. */
  readonly workbook: (source: TableSource) => Promise<Blob>;
}

/** Asks the worker for tables: to judge every flower of many seasons takes longer than a frame. */
export const tableFiles = (): WorkerClient<TableFiles> =>
  new WorkerClient<TableFiles>(() =>
    workerTransport(new Worker(new URL('./tables.worker', window.location.href))),
  );
