import { useEffect, useState } from 'react';
import { comparePlants } from '@/core/garden/places';
import type { Journal } from '@/core/journal/journal';
import type { Plant } from '@/core/journal/state';
import { walkId } from '@/core/journal/subjects';
import { plantsToWalk, servedAt } from '@/core/tasks/today';
import type { Day } from '@/core/time/types';
import { useGarden, useNow, useView } from '@/data/provider';
import { Action } from '@/ui/parts/Action';
import { Line } from '@/ui/parts/Line';
import { Sheet } from '@/ui/parts/Sheet';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { placeInWords } from '../garden/labels';
import { useFormat } from '../format';
import { MorningAhead } from '../round/MorningAhead';
import { useRoundPlan } from '../round/useRoundPlan';
import { WayEndFoot, WayHead } from '../round/WayHead';
import { Page } from '../shell/Page';
import { useWide } from '../shell/useWide';
import { PlantVisit } from './PlantVisit';

/** The evening walk: plant by plant, then what the morning will look like. */
export function ScoutScreen() {
  const f = useFormat();
  const wide = useWide();
  const now = useNow();
  const [chosen, setChosen] = useState<string>();
  const [listed, setListed] = useState(false);
  const { journal } = useGarden().store;
  const view = useView('scout', [Math.floor(now / 60_000)], ({ store, garden }) => {
    const { walkMorning } = servedAt(store.journal, garden, now);
    const walks = store.journal.all('walk');
    const plants = plantsToWalk(store.journal).sort(comparePlants(store.journal.all('bed')));
    const seen = new Set(
      plants.filter(({ plant }) => walks.has(walkId(plant, walkMorning))).map(({ plant }) => plant),
    );
    return { morning: walkMorning, plants, seen };
  });
  if (!view) return null;
  const { morning, plants, seen } = view;
  const plant = plants.find((each) => each.plant === chosen) ?? plants.find((each) => !seen.has(each.plant));
  const list = (
    <PlantList
      journal={journal}
      plants={plants}
      seen={seen}
      here={plant?.plant}
      onChoose={(id) => {
        setChosen(id);
        setListed(false);
      }}
    />
  );
  // There is room for the list beside the plant; else it comes up when asked for.
  const sheet = wide ? null : (
    <Sheet title="Plants" open={listed} onClose={() => setListed(false)} closeTitle="Close">
      {list}
    </Sheet>
  );
  const listButton = (label: string) =>
    wide ? null : (
      <Action
        kind={plant ? 'quiet' : 'plain'}
        size={plant ? 'usual' : 'big'}
        title="Plants"
        label={label}
        onPress={() => setListed(true)}
      />
    );
  if (!plant) {
    return (
      <Page
        title="Walk done"
        aside={wide ? list : undefined}
        foot={<WayEndFoot>{listButton('List of plants, to put one right')}</WayEndFoot>}
      >
        <Words kind="heading" level={2} style={{ marginBottom: SPACE.s }}>
          {f.day(morning)}
        </Words>
        <TomorrowsRound morning={morning} />
        {sheet}
      </Page>
    );
  }
  return (
    <>
      <PlantVisit
        key={`${plant.plant}|${morning}`}
        plant={plant}
        morning={morning}
        onDone={() => setChosen(undefined)}
        aside={wide ? list : undefined}
        head={
          <WayHead
            left={f.count(plants.length - seen.size, 'plant left', 'plants left')}
            peg="Plant"
            count={plants.length}
            at={plants.indexOf(plant)}
            way="the walk"
          >
            {listButton('List of plants')}
          </WayHead>
        }
      />
      {sheet}
    </>
  );
}

interface PlantListProps {
  readonly journal: Journal;
  readonly plants: readonly Plant[];
  readonly seen: ReadonlySet<string>;
  /** The plant that is shown. */
  readonly here: string | undefined;
  readonly onChoose: (plant: string) => void;
}

/** The plants in the order of the walk, to go to one out of turn or to put one right. */
function PlantList({ journal, plants, seen, here, onChoose }: PlantListProps) {
  useEffect(() => {
    if (here) document.getElementById(`list-${here}`)?.scrollIntoView({ block: 'nearest' });
  }, [here]);
  return plants.map((each) => (
    <Line
      key={each.plant}
      nativeID={`list-${each.plant}`}
      title={placeInWords(journal, each)}
      note={`${journal.all('variety').get(each.variety)?.name ?? ''}${seen.has(each.plant) ? ', seen' : ''}`}
      selected={each.plant === here}
      onPress={() => onChoose(each.plant)}
    />
  ));
}

function TomorrowsRound({ morning }: { readonly morning: Day }) {
  return <MorningAhead morning={morning} plan={useRoundPlan(morning)} />;
}
