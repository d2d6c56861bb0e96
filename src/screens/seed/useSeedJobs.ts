import { useMemo } from 'react';
import { seedJobsInSteps, type SeedJob } from '@/core/seed/seedJobs';
import { dayAt } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import { useStore } from '@/data/hooks/useGarden';
import { useSteps } from '@/data/hooks/useSteps';
import { useView } from '@/data/hooks/useView';

export interface SeedWork {
  readonly today: Day;
  readonly jobs: readonly SeedJob[];
}

/** What is to be done with seed, gathered while the page has nothing better to do; `undefined` until then. */
export function useSeedJobs(): SeedWork | undefined {
  const { journal, described } = useStore();
  // Another object whenever the journal has changed, or the day.
  const now = useView('seed-day', [], ({ garden, now: ms }) => ({ today: dayAt(ms, garden.zone) }));
  const begin = useMemo(
    () =>
      now &&
      described &&
      function* () {
        return { today: now.today, jobs: yield* seedJobsInSteps(journal, described, now.today) };
      },
    [journal, described, now],
  );
  return useSteps(begin)?.value;
}
