import { useRouter } from 'expo-router';
import { useState } from 'react';
import { useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { CROP_IDS, cropOf, isPollinatedOpen, type CropId } from '@/core/crops/catalogue';
import type { Fact } from '@/core/journal/entry';
import type { Purpose } from '@/core/crops/variety';
import { newId } from '@/data/clock';
import { useDevice } from '@/data/hooks/useDevice';
import { useGarden } from '@/data/hooks/useGarden';
import { createGarden } from '@/data/garden/session';
import { habitsOf } from '@/data/places/countryHabits';
import type { Place } from '@/data/places/findPlaces';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useCheckedForm } from '../forms/useCheckedForm';
import { Page } from '../shell/Page';
import { FormChoice, FormField } from '../forms/fields';
import { PURPOSE_NAMES } from '../words/names';
import { optionsOf } from '../words/options';
import { CropPicker } from './CropPicker';
import { PlacePicker } from './PlacePicker';

type Begin = 'variety' | 'list' | 'later';

interface Typed {
  begin: Begin;
  place: string;
  latitude: number | undefined;
  longitude: number | undefined;
  zone: string;
  variety: string;
  crop: CropId | undefined;
  purpose: Purpose | undefined;
  plants: string;
}
type Checked = Pick<Typed, 'place' | 'zone'> & {
  latitude: number;
  longitude: number;
} & (
    | { begin: 'variety'; variety: string; purpose: Purpose; plants: number; crop: CropId }
    | { begin: 'list' | 'later' }
  );

const BEGIN_NAMES: Readonly<Record<Begin, string>> = {
  variety: 'One variety, to begin with',
  list: 'I have a list or a spreadsheet',
  later: 'I add beds and plants later',
};

/** Room a squash plant takes along the row, metres. Our default; the bed can be changed after. */
const PLANT_EVERY_M = 1;

/** A garden of one's own: its location, and a first bed with one variety in it. */
export function StartScreen() {
  const router = useRouter();
  const device = useDevice();
  const { open } = useGarden();
  const [trouble, setTrouble] = useState<string>();
  const { control, handleSubmit, setValue, clearErrors, formState } = useCheckedForm<Typed, Checked>(
    'start',
    {
      begin: 'variety',
      place: '',
      zone: '',
      variety: '',
      // Whoever scrolls past it must not be led into covering.
      purpose: undefined,
      plants: '4',
    },
  );
  const crop = useWatch({ control, name: 'crop' });
  const begin = useWatch({ control, name: 'begin' });
  const [where, setWhere] = useState<Place>();
  const choosePlace = (place: Place | undefined): void => {
    setWhere(place);
    setValue('latitude', place?.latitude);
    setValue('longitude', place?.longitude);
    setValue('zone', place?.zone ?? '');
    if (place) clearErrors(['latitude', 'longitude', 'zone']);
  };
  const create = handleSubmit(async (given) => {
    try {
      const current = await createGarden(device, given.place, firstFacts(given));
      // How one measures there; who has a garden here already has chosen.
      if (device.gardens.length === 1) await device.setSettings(habitsOf(where?.country ?? ''));
      await open(current);
      router.replace(given.begin === 'list' ? '/garden/table' : given.begin === 'later' ? '/garden' : '/');
    } catch {
      setTrouble(
        'The device refused to store the garden. Nothing was changed; is its disk full, or the window private?',
      );
    }
  });
  const { latitude, longitude, zone } = formState.errors;
  const unplaced = Boolean(latitude ?? longitude ?? zone);
  return (
    <Page
      title="Your own garden"
      foot={
        <Button
          variant="main"
          size="big"
          title="Create garden"
          busy={formState.isSubmitting}
          onPress={() => void create()}
        />
      }
    >
      <View style={{ gap: SPACE.m }}>
        <FormField control={control} name="place" label="Name of the garden" autoCapitalize="words" />
        <Text variant="small" tone="soft">
          Its location decides sunrise, and with it when flowers open. It stays on this device.
        </Text>
        <PlacePicker
          place={where}
          onPlace={choosePlace}
          {...(unplaced && { error: 'Choose where it is: a town near by, or coordinates.' })}
        />
        <FormChoice
          control={control}
          name="begin"
          label="What grows there"
          options={optionsOf(BEGIN_NAMES)}
        />
        {begin === 'variety' ? (
          <>
            <FormField control={control} name="variety" label="Variety" autoCapitalize="words" />
            <CropPicker
              crop={crop}
              onCrop={(next) => setValue('crop', next, { shouldValidate: next !== undefined })}
              error={formState.errors.crop?.message}
              offered={OFFERED}
            />
            <FormChoice
              control={control}
              name="purpose"
              label="What for"
              options={optionsOf(PURPOSE_NAMES)}
            />
            <FormField control={control} name="plants" label="Plants in a row" numeric />
          </>
        ) : null}
        {trouble ? (
          <Text tone="rust" live>
            {trouble}
          </Text>
        ) : null}
      </View>
    </Page>
  );
}

/** What the app leads through from the first day; others are found by their name. */
const OFFERED = CROP_IDS.filter((id) => isPollinatedOpen(cropOf(id)));

function firstFacts(given: Checked): Fact[] {
  const { place, latitude, longitude, zone } = given;
  const garden: Fact = {
    kind: 'garden.described',
    body: { name: place, place, latitude, longitude, zone },
  };
  return given.begin === 'variety' ? [garden, ...firstPlants(given)] : [garden];
}

/** One row of the first variety, in a bed that nobody has placed yet. */
function firstPlants(given: Extract<Checked, { begin: 'variety' }>): Fact[] {
  const [bed, variety] = [newId(), newId()];
  const { crop, purpose, plants: count } = given;
  const length = Math.max(1, count * PLANT_EVERY_M);
  const plants = Array.from({ length: count }, (_, i) => ({ plant: newId(), place: i + 1 }));
  return [
    {
      kind: 'bed.laid',
      body: { bed, name: 'A', x: 1, y: 1, length, width: 1.2, rows: 1, turn: 0, unplaced: true },
    },
    {
      kind: 'variety.described',
      body: {
        variety,
        name: given.variety,
        crop,
        purpose,
        seedSource: 'unknown',
        ownPollen: purpose === 'eat' ? 'allowed' : 'lastResort',
        traits: {},
      },
    },
    { kind: 'plants.set', body: { bed, row: 1, variety, plants } },
  ];
}
