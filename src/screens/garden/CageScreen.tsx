import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { plantedRows, type PlantedRow } from '@/core/outing/plantedRows';
import type { Cage } from '@/core/journal/state';
import { newId } from '@/data/clock';
import { useStore } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { FormField } from '../forms/fields';
import { useCheckedForm } from '../forms/useCheckedForm';
import { useFormat } from '../format/useFormat';
import { EmptyPage } from '../shell/EmptyPage';
import { Page } from '../shell/Page';
import { sayBed } from '../words/places';

/** Which plants stand in a cage, row by row. */
export function CageScreen() {
  const { id } = useLocalSearchParams<{ id?: string }>();
  const view = useView('cage', [id ?? ''], ({ store: { journal } }) => ({
    held: journal.all('cage').get(id ?? ''),
    rows: plantedRows(journal),
  }));
  if (!view) return null;
  if (view.rows.length === 0)
    return (
      <EmptyPage
        title="A cage"
        text="There are no plants on the plan yet. Add some first, then say which of them stand in a cage."
        lead={{ title: 'To the garden', to: '/garden' }}
      />
    );
  return <CageForm held={view.held} rows={view.rows} />;
}

function CageForm({ held, rows }: { readonly held: Cage | undefined; readonly rows: readonly PlantedRow[] }) {
  const router = useRouter();
  const record = useRecord();
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set(held?.plants));
  const { control, handleSubmit } = useCheckedForm<{ name: string }, { name: string }>('cage', {
    name: held?.name ?? '',
  });
  const set = (name: string, plants: ReadonlySet<string>): void => {
    record([{ kind: 'cage.set', body: { cage: held?.cage ?? newId(), name, plants: [...plants].sort() } }]);
    router.replace('/garden/cages');
  };
  const save = handleSubmit(({ name }) => set(name, chosen));
  const toggle = (plants: readonly string[], on: boolean): void =>
    setChosen(new Set(on ? [...chosen, ...plants] : [...chosen].filter((each) => !plants.includes(each))));
  return (
    <Page
      title={held?.name ?? 'New cage'}
      foot={
        <Button
          variant="main"
          size="big"
          title="Save"
          disabled={chosen.size === 0}
          onPress={() => void save()}
        />
      }
    >
      <View style={{ gap: SPACE.m }}>
        <FormField control={control} name="name" label="Name of the cage" />
        <Text variant="strong">What stands in it?</Text>
        {rows.map((row) => (
          <RowChoice
            key={`${row.bed}|${row.row}|${row.variety.variety}`}
            row={row}
            chosen={chosen}
            onToggle={toggle}
          />
        ))}
        <Text variant="small" tone="soft">
          What you change counts from tomorrow on: a flower that opened before the cage was shut may have had
          a visitor.
        </Text>
        {held ? (
          <Button variant="loss" title="Take the cage away" onPress={() => set(held.name, new Set())} />
        ) : null}
      </View>
    </Page>
  );
}

interface RowChoiceProps {
  readonly row: PlantedRow;
  readonly chosen: ReadonlySet<string>;
  readonly onToggle: (plants: readonly string[], on: boolean) => void;
}

/** A row, in or out as a whole. */
function RowChoice({ row: { bed, row, variety, plants }, chosen, onToggle }: RowChoiceProps) {
  const f = useFormat();
  const { journal } = useStore();
  const ids = plants.map(({ plant }) => plant);
  const inside = ids.filter((id) => chosen.has(id)).length;
  const isIn = inside === ids.length;
  const where = `${sayBed(journal.all('bed').get(bed)?.name ?? '?')}, row ${f.number(row)}`;
  const some = inside > 0 && !isIn ? `${f.number(inside)} of ` : '';
  return (
    <Button
      title={`${isIn ? '✓ ' : ''}${where}: ${some}${f.count(ids.length, 'plant', 'plants')}, ${variety.name}`}
      selected={isIn}
      onPress={() => onToggle(ids, !isIn)}
    />
  );
}
