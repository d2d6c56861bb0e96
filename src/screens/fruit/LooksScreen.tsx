import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { MINUTES_PER_LOOK } from '@/core/fruit/lookMinutes';
import { lookRound, type LookStop } from '@/core/fruit/lookRound';
import { lookedGrowing } from '@/core/fruit/lookedGrowing';
import { nextLeft } from '@/core/today/nextLeft';
import { useStore } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { EmptyPage } from '../shell/EmptyPage';
import { Page } from '../shell/Page';
import { PlantHeading } from '../shell/PlantHeading';
import { ProgressFoot, ProgressHead } from '../shell/ProgressHead';
import { WithUndo } from '../shell/WithUndo';
import { sayPlace } from '../words/places';
import { fruitName, useFruits, type FruitView } from './fruitView';
import { LookCard } from './LookCard';

/** The looks of the day as a round: plant by plant, all fruits of one on its card. */
export function LooksScreen() {
  const view = useFruits();
  if (!view) return null;
  return <Looks view={view} />;
}

/** What one may have time for, minutes. */
const TIMES = [10, 20] as const;
const ALL = 'all';

function Looks({ view }: { readonly view: FruitView }) {
  const f = useFormat();
  const router = useRouter();
  const store = useStore();
  const { fruits, today } = view;
  /** Of the time that one has: the plants that stay, chosen once. */
  const [only, setOnly] = useState<{ readonly minutes: number; readonly plants: ReadonlySet<string> }>();
  /** The plant that was left, or jumped to, last. */
  const [from, setFrom] = useState<string>();
  const [chosen, setChosen] = useState<string>();
  if (!store.described) return null;
  const garden = store.described;
  const whole = lookRound(store.journal, garden, fruits, today);
  const stops = only ? whole.stops.filter(({ plant }) => only.plants.has(plant.plant)) : whole.stops;
  const left = stops.filter(({ due }) => due.length > 0);
  const here = left.find(({ plant }) => plant.plant === chosen) ?? nextLeft(stops, left, from);
  const looks = (of: readonly LookStop[]): number => of.reduce((sum, { due }) => sum + due.length, 0);
  const putOff = looks(whole.stops) - looks(stops);
  if (whole.stops.length === 0)
    return (
      <EmptyPage
        title="Looks"
        text="Nothing to look at today. The first look at a pollinated flower is due on its third day or so; Today says when."
        lead={{ title: 'To the fruit', to: '/fruit' }}
      />
    );
  const choose = (value: string): void => {
    const minutes = TIMES.find((time) => String(time) === value);
    setFrom(undefined);
    setChosen(undefined);
    setOnly(
      minutes === undefined
        ? undefined
        : {
            minutes,
            plants: new Set(
              lookRound(store.journal, garden, fruits, today, minutes).stops.map(({ plant }) => plant.plant),
            ),
          },
    );
  };
  if (!here) {
    return (
      <Page
        title="All looked at"
        foot={
          <ProgressFoot>
            <WithUndo work="fruit" size="big" />
          </ProgressFoot>
        }
      >
        <Text>
          {`${f.count(
            stops.reduce((sum, { looked }) => sum + looked, 0),
            'fruit was',
            'fruits were',
          )} looked at today.`}
        </Text>
        {putOff > 0 ? (
          <>
            <Text style={{ marginTop: SPACE.m }}>
              {`${f.count(putOff, 'look was', 'looks were')} put off: ${PUT_OFF}`}
            </Text>
            <Button
              title={`Look at ${f.number(putOff)} more`}
              onPress={() => choose(ALL)}
              style={{ marginTop: SPACE.m, alignSelf: 'flex-start' }}
            />
          </>
        ) : null}
        <ListRow
          title="Set and drop"
          note="What the season tells so far"
          onPress={() => router.push('/fruit/rates')}
        />
      </Page>
    );
  }
  const total = Math.ceil(MINUTES_PER_LOOK * looks(only ? stops : whole.stops));
  return (
    <Page
      title={`${sayPlace(store.journal, here.plant)}, ${here.variety.name}`}
      heading={false}
      over={
        <ProgressHead
          left={`${f.count(left.length, 'plant left', 'plants left')}, about ${f.number(total)} min`}
          peg="Plant"
          count={stops.length}
          at={stops.indexOf(here)}
          of="the looks"
        />
      }
      aside={
        <View style={{ marginTop: SPACE.l, gap: SPACE.m }}>
          {MINUTES_PER_LOOK * looks(whole.stops) > TIMES[0] ? (
            <Choice
              label="Time you have"
              row
              value={only ? String(only.minutes) : ALL}
              options={[
                ...TIMES.filter(
                  (time) => time < MINUTES_PER_LOOK * looks(whole.stops) || time === only?.minutes,
                ).map((time) => ({ value: String(time), title: `${f.number(time)} min` })),
                { value: ALL, title: 'All' },
              ]}
              onChange={choose}
            />
          ) : null}
          {putOff > 0 ? (
            <Text variant="small" tone="soft">
              {`${f.count(putOff, 'look', 'looks')} may wait: ${PUT_OFF}`}
            </Text>
          ) : null}
          <View>
            {stops.map((stop) => (
              <ListRow
                key={stop.plant.plant}
                title={sayPlace(store.journal, stop.plant)}
                note={`${stop.variety.name}, ${stop.due.length > 0 ? f.count(stop.due.length, 'look due', 'looks due') : 'looked at'}`}
                selected={stop === here}
                onPress={() => setChosen(stop.plant.plant)}
              />
            ))}
          </View>
        </View>
      }
      foot={
        <WithUndo work="fruit" size="big">
          <Button
            size="big"
            title="Next plant"
            label="Next plant, leaving this one"
            onPress={() => {
              const at = left.indexOf(here);
              setChosen((left[at + 1] ?? left[0])?.plant.plant);
              setFrom(here.plant.plant);
            }}
            style={{ flex: 1 }}
          />
        </WithUndo>
      }
    >
      <PlantHeading plant={here.plant} variety={here.variety} />
      <OnePlant key={here.plant.plant} stop={here} />
    </Page>
  );
}

const PUT_OFF =
  'those that would tell least. A day later they say a little less exactly when a fruit dropped.';

/** The fruits of a plant: one is looked at, the others are a tap away. */
function OnePlant({ stop: { due } }: { readonly stop: LookStop }) {
  const f = useFormat();
  const record = useRecord();
  const [chosen, setChosen] = useState<string>();
  const here = due.find(({ bloom }) => bloom.bloom === chosen) ?? due[0]!;
  return (
    <View style={{ gap: SPACE.m }}>
      {due.length > 1 ? (
        <Button
          size="big"
          title={`All ${f.number(due.length)} are growing`}
          onPress={() => record(due.map((fruit) => lookedGrowing(fruit)))}
        />
      ) : null}
      <LookCard key={here.bloom.bloom} fruit={here} named="tag" undo={false} />
      {due
        .filter((fruit) => fruit !== here)
        .map((fruit) => (
          <ListRow
            key={fruit.bloom.bloom}
            title={fruitName(fruit, f)}
            note={`${f.shortDay(fruit.history.since)}, day ${fruit.history.age}`}
            onPress={() => setChosen(fruit.bloom.bloom)}
          />
        ))}
    </View>
  );
}
