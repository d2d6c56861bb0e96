import { Field, type FieldProps } from '@/ui/parts/Field';
import { useFormat } from '../format/useFormat';

/**
 * A whole number as it is typed, 0 or more.
 *
 * @returns `undefined` of anything else, and of more than the most.
 * @example wholeNumber(' 12', 100) // 12
 */
export const wholeNumber = (text: string, most: number): number | undefined =>
  /^\d+$/.test(text.trim()) && Number(text) <= most ? Number(text) : undefined;

interface WholeNumberFieldProps extends Pick<FieldProps, 'label' | 'value' | 'onChange'> {
  readonly most: number;
}

/** A field for a whole number from 1 on, which says so where something else is typed. */
export function WholeNumberField({ most, ...field }: WholeNumberFieldProps) {
  const f = useFormat();
  return (
    <Field
      {...field}
      numeric
      error={wholeNumber(field.value, most) ? undefined : `A whole number from 1 to ${f.number(most)}.`}
    />
  );
}
