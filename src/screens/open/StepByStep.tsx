import type { PollinationMethod } from '@/core/crops/crop';
import { useState } from 'react';
import { View } from 'react-native';
import { bearingSexOf, cropOf } from '@/core/crops/catalogue';

import type { Variety } from '@/core/journal/state';
import { HowDrawing } from '@/ui/flowers/HowDrawing';
import { FlowerDrawing } from '@/ui/flowers/FlowerDrawing';
import { looksOfVariety } from '@/ui/flowers/geometry/looks';
import { Glyph } from '@/ui/glyphs/Glyph';
import { Button } from '@/ui/parts/Button';
import { Sheet } from '@/ui/parts/Sheet';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { stepsForOpen, type PictureStep } from '../words/stepByStep';

interface StepByStepProps {
  readonly variety: Variety;
  readonly method: PollinationMethod;
}

/** Large pictures, one after the other, for a child or whoever does it for the first time. */
export function StepByStep({ variety, method }: StepByStepProps) {
  const f = useFormat();
  const [at, setAt] = useState<number>();
  const steps = stepsForOpen(
    cropOf(variety.crop),
    bearingSexOf(cropOf(variety.crop), variety.traits),
    method,
  );
  const step = at === undefined ? undefined : steps[at];
  const close = (): void => setAt(undefined);
  return (
    <>
      <Button
        variant="quiet"
        title="Show me, step by step"
        onPress={() => setAt(0)}
        style={{ alignSelf: 'flex-start' }}
      />
      <Sheet title={step?.title ?? ''} open={step !== undefined} onClose={close} closeTitle="Close">
        {step && at !== undefined ? (
          <View style={{ gap: SPACE.m }}>
            <View style={{ alignItems: 'center' }}>
              <Picture step={step} variety={variety} />
            </View>
            <Text live style={{ fontSize: 22, lineHeight: 30 }}>
              {step.text}
            </Text>
            <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.m }}>
              <Button
                title="Back"
                disabled={at === 0}
                onPress={() => setAt(Math.max(0, at - 1))}
                style={{ flex: 1 }}
              />
              <Text tone="soft">{`${f.number(at + 1)} of ${f.number(steps.length)}`}</Text>
              <Button
                variant="main"
                title={at === steps.length - 1 ? 'I can do it' : 'Next'}
                onPress={() => (at === steps.length - 1 ? close() : setAt(at + 1))}
                style={{ flex: 1 }}
              />
            </View>
          </View>
        ) : null}
      </Sheet>
    </>
  );
}

const LARGE = 220;

interface PictureProps {
  readonly step: PictureStep;
  readonly variety: Variety;
}

function Picture({ step: { picture, title }, variety }: PictureProps) {
  if (picture !== 'male' && picture !== 'female') return <HowDrawing name={picture} size={LARGE} />;
  const looks = looksOfVariety(variety, picture, 'open');
  if (!looks) return <Glyph name={picture} size={LARGE} />;
  return <FlowerDrawing looks={looks} fit="own" size={LARGE} label={title} />;
}
