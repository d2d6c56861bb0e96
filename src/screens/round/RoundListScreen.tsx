import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { Journal } from '@/core/journal/journal';
import type { Stop } from '@/core/journal/kinds/stops';
import type { Round } from '@/core/journal/state';
import { plantLabel } from '@/core/records/plantLabel';
import { toMs } from '@/core/time/calendar';
import type { PaperMark } from '@/core/round/fromPaper';
import { outingNamed, outingStatesAt } from '@/core/today/outingStates';
import { stopsLeft } from '@/core/round/stopsLeft';
import { visitsOf } from '@/core/round/visits';
import { useStore } from '@/data/hooks/useGarden';
import { useNow } from '@/data/hooks/useNow';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE, usePalette } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { EmptyPage } from '../shell/EmptyPage';
import { Page } from '../shell/Page';
import { MISSED } from '../words/names';
import { sayStep } from '../words/stops';
import { FromPaper, sayMark, usePaperMarks } from './FromPaper';
import { sayRoundName, sayRoundSize } from './RoundRows';
import { WholeWay } from './RoundPlanStrip';
import { useOwnRound } from './useOwnRound';

/** A round as a list and on the plan: to look ahead, to print for somebody without a phone, and to enter it after. */
export function RoundListScreen() {
  const now = useNow();
  const { outing: asked } = useLocalSearchParams<{ outing?: string }>();
  const rounds = useView(
    'round-list',
    [Math.floor(now / 60_000), asked ?? ''],
    ({ store, garden }) => outingNamed(outingStatesAt(store.journal, garden, now), asked)?.due.rounds ?? [],
  );
  const { own } = useOwnRound(rounds ?? []);
  const [shown, setShown] = useState<string>();
  if (!rounds || own === 'unknown') return null;
  const first = own === 'notChosen' ? rounds[0] : own;
  const round = rounds.find((each) => each.round === shown) ?? first;
  if (!round) return <NoRound />;
  return <RoundList round={round} rounds={rounds} onShow={setShown} />;
}

const NoRound = () => (
  <EmptyPage
    title="Round as a list"
    text="No round is planned yet. Start one, and its stops stand here as a list."
    lead={{ title: 'To the round', to: '/round' }}
  />
);

interface RoundListProps {
  readonly round: Round;
  readonly rounds: readonly Round[];
  readonly onShow: (round: string) => void;
}

function RoundList({ round, rounds, onShow }: RoundListProps) {
  const f = useFormat();
  const router = useRouter();
  const { journal } = useStore();
  const left = stopsLeft(round);
  const at = left[0] ? round.stops.indexOf(left[0]) : round.stops.length;
  const paper = usePaperMarks(round);
  const numbers = new Map(paper.plan.stops.map(({ stop }, i) => [stop, i + 1]));
  return (
    <Page
      title={`${sayRoundName(round, f)}, ${f.day(round.day)}`}
      aside={
        <View style={{ gap: SPACE.l, marginTop: SPACE.m }}>
          <WholeWay round={round} at={at} />
          <HandOver />
          {left.length > 0 ? <FromPaper key={round.round} round={round} paper={paper} /> : null}
        </View>
      }
      foot={
        <View style={{ flexDirection: 'row', gap: SPACE.s }}>
          <Button
            size="big"
            title="Back to the round"
            onPress={() => router.replace({ pathname: '/round', params: { outing: round.outing } })}
            style={{ flex: 1 }}
          />
          <Button
            size="big"
            title="Print"
            onPress={() =>
              router.push({ pathname: '/more/print', params: { print: 'round', round: round.round } })
            }
          />
        </View>
      }
    >
      {rounds.length > 1 ? (
        <Choice
          row
          label="Whose round"
          value={round.round}
          onChange={onShow}
          options={rounds.map((each) => ({
            value: each.round,
            title: `Round ${f.number(each.share?.person ?? 1)}`,
          }))}
        />
      ) : null}
      <Text style={{ marginVertical: SPACE.m }}>{sayRoundSize(journal, round, f)}</Text>
      {visitsOf(round.stops).map(({ plant, steps }) => (
        <View key={steps[0].stop} role="group" aria-label={plantLabel(journal, plant)}>
          <Text variant="label" style={{ marginTop: SPACE.m }}>
            {`${plantLabel(journal, plant)}, ${nameOf(journal, steps[0])}`}
          </Text>
          {steps.map((stop) => (
            <StepRow
              key={stop.stop}
              round={round}
              stop={stop}
              number={numbers.get(stop.stop)}
              mark={paper.marks.get(stop.stop)}
              onPress={round.done.has(stop.stop) ? undefined : () => paper.choose(stop)}
            />
          ))}
        </View>
      ))}
    </Page>
  );
}

const nameOf = (journal: Journal, { variety }: Stop): string =>
  journal.all('variety').get(variety)?.name ?? '';

interface StepRowProps {
  readonly round: Round;
  readonly stop: Stop;
  /** By which it stands on the paper that is entered; missing where it is not on it. */
  readonly number: number | undefined;
  /** What paper says of it, until that is entered. */
  readonly mark: PaperMark | undefined;
  /** Missing where it is entered. */
  readonly onPress: (() => void) | undefined;
}

function StepRow({ round, stop, number, mark, onPress }: StepRowProps) {
  const f = useFormat();
  const { journal } = useStore();
  const outcome = round.done.get(stop.stop)?.outcome;
  return (
    <ListRow
      glyph={<Box ticked={outcome === 'done' || mark?.done === true} />}
      title={`${number === undefined ? '' : `${f.number(number)}. `}${sayStep(journal, stop, f)}`}
      tone={(outcome && outcome !== 'done') || mark?.why ? 'rust' : 'ink'}
      note={
        outcome === undefined
          ? mark
            ? `${sayMark(mark)}, not entered yet`
            : `About ${f.time(toMs(stop.eta))}`
          : outcome === 'done'
            ? `Done at ${f.time(toMs(round.done.get(stop.stop)!.at))}`
            : MISSED[outcome]
      }
      {...(onPress && { onPress })}
    />
  );
}

/** To be ticked on paper; ticked where it is done. */
function Box({ ticked }: { readonly ticked: boolean }) {
  const palette = usePalette();
  return (
    <View
      role="img"
      aria-label={ticked ? 'Done' : 'To do'}
      style={{
        width: 22,
        height: 22,
        borderWidth: 2,
        borderColor: palette.ink,
        alignItems: 'center',
        justifyContent: 'center',
      }}
    >
      {ticked ? <View style={{ width: 12, height: 12, backgroundColor: palette.ink }} /> : null}
    </View>
  );
}

function HandOver() {
  const router = useRouter();
  return (
    <View style={{ gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        Give it to somebody
      </Text>
      <Text>
        With a phone: export a backup, import it there, and choose the round on that phone. Afterwards import
        each other’s backup: nothing is entered twice.
      </Text>
      <Button title="To the files" onPress={() => router.push('/more/files')} />
      <Text>Without a phone: print it. What was done is entered here afterwards.</Text>
    </View>
  );
}
