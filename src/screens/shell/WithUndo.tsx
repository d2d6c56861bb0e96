import type { ReactNode } from 'react';
import { View, type ViewStyle } from 'react-native';
import type { Work } from '@/core/journal/undo';
import { useGarden } from '@/data/hooks/useGarden';
import { useUndo } from '@/data/hooks/useUndo';
import { Button, type ButtonSize } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { sayAction } from '../words/actions';
import { useNarrow } from './useWide';

export interface WithUndoProps {
  /** What is undone here; without it, whatever was done last. */
  readonly work?: Work;
  readonly size?: ButtonSize;
  /** Of each of the two buttons. */
  readonly style?: ViewStyle;
  readonly children?: ReactNode;
}

/** Of Undo and Redo beside the one button that matters. */
export const BESIDE = { width: 88 } as const;

/** Buttons with Undo beside them, and after it Redo; what was taken back is said in words. */
export function WithUndo({ work, size, style, children }: WithUndoProps) {
  const { undo, redo, canRedo } = useUndo(work);
  return (
    <View style={{ gap: SPACE.xs }}>
      <Undone />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        {children}
        {canRedo ? <Button title="Redo" size={size} onPress={redo} style={style} /> : null}
        <Button title="Undo" size={size} onPress={undo} style={style} />
      </View>
    </View>
  );
}

export interface DoneFootProps {
  readonly work: Work;
  readonly title: string;
  readonly onPress: () => void;
  /** For gloves. */
  readonly large?: boolean;
}

/** The foot of a stop or a plant: what is done there in one tap, and Undo beside it. */
export function DoneFoot({ work, title, onPress, large = false }: DoneFootProps) {
  const narrow = useNarrow();
  const size = large ? 'glove' : 'huge';
  return (
    <WithUndo work={work} size={narrow ? 'small' : size} style={narrow ? undefined : BESIDE}>
      <Button
        variant="main"
        size={narrow && !large ? 'big' : size}
        title={title}
        onPress={onPress}
        style={{ flex: 1 }}
      />
    </WithUndo>
  );
}

/** What was taken back just now. */
export function Undone() {
  const f = useFormat();
  const { store } = useGarden();
  return store.undone ? (
    <Text variant="small" live>{`Undone: ${sayAction(store.undone, store.journal, f)}.`}</Text>
  ) : null;
}
