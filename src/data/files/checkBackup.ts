import { workerTransport, WorkerClient } from '@/worker/client';
import type { Fault } from '../schema/entrySchema';
import { decodeBackup, type Refusal } from './backup';

/** What the worker for files answers. */
export interface BackupCheck {
  /** Why the text is no sound backup; `undefined` when it is one. Its entries stay there: to send them over costs more than to read them again. */
  readonly refusal: (text: string) => Refusal | undefined;
}

export const checkBackup = (faultOf: (entry: unknown) => Fault | undefined): BackupCheck => ({
  refusal: (text) => {
    const decoded = decodeBackup(text, faultOf);
    return decoded.ok ? undefined : decoded.refusal;
  },
});

/** Asks the worker for files: checking a long journal takes seconds. */
export const backupChecker = (): WorkerClient<BackupCheck> =>
  new WorkerClient<BackupCheck>(() =>
    workerTransport(new Worker(new URL('./backup.worker', window.location.href))),
  );
