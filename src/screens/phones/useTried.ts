import { useState } from 'react';
import { loadSync } from '@/data/hooks/useSync';
import { errorText } from '@/data/device/errorText';
import { SYNC_FAILURES } from '../words/sync';

/** Something that a server may refuse: what went wrong, in words, until it is tried again. */
export function useTried(): {
  readonly trouble: string | undefined;
  /** @returns whether it went well. */
  readonly tried: (job: () => Promise<unknown>) => Promise<boolean>;
} {
  const [trouble, setTrouble] = useState<string>();
  const tried = async (job: () => Promise<unknown>): Promise<boolean> => {
    setTrouble(undefined);
    try {
      await job();
      return true;
    } catch (error) {
      const sync = await loadSync().catch(() => undefined);
      const known =
        sync && error instanceof sync.SyncError
          ? SYNC_FAILURES[error.why]
          : sync && error instanceof sync.NothingThere
            ? 'The server has nothing of this garden yet. Sync the phone that has it first, then join again.'
            : sync
              ? `${SYNC_FAILURES.full} (${errorText(error)})`
              : SYNC_FAILURES.offline;
      setTrouble(known);
      return false;
    }
  };
  return { trouble, tried };
}
