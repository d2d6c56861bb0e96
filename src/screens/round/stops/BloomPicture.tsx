import { View } from 'react-native';
import { cropOf } from '@/core/crops/catalogue';
import { factsOf } from '@/core/flowers/forms/forms';
import type { Part } from '@/core/crops/crop';
import type { Variety } from '@/core/journal/state';
import { useGarden } from '@/data/hooks/useGarden';
import { FlowerDrawing } from '@/ui/flowers/FlowerDrawing';
import { looksOfVariety, seedOf } from '@/ui/flowers/geometry/looks';
import { Glyph } from '@/ui/glyphs/Glyph';
import { Later } from '@/ui/parts/Later';
import { bloomGlyph } from '../../words/blooms';

export interface BloomPictureProps {
  readonly variety: Variety | undefined;
  readonly sex: 'female' | 'male';
  readonly part: Part;
  readonly bloom: string | undefined;
  readonly covered: boolean;
}

const SIZE = 122;

/** The flower of a stop as it should look now. */
export function BloomPicture({ variety, sex, part, bloom, covered }: BloomPictureProps) {
  const { journal } = useGarden().store;
  const label = `${covered ? 'Covered' : 'Uncovered'} ${part === 'flower' ? `${sex} flower` : part}`;
  // Under tape petals stay shut, the seams in full colour.
  const form = variety && cropOf(variety.crop).flower;
  const shut = covered && form !== undefined && factsOf(form).staysShut;
  const looks =
    variety && looksOfVariety(variety, sex, shut ? 'eve' : 'open', seedOf(bloom ?? variety.variety));
  if (!looks) return <Glyph name={bloomGlyph({ part, sex })} size={112} label={label} />;
  const method = journal.all('bloom').get(bloom ?? '')?.cover?.method;
  const cover = covered ? ({ cover: method === 'tape' ? 'tape' : 'bag' } as const) : {};
  return (
    <View style={{ height: SIZE, minWidth: 48, alignItems: 'center' }}>
      <Later>
        {() => <FlowerDrawing looks={{ ...looks, ...cover }} fit="own" size={SIZE} label={label} />}
      </Later>
    </View>
  );
}
