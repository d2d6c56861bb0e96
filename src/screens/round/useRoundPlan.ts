import { useEffect, useMemo, useRef, useState } from 'react';
import { placesOf } from '@/core/garden/places';
import { morningOf, roundVarieties, obstaclesOf } from '@/core/work/morning';
import type { RoundPlan, RoundRequest } from '@/core/work/route/planRound';
import type { Day } from '@/core/time/types';
import { useGarden } from '@/data/hooks/useGarden';
import { useView } from '@/data/hooks/useView';
import type { GardenStore } from '@/data/garden/gardenStore';
import { Outdated } from '@/worker/client';
import { computeClient } from '@/worker/computeClient';

/** The numbers that the round of a morning depends on. */
function roundRequest(store: GardenStore, morning: Day): RoundRequest | undefined {
  const { journal, described: garden } = store;
  if (!garden) return undefined;
  const { pairing, males } = morningOf(journal, morning);
  const plants = new Set(
    pairing.pairs.flatMap(({ plant, donors }) => [plant, ...donors.map((donor) => donor.plant)]),
  );
  const places = placesOf(journal.all('plant').values(), journal.all('bed'));
  const inHand = males.filter(({ picked, cover }) => picked || cover?.method === 'indoors');
  return {
    pairs: pairing.pairs,
    varieties: roundVarieties(journal, garden, pairing, morning),
    places: new Map([...places].filter(([plant]) => plants.has(plant))),
    obstacles: obstaclesOf(journal),
    from: store.clock.now(),
    inHand: new Set(inHand.map(({ flower }) => flower)),
  };
}

/** The round of a morning, planned by the worker; `undefined` while it works. */
export function useRoundPlan(morning: Day): RoundPlan | undefined {
  const { store } = useGarden();
  const [answer, setAnswer] = useState<{ readonly to: RoundRequest; readonly plan: RoundPlan }>();
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
      .ask((compute) => compute.planRound(request))
      .then((plan) => setAnswer({ to: request, plan }))
      .catch((error: unknown) => {
        if (!(error instanceof Outdated)) throw error;
      });
    return () => asked.cancel();
  }, [request]);
  return answer?.to === request ? answer?.plan : undefined;
}
