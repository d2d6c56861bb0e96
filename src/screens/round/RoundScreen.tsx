import { useRouter } from 'expo-router';
import { useState } from 'react';
import type { Round } from '@/core/journal/state';
import { ROUND_BEFORE_OPENING_MS } from '@/core/work/dayTasks';
import { morningOf, walkingTimes, workingHours } from '@/core/work/morning';
import { plannedFlowers, replannedStops, stopsLeft, stopsOf } from '@/core/work/stops';
import { servedAt } from '@/core/work/today';
import { newId } from '@/data/clock';
import { useNow } from '@/data/hooks/useNow';
import { useRecord } from '@/data/hooks/useRecord';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { MorningAhead } from './MorningAhead';
import { RoundDone } from './RoundDone';
import { StopScreen } from './StopScreen';
import { useRoundPlan } from './useRoundPlan';

/** The morning round: first what it will be, then stop by stop, then what it was. */
export function RoundScreen() {
  const now = useNow();
  const view = useView('round', [Math.floor(now / 60_000)], ({ store: { journal }, garden }) => {
    const { morning } = servedAt(journal, garden, now);
    const { round, females } = morningOf(journal, morning);
    const planned = plannedFlowers(round);
    const hours = workingHours(journal, garden, morning);
    return {
      morning,
      round,
      unplanned: females.filter(({ bloom }) => !planned.has(bloom)).length,
      opens: Math.min(...Array.from(hours.values(), ({ opens }) => opens)),
      conditions: { hours, walkingMs: walkingTimes(journal) },
    };
  });
  const [seen, setSeen] = useState(false);
  if (!view) return null;
  const { round, morning, unplanned } = view;
  const left = round !== undefined && stopsLeft(round).length > 0;
  if (round && left) return <StopScreen round={round} conditions={view.conditions} />;
  if (round && (unplanned === 0 || seen)) return <RoundDone round={round} />;
  return (
    <Prepare morning={morning} round={round} opens={view.opens} now={now} onLater={() => setSeen(true)} />
  );
}

interface PrepareProps {
  readonly morning: string;
  /** The round to add to, when there was one already. */
  readonly round: Round | undefined;
  readonly opens: number;
  readonly now: number;
  readonly onLater: () => void;
}

/** Before the first stop: pairs, shortages, time; then the plan is recorded and the round starts. */
function Prepare({ morning, round, opens, now, onLater }: PrepareProps) {
  const f = useFormat();
  const router = useRouter();
  const record = useRecord();
  const plan = useRoundPlan(morning);
  const start = (): void => {
    if (!plan) return;
    const fresh = stopsOf(plan);
    record([
      {
        kind: 'round.planned',
        body: {
          round: round?.round ?? newId(),
          day: morning,
          stops: round ? replannedStops(round, fresh) : fresh,
        },
      },
    ]);
  };
  const early = Number.isFinite(opens) && now < opens - ROUND_BEFORE_OPENING_MS;
  const empty = plan?.stops.length === 0;
  return (
    <Page
      title={round ? 'More flowers this morning' : `Round of ${f.day(morning)}`}
      foot={
        empty ? (
          <Button size="big" title="Back to Today" onPress={() => router.replace('/')} />
        ) : (
          <>
            {early ? (
              <Text variant="small" tone="soft" style={{ marginBottom: SPACE.s }}>
                The first flowers open at {f.time(opens)}. You can start the round two hours before.
              </Text>
            ) : null}
            <Button
              variant="main"
              size="big"
              title="Start the round"
              disabled={!plan || early}
              onPress={start}
            />
            {round ? <Button variant="quiet" title="Leave them" onPress={onLater} /> : null}
          </>
        )
      }
    >
      <MorningAhead morning={morning} plan={plan} />
    </Page>
  );
}
