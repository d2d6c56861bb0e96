import { useState, type ReactNode } from 'react';
import type { Fruit } from '@/core/fruit/fruits';
import type { Journal } from '@/core/journal/journal';
import { plantLabel } from '@/core/records/plantLabel';
import { Glyph } from '@/ui/glyphs/Glyph';
import { Button } from '@/ui/parts/Button';
import { LongList } from '@/ui/parts/LongList';
import { ListRow } from '@/ui/parts/ListRow';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { fruitName, fruitStatus } from './fruitView';

/** Fruits shown at once; any other is found by its tag. */
const FIRST_SHOWN = 40;

export interface FruitRowsProps {
  readonly fruits: readonly Fruit[];
  readonly journal: Journal;
  readonly chosen?: string | undefined;
  /** Called with the flower. */
  readonly onShow: (flower: string) => void;
}

/** About how high a fruit's row is, px. */
const ROW_HEIGHT = 70;

/** Fruits as a list: the first ones, and all others where they are wanted, drawn as one comes to them. */
export function FruitRows({ fruits, journal, chosen, onShow }: FruitRowsProps) {
  const f = useFormat();
  const [all, setAll] = useState(false);
  const row = (fruit: Fruit): ReactNode => {
    const { glyph, word } = fruitStatus(fruit);
    return (
      <ListRow
        key={fruit.bloom.bloom}
        glyph={<Glyph name={glyph} size={28} />}
        title={`${fruitName(fruit, f)} · ${plantLabel(journal, fruit.plant.plant)}`}
        note={`${fruit.variety.name}, ${f.shortDay(fruit.history.since)}, ${word}`}
        selected={fruit.bloom.bloom === chosen}
        onPress={() => onShow(fruit.bloom.bloom)}
      />
    );
  };
  return (
    <>
      {fruits.slice(0, FIRST_SHOWN).map(row)}
      {fruits.length <= FIRST_SHOWN ? null : all ? (
        <LongList items={fruits.slice(FIRST_SHOWN)} keyOf={({ bloom }) => bloom.bloom} rowHeight={ROW_HEIGHT}>
          {row}
        </LongList>
      ) : (
        <Button title="Show more" onPress={() => setAll(true)} style={{ marginTop: SPACE.m }} />
      )}
    </>
  );
}
