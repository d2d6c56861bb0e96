import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { SEED_SOURCES, type SeedSource } from '@/core/crops/variety';
import { receivedLot, sourceOfTold } from '@/core/seed/receivedLot';
import { dayAt } from '@/core/time/calendar';
import { newId } from '@/data/clock';
import type { LotRecord } from '@/data/files/lotRecord';
import { useStore } from '@/data/hooks/useGarden';
import { eitherWay, useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { SPACE } from '@/ui/theme';
import { FormChoice, FormField } from '../forms/fields';
import { useCheckedForm } from '../forms/useCheckedForm';
import { EmptyPage } from '../shell/EmptyPage';
import { Page } from '../shell/Page';
import { SEED_SOURCE_NAMES } from '../words/names';
import { ReadRecord } from './ReadRecord';

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

/** Stands for the variety that a record brings along. */
const TOLD = 'told';

/** Seed from elsewhere: a packet that was bought, swapped, or kept from before there were records. */
export function AddLotScreen() {
  const router = useRouter();
  const record = useRecord();
  const { journal, clock, described } = useStore();
  const [told, setTold] = useState<LotRecord>();
  const all = [...journal.all('variety').values()];
  // What is told is of one crop.
  const varieties = told ? all.filter(({ crop }) => crop === told.variety.crop) : all;
  const { control, handleSubmit, setValue } = useCheckedForm<Typed, Checked>('lotAdded', {
    name: '',
    variety: varieties.length === 1 ? varieties[0]!.variety : '',
    source: '',
    year: '',
    seeds: '',
  });
  const take = (read: LotRecord): void => {
    const { variety, told: lots } = read;
    const same = all.find(
      ({ crop, name }) => crop === variety.crop && name.toLowerCase() === variety.name.toLowerCase(),
    );
    setTold(read);
    setValue('name', lots[0].name);
    setValue('variety', same?.variety ?? TOLD);
    setValue('source', sourceOfTold(lots[0]));
    setValue('year', String(lots[0].year ?? lots[0].since.slice(0, 4)));
  };
  if (all.length === 0 && !told)
    return (
      <EmptyPage
        title="Add seed"
        text="Seed is of a variety: describe that first, or read the record that came with the seed."
        lead={{ title: 'To the garden', to: '/garden' }}
      >
        <ReadRecord onRead={take} />
      </EmptyPage>
    );
  const save = handleSubmit(({ variety, ...typed }) => {
    const lot = newId();
    const day = dayAt(clock.now(), described!.zone);
    const facts = receivedLot(
      {
        ...{ ...typed, lot, day, told: told?.told },
        variety: variety === TOLD ? told!.variety : variety,
      },
      newId,
    );
    record(
      facts,
      eitherWay(() => router.replace({ pathname: '/seed/[id]', params: { id: lot } })),
    );
  });
  const isNew = told && !varieties.some(({ name }) => name.toLowerCase() === told.variety.name.toLowerCase());
  return (
    <Page
      title="Add seed"
      foot={<Button variant="main" size="big" title="Save" onPress={() => void save()} />}
    >
      <View style={{ gap: SPACE.l }}>
        <ReadRecord read={told} onRead={take} />
        <FormField control={control} name="name" label="Name, as on the packet" />
        <FormChoice
          control={control}
          name="variety"
          label="Of which variety?"
          options={[
            ...(isNew ? [{ value: TOLD, title: `${told.variety.name}, new here` }] : []),
            ...varieties.map(({ variety, name }) => ({ value: variety, title: name })),
          ]}
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
