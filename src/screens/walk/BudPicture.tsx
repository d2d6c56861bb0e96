import { View } from 'react-native';
import { cropOf } from '@/core/crops/catalogue';
import { factsOf } from '@/core/flowers/forms/forms';
import type { Sex } from '@/core/journal/kinds/walk';
import type { Variety } from '@/core/journal/state';
import type { CountedStage } from '@/core/opening/budStages';
import { FlowerDrawing } from '@/ui/flowers/FlowerDrawing';
import { looksOfVariety } from '@/ui/flowers/geometry/looks';
import { Glyph, type GlyphName } from '@/ui/glyphs/Glyph';
import { Later } from '@/ui/parts/Later';

export interface BudPictureProps {
  readonly variety: Variety;
  readonly stage: CountedStage;
  readonly sex: Sex;
  /** Where the flowers of the crop are not drawn. */
  readonly glyph: GlyphName;
}

const SIZE = 58;

/** What is counted on the walk, as it looks; the words beside it name it. */
export function BudPicture({ variety, stage, sex, glyph }: BudPictureProps) {
  // What was covered green is counted once it is open: silk shows, a tassel sheds.
  const form = cropOf(variety.crop).flower;
  const ofCorn = form !== undefined && factsOf(form).sexesApart && stage === 'eve';
  const looks = looksOfVariety(variety, sex, ofCorn ? 'open' : stage);
  if (!looks) return <Glyph name={glyph} size={30} />;
  return (
    <View style={{ width: 40, height: SIZE, alignItems: 'center' }}>
      <Later>{() => <FlowerDrawing looks={looks} fit="own" size={SIZE} />}</Later>
    </View>
  );
}
