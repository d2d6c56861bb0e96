import { startTransition, useEffect, useState } from 'react';
import type { InSteps } from '@/core/time/inSteps';
import { idle } from '../idle';

/** What a computation came to. */
interface Computed<T> {
  readonly value: T;
  /** Is it what it came to before, while it is done again? */
  readonly isOld: boolean;
}

/**
 * What a computation with pauses comes to, done while the page has nothing better to do, so that no tap waits for it.
 * Until it is done, what it came to before; nothing at first.
 *
 * @param begin another one begins it again: from `useMemo`.
 */
export function useSteps<T>(begin: (() => InSteps<T>) | undefined): Computed<T> | undefined {
  const [result, setResult] = useState<{ readonly value: T; readonly of: () => InSteps<T> }>();
  useEffect(() => {
    if (!begin) return;
    let gone = false;
    const run = async (): Promise<void> => {
      const steps = begin();
      for (;;) {
        const { done, value } = steps.next();
        if (gone) return;
        if (done) {
          // What it shows is drawn in slices as well.
          startTransition(() => setResult({ value, of: begin }));
          return;
        }
        await idle();
      }
    };
    void run();
    return () => {
      gone = true;
    };
  }, [begin]);
  return result && { value: result.value, isOld: result.of !== begin };
}
