import type { HeldPlan, ReadPlan } from '@/core/records/planDraft';
import type { SheetDefaults } from '@/core/records/sheet/guessSheet';
import type { Sheet } from '@/core/records/sheet/sheet';
import type { Day } from '@/core/time/types';
import { workerTransport, WorkerClient } from '@/worker/client';

/** Larger files are no plans: they are not even read. */
export const MAX_SHEET_BYTES = 8_000_000;
/** Lines of a table. */
export const MAX_SHEET_LINES = 5_000;

/** One table of a file, with the name of its sheet. */
export interface SheetTable {
  readonly name: string;
  readonly rows: readonly (readonly string[])[];
}

export type OpenedSheets =
  | { readonly ok: true; readonly tables: readonly SheetTable[] }
  | { readonly ok: false; readonly why: 'tooLong' | 'noTable' };

/** A table with how it is read, and what came of it. */
interface SheetAnswer {
  readonly sheet: Sheet;
  readonly read: ReadPlan;
}

/** What the worker for spreadsheets answers. */
export interface SheetReader {
  /** The tables of a pasted text or a file: commas, semicolons or tabs, or a workbook. */
  readonly open: (file: string | ArrayBuffer) => Promise<OpenedSheets>;
  /** How a table is most likely meant, and what it says so. */
  readonly guess: (rows: Sheet['rows'], defaults: SheetDefaults, held: HeldPlan, today: Day) => SheetAnswer;
  readonly read: (sheet: Sheet, held: HeldPlan, today: Day) => ReadPlan;
}

/** Asks the worker for spreadsheets: thousands of lines take longer than a frame. */
export const sheetReader = (): WorkerClient<SheetReader> =>
  new WorkerClient<SheetReader>(() =>
    workerTransport(new Worker(new URL('./sheet.worker', window.location.href))),
  );
