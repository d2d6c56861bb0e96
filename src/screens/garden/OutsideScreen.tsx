import { useLocalSearchParams, useRouter } from 'expo-router';
import { useWatch, type Control } from 'react-hook-form';
import { View } from 'react-native';
import { cropOf, type CropId } from '@/core/crops/catalogue';
import type { Certainty } from '@/core/garden/surroundings';
import type { Endosperm } from '@/core/crops/traits';
import type { Outside } from '@/core/journal/state';
import { stableJson } from '@/core/journal/stableJson';
import { newId } from '@/data/clock';
import { useGarden } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { FormChoice, FormDay, FormField } from '../forms/fields';
import { useCheckedForm } from '../forms/useCheckedForm';
import type { Format } from '../format/format';
import { isAsTyped, useSince } from '../forms/useSince';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { CERTAINTY_NAMES, TRAITS } from '../words/garden';
import { optionsOf } from '../words/options';
import { CropPicker } from './CropPicker';

interface Typed extends Record<
  'name' | 'distance' | 'bearing' | 'across' | 'plants' | 'from' | 'to',
  string
> {
  crop: CropId | undefined;
  endosperm: Endosperm | undefined;
  sure: Certainty;
}
interface Checked {
  name: string;
  crop: CropId;
  endosperm?: Endosperm;
  distance: number;
  bearing: number;
  across: number;
  plants: number;
  sure: Certainty;
  from?: string;
  to?: string;
}

const typedOf = (held: Outside | undefined, f: Format): Typed => ({
  name: held?.name ?? '',
  crop: held?.crop,
  endosperm: held?.endosperm,
  distance: held ? f.typedLength(held.distance) : '',
  bearing: String(held?.bearing ?? ''),
  across: f.typedLength(2 * (held?.radius ?? 5)),
  plants: String(held?.plants ?? 20),
  sure: held?.sure ?? 'told',
  from: held?.flowering?.from ?? '',
  to: held?.flowering?.to ?? '',
});

const bodyOf = ({ across, from, to, endosperm, ...rest }: Checked, source: string): Outside => ({
  source,
  ...rest,
  radius: across / 2,
  ...(endosperm && cropOf(rest.crop).variableTraits.includes('endosperm') && { endosperm }),
  ...(from && to && { flowering: { from, to } }),
});

/** Something outside the garden that sheds pollen: what, where, how much, how sure. */
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
  const since = useSince();
  const save = handleSubmit((checked) => {
    const body = bodyOf(checked, held?.source ?? newId());
    // Its name alone says nothing of what it sheds.
    const { distance, radius } = body;
    const isWhere = held && isAsTyped(held.distance, distance) && isAsTyped(held.radius, radius);
    const alike = { name: '', ...(isWhere && { distance, radius }) };
    const changed =
      held !== undefined && stableJson({ ...held, ...alike }) !== stableJson({ ...body, ...alike });
    const fact = since.say('outside.described', body, body.source, changed);
    if (!fact) return;
    record([fact]);
    router.replace('/garden/crossing');
  });
  return (
    <Page
      title={held?.name ?? 'Something nearby'}
      foot={<Button variant="main" size="big" title="Save" onPress={() => void save()} />}
    >
      <View style={{ gap: SPACE.m }}>
        <FormField control={control} name="name" label="Name, so that you recognise it" />
        <CropPicker
          crop={crop}
          onCrop={(next) => setValue('crop', next, { shouldValidate: next !== undefined })}
          error={formState.errors.crop?.message}
        />
        {crop && cropOf(crop).variableTraits.includes('endosperm') ? (
          <FormChoice
            control={control}
            name="endosperm"
            label={TRAITS.endosperm.ask}
            options={TRAITS.endosperm.answers.map(({ value, title }) => ({ value, title }))}
          />
        ) : null}
        <PlaceFields control={control} />
        {since.question}
        {held ? (
          <Button
            variant="loss"
            title="Delete: it no longer grows there"
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

/** Where it grows, how much of it, how sure that is, and when it flowers. */
function PlaceFields({ control }: { readonly control: Control<Typed, unknown, Checked> }) {
  const f = useFormat();
  return (
    <>
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
      <FormChoice
        control={control}
        name="sure"
        label="How sure is it?"
        options={optionsOf(CERTAINTY_NAMES)}
      />
      <Text variant="strong">When it flowers, if you know</Text>
      <View style={{ flexDirection: 'row', gap: SPACE.m }}>
        <FormDay control={control} name="from" label="First day" />
        <FormDay control={control} name="to" label="Last day" />
      </View>
    </>
  );
}
