import { View } from 'react-native';
import type { TieColour } from '@/core/journal/kinds/tie';
import { usePalette } from '../theme';

/** As twine looks by daylight; always named beside it, since not everybody tells colours apart. */
const LOOKS: Readonly<Record<TieColour, string>> = {
  red: '#c62828',
  orange: '#ef7d16',
  yellow: '#f3d32b',
  green: '#2e8b3d',
  blue: '#2461c4',
  violet: '#7a3fa8',
  white: '#fdfdfb',
  black: '#1a1a1a',
};

/** A knot of twine in its colour. */
export function Swatch({ colour, size = 24 }: { readonly colour: TieColour; readonly size?: number }) {
  const palette = usePalette();
  return (
    <View
      style={{
        width: size,
        height: size,
        borderRadius: size / 2,
        borderWidth: 2,
        borderColor: palette.ink,
        backgroundColor: LOOKS[colour],
      }}
    />
  );
}
