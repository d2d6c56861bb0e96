import { useState } from 'react';
import type { Fruit } from '@/core/fruit/fruits';
import type { Journal } from '@/core/journal/journal';
import { plantLabel } from '@/core/records/plantLabel';
import { Glyph } from '@/ui/glyphs/Glyph';
import { Button } from '@/ui/parts/Button';
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

/** Fruits as a list, some at once. */
export function FruitRows({ fruits, journal, chosen, onShow }: FruitRowsProps) {
  const f = useFormat();
  const [shown, setShown] = useState(FIRST_SHOWN);
  return (
    <>
      {fruits.slice(0, shown).map((fruit) => {
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
      })}
      {shown < fruits.length ? (
        <Button title="Show more" onPress={() => setShown(shown + 100)} style={{ marginTop: SPACE.m }} />
      ) : null}
    </>
  );
}
