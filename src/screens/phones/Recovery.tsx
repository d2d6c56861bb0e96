import { View } from 'react-native';
import { download } from '@/data/files/download';
import { useGarden } from '@/data/hooks/useGarden';
import { loadSync } from '@/data/hooks/useSync';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { recoveryText } from '../words/sync';
import type { Paired } from './PhoneList';

/** A line with which the garden is found again when every phone is lost. */
export function Recovery({ syncer }: Paired) {
  const { store } = useGarden();
  const save = async (): Promise<void> => {
    const { writeInvitation } = await loadSync();
    const name = store.described?.name ?? '';
    const text = recoveryText(name, window.location.origin, writeInvitation(syncer.invitation()));
    download('recovery.txt', text, 'text/plain');
  };
  return (
    <View style={{ gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        If every phone is lost
      </Text>
      <Text>
        One phone left is enough: add the new one from there. For the day when none is left, save the key now,
        and store it apart from the phones. Nobody else can read the garden on the server, so nobody else can
        bring it back.
      </Text>
      <Button title="Save a recovery file" onPress={() => void save()} />
    </View>
  );
}
