import { useEffect, useRef } from 'react';
import { View } from 'react-native';
import { progressOf } from '@/core/round/progress';
import type { Round } from '@/core/journal/state';
import { useGarden, useNow } from '@/data/provider';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format';
import { DabStop } from './DabStop';
import { PickStop } from './PickStop';
import { WayHead } from './WayHead';

export interface StopScreenProps {
  readonly round: Round;
  /** By variety, UTC milliseconds. */
  readonly lastSafe: ReadonlyMap<string, number>;
}

/** A finger that comes down twice must not answer the next stop as well. */
const DEAF_MS = 350;

/** One stop of the round at a time. */
export function StopScreen({ round, lastSafe }: StopScreenProps) {
  const now = useNow(5_000);
  const f = useFormat();
  const { journal } = useGarden().store;
  const progress = progressOf(round, now, lastSafe);
  const stop = round.stops[progress.at];
  const hears = useHearing(stop?.stop ?? '');
  if (!stop) return null;
  const variety = journal.all('variety').get(stop.variety);
  const shut = lastSafe.get(stop.variety);
  const missed = new Set(
    round.stops.flatMap(({ stop: id }, i) => ((round.done.get(id)?.outcome ?? 'done') === 'done' ? [] : [i])),
  );
  const head = (
    <View style={{ gap: SPACE.xs }}>
      <WayHead
        left={`${f.number(progress.left)} left, done by ${f.time(progress.finish)}`}
        peg="Stop"
        count={round.stops.length}
        at={progress.at}
        missed={missed}
        way="the round"
      >
        {shut === undefined ? null : <Words tone="soft">shut {f.time(shut)}</Words>}
      </WayHead>
      {progress.tooLate.length > 0 ? (
        <Words kind="small" tone="rust">
          {`${f.count(progress.tooLate.length, 'stop', 'stops')} at the end will be late. Skip what you only eat, or try them all the same: late is noted.`}
        </Words>
      ) : null}
    </View>
  );
  const shared = { round, variety, hears, head, at: progress.at };
  return stop.kind === 'pick' ? (
    <PickStop key={stop.stop} stop={stop} {...shared} />
  ) : (
    <DabStop key={stop.stop} stop={stop} {...shared} />
  );
}

/** Deaf for a moment after each new stop. */
function useHearing(stop: string): () => boolean {
  const hearing = useRef(false);
  useEffect(() => {
    hearing.current = false;
    const timer = setTimeout(() => {
      hearing.current = true;
    }, DEAF_MS);
    return () => clearTimeout(timer);
  }, [stop]);
  return () => hearing.current;
}
