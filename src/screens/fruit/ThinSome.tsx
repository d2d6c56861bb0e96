import { useState } from 'react';
import { View } from 'react-native';
import { isOnPlant } from '@/core/fruit/fruitHistory';
import type { Fruit } from '@/core/fruit/fruits';
import { useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Stepper } from '@/ui/parts/Stepper';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';

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
      <Stepper
        label="Taken off to thin"
        value={off}
        most={most}
        onChange={setCount}
        lessLabel="One fruit less"
        moreLabel="One fruit more"
      />
      {off > 0 ? (
        <Button
          title={`${f.count(off, 'fruit', 'fruits')} off`}
          onPress={() => {
            record([{ kind: 'removed', body: { bloom: fruit.bloom.bloom, how: 'thinned', count: off } }]);
            setCount(0);
          }}
        />
      ) : null}
    </View>
  );
}
