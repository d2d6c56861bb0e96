import type { Remote } from 'comlink';
import type { Compute } from '@/worker/compute';
import { useLongAnswer } from './useLongAnswer';

/**
 * The worker's answer to a question; `undefined` until it is there. A newer question ends the older.
 *
 * @param question compared by identity; without one nothing is asked.
 * @param ask the same question whenever it is drawn.
 */
export const useAnswer = <Q, A>(
  question: Q | undefined,
  ask: (compute: Remote<Compute>, question: Q) => Promise<A>,
): A | undefined => useLongAnswer(question, ask).answer;
