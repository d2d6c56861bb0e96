import { startTransition, useEffect, useState } from 'react';
import { idle } from '../idle';

/**
 * What a computation with pauses comes to, done while the page has nothing better to do, so that no tap waits for it.
 * Until it is done, what it came to before; nothing at first.
 *
 * @param begin another one begins it again: from `useMemo`.
 */
export function useSteps<T>(begin: (() => Generator<undefined, T>) | undefined): T | undefined {
  const [result, setResult] = useState<{ readonly value: T }>();
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
          startTransition(() => setResult({ value }));
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
  return result?.value;
}
