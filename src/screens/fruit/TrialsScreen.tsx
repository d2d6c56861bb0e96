import { useState } from 'react';
import { View } from 'react-native';
import { fruitsOf, type Fruit } from '@/core/fruit/fruits';
import type { Trial, Variety } from '@/core/journal/state';
import { seasonAt } from '@/core/season/seasons';
import { byId } from '@/core/text/byId';
import { byName } from '@/core/text/byName';
import { dayAt } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import { possibleTrials, TRIAL_DIFFERENCES, trialSize, type PossibleTrial } from '@/core/trial/planTrial';
import { trialResult, type TrialResult } from '@/core/trial/trialResult';
import { newId } from '@/data/clock';
import { eitherWay, useRecord } from '@/data/hooks/useRecord';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { UndoFoot } from '../shell/ProgressHead';
import { Page } from '../shell/Page';
import { COMPARISON_NAMES, saySize, sayStanding, sayVerdict, sayWay } from '../words/trials';

interface Tried {
  readonly trial: Trial;
  readonly name: string;
  readonly result: TrialResult;
}

/** A variety on which a trial can be planned. */
interface Triable {
  readonly variety: Variety;
  readonly possible: readonly PossibleTrial[];
  readonly fruits: readonly Fruit[];
}

interface TrialsView {
  readonly trials: readonly Tried[];
  readonly triable: readonly Triable[];
  readonly today: Day;
}

const useTrials = (): TrialsView | undefined =>
  useView<TrialsView>('trials', [], ({ store: { journal }, garden, now }) => {
    const today = dayAt(now, garden.zone);
    const varieties = [...journal.all('variety').values()].sort((a, b) => byName(a.name, b.name));
    const standing = new Set(
      [...journal.all('plant').values()].flatMap(({ variety, removed }) => (removed ? [] : [variety])),
    );
    const fruits = fruitsOf(journal, garden, today, seasonAt(journal, today));
    const trials = [...journal.all('trial').values()]
      .sort((a, b) => byId(b.plannedAt, a.plannedAt))
      .map((trial) => ({
        trial,
        name: journal.all('variety').get(trial.variety)?.name ?? 'A variety that is gone',
        result: trialResult(journal, garden, trial, today),
      }));
    const inTrial = new Set(
      trials.flatMap(({ trial, result }) => (result.state === 'running' ? [trial.variety] : [])),
    );
    return {
      today,
      trials,
      triable: varieties.flatMap((variety) => {
        if (!standing.has(variety.variety) || inTrial.has(variety.variety)) return [];
        const possible = possibleTrials(journal, variety);
        const own = fruits.filter((fruit) => fruit.variety.variety === variety.variety);
        return possible.length > 0 ? [{ variety, possible, fruits: own }] : [];
      }),
    };
  });

/** Two ways tried on the same plants: those that run, those that are done, and a new one. */
export function TrialsScreen() {
  const view = useTrials();
  if (!view) return null;
  const { trials, triable, today } = view;
  return (
    <Page
      title="Try it out"
      foot={<UndoFoot work="trials" back={{ title: 'Back to the fruit', to: '/fruit' }} />}
      aside={trials.length > 0 ? <PlanTrial triable={triable} today={today} /> : null}
    >
      <Text tone="soft">
        To know which of two ways sets more, try both on flowers of the same plants, on the same mornings.
        Which flower gets which is dealt by chance, in pairs; the round and Open now say it at each flower.
      </Text>
      {trials.map((tried) => (
        <OneTrial key={tried.trial.trial} {...tried} />
      ))}
      {trials.length > 0 ? null : <PlanTrial triable={triable} today={today} />}
    </Page>
  );
}

function OneTrial({ trial, name, result }: Tried) {
  const f = useFormat();
  const record = useRecord();
  const { ways, pairs, endedAt } = trial;
  const words = result.state === 'done' ? sayVerdict(result, ways, f) : undefined;
  return (
    <View style={{ gap: SPACE.xs, marginTop: SPACE.l }}>
      <Text variant="heading" level={2}>
        {`${name}: ${COMPARISON_NAMES[trial.compares].name.toLowerCase()}`}
      </Text>
      <Text tone="soft">{`${sayWay(ways[0], f)}, or ${sayWay(ways[1], f).toLowerCase()}. Planned for a difference of ${f.number(Math.round(trial.difference * 100))} of 100.`}</Text>
      {words ? <Text variant="strong">{words.lead}</Text> : null}
      {[...(words?.reasons ?? []), ...sayStanding(result, pairs, f)].map((text) => (
        <Text key={text}>{text}</Text>
      ))}
      {endedAt === undefined && result.state === 'running' ? (
        <Button
          variant="quiet"
          title="End the trial"
          label={`End the trial of ${name}`}
          onPress={() => record([{ kind: 'trial.ended', body: { trial: trial.trial } }])}
          style={{ alignSelf: 'flex-start' }}
        />
      ) : null}
    </View>
  );
}

/** A new one: of which variety, what is compared, and how large a difference matters. */
function PlanTrial({ triable, today }: Pick<TrialsView, 'triable' | 'today'>) {
  const f = useFormat();
  const record = useRecord();
  const [of, setOf] = useState<string>();
  const [compares, setCompares] = useState<PossibleTrial['compares']>();
  const [difference, setDifference] = useState<(typeof TRIAL_DIFFERENCES)[number]>(0.3);
  if (triable.length === 0) {
    return (
      <Text style={{ marginTop: SPACE.l }}>
        There is nothing to try now: no variety stands whose flowers are pollinated by hand, or all of them
        are in a trial.
      </Text>
    );
  }
  const chosen = triable.length === 1 ? triable[0] : triable.find(({ variety }) => variety.variety === of);
  const trial = chosen?.possible.find((each) => each.compares === compares);
  const size =
    chosen &&
    trialSize(
      chosen.variety,
      chosen.fruits.flatMap(({ histories }) => histories),
      today,
      difference,
    );
  const words = size && saySize(size, difference, f);
  const pairs = size?.pairs;
  return (
    <View style={{ gap: SPACE.m, marginTop: SPACE.l }}>
      <Text variant="heading" level={2}>
        A new trial
      </Text>
      {triable.length > 1 ? (
        <Choice
          label="Of which variety"
          value={chosen?.variety.variety}
          options={triable.map(({ variety }) => ({ value: variety.variety, title: variety.name }))}
          onChange={(variety) => {
            setOf(variety);
            setCompares(undefined);
          }}
        />
      ) : null}
      {chosen ? (
        <Choice
          label="What is compared"
          value={compares}
          options={chosen.possible.map((each) => ({
            value: each.compares,
            title: COMPARISON_NAMES[each.compares].name,
            note: `${sayWay(each.ways[0], f)}, or ${sayWay(each.ways[1], f).toLowerCase()}. ${COMPARISON_NAMES[each.compares].note}`,
          }))}
          onChange={setCompares}
        />
      ) : null}
      {chosen && trial && words ? (
        <>
          <Choice
            label="How large a difference matters to you"
            row
            value={String(difference)}
            options={TRIAL_DIFFERENCES.map((value) => ({
              value: String(value),
              title: `${f.number(Math.round(value * 100))} of 100`,
            }))}
            onChange={(value) => setDifference(TRIAL_DIFFERENCES.find((each) => String(each) === value)!)}
          />
          <Text variant="strong" live>
            {words.lead}
          </Text>
          {words.reasons.map((text) => (
            <Text key={text} variant="small" tone="soft">
              {text}
            </Text>
          ))}
          {pairs === undefined ? null : (
            <Button
              variant="main"
              size="big"
              title="Start the trial"
              onPress={() =>
                record(
                  [
                    {
                      kind: 'trial.planned',
                      body: {
                        ...{ trial: newId(), variety: chosen.variety.variety, compares: trial.compares },
                        ...{ ways: trial.ways, pairs, difference, from: today },
                      },
                    },
                  ],
                  eitherWay(() => setCompares(undefined)),
                )
              }
            />
          )}
        </>
      ) : null}
    </View>
  );
}
