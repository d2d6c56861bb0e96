import { View } from 'react-native';
import type { StopNow } from '@/core/round/stopNow';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';

const ASKS: Readonly<Record<Exclude<StopNow['clean'], 'nothing'>, string>> = {
  hands: 'Another variety: clean your hands.',
  brush: 'Another variety: a clean brush.',
  handsAndBrush: 'Another variety: clean hands, a clean brush.',
};

/** Hands or brush come from another variety that crosses with this one. */
export function CleanFirst({
  clean,
  onNotCleaned,
}: Pick<StopNow, 'clean'> & {
  /** It was done all the same. */
  readonly onNotCleaned: () => void;
}) {
  if (clean === 'nothing') return null;
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.s }}>
      <Text variant="strong" style={{ flex: 1 }}>
        {ASKS[clean]}
      </Text>
      <Button
        variant="quiet"
        title={clean === 'hands' ? 'Not cleaned' : 'Brush not cleaned'}
        label={clean === 'hands' ? 'Not cleaned: done with these hands' : 'Brush not cleaned'}
        onPress={onNotCleaned}
      />
    </View>
  );
}
