import { Overlay } from '../elements';
import type { ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { RADIUS, SPACE, usePalette } from '../theme';
import { Button } from './Button';
import { Text } from './Text';
import { useCloseRequest } from './useCloseRequest';

export interface SheetProps {
  readonly title: string;
  readonly open: boolean;
  readonly onClose: () => void;
  readonly closeTitle: string;
  readonly children: ReactNode;
}

/** A sheet over the page's lower edge; Escape, a tap outside it and a phone's Back close it. */
export function Sheet({ title, open, onClose, closeTitle, children }: SheetProps) {
  const palette = usePalette();
  useCloseRequest(open, onClose);
  if (!open) return null;
  return (
    <Overlay
      isVisible
      onBackdropPress={onClose}
      onRequestClose={onClose}
      animationType="none"
      aria-label={title}
      role="dialog"
      overlayStyle={{
        backgroundColor: palette.ground,
        borderTopLeftRadius: RADIUS.m,
        borderTopRightRadius: RADIUS.m,
        position: 'absolute',
        bottom: 0,
        width: '100%',
        maxWidth: 560,
        maxHeight: '92%',
        padding: 0,
      }}
    >
      <ScrollView contentContainerStyle={{ padding: SPACE.l, gap: SPACE.m }}>
        <View style={{ flexDirection: 'row', alignItems: 'flex-start', gap: SPACE.m }}>
          <View style={{ flex: 1 }}>
            <Text variant="heading" level={2}>
              {title}
            </Text>
          </View>
          <Button title={closeTitle} onPress={onClose} />
        </View>
        {children}
      </ScrollView>
    </Overlay>
  );
}
