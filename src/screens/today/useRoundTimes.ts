import { useQueries } from '@tanstack/react-query';
import type { Task } from '@/core/due/dayTasks';
import type { Today } from '@/core/today/today';
import { MS_PER_MINUTE } from '@/core/time/calendar';
import { useGarden } from '@/data/hooks/useGarden';
import { idle } from '@/data/idle';

const isUnplanned = ({ kind, minutes }: Task): boolean => kind === 'round' && minutes === undefined;

/**
 * Today, with the time that each round to come takes: it is planned by the worker while the page is idle, as it will be
 * when it is prepared, so that both say the same.
 */
export function useRoundTimes(today: Today | undefined): Today | undefined {
  const { store } = useGarden();
  const { next, then } = today?.tasks ?? { next: undefined, then: [] };
  const rounds = [...(next ? [next] : []), ...then].filter(isUnplanned);
  const services = (today?.outings ?? []).filter(({ outing }) =>
    rounds.some((task) => task.outing === outing),
  );
  const times = useQueries({
    queries: services.map(({ day, outing }) => ({
      queryKey: [store.id, 'round-time', store.version, day, outing],
      queryFn: async ({ signal }: { readonly signal: AbortSignal }): Promise<number | null> => {
        await idle();
        // Only once there is something to plan.
        const [{ computeClient }, { outingRequest }] = await Promise.all([
          import('@/worker/computeClient'),
          import('@/core/round/outingRequest'),
        ]);
        const garden = store.described;
        if (!garden || signal.aborted) return null;
        const request = outingRequest(store.journal, garden, { day, outing }, store.clock.now());
        const client = computeClient();
        signal.addEventListener('abort', () => client.cancel());
        const { rounds: plans } = await client.ask((compute) => compute.planOuting(request));
        return Math.round((plans[0]?.busyMs ?? 0) / MS_PER_MINUTE);
      },
      // While it is planned anew after an entry, what was known stays.
      placeholderData: (
        before: number | null | undefined,
        was?: { readonly queryKey: readonly unknown[] },
      ) => (was?.queryKey.at(-1) === outing ? before : undefined),
    })),
  });
  if (!today || !next || rounds.length === 0) return today;
  const known = new Map(services.map(({ outing }, i) => [outing, times[i]?.data ?? undefined]));
  const timed = (task: Task): Task => {
    const minutes = isUnplanned(task) && task.outing ? known.get(task.outing) : undefined;
    return minutes === undefined || minutes === 0 ? task : { ...task, minutes };
  };
  return { ...today, tasks: { next: timed(next), then: then.map(timed) } };
}
