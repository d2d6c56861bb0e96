import type { ReactNode } from 'react';
import { View } from 'react-native';
import { SPACE, usePalette } from '@/ui/theme';

/** A narrow band above the page. */
export function Banner({ label, children }: { readonly label: string; readonly children: ReactNode }) {
  const palette = usePalette();
  return (
    <View
      role="region"
      aria-label={label}
      style={{
        flexDirection: 'row',
        flexWrap: 'wrap',
        alignItems: 'center',
        gap: SPACE.s,
        paddingHorizontal: SPACE.l,
        paddingVertical: SPACE.xs,
        backgroundColor: palette.wash,
        borderBottomWidth: 1.5,
        borderColor: palette.line,
      }}
    >
      {children}
    </View>
  );
}
