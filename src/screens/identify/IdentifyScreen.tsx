import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import type { Goal } from '@/core/crops/crop';
import { wantsSeed } from '@/core/crops/variety';
import { SEEN_CROPS, seenCropOf, type SeenCrop } from '@/core/flowers/kindsOf';
import { meantFor } from '@/core/journal/matingOf';
import { dayAt } from '@/core/time/calendar';
import { useView } from '@/data/hooks/useView';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { Page } from '../shell/Page';
import { sayPlace } from '../words/places';
import { CropRows, useCropsHere } from './CropRows';
import { FlowerKey } from './FlowerKey';

/** Which flower is this, and what can be done with it: at a plant its crop is known, from the field guide too, else it is chosen. */
export function IdentifyScreen() {
  const { plant, crop: wanted } = useLocalSearchParams<{ plant?: string; crop?: string }>();
  const [chosen, setChosen] = useState(() => SEEN_CROPS.find(({ id }) => id === wanted));
  const at = usePlant(plant);
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

/** What is known of the plant one stands at; nothing where its flowers are not drawn, or it is gone. */
function usePlant(id: string | undefined) {
  const view = useView('identify', [id ?? ''], ({ store: { journal }, garden, now }) => {
    const plant = journal.all('plant').get(id ?? '');
    const variety = journal.all('variety').get(plant?.variety ?? '');
    const crop = variety && seenCropOf(variety.crop);
    if (!plant || !variety || !crop) return { found: undefined };
    const meant = meantFor(journal, plant.plant, dayAt(now, garden.zone));
    const goal: Goal | undefined =
      meant && (meant.mother !== meant.father ? 'cross' : wantsSeed(meant.purpose) ? 'seed' : 'fruit');
    return {
      found: { crop, traits: variety.traits, goal, where: `${sayPlace(journal, plant)}, ${variety.name}` },
    };
  });
  return view?.found;
}

function ChooseCrop({ onChosen }: { readonly onChosen: (crop: SeenCrop) => void }) {
  const { crops, showAll } = useCropsHere();
  return (
    <Page title="Which flower is this?">
      <Text tone="soft" style={{ marginBottom: SPACE.m }}>
        Of which crop? Then tap what you see: sex, age, and what can be done with it now.
      </Text>
      <CropRows
        crops={crops}
        stage="open"
        note={({ types }) => types}
        onChoose={onChosen}
        more={{ title: 'Another crop', onPress: showAll }}
      />
    </Page>
  );
}
