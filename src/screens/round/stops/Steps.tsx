import { View } from 'react-native';
import type { Stop } from '@/core/journal/kinds/stops';
import type { Round } from '@/core/journal/state';
import { visitAt } from '@/core/round/visits';
import { useGarden } from '@/data/hooks/useGarden';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../../format/useFormat';
import { sayStep } from '../../words/stops';

/** So many of the steps to come are named. */
const NAMED = 2;

/** What else is done at this plant: before this step, and after it. A plant with one step shows nothing. */
export function Steps({ round, stop }: { readonly round: Round; readonly stop: Stop }) {
  const f = useFormat();
  const { journal } = useGarden().store;
  const { steps, step } = visitAt(round.stops, stop);
  if (steps.length === 1) return null;
  const next = steps.slice(step + 1);
  const more = next.length - NAMED;
  return (
    <View style={{ marginTop: SPACE.xs }}>
      <Text variant="label">{`Step ${f.number(step + 1)} of ${f.number(steps.length)} at this plant`}</Text>
      {next.slice(0, NAMED).map((each) => (
        <Text key={each.stop} variant="small" tone="soft">
          {`Then: ${sayStep(journal, each, f)}`}
        </Text>
      ))}
      {more > 0 ? (
        <Text variant="small" tone="soft">{`and ${f.count(more, 'more step', 'more steps')}`}</Text>
      ) : null}
    </View>
  );
}
