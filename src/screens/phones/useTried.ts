import { useState } from 'react';
import { loadSync } from '@/data/hooks/useSync';
import { errorText } from '@/data/device/errorText';
import { SYNC_FAILURES } from '../words/sync';

/** Something that a server may refuse: what went wrong, in words, until it is tried again. */
export function useTried(): {
  readonly trouble: string | undefined;
  readonly busy: boolean;
  readonly tried: (job: () => Promise<unknown>) => Promise<void>;
} {
  const [trouble, setTrouble] = useState<string>();
  const [busy, setBusy] = useState(false);
  const tried = async (job: () => Promise<unknown>): Promise<void> => {
    setTrouble(undefined);
    setBusy(true);
    try {
      await job();
    } catch (error) {
      setTrouble(await sayTrouble(error));
    }
    setBusy(false);
  };
  return { trouble, busy, tried };
}

async function sayTrouble(error: unknown): Promise<string> {
  const sync = await loadSync().catch(() => undefined);
  if (!sync) return SYNC_FAILURES.offline;
  if (error instanceof sync.SyncError) return SYNC_FAILURES[error.why];
  if (error instanceof sync.NothingThere)
    return 'The server has nothing of this garden yet. Sync the phone that has it first, then join again.';
  return `${SYNC_FAILURES.full} (${errorText(error)})`;
}
