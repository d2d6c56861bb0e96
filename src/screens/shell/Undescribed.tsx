import { Link } from 'expo-router';
import { View } from 'react-native';
import { useUndo } from '@/data/hooks/useUndo';
import { useDevice } from '@/data/hooks/useDevice';
import { useGarden } from '@/data/hooks/useGarden';
import { saveRecords } from '@/data/files/rawExport';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';

/** Instead of any page of a garden whose description was taken back: earlier versions could undo it. */
export function Undescribed() {
  const device = useDevice();
  const { store } = useGarden();
  const { redo, canRedo } = useUndo();
  return (
    <View role="main" style={{ padding: SPACE.l, gap: SPACE.m, maxWidth: 560 }}>
      <Text variant="title" level={1}>
        This garden has no description
      </Text>
      <Text>
        Its name and place were taken back, or lie in records that could not be read.
        {store.unsaved.length === 0 ? ' All other records are stored.' : ''}
        {canRedo ? ' Redo brings the description back.' : ' Importing a backup of it brings it back.'}
      </Text>
      {canRedo ? <Button variant="main" size="big" title="Redo" onPress={redo} /> : null}
      <Button title="Save the records" onPress={() => void saveRecords(device.current, store.unsaved)} />
      <Link href="/more">
        <Text>To More, for a backup or another garden</Text>
      </Link>
    </View>
  );
}
