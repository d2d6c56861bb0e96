import type { Control, FieldValues, FieldPath } from 'react-hook-form';
import type { CropId } from '@/core/crops/crop';
import { FormChoice } from '../forms/fields';
import { CROPS, PURPOSES } from '../words/names';
import { optionsOf } from '../words/options';

interface Fields<T extends FieldValues, C extends FieldValues> {
  readonly control: Control<T, unknown, C>;
  readonly cropLabel: string;
}

/** What every form about a variety asks: its species, and what it is grown for. */
export function VarietyFields<T extends FieldValues & { crop?: CropId }, C extends FieldValues>({
  control,
  cropLabel,
}: Fields<T, C>) {
  return (
    <>
      <FormChoice
        control={control}
        name={'crop' as FieldPath<T>}
        label={cropLabel}
        options={(Object.keys(CROPS) as CropId[]).map((value) => ({
          value,
          title: CROPS[value].name,
          note: CROPS[value].kinds,
        }))}
      />
      <FormChoice
        control={control}
        name={'purpose' as FieldPath<T>}
        label="What for"
        options={optionsOf(PURPOSES)}
      />
    </>
  );
}
