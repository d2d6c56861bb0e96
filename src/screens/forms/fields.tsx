import { Controller, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import { Choice, type ChoiceProps } from '@/ui/parts/Choice';
import { DayField, type DayFieldProps } from '@/ui/parts/DayField';
import { Field, type FieldProps } from '@/ui/parts/Field';

interface Bound<T extends FieldValues, C extends FieldValues> {
  readonly control: Control<T, unknown, C>;
  readonly name: FieldPath<T>;
}

/** A field of a form. */
export function FormField<T extends FieldValues, C extends FieldValues>({
  control,
  name,
  ...rest
}: Bound<T, C> & Omit<FieldProps, 'value' | 'onChange' | 'onBlur' | 'error'>) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <Field
          {...rest}
          value={String(field.value ?? '')}
          onChange={field.onChange}
          onBlur={field.onBlur}
          error={fieldState.error?.message}
        />
      )}
    />
  );
}

/** A day of a form. */
export function FormDay<T extends FieldValues, C extends FieldValues>({
  control,
  name,
  ...rest
}: Bound<T, C> & Omit<DayFieldProps, 'value' | 'onChange' | 'onBlur' | 'error'>) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <DayField
          {...rest}
          value={String(field.value ?? '')}
          onChange={field.onChange}
          onBlur={field.onBlur}
          error={fieldState.error?.message}
        />
      )}
    />
  );
}

/** One of a few, in a form. */
export function FormChoice<T extends FieldValues, C extends FieldValues, V extends string>({
  control,
  name,
  ...rest
}: Bound<T, C> & Omit<ChoiceProps<V>, 'value' | 'onChange' | 'error'>) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <Choice<V>
          {...rest}
          value={field.value as V | undefined}
          onChange={field.onChange}
          error={fieldState.error?.message}
        />
      )}
    />
  );
}
