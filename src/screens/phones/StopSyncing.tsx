import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { Confirm } from '../shell/Confirm';
import type { Paired } from './PhoneList';

/** This phone alone goes its own way again. */
export function StopSyncing({ syncer }: Paired) {
  const [asking, setAsking] = useState(false);
  return (
    <View style={{ gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        Stop
      </Text>
      <Button variant="loss" title="Stop syncing on this phone" onPress={() => setAsking(true)} />
      <Confirm
        title="Stop syncing on this phone?"
        open={asking}
        action="Yes, stop"
        onClose={() => setAsking(false)}
        onAction={() => {
          setAsking(false);
          void syncer.leave();
        }}
      >
        <Text>
          The garden stays on this phone, and on the others. What is recorded here from now on stays here,
          until it joins again.
        </Text>
      </Confirm>
    </View>
  );
}
