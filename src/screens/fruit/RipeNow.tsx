import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { harvested, pickedToEat } from '@/core/fruit/harvested';
import type { Ripe } from '@/core/fruit/ripe';
import { cohortOf } from '@/core/journal/cohort';
import { plantLabel } from '@/core/records/plantLabel';
import { useGarden } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { Glyph } from '@/ui/glyphs/Glyph';
import { Button } from '@/ui/parts/Button';
import { Sheet } from '@/ui/parts/Sheet';
import { Stepper } from '@/ui/parts/Stepper';
import { Text } from '@/ui/parts/Text';
import { SPACE, usePalette } from '@/ui/theme';
import { FormField } from '../forms/fields';
import { useCheckedForm } from '../forms/useCheckedForm';
import { useFormat } from '../format/useFormat';
import { WithUndo } from '../shell/WithUndo';
import { fruitName } from './fruitView';

/** So many are shown at once. */
const AT_ONCE = 12;

/**
 * What can be picked, each a tap away; the longest ripe first.
 *
 * @param undo is there no other Undo on the page?
 */
export function RipeNow({ ripe, undo }: { readonly ripe: readonly Ripe[]; readonly undo: boolean }) {
  const f = useFormat();
  const [shown, setShown] = useState(AT_ONCE);
  const [picking, setPicking] = useState<Ripe>();
  if (ripe.length === 0) return null;
  const more = ripe.length - shown;
  return (
    <View style={{ marginBottom: SPACE.l }}>
      <Text variant="heading" level={2}>
        Ripe now
      </Text>
      {ripe.slice(0, shown).map((each) => (
        <RipeRow key={each.fruit.bloom.bloom} ripe={each} onPick={() => setPicking(each)} />
      ))}
      <View style={{ flexDirection: 'row', gap: SPACE.s, marginTop: SPACE.s }}>
        {more > 0 ? (
          <Button title={`Show ${f.number(more)} more`} onPress={() => setShown(ripe.length)} />
        ) : null}
        {undo ? <WithUndo work="fruit" /> : null}
      </View>
      {picking ? (
        <PickSheet
          key={`${picking.fruit.bloom.bloom} ${picking.count}`}
          ripe={picking}
          onClose={() => setPicking(undefined)}
        />
      ) : null}
    </View>
  );
}

/** One fruit, or several that nobody tells apart. For seed its own page asks what its tag and plant look like. */
function RipeRow({ ripe, onPick }: { readonly ripe: Ripe; readonly onPick: () => void }) {
  const f = useFormat();
  const router = useRouter();
  const palette = usePalette();
  const { journal } = useGarden().store;
  const { fruit, use, count, since, seen } = ripe;
  const name = `${fruitName(fruit, f)} · ${plantLabel(journal, fruit.plant.plant)}`;
  return (
    <View
      role="group"
      aria-label={name}
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        gap: SPACE.m,
        paddingVertical: SPACE.s,
        borderTopWidth: 1.5,
        borderColor: palette.line,
      }}
    >
      <Glyph name="fruit" size={28} />
      <View style={{ flex: 1 }}>
        <Text variant="strong">{name}</Text>
        <Text variant="small" tone="soft">
          {`${fruit.variety.name}, ${use === 'eat' ? 'to eat' : 'for seed'}${count > 1 ? `, ${f.number(count)} on it` : ''}, day ${f.number(fruit.history.age)}${since === 0 ? ': from today' : ''}${seen ? '' : '. Nobody has seen it growing'}`}
        </Text>
      </View>
      <Button
        title={use === 'eat' ? 'Picked' : 'Harvest'}
        label={`${use === 'eat' ? 'Picked' : 'Harvest'}: ${name}`}
        onPress={() =>
          use === 'eat'
            ? onPick()
            : router.push({ pathname: '/fruit/[id]', params: { id: fruit.bloom.bloom } })
        }
      />
    </View>
  );
}

/** How many were picked, and, if one likes, what they weigh. */
function PickSheet({ ripe, onClose }: { readonly ripe: Ripe; readonly onClose: () => void }) {
  const f = useFormat();
  const record = useRecord();
  const [count, setCount] = useState(ripe.count);
  const { control, handleSubmit } = useCheckedForm<{ weight: string }, { weight?: number }>('picked', {
    weight: '',
  });
  const { bloom } = ripe.fruit;
  const isCohort = cohortOf(bloom.bloom) !== undefined;
  const save = handleSubmit(({ weight: grams }) => {
    record(
      isCohort
        ? [pickedToEat(bloom.bloom, count, grams)]
        : harvested(bloom.bloom, { use: 'eat', tag: 'there', typical: true, grams }),
    );
    onClose();
  });
  return (
    <Sheet title={`Picked, ${fruitName(ripe.fruit, f)}`} open onClose={onClose} closeTitle="Close">
      {ripe.count > 1 ? (
        <Stepper
          label="How many"
          value={count}
          least={1}
          most={ripe.count}
          onChange={setCount}
          lessLabel="One less was picked"
          moreLabel="One more was picked"
        />
      ) : null}
      <FormField
        control={control}
        name="weight"
        label={`Weight, ${f.unit.weight}`}
        note="if you weigh"
        numeric
      />
      <Button
        variant="main"
        size="big"
        title={count > 1 ? `${f.number(count)} picked` : 'Picked'}
        onPress={() => void save()}
      />
    </Sheet>
  );
}
