import { type Control, useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { type CropId, cropOf } from '@/core/crops/catalogue';
import type { TraitName, VarietyTraits } from '@/core/crops/traits';
import { Choice } from '@/ui/parts/Choice';
import { SPACE } from '@/ui/theme';
import { FormChoice, FormDay, FormField } from '../forms/fields';
import { SOWING_NAMES, TRAITS } from '../words/garden';
import { OWN_POLLEN_NAMES, PURPOSE_NAMES, SEED_SOURCE_NAMES } from '../words/names';
import { optionsOf } from '../words/options';
import type { Checked, Typed } from './describing';

interface FieldsProps {
  readonly control: Control<Typed, unknown, Checked>;
}

/** What it is grown for, and what its seed may be made of. */
export function SeedFields({ control }: FieldsProps) {
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
        label="May a female take pollen of its own plant?"
        options={optionsOf(OWN_POLLEN_NAMES)}
      />
    </>
  );
}

/** When it was sown, and how long it takes. */
export function SowingFields({ control }: FieldsProps) {
  const how = useWatch({ control, name: 'how' });
  return (
    <>
      <FormChoice
        control={control}
        name="how"
        label="Is it in the ground?"
        options={[{ value: 'unknown', title: 'Not yet, or I do not know when' }, ...optionsOf(SOWING_NAMES)]}
      />
      {how === 'unknown' ? null : <FormDay control={control} name="day" label="On which day" />}
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

/** Questions about what differs between varieties of this crop. */
export function Traits({
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
