import { proxy, type Remote } from 'comlink';
import { startTransition, useEffect, useRef, useState } from 'react';
import { Outdated } from '@/worker/client';
import type { Compute } from '@/worker/compute';
import { computeClient } from '@/worker/computeClient';

/** An answer that takes the worker some time. */
export interface LongAnswer<A> {
  /** `undefined` while it is worked out, and when it was stopped. */
  readonly answer: A | undefined;
  /** The newest answer there is: while a new question is worked out, that to the one before. */
  readonly last: A | undefined;
  readonly progress: WorkProgress;
  readonly stopped: boolean;
  readonly stop: () => void;
  readonly again: () => void;
}

/** What share of the work is done. Who shows it is told; the page around it is not drawn again for each per cent. */
export class WorkProgress {
  #share = 0;
  readonly #listeners = new Set<() => void>();

  /** From 0 to 1. */
  readonly share = (): number => this.#share;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  set(share: number): void {
    this.#share = share;
    for (const listener of this.#listeners) listener();
  }
}

interface Held<Q, A> {
  readonly to: Q;
  readonly is?: A;
  readonly stopped?: boolean;
}

/**
 * The worker's answer to a question that takes it some time, how far it is, and a way to stop it. A newer question ends
 * the older.
 *
 * @param question compared by identity; without one nothing is asked.
 * @param ask the same question whenever it is drawn; `tell` with the share that is done.
 */
export function useLongAnswer<Q, A>(
  question: Q | undefined,
  ask: (compute: Remote<Compute>, question: Q, tell: (share: number) => void) => Promise<A>,
): LongAnswer<A> {
  const [held, setHeld] = useState<Held<Q, A>>();
  const [last, setLast] = useState<A>();
  const [attempt, setAttempt] = useState(0);
  const [progress] = useState(() => new WorkProgress());
  const client = useRef<ReturnType<typeof computeClient>>(undefined);
  const asking = useRef(ask);
  useEffect(() => {
    if (question === undefined) return undefined;
    const asked = (client.current ??= computeClient());
    progress.set(0);
    let isAsked = true;
    const tell = proxy((share: number): void => {
      if (isAsked) progress.set(share);
    });
    asked
      .ask((compute) => asking.current(compute, question, tell))
      .then((is) => {
        // A page of figures is drawn in slices, so that a tap comes in between.
        startTransition(() => {
          setHeld({ to: question, is });
          setLast(is);
        });
      })
      .catch((error: unknown) => {
        if (!(error instanceof Outdated)) throw error;
      });
    return () => {
      isAsked = false;
      asked.cancel();
    };
  }, [question, attempt, progress]);
  const now = held !== undefined && held.to === question ? held : undefined;
  return {
    answer: now?.is,
    last,
    progress,
    stopped: now?.stopped ?? false,
    stop: () => {
      client.current?.cancel();
      if (question !== undefined) setHeld({ to: question, stopped: true });
    },
    again: () => {
      setHeld(undefined);
      setAttempt(attempt + 1);
    },
  };
}
