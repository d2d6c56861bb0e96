import type { LoggerMapping } from '@/core/records/loggerMapping';
import type { LoggerFile } from '@/core/records/loggerTable';
import { workerTransport, WorkerClient } from '@/worker/client';

/** Longer than some years of readings every five minutes. */
export const LONGEST_LOGGER_FILE = 20_000_000;

export interface LoggerAnswer {
  readonly mapping: LoggerMapping;
  /** Names of the columns, and the first rows below them. */
  readonly names: readonly string[];
  readonly sample: readonly (readonly string[])[];
  /** Missing as long as it is not known which column is which, or how days are written. */
  readonly file?: LoggerFile;
}

/** What the worker for logger files answers. */
export interface LoggerReader {
  /**
   * @param zone IANA zone of the garden.
   * @param mapping how to read it; without it that is guessed.
   * @returns `undefined` for a file that is too long.
   */
  readonly read: (text: string, zone: string, mapping?: LoggerMapping) => LoggerAnswer | undefined;
}

/** Asks the worker for logger files: a year of them takes seconds on a phone. */
export const loggerReader = (): WorkerClient<LoggerReader> =>
  new WorkerClient<LoggerReader>(() =>
    workerTransport(new Worker(new URL('./logger.worker', window.location.href))),
  );
