import { useLocalSearchParams, useRouter } from 'expo-router';
import { useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { cropOf, type CropId } from '@/core/crops/catalogue';
import type { HowSure, Kernel } from '@/core/journal/entry';
import type { Outside } from '@/core/journal/state';
import { newId } from '@/data/clock';
import { useGarden, useRecord } from '@/data/provider';
import { Action } from '@/ui/parts/Action';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { FormChoice, FormField } from '../forms/fields';
import { useCheckedForm } from '../forms/useCheckedForm';
import { useFormat, type Format } from '../format';
import { Page } from '../shell/Page';
import { HOW_SURE, TRAITS } from '../words/garden';
import { optionsOf } from '../words/options';
import { KindPicker } from './KindPicker';

interface Typed extends Record<
  'name' | 'distance' | 'bearing' | 'across' | 'plants' | 'from' | 'to',
  string
> {
  crop: CropId | undefined;
  kernel: Kernel | undefined;
  sure: HowSure;
}
interface Checked {
  name: string;
  crop: CropId;
  kernel?: Kernel;
  distance: number;
  bearing: number;
  across: number;
  plants: number;
  sure: HowSure;
  from?: string;
  to?: string;
}

const typedOf = (held: Outside | undefined, f: Format): Typed => ({
  name: held?.name ?? '',
  crop: held?.crop,
  kernel: held?.kernel,
  distance: held ? f.typedLength(held.distance) : '',
  bearing: String(held?.bearing ?? ''),
  across: f.typedLength(2 * (held?.radius ?? 5)),
  plants: String(held?.plants ?? 20),
  sure: held?.sure ?? 'told',
  from: held?.flowering?.from ?? '',
  to: held?.flowering?.to ?? '',
});

/** Something beyond the garden that sheds pollen: what, where, how much, how sure. */
export function OutsideScreen() {
  const f = useFormat();
  const router = useRouter();
  const record = useRecord();
  const { id } = useLocalSearchParams<{ id?: string }>();
  const held = useGarden()
    .store.journal.all('outside')
    .get(id ?? '');
  const { control, handleSubmit, setValue, formState } = useCheckedForm<Typed, Checked>(
    'outside',
    typedOf(held, f),
  );
  const crop = useWatch({ control, name: 'crop' });
  const save = handleSubmit(({ across, from, to, kernel, ...rest }) => {
    record([
      {
        kind: 'outside.described',
        body: {
          source: held?.source ?? newId(),
          ...rest,
          radius: across / 2,
          ...(kernel && cropOf(rest.crop).asks.includes('kernel') && { kernel }),
          ...(from && to && { flowering: { from, to } }),
        },
      },
    ]);
    router.replace('/garden/crossing');
  });
  return (
    <Page
      title={held?.name ?? 'Beyond the garden'}
      foot={<Action kind="main" size="big" title="Keep" onPress={() => void save()} />}
    >
      <View style={{ gap: SPACE.m }}>
        <FormField control={control} name="name" label="Name it, so that you know it again" />
        <KindPicker
          crop={crop}
          onCrop={(next) => setValue('crop', next, { shouldValidate: next !== undefined })}
          error={formState.errors.crop?.message}
        />
        {crop && cropOf(crop).asks.includes('kernel') ? (
          <FormChoice
            control={control}
            name="kernel"
            label={TRAITS.kernel.ask}
            options={TRAITS.kernel.answers.map(({ value, title }) => ({ value, title }))}
          />
        ) : null}
        <View style={{ flexDirection: 'row', gap: SPACE.m }}>
          <FormField
            control={control}
            name="distance"
            label={`From the gate, ${f.unit.length}`}
            numeric
            note="to its middle"
          />
          <FormField
            control={control}
            name="bearing"
            label="Bearing, degrees"
            numeric
            note="0 north, 90 east"
          />
        </View>
        <View style={{ flexDirection: 'row', gap: SPACE.m }}>
          <FormField control={control} name="across" label={`How wide, ${f.unit.length}`} numeric />
          <FormField control={control} name="plants" label="About how many plants" numeric />
        </View>
        <FormChoice control={control} name="sure" label="How sure is it?" options={optionsOf(HOW_SURE)} />
        <Words kind="strong">When it flowers, if you know</Words>
        <View style={{ flexDirection: 'row', gap: SPACE.m }}>
          <FormField
            control={control}
            name="from"
            label="First day"
            note="2026-07-16"
            autoCapitalize="none"
          />
          <FormField control={control} name="to" label="Last day" note="2026-07-28" autoCapitalize="none" />
        </View>
        {held ? (
          <Action
            kind="loss"
            title="It grows there no more"
            onPress={() => {
              record([{ kind: 'plan.removed', body: { what: 'outside', id: held.source } }]);
              router.replace('/garden/crossing');
            }}
          />
        ) : null}
      </View>
    </Page>
  );
}
