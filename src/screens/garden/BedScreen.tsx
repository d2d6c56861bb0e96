import { useLocalSearchParams, useRouter } from 'expo-router';
import type { UseFormReturn } from 'react-hook-form';
import { useState } from 'react';
import { View } from 'react-native';
import type { Bed } from '@/core/journal/state';
import { deletionOf } from '@/core/planning/deletionOf';
import { newId } from '@/data/clock';
import { useGarden } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { SPACE } from '@/ui/theme';
import { FormField } from '../forms/fields';
import { isAsTyped, useSince } from '../forms/useSince';
import { useFormat } from '../format/useFormat';
import { useCheckedForm } from '../forms/useCheckedForm';
import { Page } from '../shell/Page';
import { sayBed } from '../words/places';

type Typed = Record<'name' | 'x' | 'y' | 'length' | 'width' | 'rows' | 'turn' | 'every', string>;
type Checked = Omit<Bed, 'bed' | 'glass'>;

/** What one press moves a bed by, in the grower's unit of length. */
const NUDGE = 0.25;

/** Where its plants stand follows from these. */
const PLACE = ['x', 'y', 'length', 'width', 'rows', 'turn', 'every'] as const;

/** The next free letter for a bed, and a place next to the others. */
function suggestion(beds: readonly Bed[]): Checked {
  const names = new Set(beds.map(({ name }) => name));
  const name = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'].find((letter) => !names.has(letter)) ?? '';
  const y = Math.max(1, ...beds.map((bed) => bed.y + bed.width + 1));
  return { name, x: 1, y, length: 6, width: 1.2, rows: 1, turn: 0 };
}

/** Adds a bed, or moves and resizes one. */
export function BedScreen() {
  const f = useFormat();
  const router = useRouter();
  const record = useRecord();
  const { id } = useLocalSearchParams<{ id?: string }>();
  const { journal } = useGarden().store;
  const beds = journal.all('bed');
  const bed = id ? beds.get(id) : undefined;
  const { name, x, y, length, width, rows, turn, every } = bed ?? suggestion([...beds.values()]);
  const given: Typed = {
    name,
    x: f.typedLength(x),
    y: f.typedLength(y),
    length: f.typedLength(length),
    width: f.typedLength(width),
    rows: String(rows),
    turn: String(turn),
    every: every === undefined ? '' : f.typedLength(every),
  };
  const form = useCheckedForm<Typed, Checked>('bed', given);
  const [glass, setGlass] = useState(bed?.glass === true);
  const since = useSince();
  const deletion = bed && deletionOf(journal, 'bed', bed.bed);
  const save = form.handleSubmit((checked) => {
    const stays = bed?.unplaced && (['x', 'y', 'turn'] as const).every((each) => bed[each] === checked[each]);
    const body = {
      bed: bed?.bed ?? newId(),
      ...checked,
      ...(stays && { unplaced: true as const }),
      ...(glass && { glass: true as const }),
    };
    const moved =
      bed !== undefined &&
      (PLACE.some((each) => !isAsTyped(bed[each], checked[each])) || glass !== (bed.glass === true));
    const fact = since.say('bed.laid', body, body.bed, moved);
    if (!fact) return;
    record([fact]);
    router.replace('/garden');
  });
  return (
    <Page
      title={bed ? sayBed(bed.name) : 'New bed'}
      foot={<Button variant="main" size="big" title={bed ? 'Save' : 'Add bed'} onPress={() => void save()} />}
    >
      <View style={{ gap: SPACE.m }}>
        <BedFields form={form} />
        <Choice<'open' | 'glass'>
          label="Where it lies"
          value={glass ? 'glass' : 'open'}
          options={[
            { value: 'open', title: 'In the open' },
            { value: 'glass', title: 'Under glass, film or a tunnel', note: GLASS_NOTE },
          ]}
          onChange={(value) => setGlass(value === 'glass')}
        />
        {since.question}
        {deletion ? (
          <Button
            variant="loss"
            title={
              deletion.plants > 0
                ? `Delete this bed, with ${f.count(deletion.plants, 'plant', 'plants')}`
                : 'Delete this bed'
            }
            onPress={() => {
              record(deletion.facts);
              router.replace('/garden');
            }}
          />
        ) : null}
      </View>
    </Page>
  );
}

const GLASS_NOTE =
  'Warmer, and without wind and rain: its plants flower sooner, frost does not end them, and fruit needs your hand. Insects still find a way in, so it guards no seed.';

/** Where a bed lies and how it is planted. */
function BedFields({ form }: { readonly form: UseFormReturn<Typed, unknown, Checked> }) {
  const f = useFormat();
  const { control, getValues, setValue } = form;
  const nudge = (axis: 'x' | 'y', by: number): void => {
    const now = Number(getValues(axis).replace(',', '.'));
    if (Number.isFinite(now)) setValue(axis, String(Math.round((now + by) * 100) / 100));
  };
  return (
    <>
      <FormField
        control={control}
        name="name"
        label="Short name, as on every label"
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
      <View style={{ flexDirection: 'row', gap: SPACE.m }}>
        <FormField control={control} name="rows" label="Rows" numeric />
        <FormField
          control={control}
          name="every"
          label={`From plant to plant, ${f.unit.length}`}
          numeric
          note="empty: plants share the row"
        />
      </View>
      <View style={{ flexDirection: 'row', gap: SPACE.m }}>
        <FormField
          control={control}
          name="x"
          label={`From the gate, ${f.unit.length}`}
          numeric
          note="to the right"
        />
        <FormField control={control} name="y" label={`and ${f.unit.length}`} numeric note="straight ahead" />
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        <Button title="← West" onPress={() => nudge('x', -NUDGE)} />
        <Button title="East →" onPress={() => nudge('x', NUDGE)} />
        <Button title="↑ North" onPress={() => nudge('y', NUDGE)} />
        <Button title="↓ South" onPress={() => nudge('y', -NUDGE)} />
      </View>
      <FormField
        control={control}
        name="turn"
        label="Turned by, degrees"
        numeric
        note="0: rows run east; 90: north"
      />
    </>
  );
}
