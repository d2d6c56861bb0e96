import { isCovered } from '@/core/journal/isCovered';
import { type Finding, FINDINGS, type MissedReason } from '@/core/journal/kinds/roundBodies';
import type { PollinateStop } from '@/core/journal/kinds/stops';
import type { Bloom } from '@/core/journal/state';
import { missedAt, pollinatedAt, type Pollinating } from '@/core/round/asPlanned';
import { type DonorNow, donorsNow } from '@/core/round/progress';
import { useGarden } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import type { StopProps } from './StopCard';

export type PollinateCardProps = StopProps & { readonly stop: PollinateStop };

export type Doubtful = Exclude<Finding, 'shut'>;

/** Found so, a female can still be brushed. */
export const isDoubtful = (why: MissedReason): why is Doubtful & MissedReason =>
  (FINDINGS as readonly string[]).includes(why);

/** What is told of a stop that did not go as planned. */
export type Exceptional = Doubtful | 'leftOpen';

/** What there is at the stop, and the two things that can be recorded there. */
export function usePollination({ stop, round }: PollinateCardProps): {
  readonly flower: Bloom | undefined;
  readonly covered: boolean;
  readonly donors: readonly DonorNow[];
  readonly pollinate: (how: Omit<Pollinating, 'donors'>) => void;
  readonly miss: (why: MissedReason) => void;
} {
  const { journal } = useGarden().store;
  const record = useRecord();
  const flower = journal.all('bloom').get(stop.bloom);
  const donors = donorsNow(stop, round, journal);
  return {
    flower,
    covered: isCovered(flower ?? {}),
    donors,
    miss: (why) => record([missedAt(journal, round, stop, why)]),
    pollinate: (how) => record([pollinatedAt(journal, round, stop, { donors, ...how })]),
  };
}
