import type { ReactElement } from 'react';
import { Controller, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import { Choice, type ChoiceProps } from '@/ui/parts/Choice';
import { DayField, type DayFieldProps } from '@/ui/parts/DayField';
import { Field, type FieldProps } from '@/ui/parts/Field';

interface Bound<T extends FieldValues, C extends FieldValues> {
  readonly control: Control<T, unknown, C>;
  readonly name: FieldPath<T>;
}

/** What a form gives to a field that is typed in. */
type Typed = Pick<FieldProps, 'value' | 'onChange' | 'onBlur' | 'error'>;

function Bind<T extends FieldValues, C extends FieldValues>({
  control,
  name,
  children,
}: Bound<T, C> & { readonly children: (typed: Typed) => ReactElement }) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) =>
        children({
          value: String(field.value ?? ''),
          onChange: field.onChange,
          onBlur: field.onBlur,
          error: fieldState.error?.message,
        })
      }
    />
  );
}

/** A field of a form. */
export const FormField = <T extends FieldValues, C extends FieldValues>({
  control,
  name,
  ...rest
}: Bound<T, C> & Omit<FieldProps, keyof Typed>) => (
  <Bind control={control} name={name}>
    {(typed) => <Field {...rest} {...typed} />}
  </Bind>
);

/** A day of a form. */
export const FormDay = <T extends FieldValues, C extends FieldValues>({
  control,
  name,
  ...rest
}: Bound<T, C> & Omit<DayFieldProps, keyof Typed>) => (
  <Bind control={control} name={name}>
    {(typed) => <DayField {...rest} {...typed} />}
  </Bind>
);

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
