import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { HowDrawing } from '@/ui/flowers/HowDrawing';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { HowTo } from '../words/forms/form';

export interface HowProps {
  readonly how: HowTo | undefined;
  /** Names it, where there are several on a page. */
  readonly of?: string;
  /** What is done, with the button beside it. */
  readonly children?: ReactNode;
}

/** How something is done, folded away: who knows it never has to tap. */
export function How({ how, of, children }: HowProps) {
  const [open, setOpen] = useState(false);
  return (
    <View>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.s }}>
        <View style={{ flex: 1 }}>{children}</View>
        {how ? (
          <Button
            variant="quiet"
            title={open ? 'Hide how' : 'How'}
            label={`${open ? 'Hide how it is done' : 'How it is done'}${of ? `: ${of}` : ''}`}
            onPress={() => setOpen(!open)}
          />
        ) : null}
      </View>
      {open && how ? (
        <View style={{ flexDirection: 'row', gap: SPACE.m, marginBottom: SPACE.s }}>
          <HowDrawing name={how.drawing} />
          <View role="list" style={{ flex: 1, gap: SPACE.s }}>
            {how.steps.map((step, i) => (
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
