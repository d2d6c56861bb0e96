import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import type { Outing } from '@/core/crops/outing';
import type { Bodies } from '@/core/journal/kinds/kinds';
import type { Round } from '@/core/journal/state';
import { ROUND_BEFORE_OPENING_MS } from '@/core/work/dayTasks';
import { handlingTimes } from '@/core/work/handling';
import { walkingTimes } from '@/core/work/route/outingRequest';
import { workingHours } from '@/core/work/workingHours';
import type { Service } from '@/core/work/service';
import { replannedStops, stopsLeft, stopsOf } from '@/core/work/stops';
import { roundsAt } from '@/core/work/roundsNow';
import { newId } from '@/data/clock';
import { useNow } from '@/data/hooks/useNow';
import { useRecord } from '@/data/hooks/useRecord';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { EmptyPage } from '../shell/EmptyPage';
import { Page } from '../shell/Page';
import { RoundAhead } from './RoundAhead';
import { RoundDone } from './RoundDone';
import { StopScreen } from './StopScreen';
import { useRoundPlan } from './useRoundPlan';

/** A round: first what it will be, then stop by stop, then what it was. */
export function RoundScreen() {
  const now = useNow();
  const { outing: asked } = useLocalSearchParams<{ outing?: string }>();
  const view = useView('round', [Math.floor(now / 60_000), asked ?? ''], ({ store, garden }) => {
    const { journal } = store;
    const { rounds, about } = roundsAt(journal, garden, now);
    const here = rounds.find(({ outing }) => outing.outing === asked) ?? about;
    if (!here) return NO_OUTING;
    const { outing, due, situation } = here;
    const service: Service = { day: outing.day, outing: outing.outing };
    const hours = workingHours(journal, garden, service);
    return {
      service,
      round: due.round,
      unplanned: situation.waiting,
      opens: outing.hours.opens,
      conditions: { hours, handling: handlingTimes(journal), walkingMs: walkingTimes(journal) },
    };
  });
  const [seen, setSeen] = useState(false);
  if (!view) return null;
  if (!view.service) return <NothingToPollinate />;
  const { round, service, unplanned } = view;
  const left = round !== undefined && stopsLeft(round).length > 0;
  if (round && left) return <StopScreen round={round} conditions={view.conditions} />;
  if (round && (unplanned === 0 || seen)) return <RoundDone round={round} />;
  return (
    <Prepare service={service} round={round} opens={view.opens} now={now} onLater={() => setSeen(true)} />
  );
}

const NAMES: Readonly<Record<Outing, string>> = {
  morning: 'Round',
  midday: 'Midday round',
  dusk: 'Evening round',
};
const MORE: Readonly<Record<Outing, string>> = {
  morning: 'More flowers this morning',
  midday: 'More flowers today',
  dusk: 'More flowers this evening',
};

const NO_OUTING = { service: undefined };

function NothingToPollinate() {
  return (
    <EmptyPage
      title="Round"
      text="Nothing that is covered and pollinated by hand grows here yet. Put plants on the plan first."
      lead={{ title: 'To the garden', to: '/garden' }}
    />
  );
}

/** The morning is not named. */
const serviceBody = ({ day, outing }: Service): Pick<Bodies['round.planned'], 'day' | 'outing'> =>
  outing === 'morning' ? { day } : { day, outing };

interface PrepareProps {
  readonly service: Service;
  /** The round to add to, when there was one already. */
  readonly round: Round | undefined;
  readonly opens: number;
  readonly now: number;
  readonly onLater: () => void;
}

/** Before the first stop: pairs, shortages, time; then the plan is recorded and the round starts. */
function Prepare({ service, round, opens, now, onLater }: PrepareProps) {
  const f = useFormat();
  const router = useRouter();
  const record = useRecord();
  const plan = useRoundPlan(service);
  const start = (): void => {
    if (!plan) return;
    const fresh = stopsOf(plan);
    record([
      {
        kind: 'round.planned',
        body: {
          round: round?.round ?? newId(),
          ...serviceBody(service),
          stops: round ? replannedStops(round, fresh) : fresh,
        },
      },
    ]);
  };
  const early = Number.isFinite(opens) && now < opens - ROUND_BEFORE_OPENING_MS;
  const empty = plan?.stops.length === 0;
  return (
    <Page
      title={round ? MORE[service.outing] : `${NAMES[service.outing]} of ${f.day(service.day)}`}
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
      <RoundAhead service={service} plan={plan} />
    </Page>
  );
}
