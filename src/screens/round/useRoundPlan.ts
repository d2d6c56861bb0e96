import { proxy } from 'comlink';
import { useEffect, useMemo, useRef, useState } from 'react';
import { outingRequest } from '@/core/work/route/outingRequest';
import type { OutingPlan, OutingRequest } from '@/core/work/route/planOuting';
import { roundsOf, type Service } from '@/core/work/service';
import { lastDoneAt } from '@/core/work/stops';
import { useGarden } from '@/data/hooks/useGarden';
import { useView } from '@/data/hooks/useView';
import { Outdated } from '@/worker/client';
import { computeClient } from '@/worker/computeClient';

export interface RoundPlanning {
  /** `undefined` while it is being made, and when it was stopped. */
  readonly plan: OutingPlan | undefined;
  /** What share of it is done, from 0 to 1. */
  readonly progress: number;
  readonly stopped: boolean;
  readonly stop: () => void;
  readonly again: () => void;
}

interface Answer {
  readonly to: OutingRequest;
  readonly plan?: OutingPlan;
  readonly progress: number;
  readonly stopped?: boolean;
}

/**
 * The rounds of an outing, planned by the worker.
 *
 * @param people how many share the work.
 * @param own id of the round to add to; the flowers of other rounds of the same split are left to them.
 */
export function useRoundPlan(
  { day, outing }: Service,
  people: number,
  own: string | undefined,
): RoundPlanning {
  const { store } = useGarden();
  const [answer, setAnswer] = useState<Answer>();
  const [attempt, setAttempt] = useState(0);
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
    const tell = (progress: number): void =>
      setAnswer((now) => (now?.to === request && now.plan ? now : { to: request, progress }));
    asked
      .ask((compute) => compute.planOuting(request, proxy(tell)))
      .then((plan) => setAnswer({ to: request, plan, progress: 1 }))
      .catch((error: unknown) => {
        if (!(error instanceof Outdated)) throw error;
      });
    return () => asked.cancel();
  }, [request, attempt]);
  const now = answer?.to === request ? answer : undefined;
  return {
    plan: now?.plan,
    progress: now?.progress ?? 0,
    stopped: now?.stopped ?? false,
    stop: () => {
      client.current?.cancel();
      if (request) setAnswer({ to: request, progress: 0, stopped: true });
    },
    again: () => {
      setAnswer(undefined);
      setAttempt(attempt + 1);
    },
  };
}
