import { useState } from 'react';
import { View } from 'react-native';
import { thinned } from '@/core/fruit/takenOff';
import { isOnPlant } from '@/core/fruit/fruitHistory';
import type { Fruit } from '@/core/fruit/fruits';
import { useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { FruitStepper } from '../shell/FruitStepper';

/** Of fruit that nobody tells apart some are taken off on purpose: that is no failure of theirs. */
export function ThinSome({ fruit }: { readonly fruit: Fruit }) {
  const f = useFormat();
  const record = useRecord();
  const [count, setCount] = useState(0);
  const most = fruit.histories.filter(isOnPlant).length;
  const off = Math.min(count, most);
  if (most === 0) return null;
  return (
    <View style={{ gap: SPACE.s }}>
      <FruitStepper label="Taken off to thin" value={off} most={most} onChange={setCount} />
      {off > 0 ? (
        <Button
          title={`${f.count(off, 'fruit', 'fruits')} off`}
          onPress={() => {
            record([thinned(fruit.bloom.bloom, off)]);
            setCount(0);
          }}
        />
      ) : null}
    </View>
  );
}
