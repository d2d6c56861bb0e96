import { useLocalSearchParams, useRouter } from 'expo-router';
import { Controller, useWatch, type Control } from 'react-hook-form';
import { View } from 'react-native';
import { cropOf, type CropId } from '@/core/crops/catalogue';
import { speciesChange } from '@/core/planning/speciesChange';
import { crossingFrequency } from '@/core/isolation/compatibility';
import { commonNameIn } from '@/core/crops/names/nameInVariety';
import type { Sowing } from '@/core/crops/variety';
import type { TraitName, VarietyTraits } from '@/core/crops/traits';
import type { Bodies } from '@/core/journal/kinds/kinds';
import type { Variety } from '@/core/journal/state';
import { deletionOf } from '@/core/planning/deletionOf';
import { newId } from '@/data/clock';
import { useGarden } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { FormChoice, FormField } from '../forms/fields';
import { useCheckedForm } from '../forms/useCheckedForm';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { SOWING_NAMES, TRAITS } from '../words/garden';
import { OWN_POLLEN_NAMES, PURPOSE_NAMES, SEED_SOURCE_NAMES } from '../words/names';
import { optionsOf } from '../words/options';
import { ROUND_NAMES } from '../words/outings';
import { CropPicker } from './CropPicker';

type Plain = Pick<Variety, 'name' | 'purpose' | 'seedSource' | 'ownPollen'>;
interface Typed extends Plain {
  crop: CropId | undefined;
  traits: VarietyTraits;
  how: Sowing['how'] | 'unknown';
  day: string;
  daysToFlower: string;
  fruitWanted: string;
  note: string;
}
interface Checked extends Plain {
  crop: CropId;
  traits: VarietyTraits;
  how: Typed['how'];
  day?: string;
  daysToFlower?: number;
  fruitWanted?: number;
  note?: string;
}

const NEW: Typed = {
  name: '',
  crop: undefined,
  purpose: 'seedToKeep',
  seedSource: 'unknown',
  ownPollen: 'lastResort',
  traits: {},
  how: 'unknown',
  day: '',
  daysToFlower: '',
  fruitWanted: '',
  note: '',
};

const typedOf = ({ sowing, daysToFlower, fruitWanted, ...rest }: Variety): Typed => ({
  ...NEW,
  ...rest,
  how: sowing?.how ?? 'unknown',
  day: sowing?.day ?? '',
  daysToFlower: String(daysToFlower ?? ''),
  fruitWanted: String(fruitWanted ?? ''),
});

/** Describes a variety: first its species, then what it is grown for, and where its seed came from. */
export function DescribeScreen() {
  const f = useFormat();
  const router = useRouter();
  const record = useRecord();
  const { journal } = useGarden().store;
  const { id } = useLocalSearchParams<{ id?: string }>();
  const held = journal.all('variety').get(id ?? '');
  const { control, handleSubmit, setValue, formState } = useCheckedForm<Typed, Checked>(
    'variety',
    held ? typedOf(held) : NEW,
  );
  const crop = useWatch({ control, name: 'crop' });
  const name = useWatch({ control, name: 'name' });
  const save = handleSubmit((given) => {
    const variety = held?.variety ?? newId();
    record([{ kind: 'variety.described', body: bodyOf(given, variety) }]);
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

interface FieldsProps {
  readonly control: Control<Typed, unknown, Checked>;
}

/** What it is grown for, and what its seed may be made of. */
function SeedFields({ control }: FieldsProps) {
  return (
    <>
      <FormChoice control={control} name="purpose" label="What for" options={optionsOf(PURPOSE_NAMES)} />
      <FormChoice
        control={control}
        name="seedSource"
        label="Where the seed came from"
        options={optionsOf(SEED_SOURCE_NAMES)}
      />
      <FormChoice
        control={control}
        name="ownPollen"
        label="May a female take pollen of her own plant?"
        options={optionsOf(OWN_POLLEN_NAMES)}
      />
    </>
  );
}

/** When it was sown, and how long it takes. */
function SowingFields({ control }: FieldsProps) {
  const how = useWatch({ control, name: 'how' });
  return (
    <>
      <FormChoice
        control={control}
        name="how"
        label="Is it in the ground?"
        options={[{ value: 'unknown', title: 'Not yet, or I do not know when' }, ...optionsOf(SOWING_NAMES)]}
      />
      {how === 'unknown' ? null : (
        <FormField
          control={control}
          name="day"
          label="On which day"
          note="2026-05-12"
          autoCapitalize="none"
        />
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m }}>
        <FormField
          control={control}
          name="daysToFlower"
          label="Days from then to the first flower"
          numeric
          note="if you know; otherwise it is estimated"
        />
        <FormField
          control={control}
          name="fruitWanted"
          label="Fruits wanted for seed"
          numeric
          note="if you know"
        />
      </View>
    </>
  );
}

function bodyOf(given: Checked, variety: string): Bodies['variety.described'] {
  const { how, day, daysToFlower, fruitWanted, note, traits, ...plain } = given;
  const variable = new Set<string>(cropOf(given.crop).variableTraits);
  return {
    variety,
    ...plain,
    // Answers to the questions of another crop are dropped with it.
    traits: Object.fromEntries(Object.entries(traits).filter(([trait]) => variable.has(trait))),
    ...(how !== 'unknown' && day && { sowing: { how, day } }),
    ...(daysToFlower !== undefined && { daysToFlower }),
    ...(fruitWanted !== undefined && { fruitWanted }),
    ...(note && { note }),
  };
}

/** What the species means here: what it crosses with in this garden, and whether its own name contradicts it. */
function Consequences({
  crop,
  name,
  self,
}: {
  readonly crop: CropId;
  readonly name: string;
  readonly self: string | undefined;
}) {
  const { journal } = useGarden().store;
  const others = [...journal.all('variety').values()].filter(
    (other) => other.variety !== self && crossingFrequency(crop, other.crop) === 'freely',
  );
  const common = commonNameIn(name);
  const nameContradicts = common && !common.crops.includes(crop);
  return (
    <View style={{ gap: SPACE.xs }}>
      <Text live>
        {others.length > 0
          ? `In this garden it crosses with ${others.map((other) => other.name).join(', ')}.`
          : 'Nothing on the plan crosses with it.'}
      </Text>
      {nameContradicts ? (
        <Text tone="rust" live>
          {`Its name says ${common.names[0]}, and that is ${common.crops.map((each) => cropOf(each).species).join(' or ')}. Look at stalk, seed and leaf before you save it.`}
        </Text>
      ) : null}
    </View>
  );
}

/** What changes where a variety that is on the plan turns out to be another species. */
function Moved({ held, crop }: { readonly held: Variety; readonly crop: CropId }) {
  const { journal } = useGarden().store;
  const others = [...journal.all('variety').values()].filter(({ variety }) => variety !== held.variety);
  const change = speciesChange(held, crop, others);
  const names = (ids: readonly string[]): string =>
    ids.map((id) => journal.all('variety').get(id)?.name ?? '').join(', ');
  const { before, after } = change.outings;
  return (
    <View style={{ gap: SPACE.xs }}>
      <Text variant="strong">{`Moved from ${cropOf(held.crop).name} to ${cropOf(crop).name}:`}</Text>
      {change.crossesNow.length > 0 ? (
        <Text tone="rust">{`It crosses with ${names(change.crossesNow)}, which was not known before.`}</Text>
      ) : null}
      {change.crossesNoMore.length > 0 ? (
        <Text>{`It does not cross with ${names(change.crossesNoMore)} after all.`}</Text>
      ) : null}
      {before === after ? null : (
        <Text>
          {after
            ? `Its flowers are worked on the ${ROUND_NAMES[after].toLowerCase()}.`
            : 'Nobody is led through its flowers.'}
        </Text>
      )}
      {change.traitsDropped.length > 0 ? (
        <Text>{`What you said of it and does not apply is dropped: ${change.traitsDropped.map((trait) => TRAITS[trait].ask).join(' ')}`}</Text>
      ) : null}
      <Text variant="small" tone="soft">
        What was recorded of its flowers and fruit stays. Hours, distances and days are those of the new
        species from now on.
      </Text>
    </View>
  );
}

/** Questions about what differs between varieties of this crop. */
function Traits({
  crop,
  traits,
  onChange,
}: {
  readonly crop: CropId;
  readonly traits: VarietyTraits;
  readonly onChange: (traits: VarietyTraits) => void;
}) {
  return (
    <>
      {cropOf(crop).variableTraits.map((trait: TraitName) => {
        const { ask, answers } = TRAITS[trait];
        return (
          <Choice
            key={trait}
            label={ask}
            options={answers}
            value={answers.find((each) => each.trait === traits[trait])?.value}
            onChange={(value) =>
              onChange({ ...traits, [trait]: answers.find((each) => each.value === value)?.trait })
            }
          />
        );
      })}
    </>
  );
}
