import { workerTransport, WorkerClient } from '@/worker/client';
import type { Fault } from '../schema/entrySchema';
import { unpack, type Unpacked } from './tables/readPackage';
import { decodeBackup, describesGarden, type Refusal } from './backup';

export type CheckedBackup = { readonly refusal: Refusal } | { readonly describes: boolean };

/** What the worker for files answers. */
export interface BackupCheck {
  /**
   * Why the text is no sound backup, or whether it describes its garden. Its entries stay there: to send them over costs
   * more than to read them again.
   */
  readonly check: (text: string) => CheckedBackup;
  /** What a data package holds, as the text of a backup. */
  readonly unpack: (bytes: Uint8Array) => Unpacked;
}

export const checkBackup = (faultOf: (entry: unknown) => Fault | undefined): BackupCheck => ({
  check: (text) => {
    const decoded = decodeBackup(text, faultOf);
    return decoded.ok ? { describes: describesGarden(decoded.backup.entries) } : { refusal: decoded.refusal };
  },
  unpack,
});

/** Asks the worker for files: checking a long journal takes seconds. */
export const backupChecker = (): WorkerClient<BackupCheck> =>
  new WorkerClient<BackupCheck>(() =>
    workerTransport(new Worker(new URL('./backup.worker', window.location.href))),
  );
