import type { PlanOfGarden } from './usePlan';
import { View } from 'react-native';
import type { PlannedVariety } from '@/core/planning/gardenPlan';
import { useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { SOWING_NAMES } from '../words/garden';
import { sayGardenReason } from '../words/reasons/garden';

export interface ReportProps {
  readonly view: PlanOfGarden;
  readonly planned: PlannedVariety;
}

/** Records that it flowers today, or that it is over, which corrects the estimate. */
export function Flowered({ planned, view }: ReportProps) {
  const record = useRecord();
  const { variety, flowering, seen } = planned;
  if (flowering?.by === 'seen') {
    if (seen.over.length > 0) return null;
    const body = {
      variety: variety.variety,
      // One of several sowings ends by itself.
      ...(planned.planting !== variety.variety && { planting: planned.planting }),
      day: view.today,
    };
    return (
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: SPACE.s }}>
        <Button
          title="No more flowers after today"
          onPress={() => record([{ kind: 'flowering.over', body }])}
        />
        <Text variant="small" tone="soft">
          Until somebody says so, it is taken to go on.
        </Text>
      </View>
    );
  }
  const sowing = variety.sowing && `${SOWING_NAMES[variety.sowing.how]} on ${variety.sowing.day}. `;
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: SPACE.s }}>
      <Button
        title="First flower seen today"
        onPress={() =>
          record([{ kind: 'flowering.seen', body: { variety: variety.variety, day: view.today } }])
        }
      />
      <Text
        variant="small"
        tone="soft"
      >{`${sowing ?? ''}What you see takes precedence over the estimate.`}</Text>
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
