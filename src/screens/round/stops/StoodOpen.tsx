import { View } from 'react-native';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../../format/useFormat';
import { StopCard } from './StopCard';
import { type PollinateCardProps, usePollination } from './usePollination';

/** A female that could not be shut at once: it makes a difference for how long. */
export function StoodOpen({ onBack, ...props }: PollinateCardProps & { readonly onBack: () => void }) {
  const f = useFormat();
  const { pollinate } = usePollination(props);
  return (
    <StopCard
      {...props}
      sex="female"
      covered={false}
      says="For how long did it stand open?"
      exceptions={[{ title: 'Back', onPress: onBack }]}
      done={{ title: 'Left open', onPress: () => pollinate({ found: 'shut', shutAgain: false }) }}
    >
      <Text variant="stop" style={{ marginVertical: SPACE.s }}>
        Shut again after
      </Text>
      <View style={{ flexDirection: 'row', gap: SPACE.s, marginBottom: SPACE.s }}>
        {OPEN_MINUTES.map((minutes) => (
          <Button
            key={minutes}
            size="big"
            title={`${f.number(minutes)} min`}
            label={`Shut after ${f.count(minutes, 'minute', 'minutes')}`}
            onPress={() => pollinate({ found: 'shut', shutAgain: true, openMinutes: minutes })}
            style={{ flex: 1 }}
          />
        ))}
      </View>
      <Text variant="small">
        Before insects fly it does no harm; after that it is doubtful for seed. Left open, it is not for seed.
      </Text>
    </StopCard>
  );
}

/** Minutes for which a flower may have stood open, to tap. */
const OPEN_MINUTES = [2, 5, 15] as const;
