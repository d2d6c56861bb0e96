import { useSince } from '../forms/useSince';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { Controller, useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { isJudgedBy } from '@/core/journal/isJudgedBy';
import { deletionOf } from '@/core/planning/deletionOf';
import { newId } from '@/data/clock';
import { useGarden } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { SPACE } from '@/ui/theme';
import { FormField } from '../forms/fields';
import { useCheckedForm } from '../forms/useCheckedForm';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { CropPicker } from './CropPicker';
import { bodyOf, type Checked, NEW, type Typed, typedOf } from './describing';
import { SeedFields, SowingFields, Traits } from './DescribeFields';
import { Consequences, Moved } from './Consequences';

/** Describes a variety: first its species, then what it is grown for, and where its seed came from. */
export function DescribeScreen() {
  const f = useFormat();
  const router = useRouter();
  const record = useRecord();
  const { store } = useGarden();
  const { journal } = store;
  const { id } = useLocalSearchParams<{ id?: string }>();
  const held = journal.all('variety').get(id ?? '');
  const { control, handleSubmit, setValue, formState } = useCheckedForm<Typed, Checked>(
    'variety',
    held ? typedOf(held) : NEW,
  );
  const crop = useWatch({ control, name: 'crop' });
  const name = useWatch({ control, name: 'name' });
  const since = useSince();
  const save = handleSubmit((given) => {
    const variety = held?.variety ?? newId();
    const body = bodyOf(given, variety);
    const matters = held !== undefined && isJudgedBy(held, body);
    const fact = since.say('variety.described', body, variety, matters);
    if (!fact) return;
    record([fact]);
    router.replace({ pathname: '/garden/variety', params: { id: variety } });
  });
  const deletion = held && deletionOf(journal, 'variety', held.variety);
  return (
    <Page
      title={held?.name ?? 'New variety'}
      foot={<Button variant="main" size="big" title="Save" onPress={() => void save()} />}
    >
      <View style={{ gap: SPACE.l }}>
        <FormField control={control} name="name" label="Name" autoCapitalize="words" />
        <CropPicker
          crop={crop}
          onCrop={(next) => setValue('crop', next, { shouldValidate: next !== undefined })}
          error={formState.errors.crop?.message}
        />
        {crop ? <Consequences crop={crop} name={name} self={held?.variety} /> : null}
        {held && crop && crop !== held.crop ? <Moved held={held} crop={crop} /> : null}
        {crop ? (
          <Controller
            control={control}
            name="traits"
            render={({ field }) => <Traits crop={crop} traits={field.value} onChange={field.onChange} />}
          />
        ) : null}
        <SeedFields control={control} />
        <SowingFields control={control} />
        <FormField control={control} name="note" label="Notes" lines={3} />
        {since.question}
        {held && deletion ? (
          <Button
            variant="loss"
            title={
              deletion.plants > 0 ? `Delete, with ${f.count(deletion.plants, 'plant', 'plants')}` : 'Delete'
            }
            onPress={() => {
              record(deletion.facts);
              router.replace('/garden');
            }}
          />
        ) : null}
      </View>
    </Page>
  );
}
