import type { Page } from '@/core/paper/page';
import type { Sheets } from '@/core/paper/sheets';
import { workerTransport, WorkerClient } from '@/worker/client';

interface LaidOut {
  readonly pages: readonly Page[];
  /** Letters that the fonts lack, apart; empty where there is none. */
  readonly missing: string;
}

/** What the worker for paper answers. */
export interface Printer {
  readonly layOut: (what: Sheets) => Promise<LaidOut>;
  /** @param at when it is made, as text of ISO 8601. */
  readonly pdf: (pages: readonly Page[], title: string, at: string) => Promise<Uint8Array>;
}

/** Asks the worker for paper: three hundred labels take longer than a frame. */
export const printer = (): WorkerClient<Printer> =>
  new WorkerClient<Printer>(() =>
    workerTransport(new Worker(new URL('./paper.worker', window.location.href))),
  );
