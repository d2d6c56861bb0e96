import { View } from 'react-native';
import { useGarden } from '@/data/hooks/useGarden';
import { SPACE } from '@/ui/theme';
import { WithUndo } from '../shell/WithUndo';

/** The last change of the plan is taken back here; a garden without any has nothing to take back. */
export function UndoPlan() {
  const { store } = useGarden();
  if (!store.own.undoable('plan') && !store.own.redoable('plan')) return null;
  return (
    <View style={{ marginTop: SPACE.s }}>
      <WithUndo work="plan" />
    </View>
  );
}
