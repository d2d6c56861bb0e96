import { View } from 'react-native';
import { hasOwnStorage } from '@/data/device/keeping';
import { useKeeping } from '@/data/hooks/useKeeping';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { HOME_SCREEN_WAYS, KEEPING, OWN_STORAGE } from '../words/keeping';

/** How long this browser keeps the records, and how it can be made to keep them. */
export function HowKept() {
  const kept = useKeeping();
  if (!kept) return null;
  const { keeping, way, install } = kept;
  return (
    <View style={{ gap: SPACE.xs }}>
      <Text {...(keeping === 'week' && { tone: 'rust' as const })}>{KEEPING[keeping]}</Text>
      {way && keeping !== 'kept' ? (
        <>
          <Text>{HOME_SCREEN_WAYS[way]}</Text>
          {hasOwnStorage(way) ? <Text>{OWN_STORAGE}</Text> : null}
          {way === 'prompt' ? <Button title="Put it on the home screen" onPress={install} /> : null}
        </>
      ) : null}
    </View>
  );
}
