import { useEffect, useState, type ReactNode } from 'react';
import { comparePlants } from '@/core/garden/places';
import { walkId } from '@/core/journal/kinds/scout';
import type { Plant } from '@/core/journal/state';
import type { Day } from '@/core/time/types';
import { plantsToWalk, servedAt } from '@/core/work/today';
import { useGarden } from '@/data/hooks/useGarden';
import { useNow } from '@/data/hooks/useNow';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Sheet } from '@/ui/parts/Sheet';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { MorningAhead } from '../round/MorningAhead';
import { ProgressFoot, ProgressHead } from '../round/ProgressHead';
import { useRoundPlan } from '../round/useRoundPlan';
import { Page } from '../shell/Page';
import { useWide } from '../shell/useWide';
import { sayPlace } from '../words/places';
import { PlantVisit } from './PlantVisit';

interface Walk {
  readonly morning: Day;
  readonly plants: readonly Plant[];
  /** Ids of the plants visited. */
  readonly visited: ReadonlySet<string>;
}

/** The walk that prepares the coming morning, in walking order. */
function useWalk(): Walk | undefined {
  const now = useNow();
  return useView('scout', [Math.floor(now / 60_000)], ({ store: { journal }, garden }) => {
    const { walkMorning } = servedAt(journal, garden, now);
    const walks = journal.all('walk');
    const plants = plantsToWalk(journal).sort(comparePlants(journal.all('bed')));
    const visited = plants.filter(({ plant }) => walks.has(walkId(plant, walkMorning)));
    return { morning: walkMorning, plants, visited: new Set(visited.map(({ plant }) => plant)) };
  });
}

/** The evening walk: plant by plant, then what the morning will look like. */
export function ScoutScreen() {
  const f = useFormat();
  const wide = useWide();
  const walk = useWalk();
  const [chosen, setChosen] = useState<string>();
  if (!walk) return null;
  const { morning, plants, visited } = walk;
  const plant =
    plants.find((each) => each.plant === chosen) ?? plants.find((each) => !visited.has(each.plant));
  const list = (onChoose = setChosen) => <PlantList walk={walk} here={plant?.plant} onChoose={onChoose} />;
  // On a wide screen the list is next to the plant; on a phone it opens from a button.
  const aside = wide ? list() : undefined;
  const listButton = wide ? null : (
    <ListButton isDone={!plant}>
      {(close) =>
        list((id) => {
          setChosen(id);
          close();
        })
      }
    </ListButton>
  );
  if (!plant) {
    return (
      <Page title="Walk done" aside={aside} foot={<ProgressFoot>{listButton}</ProgressFoot>}>
        <Text variant="heading" level={2} style={{ marginBottom: SPACE.s }}>
          {f.day(morning)}
        </Text>
        <TomorrowsRound morning={morning} />
      </Page>
    );
  }
  return (
    <PlantVisit
      key={`${plant.plant}|${morning}`}
      plant={plant}
      morning={morning}
      onDone={() => setChosen(undefined)}
      aside={aside}
      head={
        <ProgressHead
          left={f.count(plants.length - visited.size, 'plant left', 'plants left')}
          peg="Plant"
          count={plants.length}
          at={plants.indexOf(plant)}
          of="the walk"
        >
          {listButton}
        </ProgressHead>
      }
    />
  );
}

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
function PlantList({ walk: { plants, visited }, here, onChoose }: PlantListProps) {
  const { journal } = useGarden().store;
  useEffect(() => {
    if (here) document.getElementById(`list-${here}`)?.scrollIntoView({ block: 'nearest' });
  }, [here]);
  return plants.map((each) => (
    <ListRow
      key={each.plant}
      nativeID={`list-${each.plant}`}
      title={sayPlace(journal, each)}
      note={`${journal.all('variety').get(each.variety)?.name ?? ''}${visited.has(each.plant) ? ', seen' : ''}`}
      selected={each.plant === here}
      onPress={() => onChoose(each.plant)}
    />
  ));
}

function TomorrowsRound({ morning }: { readonly morning: Day }) {
  return <MorningAhead morning={morning} plan={useRoundPlan(morning)} />;
}
