import { useState } from 'react';
import { View } from 'react-native';
import { SEED_PACKINGS, SEED_STORES, type SeedPacking, type SeedStore } from '@/core/journal/kinds/seed';
import { drawerLife } from '@/core/seed/drawerLife';
import { growAgain } from '@/core/seed/growAgain';
import type { SeedLot } from '@/core/seed/seedLot';
import { halfLife } from '@/core/seed/viability';
import type { Day } from '@/core/time/types';
import { useStore } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Sheet } from '@/ui/parts/Sheet';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { FormChoice, FormField } from '../forms/fields';
import { useCheckedForm } from '../forms/useCheckedForm';
import { useFormat } from '../format/useFormat';
import { lowerFirst } from '../words/lowerFirst';
import { sentenceCase } from '../words/sentenceCase';
import { PACKING_NAMES, sayGrowAgain, sayHalfLife, sayLife, STORE_NAMES } from '../words/seed';

/** Where a lot is kept and in what, for how long it keeps so, and what its packet says. */
export function HowItIsKept({ lot, today }: { readonly lot: SeedLot; readonly today: Day }) {
  const f = useFormat();
  const { journal } = useStore();
  const [editing, setEditing] = useState(false);
  const { described, crop, amount } = lot;
  const { place, store, packing, note } = described ?? {};
  const raw = journal.all('lot').get(lot.lot);
  const again = sayGrowAgain(raw && growAgain(lot, raw), today);
  const half = crop && halfLife(crop, described ?? {});
  const where = [
    ...(place ? [place] : []),
    ...(store ? [lowerFirst(STORE_NAMES[store])] : []),
    ...(packing ? [lowerFirst(PACKING_NAMES[packing].title)] : []),
  ].join(', ');
  return (
    <View style={{ gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        Kept
      </Text>
      <Text>{where ? `${sentenceCase(where)}.` : 'Where it is kept is not noted.'}</Text>
      {note ? <Text>{note}</Text> : null}
      {crop && !amount.gone ? (
        <Text tone="soft">
          {[
            sayLife(drawerLife(crop, described ?? {}), f),
            ...(packing === 'paper' && store && store !== 'room'
              ? ['In paper the cold keeps it no longer, since air brings water in: seal it.']
              : []),
            ...(half ? [sayHalfLife(half, f)] : []),
            'The colder and the drier, the longer. A test tells.',
            ...(again ? [`${again}.`] : []),
          ].join(' ')}
        </Text>
      ) : null}
      <Button title="Name and place" onPress={() => setEditing(true)} style={{ alignSelf: 'flex-start' }} />
      {editing ? <Describe lot={lot} onClose={() => setEditing(false)} /> : null}
    </View>
  );
}

interface Typed {
  name: string;
  place: string;
  store: SeedStore | '';
  packing: SeedPacking | '';
  note: string;
}
interface Checked {
  name: string;
  place?: string;
  store?: SeedStore;
  packing?: SeedPacking;
  note?: string;
}

function Describe({ lot, onClose }: { readonly lot: SeedLot; readonly onClose: () => void }) {
  const record = useRecord();
  const { described } = lot;
  const { control, handleSubmit } = useCheckedForm<Typed, Checked>('lotDescribed', {
    name: lot.name,
    place: described?.place ?? '',
    store: described?.store ?? '',
    packing: described?.packing ?? '',
    note: described?.note ?? '',
  });
  const save = handleSubmit(({ name, place, store, packing, note }) => {
    record([
      {
        kind: 'lot.described',
        body: {
          ...{ lot: lot.lot, name },
          ...(place && { place }),
          ...(store && { store }),
          ...(packing && { packing }),
          ...(note && { note }),
        },
      },
    ]);
    onClose();
  });
  return (
    <Sheet title="Name and place" open onClose={onClose} closeTitle="Close">
      <FormField control={control} name="name" label="Name, as on the packet" />
      <FormField control={control} name="place" label="Where is it?" note="a tin, a drawer, a shelf" />
      <FormChoice
        control={control}
        name="packing"
        label="In what?"
        options={SEED_PACKINGS.map((value) => ({ value, ...PACKING_NAMES[value] }))}
      />
      <FormChoice
        control={control}
        name="store"
        label="How warm is it there?"
        options={SEED_STORES.map((value) => ({ value, title: STORE_NAMES[value] }))}
      />
      <FormField control={control} name="note" label="Notes" lines={3} />
      <Button variant="main" size="big" title="Save" onPress={() => void save()} />
    </Sheet>
  );
}
