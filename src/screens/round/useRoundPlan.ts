import { useEffect, useMemo, useRef, useState } from 'react';
import { outingRequest } from '@/core/work/route/outingRequest';
import type { Service } from '@/core/work/service';
import type { OutingPlan, OutingRequest } from '@/core/work/route/planOuting';
import { useGarden } from '@/data/hooks/useGarden';
import { useView } from '@/data/hooks/useView';
import type { GardenStore } from '@/data/garden/gardenStore';
import { Outdated } from '@/worker/client';
import { computeClient } from '@/worker/computeClient';

/** The numbers that a round depends on. */
function roundRequest(
  { journal, described, clock }: GardenStore,
  service: Service,
): OutingRequest | undefined {
  return described && outingRequest(journal, described, service, clock.now());
}

/** The round of an outing, planned by the worker; `undefined` while it works. */
export function useRoundPlan({ day, outing }: Service): OutingPlan | undefined {
  const { store } = useGarden();
  const [answer, setAnswer] = useState<{ readonly to: OutingRequest; readonly plan: OutingPlan }>();
  const client = useRef<ReturnType<typeof computeClient>>(undefined);
  const version = useView('plan-inputs', [day, outing], () => store.version);
  const request = useMemo(() => {
    // Read again whenever the journal has changed.
    return version === undefined ? undefined : roundRequest(store, { day, outing });
  }, [store, day, outing, version]);
  useEffect(() => {
    if (!request) return;
    const asked = (client.current ??= computeClient());
    asked
      .ask((compute) => compute.planOuting(request))
      .then((plan) => setAnswer({ to: request, plan }))
      .catch((error: unknown) => {
        if (!(error instanceof Outdated)) throw error;
      });
    return () => asked.cancel();
  }, [request]);
  return answer?.to === request ? answer?.plan : undefined;
}
