import { useLocalSearchParams, useRouter } from 'expo-router';
import { useWatch, type Control } from 'react-hook-form';
import { View } from 'react-native';
import { lastPlaces, plantsPerRow, rowKey } from '@/core/garden/places';
import type { Fact } from '@/core/journal/entry';
import type { Journal } from '@/core/journal/journal';
import type { Bed, Plant, Variety } from '@/core/journal/state';
import { sownFromLot } from '@/core/seed/sownFromLot';
import { seedLots, type SeedLot } from '@/core/seed/seedLot';
import { dayAt } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import { newId } from '@/data/clock';
import { useGarden } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { FormChoice, FormDay, FormField } from '../forms/fields';
import { useCheckedForm } from '../forms/useCheckedForm';
import { EmptyPage } from '../shell/EmptyPage';
import { Page } from '../shell/Page';
import { sayAmount } from '../words/seed';

interface Typed {
  variety: string;
  bed: string;
  row: string;
  count: string;
  as: 'each' | 'stand';
  /** Of another sowing than the first. */
  sown: string;
  /** Set out on that day; without it they stood before anybody noted it. */
  since: string;
  /** Sown from this lot; without it from the seed that the variety is described with. */
  lot: string;
  seeds: string;
}
type Checked = Omit<Typed, 'row' | 'count' | 'sown' | 'since' | 'lot' | 'seeds'> & {
  row: number;
  count: number;
  sown?: Day;
  since?: Day;
  lot?: string;
  seeds?: number;
};

/** Puts plants of a variety into a row, after those that stand there. Places are never renumbered. */
export function PlantsScreen() {
  const router = useRouter();
  const { of, lot: asked = '' } = useLocalSearchParams<{ of?: string; lot?: string }>();
  const record = useRecord();
  const { journal, clock, described } = useGarden().store;
  const beds = [...journal.all('bed').values()];
  const varieties = [...journal.all('variety').values()];
  const { control, handleSubmit } = useCheckedForm<Typed, Checked>('plants', {
    variety: varieties.find(({ variety }) => variety === of || varieties.length === 1)?.variety ?? '',
    bed: beds.length === 1 ? beds[0]!.bed : '',
    row: '1',
    count: '4',
    as: 'each',
    sown: '',
    since: '',
    lot: asked,
    seeds: '',
  });
  const varietyId = useWatch({ control, name: 'variety' });
  const bedId = useWatch({ control, name: 'bed' });
  const row = useWatch({ control, name: 'row' });
  const lotId = useWatch({ control, name: 'lot' });
  const save = handleSubmit(({ bed, row, variety, count, as, sown, since, lot, seeds }) => {
    const last = lastInRow(journal, { bed, row });
    const plants =
      as === 'stand' && count > 1
        ? [{ plant: newId(), place: last + 1, count }]
        : Array.from({ length: count }, (_, i) => ({ plant: newId(), place: last + i + 1 }));
    const today = dayAt(clock.now(), described!.zone);
    const another =
      lot !== undefined && lotsFor(journal, variety, { of, asked }).some((each) => each.lot === lot)
        ? sownFromLot(journal, described!, {
            lot,
            variety,
            day: sown ?? today,
            newId,
            ...(seeds && { seeds }),
          })
        : sown === undefined
          ? undefined
          : sowingOn(journal, variety, sown);
    const planting = another && { planting: another.planting };
    record([
      ...(another?.facts ?? []),
      { kind: 'plants.set', body: { bed, row, variety, ...planting, plants, ...(since && { since }) } },
    ]);
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
        <FormChoice
          control={control}
          name="as"
          label="How they are recorded"
          options={[
            {
              value: 'each',
              title: 'Plant by plant',
              note: 'Each has its number: needed to know who is whose mother and father.',
            },
            {
              value: 'stand',
              title: 'All together',
              note: 'A block of corn or a row of beans that nobody numbers. The plan and the distances count all of them.',
            },
          ]}
        />
        <FormDay
          control={control}
          name="since"
          label="Set out on which day?"
          note="Leave it empty where they stood before. What flowered before that day is judged without them."
        />
        <FromWhichSeed control={control} lots={lotsFor(journal, varietyId, { of, asked })} />
        <SownLater
          control={control}
          variety={varieties.find((each) => each.variety === varietyId)}
          always={lotId !== ''}
        />
      </View>
    </Page>
  );
}

const AS_DESCRIBED = '';

/**
 * The lots that a variety can be sown from: those that its plants bore, as far as any is left, and the one from whose page
 * one comes for the variety that was asked for there; a cross is planted as one of its own.
 */
const lotsFor = (
  journal: Journal,
  variety: string,
  { of, asked }: { readonly of: string | undefined; readonly asked: string },
): SeedLot[] =>
  seedLots(journal).filter(
    (lot) => (lot.lot === asked && variety === of) || (!lot.amount.gone && lot.varieties.includes(variety)),
  );

/** Lots of the variety, where there are any: what is sown from one knows its mother and its fathers. */
function FromWhichSeed({
  control,
  lots,
}: {
  readonly control: Control<Typed, unknown, Checked>;
  readonly lots: readonly SeedLot[];
}) {
  const f = useFormat();
  const chosen = useWatch({ control, name: 'lot' });
  if (lots.length === 0) return null;
  return (
    <>
      <FormChoice
        control={control}
        name="lot"
        label="From which seed?"
        options={[
          { value: AS_DESCRIBED, title: 'As the variety is described' },
          ...lots.map((lot) => ({ value: lot.lot, title: lot.name, note: sayAmount(lot, f) })),
        ]}
      />
      {chosen === AS_DESCRIBED ? null : (
        <FormField
          control={control}
          name="seeds"
          label="Seeds sown"
          note="If you count what is left of it."
          numeric
        />
      )}
    </>
  );
}

/** Where plants of a variety stand already, these may come from another sowing. */
function SownLater({
  control,
  variety,
  always,
}: {
  readonly control: Control<Typed, unknown, Checked>;
  readonly variety: Variety | undefined;
  /** Seed of a lot is a sowing of its own. */
  readonly always: boolean;
}) {
  const f = useFormat();
  const { journal } = useGarden().store;
  const stands = [...journal.all('plant').values()].some((plant) => plant.variety === variety?.variety);
  if (!variety) return null;
  if (always)
    return (
      <FormDay control={control} name="sown" label="Sown on which day?" note="Leave it empty for today." />
    );
  if (!stands) return null;
  const first = variety.sowing ? ` The others: ${f.shortDay(variety.sowing.day)}.` : '';
  return (
    <FormDay
      control={control}
      name="sown"
      label="Another sowing? On which day"
      note={`Leave it empty for the same sowing.${first}`}
    />
  );
}

/** A sowing of a variety on a day: the one there is, or a new one with the fact that says so. */
function sowingOn(
  journal: Journal,
  variety: string,
  day: Day,
): { readonly planting: string; readonly facts: readonly Fact[] } {
  const known = [...journal.all('planting').values()].find(
    (each) => each.variety === variety && each.sowing?.day === day,
  );
  if (known) return { planting: known.planting, facts: [] };
  const { sowing, seedSource } = journal.all('variety').get(variety)!;
  const planting = newId();
  const body = { planting, variety, sowing: { how: sowing?.how ?? 'sown', day }, seedSource } as const;
  return { planting, facts: [{ kind: 'planting.set', body }] };
}

const lastInRow = (journal: Journal, row: Pick<Plant, 'bed' | 'row'>): number =>
  lastPlaces(journal.all('plant').values()).get(rowKey(row)) ?? 0;

/** How many more fit in a row by the bed's spacing; more than that would stand beyond its end. */
function Room({ bed, row }: { readonly bed: Bed | undefined; readonly row: number }) {
  const f = useFormat();
  const { journal } = useGarden().store;
  const fits = bed && plantsPerRow(bed);
  if (fits === undefined) return null;
  const taken = lastInRow(journal, { bed: bed?.bed ?? '', row });
  return (
    <Text tone="soft" live>
      {fits > taken
        ? `Row ${row} has room for ${f.count(fits - taken, 'plant', 'plants')} by the bed’s spacing.`
        : `Row ${row} is full by the bed’s spacing; more would stand beyond its end.`}
    </Text>
  );
}
