import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { plantsIn } from '@/core/garden/places';
import { dayAt } from '@/core/time/calendar';
import { plantLabel } from '@/core/records/plantLabel';
import { closeSeason, seasonToClose, type Unpicked, type SeasonToClose } from '@/core/years/closing';
import { newId } from '@/data/clock';
import { useStore } from '@/data/hooks/useGarden';
import { eitherWay, useRecord } from '@/data/hooks/useRecord';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { Text } from '@/ui/parts/Text';
import { TickButton } from '@/ui/parts/TickButton';
import { SPACE } from '@/ui/theme';
import { fruitName, fruitStatus } from '../fruit/fruitView';
import { FormDay, FormField } from '../forms/fields';
import { useCheckedForm } from '../forms/useCheckedForm';
import { useFormat } from '../format/useFormat';
import { EmptyPage } from '../shell/EmptyPage';
import { Page } from '../shell/Page';
import { FRUIT_END_NAMES, FRUIT_ENDS_SHORT } from '../words/years';
import { optionsOf } from '../words/options';

/** Ends a season: what stands, what stays, and what became of fruit that nobody had picked. */
export function CloseSeasonScreen() {
  const view = useView('close-season', [], ({ store: { journal }, garden, now }) => {
    const today = dayAt(now, garden.zone);
    return { today, found: seasonToClose(journal, garden, today) };
  });
  if (!view) return null;
  if (view.found.standing.length === 0)
    return (
      <EmptyPage
        title="Close the season"
        text="Nothing stands in the garden: there is nothing to close."
        lead={{ title: 'To the seasons', to: '/garden/seasons' }}
      />
    );
  return <CloseForm found={view.found} today={view.today} />;
}

interface Typed {
  readonly name: string;
  readonly from: string;
  readonly to: string;
}

function CloseForm({ found, today }: { readonly found: SeasonToClose; readonly today: string }) {
  const router = useRouter();
  const record = useRecord();
  const f = useFormat();
  const { season, standing, unpicked } = found;
  const [stays, setStays] = useState<ReadonlySet<string>>(
    new Set(standing.flatMap(({ variety, stays: stay }) => (stay ? variety.variety : []))),
  );
  const [end, setEnd] = useState<Unpicked>();
  const [ends, setEnds] = useState<ReadonlyMap<string, Unpicked>>(new Map());
  const [missing, setMissing] = useState(false);
  const { control, handleSubmit, setError } = useCheckedForm<Typed, Typed>('season', {
    name: season.name,
    from: season.from,
    to: season.to,
  });
  const ending = standing.filter(({ variety }) => !stays.has(variety.variety));
  // What stands on a plant that stays is still there.
  const asked = unpicked.filter(({ variety }) => !stays.has(variety.variety));
  const save = handleSubmit((checked) => {
    if (checked.to > today) {
      setError('to', { message: 'That day has not come yet.' });
      return;
    }
    const endOf = (bloom: string): Unpicked | undefined => ends.get(bloom) ?? end;
    if (asked.some(({ bloom }) => !endOf(bloom.bloom))) {
      setMissing(true);
      return;
    }
    const facts = closeSeason(
      { ...found, unpicked: asked },
      { season: checked, stays, ends: (bloom) => endOf(bloom)! },
      newId,
    );
    const id = facts.flatMap((fact) => (fact.kind === 'season.named' ? fact.body.season : []))[0]!;
    record(
      facts,
      eitherWay(() => router.replace({ pathname: '/garden/season', params: { id } })),
    );
  });
  return (
    <Page
      title="Close the season"
      foot={<Button variant="main" size="big" title="Close the season" onPress={() => void save()} />}
    >
      <View style={{ gap: SPACE.m }}>
        <FormField control={control} name="name" label="Name of the season" />
        <FormDay control={control} name="from" label="First day" />
        <FormDay
          control={control}
          name="to"
          label="Last day"
          note="The last harvest or the first frost: its plants stood to that day."
        />
        <Text variant="heading" level={2}>
          What ends
        </Text>
        <View
          role="group"
          aria-label="What ends"
          style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}
        >
          {standing.map(({ variety: { variety, name }, plants }) => {
            const on = !stays.has(variety);
            const title = `${name}, ${f.number(plantsIn(plants))}`;
            return (
              <TickButton
                key={variety}
                title={title}
                on={on}
                onPress={() =>
                  setStays(new Set(on ? [...stays, variety] : [...stays].filter((each) => each !== variety)))
                }
              />
            );
          })}
        </View>
        <Text variant="small" tone="soft">
          {`${f.count(
            plantsIn(ending.flatMap(({ plants }) => plants)),
            'plant ends',
            'plants end',
          )}. What is not ticked stands on, such as strawberries.`}
        </Text>
        {asked.length > 0 ? (
          <NotPicked fruits={asked} end={end} ends={ends} onEnd={setEnd} onEnds={setEnds} missing={missing} />
        ) : null}
      </View>
    </Page>
  );
}

interface OthersProps {
  readonly fruits: SeasonToClose['unpicked'];
  readonly end: Unpicked | undefined;
  readonly ends: ReadonlyMap<string, Unpicked>;
  readonly onEnd: (end: Unpicked) => void;
  readonly onEnds: (ends: ReadonlyMap<string, Unpicked>) => void;
  readonly missing: boolean;
}

/** Shown at once. */
const AT_ONCE = 30;

/** Asked once of all, and of each that is not like the others. */
function NotPicked({ fruits, end, ends, onEnd, onEnds, missing }: OthersProps) {
  const f = useFormat();
  const { journal } = useStore();
  const [shown, setShown] = useState(0);
  return (
    <View style={{ gap: SPACE.m }}>
      <Choice
        label={`What became of the fruit that nobody picked? ${f.number(fruits.length)} in all`}
        options={optionsOf(FRUIT_END_NAMES)}
        value={end}
        onChange={onEnd}
        {...(missing && !end && { error: 'Choose one.' })}
      />
      {shown === 0 ? (
        <Button
          title="Not all of it alike"
          onPress={() => setShown(AT_ONCE)}
          style={{ alignSelf: 'flex-start' }}
        />
      ) : (
        fruits
          .slice(0, shown)
          .map((fruit) => (
            <Choice
              key={fruit.bloom.bloom}
              row
              label={`${fruitName(fruit, f)} · ${plantLabel(journal, fruit.plant.plant)}, ${fruit.variety.name}: ${fruitStatus(fruit).word}`}
              options={optionsOf(FRUIT_ENDS_SHORT)}
              value={ends.get(fruit.bloom.bloom) ?? end}
              onChange={(each) => onEnds(new Map([...ends, [fruit.bloom.bloom, each]]))}
            />
          ))
      )}
      {shown > 0 && shown < fruits.length ? (
        <Button title="Show more" onPress={() => setShown(shown + AT_ONCE)} />
      ) : null}
    </View>
  );
}
