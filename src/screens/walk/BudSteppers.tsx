import { View } from 'react-native';
import { SEXES, type BudCount, type Sex } from '@/core/journal/kinds/walk';
import type { Variety } from '@/core/journal/state';
import type { CountedStage } from '@/core/opening/budStages';
import { Button } from '@/ui/parts/Button';
import { Stepper } from '@/ui/parts/Stepper';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { WalkWords } from '../words/forms/form';
import { BudPicture } from './BudPicture';

/** Beyond this many of one sex on one plant a finger has slipped. */
export const MAX_BUDS = 12;

export interface BudSteppersProps {
  readonly variety: Variety;
  readonly stage: CountedStage;
  readonly words: WalkWords['eve'] | WalkWords['green'];
  readonly counts: BudCount;
  readonly most: BudCount;
  readonly onChange: (sex: Sex) => (value: number) => void;
}

/** How many there are of each sex, each as it looks. */
export function BudSteppers({ variety, stage, words, counts, most, onChange }: BudSteppersProps) {
  return SEXES.map((sex) => {
    const said = words[sex];
    return said ? (
      <Stepper
        key={sex}
        label={said.label}
        glyph={<BudPicture variety={variety} stage={stage} sex={sex} glyph={said.glyph} />}
        value={counts[sex]}
        most={most[sex]}
        onChange={onChange(sex)}
        lessLabel={`One ${sex} less`}
        moreLabel={`One ${sex} more`}
      />
    ) : null;
  });
}

export interface TinyBudsProps {
  readonly variety: Variety;
  readonly words: WalkWords['green'];
  readonly counts: BudCount | undefined;
  readonly onChange: (counts: BudCount) => void;
}

const NO_BUDS: BudCount = { female: 0, male: 0 };
const MAX_TINY: BudCount = { female: MAX_BUDS, male: MAX_BUDS };

/** Buds three days off or more, for who wants the days ahead told better; folded away until they are wanted. */
export function TinyBuds({ variety, words, counts, onChange }: TinyBudsProps) {
  if (!counts)
    return <Button variant="quiet" title="Count tiny buds too" onPress={() => onChange(NO_BUDS)} />;
  return (
    <View style={{ marginTop: SPACE.m }}>
      <Text variant="strong">Tiny, at the growing tips: three days or more</Text>
      <BudSteppers
        variety={variety}
        stage="pin"
        words={words}
        counts={counts}
        most={MAX_TINY}
        onChange={(sex) => (value) => onChange({ ...counts, [sex]: value })}
      />
    </View>
  );
}
