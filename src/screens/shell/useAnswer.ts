import type { Remote } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import { Outdated } from '@/worker/client';
import type { Compute } from '@/worker/compute';
import { computeClient } from '@/worker/computeClient';

/**
 * The worker's answer to a question; `undefined` until it is there. A newer question ends the older.
 *
 * @param question compared by identity; without one nothing is asked.
 * @param ask the same question whenever it is drawn.
 */
export function useAnswer<Q, A>(
  question: Q | undefined,
  ask: (compute: Remote<Compute>, question: Q) => Promise<A>,
): A | undefined {
  const [answer, setAnswer] = useState<{ readonly to: Q; readonly is: A }>();
  const asking = useRef(ask);
  useEffect(() => {
    if (question === undefined) return undefined;
    const client = computeClient();
    client
      .ask((compute) => asking.current(compute, question))
      .then((is) => setAnswer({ to: question, is }))
      .catch((error: unknown) => {
        if (!(error instanceof Outdated)) throw error;
      });
    return () => client.cancel();
  }, [question]);
  return answer && answer.to === question ? answer.is : undefined;
}
