import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { isOpenAt, openNowOf, secondTimes, type OpenPlant, type SecondTime } from '@/core/due/openNow';
import { withTrials } from '@/core/due/withTrials';
import { openMorning } from '@/core/due/openMorning';
import { nextLeft } from '@/core/today/nextLeft';
import { useGarden } from '@/data/hooks/useGarden';
import { useNow } from '@/data/hooks/useNow';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Sheet } from '@/ui/parts/Sheet';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { ProgressFoot, ProgressHead } from '../shell/ProgressHead';
import { EmptyPage } from '../shell/EmptyPage';
import { Page } from '../shell/Page';
import { WithUndo } from '../shell/WithUndo';
import { useWide } from '../shell/useWide';
import { useOnlyMales } from '../week/useOnlyMales';
import { sayOnlyMales } from '../words/flowers';
import { sayPlace } from '../words/places';
import { OpenFromPaper } from './OpenFromPaper';
import { PlantAgain } from './PlantAgain';
import { PlantOpen } from './PlantOpen';

/** What is open now, plant by plant, or entered from paper. */
export function OpenNowScreen() {
  const { paper } = useLocalSearchParams<{ paper?: string }>();
  return paper === undefined ? <OpenNow /> : <OpenFromPaper />;
}

/** Plant by plant, what is open and what was pollinated: no evening before, no cover, no tag. */
function OpenNow() {
  const now = useNow();
  const f = useFormat();
  const wide = useWide();
  const { journal } = useGarden().store;
  // A plant out of turn; `first`: to correct its first count, though its females are due a second time.
  const [chosen, setChosen] = useState<{ readonly plant: string; readonly first?: true }>();
  // The plant that was done last, once one was jumped to.
  const [from, setFrom] = useState<string>();
  const [listed, setListed] = useState(false);
  const { any } = useLocalSearchParams<{ any?: string }>();
  const router = useRouter();
  // Whoever sees one open is believed.
  const grown = useView('open-now', [Math.floor(now / 60_000)], ({ store, garden }) =>
    withTrials(store.journal, garden, openNowOf(store.journal, garden, now, { anyHour: true })),
  );
  if (!grown) return null;
  const plants = any === undefined ? grown.filter(({ window }) => isOpenAt(window, now)) : grown;
  if (plants.length === 0) {
    return (
      <EmptyPage
        title="Open now"
        text="No flower that you grow to eat is expected open at this hour. Squash opens at sunrise and shuts by ten or so, melons and cucumbers open later, bottle gourds at dusk."
        lead={{ title: 'To Today', to: '/' }}
      >
        {grown.length > 0 ? (
          <Button
            title="I see one open"
            onPress={() => router.setParams({ any: '1' })}
            style={{ marginTop: SPACE.m }}
          />
        ) : null}
      </EmptyPage>
    );
  }
  const left = plants.filter((each) => each.open === undefined && !waits(each, now));
  const waiting = plants.filter((each) => each.open === undefined && waits(each, now));
  const second = secondTimes(plants, now);
  const here =
    plants.find(({ plant }) => plant.plant === chosen?.plant) ?? nextLeft(plants, left, from) ?? second[0];
  const list = (onChoose: (plant: string) => void) => (
    <PlantList plants={plants} here={here?.plant.plant} onChoose={onChoose} />
  );
  const listButton = wide ? null : (
    <>
      <Button
        variant={here ? 'quiet' : 'plain'}
        size={here ? 'usual' : 'big'}
        title="Plants"
        label={here ? 'List of plants' : 'List of plants, to correct one'}
        onPress={() => setListed(true)}
      />
      <Sheet title="Plants" open={listed} onClose={() => setListed(false)} closeTitle="Close">
        {list((plant) => {
          setChosen({ plant });
          setListed(false);
        })}
      </Sheet>
    </>
  );
  const aside = wide ? list((plant) => setChosen({ plant })) : undefined;
  if (!here) {
    const later = plants.flatMap(({ again }) => again ?? []);
    const { pollinated, withoutPollen } = openMorning(journal, plants);
    return (
      <Page
        title="All plants seen"
        aside={aside}
        foot={
          <ProgressFoot>
            <WithUndo work="open" size="big">
              {listButton}
            </WithUndo>
          </ProgressFoot>
        }
      >
        <Text>
          {pollinated > 0
            ? `${f.count(pollinated, 'female', 'females')} pollinated on ${f.count(plants.length, 'plant', 'plants')}. Whether they grow shows in three or four days: Today will ask.`
            : withoutPollen > 0
              ? 'No female was pollinated.'
              : 'No female was open.'}
        </Text>
        {withoutPollen > 0 ? (
          <Text style={{ marginTop: SPACE.m }}>
            {`${f.count(withoutPollen, 'female', 'females')} got no pollen: there was none. None of that lowers a rate.`}
          </Text>
        ) : null}
        <OnlyMalesToday varieties={new Map(plants.map(({ variety }) => [variety.variety, variety.name]))} />
        {waiting.length > 0 ? (
          <Text style={{ marginTop: SPACE.m }}>
            {`From ${f.time(Math.min(...waiting.flatMap(({ tried }) => tried?.from ?? [])))}: ${f.count(waiting.length, 'plant', 'plants')} of the trial, whose turn is late.`}
          </Text>
        ) : null}
        {later.length > 0 ? (
          <Text style={{ marginTop: SPACE.m }}>
            {`From ${f.time(Math.min(...later.map(({ from }) => from)))}: ${f.count(sumOf(later), 'female', 'females')} a second time. Today will say when.`}
          </Text>
        ) : null}
      </Page>
    );
  }
  const again = second.includes(here) && !chosen?.first ? here.again : undefined;
  const toDo = again && left.length === 0 ? second : left;
  const page = {
    here,
    aside,
    onDone: () => {
      if (chosen || from !== undefined) setFrom(here.plant.plant);
      setChosen(undefined);
    },
    head: (
      <ProgressHead
        left={f.count(toDo.length, 'plant left', 'plants left')}
        peg="Plant"
        count={plants.length}
        at={plants.indexOf(here)}
        of="the morning"
      >
        {listButton}
      </ProgressHead>
    ),
  };
  const key = `${here.plant.plant}|${here.day}`;
  return again ? (
    <PlantAgain
      key={`${key}|again`}
      {...page}
      again={again}
      onCorrect={() => setChosen({ plant: here.plant.plant, first: true })}
    />
  ) : (
    <PlantOpen key={key} left={left} {...page} />
  );
}

/** Is its turn in a trial still to come? */
const waits = ({ tried }: OpenPlant, now: number): boolean => tried?.from !== undefined && now < tried.from;

const sumOf = (again: readonly SecondTime[]): number => again.reduce((sum, { females }) => sum + females, 0);

/** Of each variety on which no female was met yet: that nothing is wrong, and when they come. */
function OnlyMalesToday({ varieties }: { readonly varieties: ReadonlyMap<string, string> }) {
  const f = useFormat();
  const onlyMales = useOnlyMales();
  return [...varieties].map(([variety, name]) => {
    const only = onlyMales?.get(variety);
    return only ? (
      <Text key={variety} style={{ marginTop: SPACE.m }}>{`${name}: ${sayOnlyMales(only, f)}`}</Text>
    ) : null;
  });
}

interface PlantListProps {
  readonly plants: readonly OpenPlant[];
  readonly here: string | undefined;
  readonly onChoose: (plant: string) => void;
}

/** The plants in walking order, to go to one out of turn or to correct one. */
function PlantList({ plants, here, onChoose }: PlantListProps) {
  const { journal } = useGarden().store;
  const f = useFormat();
  const seen = ({ open, again }: OpenPlant): string =>
    open
      ? `, ${f.count(open.female, 'female', 'females')}, ${f.count(open.male, 'male', 'males')}${again ? `, again from ${f.time(again.from)}` : ''}`
      : '';
  return plants.map((each) => (
    <ListRow
      key={each.plant.plant}
      title={sayPlace(journal, each.plant)}
      note={`${each.variety.name}${seen(each)}`}
      selected={each.plant.plant === here}
      onPress={() => onChoose(each.plant.plant)}
    />
  ));
}
