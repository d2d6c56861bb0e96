import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import type { Outing } from '@/core/crops/outing';
import type { Round } from '@/core/journal/state';
import { ROUND_BEFORE_OPENING_MS } from '@/core/due/dayTasks';
import { roundConditions } from '@/core/round/roundConditions';
import { dealtOfPlan, plannedFacts } from '@/core/round/plannedFacts';
import { outingNamed, outingStatesAt } from '@/core/today/outingStates';
import type { OutingDay } from '@/core/outing/outingDay';
import { walkedRounds } from '@/core/round/stops';
import { stopsLeft } from '@/core/round/stopsLeft';
import { newId } from '@/data/clock';
import { useNow } from '@/data/hooks/useNow';
import { useStore } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { EmptyPage } from '../shell/EmptyPage';
import { Page } from '../shell/Page';
import { ChooseRound } from './ChooseRound';
import { RoundAhead } from './RoundAhead';
import { RoundDone } from './RoundDone';
import { StopScreen } from './StopScreen';
import { useRoundPlan } from './useRoundPlan';
import { useOwnRound } from './useOwnRound';

/** A round: first what it will be, then stop by stop, then what it was. */
export function RoundScreen() {
  const now = useNow();
  const { outing: asked } = useLocalSearchParams<{ outing?: string }>();
  const view = useView('round', [Math.floor(now / 60_000), asked ?? ''], ({ store, garden }) => {
    const { journal } = store;
    const here = outingNamed(outingStatesAt(journal, garden, now), asked);
    if (!here) return NO_OUTING;
    const { outing, due, situation } = here;
    const service: OutingDay = { day: outing.day, outing: outing.outing };
    return {
      service,
      rounds: due.rounds,
      // What gets pollen a second time waits for its hour.
      unplanned: (situation.again ?? now) > now ? 0 : situation.waiting,
      opens: outing.hours.opens,
      conditions: roundConditions(journal, garden, service),
    };
  });
  const [seen, setSeen] = useState(false);
  /** The plan that is to be made again. */
  const [replanning, setReplanning] = useState<string>();
  const { own, choose } = useOwnRound(view?.rounds ?? []);
  if (!view) return null;
  if (!view.service) return <NothingToPollinate />;
  const { rounds, service, unplanned, conditions } = view;
  if (own === 'unknown') return null;
  if (own === 'notChosen') return <ChooseRound rounds={rounds} onChoose={choose} />;
  const left = own ? stopsLeft(own).length : 0;
  if (own && left > 0 && replanning !== own.planned.id)
    return <StopScreen round={own} conditions={conditions} onReplan={() => setReplanning(own.planned.id)} />;
  if (own && left === 0 && (unplanned === 0 || seen))
    return <RoundDone round={own} rounds={rounds} onChoose={choose} />;
  return (
    <Prepare
      service={service}
      round={own}
      opens={view.opens}
      now={now}
      onLeave={() => (left > 0 ? setReplanning(undefined) : setSeen(true))}
      onSplit={choose}
    />
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

const NO_OUTING = { service: undefined, rounds: [] };

function NothingToPollinate() {
  return (
    <EmptyPage
      title="Round"
      text="Nothing that is covered and pollinated by hand grows here yet. Put plants on the plan first."
      lead={{ title: 'To the garden', to: '/garden' }}
    />
  );
}

interface PrepareProps {
  readonly service: OutingDay;
  /** The round to add to, when there was one already. */
  readonly round: Round | undefined;
  readonly opens: number;
  readonly now: number;
  readonly onLeave: () => void;
  /** Who starts several rounds walks the first of them. */
  readonly onSplit: (split: string, person: number) => void;
}

/** Before the first stop: pairs, shortages, time; then the plan is recorded and the round starts. */
function Prepare({ service, round, opens, now, onLeave, onSplit }: PrepareProps) {
  const f = useFormat();
  const router = useRouter();
  const record = useRecord();
  const { journal, described } = useStore();
  const [people, setPeople] = useState(1);
  const planning = useRoundPlan(service, people, round?.round);
  const { answer: plan } = planning;
  const start = (): void => {
    if (!plan || !described) return;
    const facts = plannedFacts(service, plan, round, newId);
    const share = facts[0]?.body.share;
    if (!round && share) onSplit(share.split, share.person);
    record([...facts, ...dealtOfPlan(journal, described, service, plan)]);
  };
  const more = round !== undefined && stopsLeft(round).length === 0;
  const hasFlowers =
    !plan || walkedRounds(plan).some(({ stops }) => stops.some(({ kind }) => kind !== 'chore'));
  const early = hasFlowers && Number.isFinite(opens) && now < opens - ROUND_BEFORE_OPENING_MS;
  const walked = plan ? walkedRounds(plan).length : people;
  return (
    <Page
      title={
        !round
          ? `${NAMES[service.outing]} of ${f.day(service.day)}`
          : more
            ? MORE[service.outing]
            : 'The rest of the round'
      }
      foot={
        walked === 0 ? (
          <Button
            size="big"
            title={round ? 'Leave them' : 'Back to Today'}
            onPress={round ? onLeave : () => router.replace('/')}
          />
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
              title={
                walked > 1
                  ? `Start ${f.count(walked, 'round', 'rounds')}`
                  : more || !round
                    ? 'Start the round'
                    : 'Continue the round'
              }
              disabled={!plan || early}
              onPress={start}
            />
            {round ? (
              <Button variant="quiet" title={more ? 'Leave them' : 'Keep the plan'} onPress={onLeave} />
            ) : null}
          </>
        )
      }
    >
      <RoundAhead
        service={service}
        planning={planning}
        people={people}
        onPeople={round ? undefined : setPeople}
      />
    </Page>
  );
}
