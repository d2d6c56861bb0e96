import type { Finding, MissedReason } from '@/core/journal/kinds/roundBodies';
import type { PollinateStop } from '@/core/journal/kinds/stops';
import type { HowPollinated } from '@/core/round/asPlanned';
import { pollinationNow, type PollinationNow } from '@/core/round/stopNow';
import { useGarden } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import type { StopProps } from './StopCard';

export type PollinateCardProps = StopProps & { readonly stop: PollinateStop };

export type Doubtful = Exclude<Finding, 'shut'>;

/** What is told of a stop that did not go as planned. */
export type Exceptional = Doubtful | 'leftOpen';

/** The female of a stop as it stands, and the two things that can be recorded of it. */
export function usePollination({ stop, round }: PollinateCardProps): PollinationNow & {
  readonly pollinate: (how: HowPollinated) => void;
  readonly miss: (why: MissedReason) => void;
  readonly pick: () => void;
} {
  const { journal } = useGarden().store;
  const record = useRecord();
  const now = pollinationNow(journal, round, stop);
  return {
    ...now,
    pollinate: (how) => record([now.pollinated(how)]),
    miss: (why) => record([now.missed(why)]),
    pick: () => record(now.picked),
  };
}
