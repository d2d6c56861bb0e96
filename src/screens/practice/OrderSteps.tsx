import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { cropOf } from '@/core/crops/catalogue';
import type { Answer, StepsCard } from '@/core/practice/cards';
import { morningSteps, type MorningStep } from '@/core/practice/steps';
import { seededChance } from '@/core/random/chance';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE, TOUCH } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { sayQuestion, sayStep } from '../words/practice';

export interface OrderStepsProps {
  readonly card: StepsCard;
  readonly seed: number;
  readonly over: ReactNode;
  readonly onAnswer: (answer: Answer) => void;
  readonly onNext: () => void;
}

/** In another order each time. */
function shuffled(steps: readonly MorningStep[], seed: number): MorningStep[] {
  const chance = seededChance(seed + 1);
  const left = [...steps];
  const order: MorningStep[] = [];
  while (left.length > 0) order.push(...left.splice(chance.index(left.length), 1));
  return order;
}

/** The steps of the morning, tapped one after the other; a step in the wrong place is said to be so at once. */
export function OrderSteps({ card, seed, over, onAnswer, onNext }: OrderStepsProps) {
  const f = useFormat();
  const crop = cropOf(card.crop);
  const right = morningSteps(crop);
  const [offered] = useState(() => shuffled(right, seed));
  const [put, setPut] = useState<readonly MorningStep[]>([]);
  const [missed, setMissed] = useState<MorningStep>();
  const [mistakes, setMistakes] = useState(0);
  const done = put.length === right.length;
  const choose = (step: MorningStep): void => {
    if (step !== right[put.length]) {
      setMissed(step);
      setMistakes(mistakes + 1);
      return;
    }
    setMissed(undefined);
    setPut([...put, step]);
    if (put.length + 1 === right.length) onAnswer(mistakes === 0 ? 'all' : 'some');
  };
  return (
    <Page
      title={sayQuestion(card)}
      over={over}
      foot={done ? <Button variant="main" size="big" title="Next" onPress={onNext} /> : undefined}
    >
      <View role="list" aria-label="In order so far" style={{ gap: SPACE.xs }}>
        {put.map((step, i) => (
          <View role="listitem" key={step}>
            <Text variant="strong">{`${f.number(i + 1)}. ${sayStep(step, crop.flower!)}`}</Text>
          </View>
        ))}
      </View>
      <View style={{ gap: SPACE.s, marginTop: SPACE.m }}>
        {offered
          .filter((step) => !put.includes(step))
          .map((step) => (
            <Button
              key={step}
              title={sayStep(step, crop.flower!)}
              onPress={() => choose(step)}
              style={{ height: TOUCH.round }}
            />
          ))}
      </View>
      <View aria-live="polite" style={{ marginTop: SPACE.m }}>
        {missed ? (
          <Text tone="rust">{`Not yet: “${sayStep(missed, crop.flower!)}” comes later.`}</Text>
        ) : null}
        {done ? (
          <Text variant="strong" tone={mistakes === 0 ? 'leaf' : 'rust'}>
            {mistakes === 0
              ? 'Right: pollen first, so that the flower stands open no longer than it must.'
              : `In order, with ${f.count(mistakes, 'mistake', 'mistakes')}. Pollen comes first, so that the flower stands open no longer than it must.`}
          </Text>
        ) : null}
      </View>
    </Page>
  );
}
