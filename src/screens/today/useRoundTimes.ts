import { useQueries } from '@tanstack/react-query';
import type { Task } from '@/core/due/dayTasks';
import type { Today } from '@/core/today/today';
import { useGarden } from '@/data/hooks/useGarden';
import { idle } from '@/data/idle';
import { loadScreens } from '../lazy/LazyScreen';

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
        // It comes with the screens: by itself it would make every page load what the two share.
        const { roundMinutes } = await loadScreens();
        return roundMinutes(store, { day, outing }, signal);
      },
      // While it is planned again after an entry, what was known stays.
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
