import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { SEEN_CROPS } from '@/core/flowers/kindsOf';
import { classSheet } from '@/core/practice/classSheet';
import { flowerOnPaper } from '@/ui/flowers/flowerOnPaper';
import { TickButton } from '@/ui/parts/TickButton';
import { useFormat } from '../format/useFormat';
import { useCropsHere } from '../identify/CropRows';
import { looksOf } from '../practice/ExerciseDrawing';
import { FLOWERS, sheetNumber } from '../practice/ClassScreen';
import { sayKind } from '../words/flowers';
import { PaperChoice } from './PaperChoice';
import { plainList } from './paperWords';
import { Printed } from './Printed';
import { usePaper } from './usePaper';

/** Drawn flowers for a class, with lines to write on, and the key on a page of its own. */
export function ClassSheet() {
  const f = useFormat();
  const { crop: wanted, sheet: asked } = useLocalSearchParams<{ crop?: string; sheet?: string }>();
  const { crops } = useCropsHere();
  const { paper } = usePaper();
  const [withKey, setWithKey] = useState(true);
  const crop = SEEN_CROPS.find(({ id }) => id === wanted) ?? crops[0]!;
  const number = sheetNumber(asked);
  const flowers = classSheet(crop.id, number, FLOWERS);
  const title = `${crop.name}, sheet ${f.number(number)}`;
  return (
    <Printed
      title="Class sheet"
      file="class-sheet"
      what={{
        sheets: 'drawing',
        paper,
        turned: false,
        drawing: {
          title,
          about: ['Of each flower: what is it, and does it open next, later, or is it over?'],
          drawings: flowers.map(({ card, seed }, i) => ({
            drawing: flowerOnPaper(looksOf(card, seed)),
            name: f.number(i + 1),
          })),
          columns: 3,
          rows: 4,
          written: 2,
          ...(withKey && {
            key: plainList(
              `Key to ${title}`,
              flowers.map(({ card }, i) => `${f.number(i + 1)}. ${sayKind(crop.flower, card.kind)}`),
            ),
          }),
        },
      }}
      nothing=""
    >
      <PaperChoice />
      <TickButton title="With the key" on={withKey} onPress={() => setWithKey(!withKey)} />
    </Printed>
  );
}
