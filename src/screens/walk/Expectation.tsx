import { View } from 'react-native';
import { SEXES, type BudCount, type Sex } from '@/core/journal/kinds/walk';
import type { ExpectedBuds } from '@/core/opening/expectedAt';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';

export interface ExpectationProps {
  readonly expected: ExpectedBuds;
  readonly counted: BudCount;
  readonly onTake: (counts: BudCount) => void;
}

const ONE: Readonly<Record<Sex, readonly [string, string]>> = {
  female: ['female', 'females'],
  male: ['male', 'males'],
};

/**
 * What should be found at a plant, entered on one tap; and what is out of it once it was counted. It is not entered
 * beforehand: who taps on without looking would record what nobody saw.
 */
export function Expectation({ expected, counted, onTake }: ExpectationProps) {
  const f = useFormat();
  const likely = { female: Math.round(expected.female.mean), male: Math.round(expected.male.mean) };
  const isEmpty = SEXES.every((sex) => counted[sex] === 0);
  if (isEmpty) {
    if (likely.female + likely.male === 0) return null;
    const said = SEXES.filter((sex) => likely[sex] > 0).map((sex) => f.count(likely[sex], ...ONE[sex]));
    return (
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.s }}>
        <Text variant="small" style={{ flex: 1 }}>
          {`Expected: ${said.join(', ')}`}
        </Text>
        <Button
          variant="quiet"
          size="small"
          title="As expected"
          label={`As expected: ${said.join(', ')}`}
          onPress={() => onTake(likely)}
        />
      </View>
    );
  }
  return SEXES.flatMap((sex) => {
    const { low, high } = expected[sex];
    if (counted[sex] >= low && counted[sex] <= high) return [];
    const range = low === high ? f.number(low) : `${f.number(low)} to ${f.number(high)}`;
    return [
      <Text key={sex} variant="small" live>
        {counted[sex] > high
          ? `More ${ONE[sex][1]} than expected (${range}): is one of them still green?`
          : `Fewer ${ONE[sex][1]} than expected (${range}): look under the leaves.`}
      </Text>,
    ];
  });
}
