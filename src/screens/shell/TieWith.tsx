import { View } from 'react-native';
import { tieFor, type TiedFlower } from '@/core/today/ties';
import { useStore } from '@/data/hooks/useGarden';
import { Swatch } from '@/ui/glyphs/Swatch';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { TIE_NAMES } from '../words/names';

/** The colour to tie on a flower once it is pollinated, where the grower has chosen one. */
export function TieWith({ flower }: { readonly flower: TiedFlower }) {
  const { journal } = useStore();
  const colour = tieFor(journal, flower);
  if (!colour) return null;
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.s, marginTop: SPACE.s }}>
      <Swatch colour={colour} />
      <Text>{`Tie: ${TIE_NAMES[colour].toLowerCase()}`}</Text>
    </View>
  );
}
