import { useMemo, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { bearingSexOf, cropOf } from '@/core/crops/catalogue';
import type { GourdForm } from '@/core/crops/flowerForm';
import type { SeenCrop } from '@/core/flowers/kindsOf';
import type { Answer, PlantCard } from '@/core/practice/cards';
import { plantScene, type SceneFlower } from '@/ui/flowers/geometry/scene';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { WithWidth } from '../shell/WithWidth';
import { describe } from '../words/flowers';
import { GOURD_BUDS } from '../words/forms/gourd';
import { sayQuestion } from '../words/practice';
import { Plant } from './Plant';

export interface FindBudsProps {
  readonly card: PlantCard;
  readonly seed: number;
  readonly over: ReactNode;
  readonly onAnswer: (answer: Answer) => void;
  readonly onNext: () => void;
}

/** A whole plant at dusk: every bud that opens next morning is to be tapped before the light goes. */
export function FindBuds({ card, seed, over, onAnswer, onNext }: FindBudsProps) {
  const f = useFormat();
  const crop = cropOf(card.crop) as SeenCrop & ReturnType<typeof cropOf>;
  const form = crop.flower as GourdForm;
  const scene = useMemo(() => plantScene(form, bearingSexOf(crop, {}), seed), [form, crop, seed]);
  const [tapped, setTapped] = useState<ReadonlySet<number>>(new Set());
  const [done, setDone] = useState(false);
  const isEve = ({ looks }: SceneFlower): boolean => looks.stage === 'eve';
  const eves = scene.flowers.filter(isEve).length;
  const found = scene.flowers.filter((flower, i) => isEve(flower) && tapped.has(i)).length;
  const wrong = tapped.size - found;
  const isAll = found === eves && wrong === 0;
  const toggle = (i: number): void => {
    const next = new Set(tapped);
    if (!next.delete(i)) next.add(i);
    setTapped(next);
  };
  const finish = (): void => {
    setDone(true);
    onAnswer(isAll ? 'all' : 'some');
  };
  return (
    <Page
      title={sayQuestion(card)}
      over={over}
      foot={
        done ? (
          <Button variant="main" size="big" title="Next" onPress={onNext} />
        ) : (
          <Button
            variant="main"
            size="big"
            title={`That is all: ${f.number(tapped.size)}`}
            onPress={finish}
          />
        )
      }
    >
      <WithWidth ofColumn>
        {(width) => (
          <Plant
            scene={scene}
            form={form}
            width={Math.min(width, MAX_WIDE)}
            tapped={tapped}
            onTap={done ? undefined : toggle}
            describeFlower={({ looks }) => describe(crop, looks, ['under', 'size', 'colour', 'tip'])}
          />
        )}
      </WithWidth>
      {done ? (
        <View aria-live="polite" style={{ marginTop: SPACE.s }}>
          <Text variant="strong" tone={isAll ? 'leaf' : 'rust'}>
            {`${f.number(found)} of ${f.number(eves)} found${wrong > 0 ? `, ${f.number(wrong)} that ${f.plural(wrong, 'is', 'are')} none` : ''}.`}
          </Text>
          <Text>{`Ringed: those that open. ${GOURD_BUDS.eve}`}</Text>
        </View>
      ) : null}
    </Page>
  );
}

const MAX_WIDE = 420;
