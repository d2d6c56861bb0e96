import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import type { CropId } from '@/core/crops/crop';
import type { Variety } from '@/core/journal/state';
import { newId } from '@/data/clock';
import { useGarden, useRecord } from '@/data/provider';
import { Action } from '@/ui/parts/Action';
import { SPACE } from '@/ui/theme';
import { FormChoice, FormField } from '../forms/fields';
import { optionsOf } from '../words/options';
import { useCheckedForm } from '../forms/useCheckedForm';
import { Page } from '../shell/Page';
import { OWN_POLLEN, SEED_SOURCES } from '../words/names';
import { VarietyFields } from './VarietyFields';

type Checked = Omit<Variety, 'variety'>;
type Typed = Omit<Checked, 'crop'> & { crop: CropId | undefined };

const NEW: Typed = {
  name: '',
  crop: undefined,
  purpose: 'seedToKeep',
  seedSource: 'unknown',
  ownPollen: 'lastResort',
};

/** Describes a variety: its species, what it is grown for, and where its seed came from. */
export function VarietyScreen() {
  const router = useRouter();
  const record = useRecord();
  const { id } = useLocalSearchParams<{ id?: string }>();
  const held = useGarden()
    .store.journal.all('variety')
    .get(id ?? '');
  const { control, handleSubmit } = useCheckedForm<Typed, Checked>('variety', held ?? NEW);
  const save = handleSubmit(({ name, crop, purpose, seedSource, ownPollen }) => {
    const body = { variety: held?.variety ?? newId(), name, crop, purpose, seedSource, ownPollen };
    record([{ kind: 'variety.described', body }]);
    router.replace('/garden');
  });
  return (
    <Page
      title={held?.name ?? 'A new variety'}
      foot={<Action kind="main" size="big" title="Keep" onPress={() => void save()} />}
    >
      <View style={{ gap: SPACE.l }}>
        <FormField control={control} name="name" label="Name" autoCapitalize="words" />
        <VarietyFields control={control} cropLabel="Species: within one, all varieties cross" />
        <FormChoice
          control={control}
          name="seedSource"
          label="Where the seed came from"
          options={optionsOf(SEED_SOURCES)}
        />
        <FormChoice
          control={control}
          name="ownPollen"
          label="May a female take pollen of her own plant?"
          options={optionsOf(OWN_POLLEN)}
        />
      </View>
    </Page>
  );
}
