import { joiResolver } from '@hookform/resolvers/joi';
import {
  useForm,
  type DefaultValues,
  type FieldValues,
  type Resolver,
  type UseFormReturn,
} from 'react-hook-form';
import type { FormName } from '@/data/schema/forms';
import { useDevice } from '@/data/hooks/useDevice';
import { toFirstFault } from './toFirstFault';

/** A form that is checked by its schema, in the grower's units; what wants something comes into view. */
export function useCheckedForm<Typed extends FieldValues, Checked extends FieldValues>(
  name: FormName,
  defaultValues: DefaultValues<Typed>,
): UseFormReturn<Typed, unknown, Checked> {
  const { units } = useDevice().settings;
  const resolver: Resolver<Typed, unknown, Checked> = async (values, context, options) => {
    // The one chunk that holds Joi.
    const { formIn } = await import('@/data/schema/entrySchema');
    const resolve = joiResolver(formIn(units, name), { abortEarly: false }) as unknown as Resolver<
      Typed,
      unknown,
      Checked
    >;
    return resolve(values, context, options);
  };
  const form = useForm<Typed, unknown, Checked>({
    resolver,
    defaultValues,
    mode: 'onSubmit',
    reValidateMode: 'onChange',
  });
  const { handleSubmit } = form;
  return {
    ...form,
    handleSubmit: (onValid, onInvalid) =>
      handleSubmit(onValid, async (faults, event) => {
        toFirstFault();
        await onInvalid?.(faults, event);
      }),
  };
}
