import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import type { Bed } from '@/core/journal/state';
import { newId } from '@/data/clock';
import { useGarden, useRecord } from '@/data/provider';
import { Action } from '@/ui/parts/Action';
import { SPACE } from '@/ui/theme';
import { FormField } from '../forms/fields';
import { useFormat } from '../format';
import { useCheckedForm } from '../forms/useCheckedForm';
import { Page } from '../shell/Page';

type Typed = Record<'name' | 'x' | 'y' | 'length' | 'width' | 'rows', string>;
type Checked = Omit<Bed, 'bed'>;

/** The next free letter for a bed, and a place beside the others. */
function suggestion(beds: readonly Bed[]): Checked {
  const names = new Set(beds.map(({ name }) => name));
  const name = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'].find((letter) => !names.has(letter)) ?? '';
  const y = Math.max(1, ...beds.map((bed) => bed.y + bed.width + 1));
  return { name, x: 1, y, length: 6, width: 1.2, rows: 1 };
}

/** Lays a bed, or moves and resizes one. */
export function AddBedScreen() {
  const f = useFormat();
  const router = useRouter();
  const record = useRecord();
  const { id } = useLocalSearchParams<{ id?: string }>();
  const beds = useGarden().store.journal.all('bed');
  const bed = id ? beds.get(id) : undefined;
  const { name, x, y, length, width, rows } = bed ?? suggestion([...beds.values()]);
  const given: Typed = {
    name,
    x: f.typedLength(x),
    y: f.typedLength(y),
    length: f.typedLength(length),
    width: f.typedLength(width),
    rows: String(rows),
  };
  const { control, handleSubmit } = useCheckedForm<Typed, Checked>('bed', given);
  const save = handleSubmit((checked) => {
    record([{ kind: 'bed.laid', body: { bed: bed?.bed ?? newId(), ...checked } }]);
    router.replace('/garden');
  });
  return (
    <Page
      title={bed ? `Bed ${bed.name}` : 'A new bed'}
      foot={
        <Action kind="main" size="big" title={bed ? 'Keep' : 'Lay the bed'} onPress={() => void save()} />
      }
    >
      <View style={{ gap: SPACE.m }}>
        <FormField
          control={control}
          name="name"
          label="Name, short: it is on every label"
          autoCapitalize="characters"
        />
        <View style={{ flexDirection: 'row', gap: SPACE.m }}>
          <FormField
            control={control}
            name="length"
            label={`Length, ${f.unit.length}`}
            numeric
            note="along the rows"
          />
          <FormField
            control={control}
            name="width"
            label={`Width, ${f.unit.length}`}
            numeric
            note="across them"
          />
        </View>
        <FormField control={control} name="rows" label="Rows" numeric />
        <View style={{ flexDirection: 'row', gap: SPACE.m }}>
          <FormField
            control={control}
            name="x"
            label={`From the gate, ${f.unit.length}`}
            numeric
            note="to the right"
          />
          <FormField control={control} name="y" label={`and ${f.unit.length}`} numeric note="straight on" />
        </View>
      </View>
    </Page>
  );
}
