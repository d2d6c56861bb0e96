import { useState } from 'react';
import { View } from 'react-native';
import { HowDrawing } from '@/ui/flowers/HowDrawing';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { HowTo } from '../words/howTo';

/** How it is done, folded away: who knows it never has to tap. */
export function How({ how: { drawing, steps } }: { readonly how: HowTo }) {
  const [open, setOpen] = useState(false);
  return (
    <View>
      <Button
        variant="quiet"
        title={open ? 'Hide how' : 'How'}
        label={open ? 'Hide how it is done' : 'How it is done'}
        onPress={() => setOpen(!open)}
        style={{ alignSelf: 'flex-start' }}
      />
      {open ? (
        <View style={{ flexDirection: 'row', gap: SPACE.m }}>
          <HowDrawing name={drawing} />
          <View role="list" style={{ flex: 1, gap: SPACE.s }}>
            {steps.map((step, i) => (
              <View role="listitem" key={step}>
                <Text>{`${i + 1}. ${step}`}</Text>
              </View>
            ))}
          </View>
        </View>
      ) : null}
    </View>
  );
}
