import { bearingSexOf, cropOf } from '@/core/crops/catalogue';
import type { Part } from '@/core/crops/crop';
import type { Variety } from '@/core/journal/state';
import { useGarden } from '@/data/hooks/useGarden';
import { FlowerDrawing } from '@/ui/flowers/FlowerDrawing';
import { seedOf, type FlowerLooks } from '@/ui/flowers/geometry/looks';
import { Glyph } from '@/ui/glyphs/Glyph';
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
  const crop = variety && cropOf(variety.crop);
  const label = `${covered ? 'Covered' : 'Uncovered'} ${part === 'flower' ? `${sex} flower` : part}`;
  if (!variety || !crop?.flower) return <Glyph name={bloomGlyph({ part, sex })} size={112} label={label} />;
  const method = journal.all('bloom').get(bloom ?? '')?.cover?.method;
  const fruitShape = variety.traits.fruitShape;
  const looks: FlowerLooks = {
    form: crop.flower,
    sex: crop.habit === 'perfect' ? 'perfect' : sex === 'male' ? 'male' : bearingSexOf(crop, variety.traits),
    // Under tape petals stay shut, the seams in full colour.
    stage: covered && crop.flower.type === 'gourd' ? 'eve' : 'open',
    ...(fruitShape && { fruitShape }),
    ...(covered && { cover: method === 'tape' ? 'tape' : 'bag' }),
    seed: seedOf(bloom ?? variety.variety),
  };
  return <FlowerDrawing looks={looks} fit="own" size={SIZE} label={label} />;
}
