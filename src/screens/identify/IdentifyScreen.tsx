import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { CROP_IDS, cropOf } from '@/core/crops/catalogue';
import type { Goal } from '@/core/crops/crop';
import { wantsSeed } from '@/core/crops/variety';
import type { SeenCrop } from '@/core/flowers/kindsOf';
import { meantFor } from '@/core/journal/matingOf';
import { dayAt } from '@/core/time/calendar';
import { growingCrops } from '@/core/work/outings';
import { useGarden } from '@/data/hooks/useGarden';
import { useView } from '@/data/hooks/useView';
import { FlowerDrawing } from '@/ui/flowers/FlowerDrawing';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { Page } from '../shell/Page';
import { sayPlace } from '../words/places';
import { FlowerKey } from './FlowerKey';

const isSeen = (crop: ReturnType<typeof cropOf>): crop is SeenCrop<ReturnType<typeof cropOf>> =>
  crop.flower !== undefined;
const SEEN_CROPS = CROP_IDS.map(cropOf).filter(isSeen);

/** Which flower is this, and what can be done with it: at a plant its crop is known, else it is chosen. */
export function IdentifyScreen() {
  const { plant } = useLocalSearchParams<{ plant?: string }>();
  const [chosen, setChosen] = useState<SeenCrop<ReturnType<typeof cropOf>>>();
  const at = usePlant(plant);
  if (plant !== undefined && !at) return null;
  const crop = at?.crop ?? chosen;
  if (!crop) return <ChooseCrop onChosen={setChosen} />;
  return (
    <FlowerKey
      key={crop.id}
      crop={crop}
      traits={at?.traits ?? {}}
      goal={at?.goal}
      where={at?.where}
      onOther={at ? undefined : () => setChosen(undefined)}
    />
  );
}

/** What is known of the plant one stands at. */
function usePlant(id: string | undefined) {
  const view = useView('identify', [id ?? ''], ({ store: { journal }, garden, now }) => {
    const plant = journal.all('plant').get(id ?? '');
    const variety = journal.all('variety').get(plant?.variety ?? '');
    const crop = variety && cropOf(variety.crop);
    if (!plant || !variety || !crop || !isSeen(crop)) return { found: undefined };
    const meant = meantFor(journal, plant.plant, dayAt(now, garden.zone));
    const goal: Goal | undefined =
      meant && (meant.mother !== meant.father ? 'cross' : wantsSeed(meant.purpose) ? 'seed' : 'fruit');
    return {
      found: { crop, traits: variety.traits, goal, where: `${sayPlace(journal, plant)}, ${variety.name}` },
    };
  });
  return view?.found;
}

function ChooseCrop({
  onChosen,
}: {
  readonly onChosen: (crop: SeenCrop<ReturnType<typeof cropOf>>) => void;
}) {
  const [all, setAll] = useState(false);
  const { store } = useGarden();
  const grown = new Set(growingCrops(store.journal).map(({ id }) => id));
  const here = SEEN_CROPS.filter(({ id }) => grown.has(id));
  const shown = all || here.length === 0 ? SEEN_CROPS : here;
  return (
    <Page title="Which flower is this?">
      <Text tone="soft" style={{ marginBottom: SPACE.m }}>
        Of which crop? Then tap what you see: sex, age, and what can be done with it now.
      </Text>
      {shown.map((crop) => (
        <ListRow
          key={crop.id}
          glyph={
            <View style={{ width: 44, alignItems: 'center' }}>
              <FlowerDrawing
                looks={{
                  form: crop.flower,
                  sex: crop.habit === 'perfect' ? 'perfect' : 'female',
                  stage: 'open',
                  seed: 5,
                }}
                fit="own"
                size={56}
              />
            </View>
          }
          title={crop.name}
          note={crop.types}
          onPress={() => onChosen(crop)}
        />
      ))}
      {shown.length < SEEN_CROPS.length ? (
        <View style={{ marginTop: SPACE.m }}>
          <Button title="Another crop" onPress={() => setAll(true)} />
        </View>
      ) : null}
    </Page>
  );
}
