import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { SeedSource } from '@/core/crops/variety';
import { plantsIn } from '@/core/garden/places';
import type { Bed, Season } from '@/core/journal/state';
import { isolationOf } from '@/core/planning/isolationOf';
import { dayAt } from '@/core/time/calendar';
import { grewTo, plantAgain, seedForNext, type GrewBefore } from '@/core/years/nextSeason';
import { seasonSummary } from '@/core/years/seasonSummary';
import { newId } from '@/data/clock';
import { useStore } from '@/data/hooks/useGarden';
import { eitherWay, useRecord } from '@/data/hooks/useRecord';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { Text } from '@/ui/parts/Text';
import { TickButton } from '@/ui/parts/TickButton';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { compareBeds } from '../garden/usePlan';
import { EmptyPage } from '../shell/EmptyPage';
import { Page } from '../shell/Page';
import { SEED_SOURCE_NAMES } from '../words/names';

interface AgainView {
  readonly season: Season;
  readonly grew: readonly GrewBefore[];
  readonly beds: readonly Bed[];
  readonly seed: ReadonlyMap<string, SeedSource>;
}

const useAgain = (id: string): AgainView | undefined =>
  useView<AgainView | null>('again', [id], ({ store: { journal }, garden, now }) => {
    const season = journal.all('season').get(id);
    if (!season) return null;
    const of = { season, today: dayAt(now, garden.zone), isolationOf: isolationOf(journal, garden) };
    const { varieties } = seasonSummary(journal, garden, of);
    return {
      season,
      grew: grewTo(journal, season),
      beds: [...journal.all('bed').values()].sort(compareBeds),
      seed: new Map(
        varieties.map(({ variety, seed }) => [variety.variety, seedForNext(variety, seed.picked)]),
      ),
    };
  }) ?? undefined;

/** The next season from the plan of one that is over: the same places, or one bed on. */
export function NextSeasonScreen() {
  const { id = '' } = useLocalSearchParams<{ id?: string }>();
  const view = useAgain(id);
  if (!view || view.grew.length === 0)
    return (
      <EmptyPage
        title="The next season"
        text="Nothing ended with this season that could be planted again. A season can also begin from a list, or with plants added one by one."
        lead={{ title: 'From a list or spreadsheet', to: '/garden/table' }}
      />
    );
  return <AgainForm view={view} />;
}

const MOVES = {
  same: 'In the same places',
  movedOn: 'One bed on: each bed gets what grew in the one before it',
} as const;

function AgainForm({ view: { season, grew, beds, seed } }: { readonly view: AgainView }) {
  const router = useRouter();
  const record = useRecord();
  const f = useFormat();
  const { journal } = useStore();
  const [how, setHow] = useState<keyof typeof MOVES>('same');
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const again = grew.filter(({ variety }) => !left.has(variety.variety));
  const plants = plantsIn(again.flatMap((each) => each.plants));
  const seedOf = (variety: string): SeedSource =>
    seed.get(variety) ?? journal.all('variety').get(variety)?.seedSource ?? 'unknown';
  const save = (): void =>
    record(
      plantAgain(journal, { grew: again, beds, movedOn: how === 'movedOn', seedOf }, newId),
      eitherWay(() => router.replace('/garden')),
    );
  return (
    <Page
      title="The next season"
      foot={
        <Button
          variant="main"
          size="big"
          title={`Plant ${f.count(plants, 'plant', 'plants')}`}
          disabled={plants === 0}
          onPress={save}
        />
      }
    >
      <View style={{ gap: SPACE.m }}>
        <Text>
          {`What grew in ${season.name} is planted once more, as plants and a sowing of their own. Or begin with a list, or with nothing: then add beds and plants as you go.`}
        </Text>
        <Button
          title="From a list or spreadsheet"
          onPress={() => router.push('/garden/table')}
          style={{ alignSelf: 'flex-start' }}
        />
        <Choice
          label="Where?"
          options={(Object.keys(MOVES) as (keyof typeof MOVES)[]).map((value) => ({
            value,
            title: MOVES[value],
          }))}
          value={how}
          onChange={setHow}
        />
        <Text variant="strong">What?</Text>
        <View role="group" aria-label="What?" style={{ gap: SPACE.s }}>
          {grew.map(({ variety: { variety, name }, plants: own }) => {
            const on = !left.has(variety);
            const title = `${name}, ${f.number(plantsIn(own))}`;
            return (
              <View key={variety} style={{ gap: SPACE.xs }}>
                <TickButton
                  title={title}
                  on={on}
                  onPress={() =>
                    setLeft(new Set(on ? [...left, variety] : [...left].filter((each) => each !== variety)))
                  }
                />
                <Text variant="small" tone="soft">{`Seed: ${SEED_SOURCE_NAMES[seedOf(variety)]}.`}</Text>
              </View>
            );
          })}
        </View>
        <Text variant="small" tone="soft">
          Seed that was picked and is true to type counts as your own, kept apart. Sow another packet? Change
          the sowing of its plants afterwards.
        </Text>
      </View>
    </Page>
  );
}
