import { useRouter } from 'expo-router';
import { useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { plantsPerRow } from '@/core/garden/places';
import type { Bed } from '@/core/journal/state';
import { newId } from '@/data/clock';
import { useGarden } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { FormChoice, FormField } from '../forms/fields';
import { useCheckedForm } from '../forms/useCheckedForm';
import { EmptyPage } from '../shell/EmptyPage';
import { Page } from '../shell/Page';

interface Typed {
  variety: string;
  bed: string;
  row: string;
  count: string;
}
type Checked = Omit<Typed, 'row' | 'count'> & { row: number; count: number };

/** Puts plants of a variety into a row, after those that stand there. Places are never renumbered. */
export function PlantsScreen() {
  const router = useRouter();
  const record = useRecord();
  const { journal } = useGarden().store;
  const beds = [...journal.all('bed').values()];
  const varieties = [...journal.all('variety').values()];
  const { control, handleSubmit } = useCheckedForm<Typed, Checked>('plants', {
    variety: varieties.length === 1 ? varieties[0]!.variety : '',
    bed: beds.length === 1 ? beds[0]!.bed : '',
    row: '1',
    count: '4',
  });
  const bedId = useWatch({ control, name: 'bed' });
  const row = useWatch({ control, name: 'row' });
  const save = handleSubmit(({ bed, row, variety, count }) => {
    const last = [...journal.all('plant').values()]
      .filter((plant) => plant.bed === bed && plant.row === row)
      .reduce((most, { place }) => Math.max(most, place), 0);
    const plants = Array.from({ length: count }, (_, i) => ({ plant: newId(), place: last + i + 1 }));
    record([{ kind: 'plants.set', body: { bed, row, variety, plants } }]);
    router.replace('/garden');
  });
  if (beds.length === 0 || varieties.length === 0) {
    return (
      <EmptyPage
        title="Plants"
        text="Plants need a bed and a variety first."
        lead={{ title: 'To the garden', to: '/garden' }}
      />
    );
  }
  return (
    <Page
      title="Plants"
      foot={<Button variant="main" size="big" title="Add plants" onPress={() => void save()} />}
    >
      <View style={{ gap: SPACE.l }}>
        <FormChoice
          control={control}
          name="variety"
          label="Variety"
          options={varieties.map(({ variety, name }) => ({ value: variety, title: name }))}
        />
        <FormChoice
          control={control}
          name="bed"
          label="Bed"
          row
          options={beds.map(({ bed, name }) => ({ value: bed, title: name }))}
        />
        <Room bed={beds.find((each) => each.bed === bedId)} row={Number(row)} />
        <View style={{ flexDirection: 'row', gap: SPACE.m }}>
          <FormField control={control} name="row" label="Row" numeric />
          <FormField control={control} name="count" label="How many" numeric />
        </View>
      </View>
    </Page>
  );
}

/** How many more fit in a row by the bed's spacing; more than that would stand beyond its end. */
function Room({ bed, row }: { readonly bed: Bed | undefined; readonly row: number }) {
  const f = useFormat();
  const { journal } = useGarden().store;
  const fits = bed && plantsPerRow(bed);
  if (fits === undefined) return null;
  const taken = [...journal.all('plant').values()]
    .filter((plant) => plant.bed === bed?.bed && plant.row === row)
    .reduce((most, { place }) => Math.max(most, place), 0);
  return (
    <Text tone="soft" live>
      {fits > taken
        ? `Row ${row} has room for ${f.count(fits - taken, 'plant', 'plants')} by the bed’s spacing.`
        : `Row ${row} is full by the bed’s spacing; more would stand beyond its end.`}
    </Text>
  );
}
