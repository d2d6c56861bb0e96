import { ListItem } from '../elements';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { SPACE, TOUCH, usePalette } from '../theme';
import { Text } from './Text';

export interface ListRowProps {
  readonly title: string;
  readonly note?: string;
  readonly glyph?: ReactNode;
  /** A number or short word at the right. */
  readonly end?: string;
  readonly tone?: 'ink' | 'rust';
  readonly onPress?: () => void;
  readonly selected?: boolean;
  readonly nativeID?: string;
}

/** A line of a list, with a fine rule above it. */
export function ListRow({
  title,
  note,
  glyph,
  end,
  tone = 'ink',
  onPress,
  selected = false,
  nativeID,
}: ListRowProps) {
  const palette = usePalette();
  const press = onPress
    ? { onPress, role: 'link' as const, 'aria-current': selected ? ('true' as const) : undefined }
    : { disabled: true, disabledStyle: { opacity: 1 } };
  return (
    <ListItem
      {...press}
      nativeID={nativeID}
      containerStyle={{
        backgroundColor: selected ? palette.wash : 'transparent',
        borderTopWidth: 1.5,
        borderColor: palette.line,
        paddingHorizontal: 0,
        paddingVertical: SPACE.m,
        minHeight: TOUCH.least,
      }}
    >
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.m, flex: 1 }}>
        {glyph}
        <View style={{ flex: 1 }}>
          <Text variant="strong" tone={tone}>
            {title}
          </Text>
          {note ? (
            <Text variant="small" tone={tone === 'rust' ? 'rust' : 'soft'}>
              {note}
            </Text>
          ) : null}
        </View>
        {end ? <Text variant="heading">{end}</Text> : null}
      </View>
    </ListItem>
  );
}
