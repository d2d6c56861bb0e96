import { useMemo } from 'react';
import { outingRequest } from '@/core/round/outingRequest';
import type { OutingPlan } from '@/core/round/planOuting';
import { roundsOf, type OutingDay } from '@/core/outing/outingDay';
import { lastDoneAt } from '@/core/round/stops';
import { useGarden } from '@/data/hooks/useGarden';
import { useView } from '@/data/hooks/useView';
import { useLongAnswer, type LongAnswer } from '../shell/useLongAnswer';

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
): LongAnswer<OutingPlan> {
  const { store } = useGarden();
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
  return useLongAnswer(request, (compute, each, tell) => compute.planOuting(each, tell));
}
