import { useMemo } from 'react';
import type { FlowerForm } from '@/core/crops/flowerForm';
import type { SignId, SignValue } from '@/core/flowers/signs/sign';
import { Drawing } from './Drawing';
import { signPicture } from './geometry/signPicture';

export interface SignPictureProps<Id extends SignId = SignId> {
  readonly form: FlowerForm;
  readonly sign: Id;
  readonly value: SignValue<Id>;
  readonly size: number;
}

/** What a sign looks like; the words beside it name it. */
export function SignPicture({ form, sign, value, size }: SignPictureProps) {
  const picture = useMemo(() => signPicture(form, sign, value), [form, sign, value]);
  return picture ? <Drawing form={form} {...picture} width={size} height={size} /> : null;
}
