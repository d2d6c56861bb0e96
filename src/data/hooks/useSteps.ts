import { startTransition, useEffect, useState } from 'react';
import type { InSteps } from '@/core/time/inSteps';
import { idle } from '../idle';

/** Steps are done for so long before a tap is looked for, ms: an idle moment for each would take most of the time. */
const AT_ONCE_MS = 12;

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
        const paused = performance.now() + AT_ONCE_MS;
        do {
          const { done, value } = steps.next();
          if (done) {
            // What it shows is drawn in slices as well.
            startTransition(() => setResult({ value, of: begin }));
            return;
          }
        } while (performance.now() < paused);
        await idle();
        if (gone) return;
      }
    };
    void run();
    return () => {
      gone = true;
    };
  }, [begin]);
  return result && { value: result.value, isOld: result.of !== begin };
}
