import { useEffect, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import type { OutingDay } from '@/core/outing/outingDay';
import { inWalkingOrder, lookedOverWith } from '@/core/today/walkOrder';
import { isSuspect } from '@/core/journal/plantCondition';
import { expectedAt, type ExpectedBuds } from '@/core/opening/expectedAt';
import { dueNow, outingsAt, walkAt, type WalkedPlant } from '@/core/due/outings';
import { nextLeft } from '@/core/today/nextLeft';
import { useGarden } from '@/data/hooks/useGarden';
import { useDraft } from '@/data/hooks/useDraft';
import { useNow } from '@/data/hooks/useNow';
import { useRecord } from '@/data/hooks/useRecord';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Sheet } from '@/ui/parts/Sheet';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { RoundAhead } from '../round/RoundAhead';
import { ProgressFoot, ProgressHead } from '../shell/ProgressHead';
import { useRoundPlan } from '../round/useRoundPlan';
import { useExpectedOnWalk } from '../week/useForecast';
import { PlantFirst } from '../shell/PlantFirst';
import { Page } from '../shell/Page';
import { useWide } from '../shell/useWide';
import { ROUND_NAMES } from '../words/outings';
import { NoneInTheRest } from '../shell/NoneInTheRest';
import { sayPlace } from '../words/places';
import { areGoneTo, LookOver, NO_MARKS, type Marks } from './LookOver';
import { PlantOnWalk } from './PlantOnWalk';

interface Walk {
  /** The outings that it prepares, each with the day that it serves. */
  readonly services: readonly OutingDay[];
  /** In walking order. */
  readonly plants: readonly WalkedPlant[];
}

/** The walk that prepares the coming rounds. */
function useWalk(): Walk | undefined {
  const now = useNow();
  return useView('walk', [Math.floor(now / 60_000)], ({ store: { journal }, garden }) => {
    const outings = outingsAt(journal, garden, now);
    const plants = inWalkingOrder(journal, dueNow(walkAt(journal, outings), now));
    const crops = new Set(plants.map(({ crop }) => crop.id));
    return {
      services: outings
        .filter((each) => each.crops.some(({ id }) => crops.has(id)))
        .map(({ outing, walkDay }) => ({ outing, day: walkDay })),
      plants,
    };
  });
}

/** Dusk and morning may serve two days. */
const SERVED_DAYS = 2;

/** What should be found at each plant. */
function useExpected(walk: Walk | undefined): (walked: WalkedPlant) => ExpectedBuds | undefined {
  const from = walk?.services.map(({ day }) => day).toSorted()[0];
  const forecast = useExpectedOnWalk(from, SERVED_DAYS);
  return ({ plant, variety, day }) =>
    forecast && expectedAt(forecast, { variety: variety.variety, plant: plant.plant, day });
}

/** The walk: plant by plant, then what the round will look like. */
export function WalkScreen() {
  const f = useFormat();
  const wide = useWide();
  const walk = useWalk();
  const record = useRecord();
  const [chosen, setChosen] = useState<string>();
  // The plant that was done last, once one was jumped to.
  const [from, setFrom] = useState<string>();
  const [overview, setOverview] = useDraft('walk-by-bed', false);
  const [marks, setMarks] = useDraft<Marks>('walk-marks', NO_MARKS);
  const expected = useExpected(walk);
  if (!walk) return null;
  const { services, plants } = walk;
  if (plants.length === 0)
    return (
      <Page title="Evening walk">
        <PlantFirst text="No plant that is covered and pollinated by hand grows here yet." />
      </Page>
    );
  const left = plants.filter(({ visited }) => !visited);
  const here = plants.find(({ plant }) => plant.plant === chosen) ?? nextLeft(plants, left, from);
  const list = (onChoose = setChosen) => (
    <PlantList walk={walk} here={here?.plant.plant} onChoose={onChoose} />
  );
  // On a wide screen the list is next to the plant; on a phone it opens from a button.
  const aside = wide ? list() : undefined;
  const listButton = wide ? null : (
    <ListButton isDone={!here}>
      {(close) =>
        list((id) => {
          setChosen(id);
          close();
        })
      }
    </ListButton>
  );
  const head = here ? (
    <ProgressHead
      left={f.count(left.length, 'plant left', 'plants left')}
      peg="Plant"
      count={plants.length}
      at={plants.indexOf(here)}
      of="the walk"
    >
      {listButton}
    </ProgressHead>
  ) : null;
  const together = here && here.plant.plant !== chosen ? lookedOverWith(here, left) : [];
  if (overview === undefined || !marks) return null;
  if (overview && together.length > 1 && !areGoneTo(together, marks)) {
    return (
      <LookOver
        plants={together}
        marks={marks}
        onMark={setMarks}
        onOneByOne={() => setOverview(false)}
        aside={aside}
        head={head}
      />
    );
  }
  if (!here) {
    return (
      <Page title="Walk done" aside={aside} foot={<ProgressFoot>{listButton}</ProgressFoot>}>
        {services.map((service) => (
          <View key={service.outing} style={{ marginBottom: SPACE.l }}>
            <Text variant="heading" level={2} style={{ marginBottom: SPACE.s }}>
              {services.length > 1
                ? `${ROUND_NAMES[service.outing]}, ${f.shortDay(service.day)}`
                : f.day(service.day)}
            </Text>
            <RoundToCome service={service} />
          </View>
        ))}
      </Page>
    );
  }
  return (
    <PlantOnWalk
      expected={here.visited ? undefined : expected(here)}
      walked={here}
      onDone={() => {
        if (chosen !== undefined || from !== undefined) setFrom(here.plant.plant);
        setChosen(undefined);
      }}
      // What is noted of a plant may move it to the end of the walk: not while one stands at it.
      onNoted={() => setChosen(here.plant.plant)}
      aside={aside}
      foot={
        <>
          <NoneInTheRest
            left={left}
            here={here}
            onNone={(rest) =>
              record([
                { kind: 'swept', body: { day: here.day, plants: rest.map(({ plant }) => plant.plant) } },
              ])
            }
          />
          {together.length >= FEWEST_LOOKED_OVER && !overview ? (
            <Button
              variant="quiet"
              title="Only plants with something to see"
              onPress={() => setOverview(true)}
            />
          ) : null}
        </>
      }
      head={head}
    />
  );
}

/** With fewer, one by one is as short. */
const FEWEST_LOOKED_OVER = 4;

interface ListButtonProps {
  /** Is the walk over? Then the list is for corrections. */
  readonly isDone: boolean;
  readonly children: (close: () => void) => ReactNode;
}

/** A button that opens the list of plants. */
function ListButton({ isDone, children }: ListButtonProps) {
  const [open, setOpen] = useState(false);
  const close = (): void => setOpen(false);
  return (
    <>
      <Button
        variant={isDone ? 'plain' : 'quiet'}
        size={isDone ? 'big' : 'usual'}
        title="Plants"
        label={isDone ? 'List of plants, to correct one' : 'List of plants'}
        onPress={() => setOpen(true)}
      />
      <Sheet title="Plants" open={open} onClose={close} closeTitle="Close">
        {children(close)}
      </Sheet>
    </>
  );
}

interface PlantListProps {
  readonly walk: Walk;
  /** The plant that is shown. */
  readonly here: string | undefined;
  readonly onChoose: (plant: string) => void;
}

/** The plants in the order of the walk, to go to one out of turn or to correct one. */
function PlantList({ walk: { plants }, here, onChoose }: PlantListProps) {
  const { journal } = useGarden().store;
  useEffect(() => {
    if (here) document.getElementById(`list-${here}`)?.scrollIntoView({ block: 'nearest' });
  }, [here]);
  return plants.map(({ plant, variety, visited }) => (
    <ListRow
      key={plant.plant}
      nativeID={`list-${plant.plant}`}
      title={sayPlace(journal, plant)}
      note={`${variety.name}${visited ? ', seen' : ''}${isSuspect(plant) ? ', may be diseased: last' : ''}`}
      selected={plant.plant === here}
      onPress={() => onChoose(plant.plant)}
    />
  ));
}

function RoundToCome({ service }: { readonly service: OutingDay }) {
  const [people, setPeople] = useState(1);
  const planning = useRoundPlan(service, people, undefined);
  return <RoundAhead service={service} planning={planning} people={people} onPeople={setPeople} />;
}
