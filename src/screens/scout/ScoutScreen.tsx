import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { comparePlants } from '@/core/garden/places';
import type { Journal } from '@/core/journal/journal';
import type { Plant } from '@/core/journal/state';
import { walkId } from '@/core/journal/subjects';
import { todayOf } from '@/core/tasks/today';
import { useGarden, useNow, useView } from '@/data/provider';
import { Action } from '@/ui/parts/Action';
import { PegString } from '@/ui/charts/PegString';
import { Line } from '@/ui/parts/Line';
import { Sheet } from '@/ui/parts/Sheet';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { placeInWords } from '../garden/labels';
import { useFormat } from '../format';
import { MorningAhead } from '../round/MorningAhead';
import { Measured } from '../shell/Measured';
import { Page } from '../shell/Page';
import { PlantVisit } from './PlantVisit';

/** The evening walk: plant by plant, then what the morning will look like. */
export function ScoutScreen() {
  const f = useFormat();
  const router = useRouter();
  const now = useNow();
  const [chosen, setChosen] = useState<string>();
  const [listed, setListed] = useState(false);
  const { journal } = useGarden().store;
  const view = useView('scout', [Math.floor(now / 60_000)], ({ store, garden }) => {
    const { walkMorning } = todayOf(store.journal, garden, now);
    const walks = store.journal.all('walk');
    const plants = [...store.journal.all('plant').values()]
      .filter(({ removed }) => !removed)
      .sort(comparePlants(store.journal.all('bed')));
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
      open={listed}
      plants={plants}
      seen={seen}
      onClose={() => setListed(false)}
      onChoose={(id) => {
        setChosen(id);
        setListed(false);
      }}
    />
  );
  if (!plant) {
    return (
      <Page
        title="Walk done"
        foot={
          <View style={{ flexDirection: 'row', gap: SPACE.s }}>
            <Action
              kind="main"
              size="big"
              title="Back to Today"
              onPress={() => router.replace('/')}
              style={{ flex: 1 }}
            />
            <Action
              size="big"
              title="Plants"
              label="List of plants, to put one right"
              onPress={() => setListed(true)}
            />
          </View>
        }
      >
        <Words kind="heading" level={2} style={{ marginBottom: SPACE.s }}>
          {f.day(morning)}
        </Words>
        <MorningAhead morning={morning} />
        {list}
      </Page>
    );
  }
  const at = plants.indexOf(plant);
  return (
    <>
      <PlantVisit
        key={`${plant.plant}|${morning}`}
        plant={plant}
        morning={morning}
        onDone={() => setChosen(undefined)}
        head={
          <View style={{ gap: SPACE.xs }}>
            <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.s }}>
              <Words kind="strong" style={{ flex: 1 }}>
                {f.count(plants.length - seen.size, 'plant left', 'plants left')}
              </Words>
              <Action kind="quiet" title="Plants" label="List of plants" onPress={() => setListed(true)} />
              <Action
                kind="quiet"
                title="Pause"
                label="Pause the walk, back to Today"
                onPress={() => router.replace('/')}
              />
            </View>
            <Measured>
              {(width) => (
                <PegString
                  width={width}
                  count={plants.length}
                  at={at}
                  missed={new Set()}
                  label={`Plant ${at + 1} of ${plants.length}`}
                />
              )}
            </Measured>
          </View>
        }
      />
      {list}
    </>
  );
}

interface PlantListProps {
  readonly journal: Journal;
  readonly open: boolean;
  readonly plants: readonly Plant[];
  readonly seen: ReadonlySet<string>;
  readonly onClose: () => void;
  readonly onChoose: (plant: string) => void;
}

function PlantList({ journal, open, plants, seen, onClose, onChoose }: PlantListProps) {
  return (
    <Sheet title="Plants" open={open} onClose={onClose} closeTitle="Close">
      {plants.map((each) => (
        <Line
          key={each.plant}
          title={placeInWords(journal, each)}
          note={`${journal.all('variety').get(each.variety)?.name ?? ''}${seen.has(each.plant) ? ', seen' : ''}`}
          onPress={() => onChoose(each.plant)}
        />
      ))}
    </Sheet>
  );
}
