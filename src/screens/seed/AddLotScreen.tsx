import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { SEED_SOURCES, type SeedSource } from '@/core/crops/variety';
import { dayAt } from '@/core/time/calendar';
import { newId } from '@/data/clock';
import { useStore } from '@/data/hooks/useGarden';
import { eitherWay, useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { SPACE } from '@/ui/theme';
import { FormChoice, FormField } from '../forms/fields';
import { useCheckedForm } from '../forms/useCheckedForm';
import { EmptyPage } from '../shell/EmptyPage';
import { Page } from '../shell/Page';
import { SEED_SOURCE_NAMES } from '../words/names';

interface Typed {
  name: string;
  variety: string;
  source: SeedSource | '';
  year: string;
  seeds: string;
}
interface Checked {
  name: string;
  variety: string;
  source: SeedSource;
  year?: number;
  seeds?: number;
}

/** Seed from elsewhere: a packet that was bought, swapped, or kept from before there were records. */
export function AddLotScreen() {
  const router = useRouter();
  const record = useRecord();
  const { journal, clock, described } = useStore();
  const varieties = [...journal.all('variety').values()];
  const { control, handleSubmit } = useCheckedForm<Typed, Checked>('lotAdded', {
    name: '',
    variety: varieties.length === 1 ? varieties[0]!.variety : '',
    source: '',
    year: '',
    seeds: '',
  });
  if (varieties.length === 0)
    return (
      <EmptyPage
        title="Add seed"
        text="Seed is of a variety: describe that first."
        lead={{ title: 'To the garden', to: '/garden' }}
      />
    );
  const save = handleSubmit(({ name, variety, source, year, seeds }) => {
    const lot = newId();
    const day = dayAt(clock.now(), described!.zone);
    record(
      [
        {
          kind: 'lot.received',
          body: { lot, name, variety, source, day, ...(year !== undefined && { year }) },
        },
        ...(seeds === undefined ? [] : [{ kind: 'lot.measured' as const, body: { lot, day, seeds } }]),
      ],
      eitherWay(() => router.replace({ pathname: '/seed/[id]', params: { id: lot } })),
    );
  });
  return (
    <Page
      title="Add seed"
      foot={<Button variant="main" size="big" title="Save" onPress={() => void save()} />}
    >
      <View style={{ gap: SPACE.l }}>
        <FormField control={control} name="name" label="Name, as on the packet" />
        <FormChoice
          control={control}
          name="variety"
          label="Of which variety?"
          options={varieties.map(({ variety, name }) => ({ value: variety, title: name }))}
        />
        <FormChoice
          control={control}
          name="source"
          label="Where is it from?"
          options={SEED_SOURCES.map((value) => ({ value, title: SEED_SOURCE_NAMES[value] }))}
        />
        <FormField
          control={control}
          name="year"
          label="Harvested in which year?"
          note="Leave it empty where nobody knows."
          numeric
        />
        <FormField control={control} name="seeds" label="Seeds" note="If you counted them." numeric />
      </View>
    </Page>
  );
}
