import { View } from 'react-native';
import { cropOf } from '@/core/crops/catalogue';
import { diagnose } from '@/core/diagnosis/diagnose';
import { failureTableOf } from '@/core/diagnosis/failureTableOf';
import type { FruitGap } from '@/core/flowers/forms/form';
import type { Fruit } from '@/core/fruit/fruits';
import { FruitPicture } from '@/ui/flowers/FruitPicture';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { sayLikeliest } from '../words/diagnosis';
import { GAPS } from '../words/failing';
import { sentenceCase } from '../words/sentenceCase';
import { useEvidence } from './useEvidence';

const PICTURE = 72;

interface WhereGapsProps {
  readonly fruit: Fruit;
  readonly gaps: readonly FruitGap[];
  /** Where they are; nothing where that cannot be told. */
  readonly onSeen: (signs: readonly FruitGap[]) => void;
}

/** Where an ear or a head has its gaps: each place tells something else. */
export function WhereGaps({ fruit, gaps, onSeen }: WhereGapsProps) {
  const f = useFormat();
  const known = useEvidence(fruit);
  const { crop } = fruit.variety;
  const form = cropOf(crop).flower!;
  const likeliest = (gap: FruitGap): string => {
    const { causes } = diagnose({ ...known, grew: true, [gap]: true }, failureTableOf(form));
    return sentenceCase(sayLikeliest(causes, crop, f));
  };
  return (
    <View style={{ gap: SPACE.m }}>
      {gaps.map((gap) => (
        <View key={gap} style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.m }}>
          <FruitPicture form={form} fate={gap} size={PICTURE} />
          <View style={{ flex: 1, gap: SPACE.xs }}>
            <Button size="big" title={GAPS[gap]} onPress={() => onSeen([gap])} />
            <Text variant="small" tone="soft">
              {likeliest(gap)}
            </Text>
          </View>
        </View>
      ))}
      <Button variant="quiet" title="Cannot tell" onPress={() => onSeen([])} />
    </View>
  );
}
