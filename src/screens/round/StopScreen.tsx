import { useRouter } from 'expo-router';
import type { ComponentType } from 'react';
import { View } from 'react-native';
import { hoursAt, progressOf, type RoundConditions } from '@/core/round/progress';
import { visitAt, visitsLeft, visitsOf } from '@/core/round/visits';
import type { Stop } from '@/core/journal/kinds/stops';
import type { Round } from '@/core/journal/state';
import { useGarden } from '@/data/hooks/useGarden';
import { useNow } from '@/data/hooks/useNow';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { PollinateCard } from './stops/PollinateCard';
import { StripCard } from './stops/StripCard';
import { ThinCard } from './stops/ThinCard';
import { UncoverCard } from './stops/UncoverCard';
import { PickCard } from './stops/PickCard';
import type { StopProps } from './stops/StopCard';
import { ProgressHead } from '../shell/ProgressHead';
import { sayRoundName } from './RoundRows';
import { useTapGuard } from './tapGuard';

/** The card of each kind of stop: one that is missing does not compile. */
const CARDS: { readonly [S in Stop as S['kind']]: ComponentType<StopProps & { readonly stop: S }> } = {
  pick: PickCard,
  pollinate: PollinateCard,
  uncover: UncoverCard,
  thin: ThinCard,
  strip: StripCard,
};

export interface StopScreenProps {
  readonly round: Round;
  readonly conditions: RoundConditions;
  readonly onReplan: () => void;
}

/** One stop of the round at a time. */
export function StopScreen({ round, conditions, onReplan }: StopScreenProps) {
  const now = useNow(5_000);
  const f = useFormat();
  const router = useRouter();
  const { journal } = useGarden().store;
  const progress = progressOf(round, now, conditions);
  const stop = round.stops[progress.at];
  const guard = useTapGuard(stop?.stop ?? '');
  if (!stop) return null;
  const variety = journal.all('variety').get(stop.variety);
  const shut = hoursAt(stop, conditions)?.lastSafe;
  const visits = visitsOf(round.stops);
  const { visit, step, steps } = visitAt(round.stops, stop);
  const wentWrong = ({ stop: id }: Stop): boolean => (round.done.get(id)?.outcome ?? 'done') !== 'done';
  const missed = new Set(visits.flatMap((each, i) => (each.steps.some(wentWrong) ? [i] : [])));
  const head = (
    <View style={{ gap: SPACE.xs }}>
      <ProgressHead
        left={`${f.count(visitsLeft(round), 'plant', 'plants')} left, done by ${f.time(progress.finish)}${shut === undefined ? '' : `, shut ${f.time(shut)}`}`}
        peg="Stop"
        count={visits.length}
        at={visit}
        step={{ at: step, of: steps.length }}
        missed={missed}
        of="the round"
      >
        <Button
          variant="quiet"
          title="List"
          label="The round as a list"
          onPress={() => router.push({ pathname: '/round/list', params: { outing: round.outing } })}
        />
      </ProgressHead>
      {round.share ? (
        <Text variant="small" tone="soft">
          {sayRoundName(round, f)}
        </Text>
      ) : null}
      {progress.tooLate.length > 0 ? (
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.s }}>
          <Text variant="small" tone="rust" style={{ flex: 1 }}>
            {`${f.count(progress.tooLate.length, 'flower', 'flowers')} will be late at this pace. Plan the rest again, so that most is saved; late ones can be tried anyway.`}
          </Text>
          <Button variant="quiet" title="Plan again" onPress={onReplan} />
        </View>
      ) : null}
    </View>
  );
  const shared = { round, variety, guard, head, at: progress.at };
  const Card = CARDS[stop.kind] as ComponentType<StopProps & { readonly stop: Stop }>;
  return <Card key={stop.stop} stop={stop} {...shared} />;
}
