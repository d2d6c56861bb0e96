import { useEffect, useMemo, useRef, useState } from 'react';
import { morningRequest } from '@/core/work/morning';
import type { MorningPlan, MorningRequest } from '@/core/work/route/planMorning';
import type { Day } from '@/core/time/types';
import { useGarden } from '@/data/hooks/useGarden';
import { useView } from '@/data/hooks/useView';
import type { GardenStore } from '@/data/garden/gardenStore';
import { Outdated } from '@/worker/client';
import { computeClient } from '@/worker/computeClient';

/** The numbers that the round of a morning depends on. */
function roundRequest({ journal, described, clock }: GardenStore, morning: Day): MorningRequest | undefined {
  return described && morningRequest(journal, described, morning, clock.now());
}

/** The round of a morning, planned by the worker; `undefined` while it works. */
export function useRoundPlan(morning: Day): MorningPlan | undefined {
  const { store } = useGarden();
  const [answer, setAnswer] = useState<{ readonly to: MorningRequest; readonly plan: MorningPlan }>();
  const client = useRef<ReturnType<typeof computeClient>>(undefined);
  const version = useView('plan-inputs', [morning], () => store.version);
  const request = useMemo(() => {
    // Read again whenever the journal has changed.
    return version === undefined ? undefined : roundRequest(store, morning);
  }, [store, morning, version]);
  useEffect(() => {
    if (!request) return;
    const asked = (client.current ??= computeClient());
    asked
      .ask((compute) => compute.planMorning(request))
      .then((plan) => setAnswer({ to: request, plan }))
      .catch((error: unknown) => {
        if (!(error instanceof Outdated)) throw error;
      });
    return () => asked.cancel();
  }, [request]);
  return answer?.to === request ? answer?.plan : undefined;
}
