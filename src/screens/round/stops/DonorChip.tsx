import { View } from 'react-native';
import { Glyph, type GlyphName } from '@/ui/glyphs/Glyph';
import { Text } from '@/ui/parts/Text';
import { SPACE, TOUCH, usePalette } from '@/ui/theme';

/** A plant that gives pollen. */
export function DonorChip({
  glyph,
  name,
  note,
}: {
  readonly glyph: GlyphName;
  readonly name: string;
  readonly note?: string;
}) {
  const palette = usePalette();
  return (
    <View
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        gap: SPACE.s,
        minHeight: TOUCH.least,
        paddingLeft: 10,
        paddingRight: 14,
        borderWidth: 2,
        borderColor: palette.ink,
        borderRadius: 24,
        borderBottomLeftRadius: 6,
        backgroundColor: palette.paper,
      }}
    >
      <Glyph name={glyph} />
      <Text variant="label">{name}</Text>
      {note ? <Text variant="small">{note}</Text> : null}
    </View>
  );
}
