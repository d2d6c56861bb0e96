import { useState } from 'react';
import { View } from 'react-native';
import type { BeforeFrost } from '@/core/fruit/beforeFrost';
import { plantLabel } from '@/core/records/plantLabel';
import { seedFactsOf } from '@/core/seed/seedFacts';
import { useStore } from '@/data/hooks/useGarden';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { fruitName } from './fruitView';

/** Fruits shown at once. */
const AT_ONCE = 12;

interface PickBeforeFrostProps {
  readonly before: BeforeFrost | undefined;
  readonly onShow: (bloom: string) => void;
}

/** Fruit for seed that frost would catch unripe. */
export function PickBeforeFrost({ before, onShow }: PickBeforeFrostProps) {
  const f = useFormat();
  const { journal } = useStore();
  const [all, setAll] = useState(false);
  if (!before) return null;
  const { frost, fruits } = before;
  return (
    <View style={{ marginBottom: SPACE.l }}>
      <Text variant="heading" level={2}>
        Pick before frost
      </Text>
      <Text tone="soft">
        {`Frost may come from ${f.day(frost)} on, as you told. The seed of these will not be ripe on the plant by then, and frost kills it.`}
      </Text>
      {(all ? fruits : fruits.slice(0, AT_ONCE)).map(({ fruit, ripe }) => {
        const [least] = seedFactsOf(fruit.variety.crop).cure.value;
        return (
          <ListRow
            key={fruit.bloom.bloom}
            title={`${fruitName(fruit, f)} · ${plantLabel(journal, fruit.plant.plant)}`}
            note={`${fruit.variety.name}. Ripe from ${f.day(ripe)} on. ${
              least > 0
                ? `Keep it whole indoors for ${f.number(least)} days or more: its seed ripens on.`
                : 'Its seed ripens on little once it is picked: leave it to the last day, under a cover.'
            }`}
            onPress={() => onShow(fruit.bloom.bloom)}
          />
        );
      })}
      {!all && fruits.length > AT_ONCE ? (
        <Button title="Show all" onPress={() => setAll(true)} style={{ alignSelf: 'flex-start' }} />
      ) : null}
    </View>
  );
}
