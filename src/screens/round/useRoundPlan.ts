import { proxy } from 'comlink';
import { useEffect, useMemo, useRef, useState } from 'react';
import { outingRequest } from '@/core/round/outingRequest';
import type { OutingPlan, OutingRequest } from '@/core/round/planOuting';
import { roundsOf, type OutingDay } from '@/core/outing/outingDay';
import { lastDoneAt } from '@/core/round/stops';
import { useGarden } from '@/data/hooks/useGarden';
import { useView } from '@/data/hooks/useView';
import { Outdated } from '@/worker/client';
import { computeClient } from '@/worker/computeClient';

export interface RoundPlanning {
  /** `undefined` while it is being made, and when it was stopped. */
  readonly plan: OutingPlan | undefined;
  readonly progress: PlanningProgress;
  readonly stopped: boolean;
  readonly stop: () => void;
  readonly again: () => void;
}

interface Answer {
  readonly to: OutingRequest;
  readonly plan?: OutingPlan;
  readonly stopped?: boolean;
}

/** What share of the planning is done. Who shows it is told; the page around it is not drawn again for each per cent. */
class PlanningProgress {
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

/**
 * The rounds of an outing, planned by the worker.
 *
 * @param people how many share the work.
 * @param own id of the round to add to; the flowers of other rounds of the same split are left to them.
 */
export function useRoundPlan(
  { day, outing }: OutingDay,
  people: number,
  own: string | undefined,
): RoundPlanning {
  const { store } = useGarden();
  const [answer, setAnswer] = useState<Answer>();
  const [attempt, setAttempt] = useState(0);
  const [progress] = useState(() => new PlanningProgress());
  const client = useRef<ReturnType<typeof computeClient>>(undefined);
  const version = useView('plan-inputs', [day, outing], () => store.version);
  const request = useMemo(() => {
    const { journal, described, clock } = store;
    if (version === undefined || !described) return undefined;
    // Read again whenever the journal has changed.
    const service = { day, outing };
    const rounds = own === undefined ? [] : roundsOf(journal, service);
    const at = lastDoneAt(rounds.find(({ round }) => round === own));
    const beside = rounds.filter(({ round }) => round !== own);
    return outingRequest(journal, described, service, clock.now(), { people, beside, at });
  }, [store, day, outing, people, own, version]);
  useEffect(() => {
    if (!request) return;
    const asked = (client.current ??= computeClient());
    progress.set(0);
    let isAsked = true;
    const tell = (share: number): void => {
      if (isAsked) progress.set(share);
    };
    asked
      .ask((compute) => compute.planOuting(request, proxy(tell)))
      .then((plan) => setAnswer({ to: request, plan }))
      .catch((error: unknown) => {
        if (!(error instanceof Outdated)) throw error;
      });
    return () => {
      isAsked = false;
      asked.cancel();
    };
  }, [request, attempt, progress]);
  const now = answer?.to === request ? answer : undefined;
  return {
    plan: now?.plan,
    progress,
    stopped: now?.stopped ?? false,
    stop: () => {
      client.current?.cancel();
      if (request) setAnswer({ to: request, stopped: true });
    },
    again: () => {
      setAnswer(undefined);
      setAttempt(attempt + 1);
    },
  };
}
