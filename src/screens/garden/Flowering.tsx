import type { PlanOfGarden } from './usePlan';
import { useState } from 'react';
import { View } from 'react-native';
import { isDay } from '@/core/time/calendar';
import type { PlannedVariety } from '@/core/planning/gardenPlan';
import { useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { DayField } from '@/ui/parts/DayField';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { SOWING_NAMES } from '../words/garden';
import { sayGardenReason } from '../words/reasons/garden';

export interface ReportProps {
  readonly view: PlanOfGarden;
  readonly planned: PlannedVariety;
}

/** Records on which day it had its first flower, or its last: what was seen corrects the estimate. */
export function Flowered({ planned, view }: ReportProps) {
  const record = useRecord();
  const { variety, seen, planting } = planned;
  const [day, setDay] = useState<string>(view.today);
  const [error, setError] = useState<string>();
  const say = (kind: 'flowering.seen' | 'flowering.over') => (): void => {
    if (!isDay(day)) return setError('A whole date: day, month and year.');
    if (day > view.today) return setError('That day has not come yet.');
    // One of several sowings flowers by itself.
    const body = { variety: variety.variety, ...(planting !== variety.variety && { planting }), day };
    record([{ kind, body }]);
  };
  const isOver = seen.over.length > 0;
  return (
    <View style={{ gap: SPACE.s }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: SPACE.s }}>
        <DayField
          label="On which day"
          value={day}
          error={error}
          onChange={(typed) => {
            setDay(typed);
            setError(undefined);
          }}
        />
        {seen.firsts?.length ? null : (
          <Button title="Its first flower opened" onPress={say('flowering.seen')} />
        )}
        {isOver ? null : <Button title="No more flowers after it" onPress={say('flowering.over')} />}
      </View>
      <Text variant="small" tone="soft">
        {`${variety.sowing ? `${SOWING_NAMES[variety.sowing.how]} on ${variety.sowing.day}. ` : ''}${
          isOver
            ? 'What you see takes precedence over the estimate.'
            : 'Before its first flower it fathered nothing; until somebody says it is over, it is taken to go on.'
        }`}
      </Text>
    </View>
  );
}

export function floweringSentences({ flowering }: PlannedVariety, f: Format): string[] {
  if (!flowering) return ['Not known: say when it was sown or planted out, or when it first flowered.'];
  return [
    `From ${f.day(flowering.first)} to ${f.day(flowering.last)}.`,
    ...flowering.reasons.map((each) => sayGardenReason(each, f)),
  ];
}
