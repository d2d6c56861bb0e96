import { View } from 'react-native';
import type { BlossomPrice } from '@/core/journal/kinds/blossom';
import { eitherWay, useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { SPACE } from '@/ui/theme';
import { FormField } from '../forms/fields';
import { useCheckedForm } from '../forms/useCheckedForm';

interface Typed {
  piece: string;
  inCase: string;
  case: string;
  currency: string;
}

interface BlossomPriceFormProps {
  readonly price: BlossomPrice | undefined;
  readonly onDone: () => void;
}

const shown = (value: number | undefined): string => (value === undefined ? '' : String(value));

/** What the grower asks, by the piece, by the case, or both. */
export function BlossomPriceForm({ price, onDone }: BlossomPriceFormProps) {
  const record = useRecord();
  const { control, handleSubmit } = useCheckedForm<Typed, BlossomPrice>('blossomPrice', {
    piece: shown(price?.piece),
    inCase: shown(price?.inCase),
    case: shown(price?.case),
    currency: price?.currency ?? '',
  });
  const save = handleSubmit((body) => record([{ kind: 'blossoms.priced', body }], eitherWay(onDone)));
  return (
    <View style={{ gap: SPACE.m }}>
      <FormField control={control} name="piece" label="For one" numeric />
      <FormField control={control} name="inCase" label="Pieces in a case" numeric />
      <FormField control={control} name="case" label="For a case" numeric />
      <FormField control={control} name="currency" label="Money" note="As you write it: €, £, kr" />
      <Button variant="main" title="Save" onPress={() => void save()} />
    </View>
  );
}
