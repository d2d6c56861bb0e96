import { View } from 'react-native';
import type { Failures } from '@/core/diagnosis/failures';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { sayCauseCount } from '../words/diagnosis';
import { causeWords } from '../words/failing';

/** Causes of which something is said to do. */
const ADVISED = 2;

/** What explains the failures of a season, and what to do about what explains most. */
export function WhyTheyFailed({
  failures: { failed, noted, causes, crop },
}: {
  readonly failures: Failures;
}) {
  const f = useFormat();
  if (failed === 0) return null;
  return (
    <View style={{ gap: SPACE.s, marginTop: SPACE.l }}>
      <Text variant="heading" level={2}>
        Why they failed
      </Text>
      {causes.map((count, i) => (
        <View key={count.cause}>
          <Text>
            <Text variant="strong">{causeWords(count.cause, crop).name}</Text>
            {`: ${sayCauseCount(count, failed, f)}`}
          </Text>
          {i < ADVISED ? (
            <Text variant="small" tone="soft">
              {causeWords(count.cause, crop).advice}
            </Text>
          ) : null}
        </View>
      ))}
      <Text variant="small" tone="soft">
        {noted === failed
          ? 'You named the cause of each.'
          : `You named the cause of ${f.number(noted)} of ${f.number(failed)}. The others are judged by what was seen and what the records say: the day, males, hour, weather and load. How often each sign goes with each cause is our estimate from common practice, not measured.`}
      </Text>
    </View>
  );
}
