import { useLocalSearchParams, useRouter } from 'expo-router';
import { Controller, useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { cropOf, type CropId } from '@/core/crops/catalogue';
import { crossesHow } from '@/core/crossing/crossing';
import { kindInName } from '@/core/crossing/kindsInName';
import type { Sowing, TraitName, VarietyTraits } from '@/core/journal/entry';
import type { Variety } from '@/core/journal/state';
import { newId } from '@/data/clock';
import { useGarden, useRecord } from '@/data/provider';
import { Action } from '@/ui/parts/Action';
import { Choice } from '@/ui/parts/Choice';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { FormChoice, FormField } from '../forms/fields';
import { useCheckedForm } from '../forms/useCheckedForm';
import { Page } from '../shell/Page';
import { SOWN, TRAITS } from '../words/garden';
import { OWN_POLLEN, PURPOSES, SEED_SOURCES } from '../words/names';
import { optionsOf } from '../words/options';
import { KindPicker } from './KindPicker';

type Plain = Pick<Variety, 'name' | 'purpose' | 'seedSource' | 'ownPollen'>;
interface Typed extends Plain {
  crop: CropId | undefined;
  traits: VarietyTraits;
  how: Sowing['how'] | 'unknown';
  day: string;
  daysToFlower: string;
  fruitWanted: string;
}
interface Checked extends Plain {
  crop: CropId;
  traits: VarietyTraits;
  how: Typed['how'];
  day?: string;
  daysToFlower?: number;
  fruitWanted?: number;
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
};

const typedOf = ({ sowing, daysToFlower, fruitWanted, ...rest }: Variety): Typed => ({
  ...NEW,
  ...rest,
  how: sowing?.how ?? 'unknown',
  day: sowing?.day ?? '',
  daysToFlower: String(daysToFlower ?? ''),
  fruitWanted: String(fruitWanted ?? ''),
});

/** Describes a variety: its species first of all, what it is grown for, and where its seed came from. */
export function DescribeScreen() {
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
  const how = useWatch({ control, name: 'how' });
  const save = handleSubmit((given) => {
    const variety = held?.variety ?? newId();
    record([{ kind: 'variety.described', body: bodyOf(given, variety) }]);
    router.replace({ pathname: '/garden/variety', params: { id: variety } });
  });
  const plants = [...journal.all('plant').values()].some((plant) => plant.variety === held?.variety);
  return (
    <Page
      title={held?.name ?? 'A new variety'}
      foot={<Action kind="main" size="big" title="Keep" onPress={() => void save()} />}
    >
      <View style={{ gap: SPACE.l }}>
        <FormField control={control} name="name" label="Name" autoCapitalize="words" />
        <KindPicker
          crop={crop}
          onCrop={(next) => setValue('crop', next, { shouldValidate: next !== undefined })}
          error={formState.errors.crop?.message}
        />
        {crop ? <Consequences crop={crop} name={name} self={held?.variety} /> : null}
        {crop ? (
          <Controller
            control={control}
            name="traits"
            render={({ field }) => <Traits crop={crop} traits={field.value} onChange={field.onChange} />}
          />
        ) : null}
        <FormChoice control={control} name="purpose" label="What for" options={optionsOf(PURPOSES)} />
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
        <FormChoice
          control={control}
          name="how"
          label="Is it in the ground?"
          options={[{ value: 'unknown', title: 'Not yet, or I do not know when' }, ...optionsOf(SOWN)]}
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
            note="if you know; else it is reckoned"
          />
          <FormField
            control={control}
            name="fruitWanted"
            label="Fruits wanted for seed"
            numeric
            note="if you know"
          />
        </View>
        {held && !plants ? (
          <Action
            kind="loss"
            title="Take it off the plan"
            onPress={() => {
              record([{ kind: 'plan.removed', body: { what: 'variety', id: held.variety } }]);
              router.replace('/garden');
            }}
          />
        ) : null}
      </View>
    </Page>
  );
}

function bodyOf(given: Checked, variety: string): Variety {
  const { how, day, daysToFlower, fruitWanted, traits, ...plain } = given;
  const asked = new Set<string>(cropOf(given.crop).asks);
  return {
    variety,
    ...plain,
    // Answers to what another crop asked are dropped with it.
    traits: Object.fromEntries(Object.entries(traits).filter(([trait]) => asked.has(trait))),
    ...(how !== 'unknown' && day && { sowing: { how, day } }),
    ...(daysToFlower !== undefined && { daysToFlower }),
    ...(fruitWanted !== undefined && { fruitWanted }),
  };
}

/** What the species means here: who in the garden it crosses with, and whether its own name speaks against it. */
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
    (other) => other.variety !== self && crossesHow(crop, other.crop) === 'freely',
  );
  const kind = kindInName(name);
  const speaksAgainst = kind && !kind.crops.includes(crop);
  return (
    <View style={{ gap: SPACE.xs }}>
      <Words live>
        {others.length > 0
          ? `In this garden it crosses with ${others.map((other) => other.name).join(', ')}.`
          : 'Nothing on the plan crosses with it.'}
      </Words>
      {speaksAgainst ? (
        <Words tone="rust" live>
          {`Its name says ${kind.names[0]}, and that is ${kind.crops.map((each) => cropOf(each).species).join(' or ')}. Look at stalk, seed and leaf before you keep it.`}
        </Words>
      ) : null}
    </View>
  );
}

/** The questions that this crop asks of each variety. */
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
      {cropOf(crop).asks.map((trait: TraitName) => {
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
