import { View } from 'react-native';
import { cropOf, type CropId } from '@/core/crops/catalogue';
import { DIAGNOSTIC_TRAITS } from '@/core/crops/names/diagnosticTraits';
import { FlowerDrawing } from '@/ui/flowers/FlowerDrawing';
import { looksOfVariety } from '@/ui/flowers/geometry/looks';
import { ListRow } from '@/ui/parts/ListRow';
import { sentenceCase } from '../words/sentenceCase';

/** Room for a flower at the start of a row. */
const PICTURE = { width: 44, minHeight: 56, alignItems: 'center', justifyContent: 'center' } as const;

/** The flower that carries the fruit of a crop; only its room where it is not drawn. */
export function KindPicture({ crop }: { readonly crop: CropId }) {
  const looks = looksOfVariety({ crop, traits: {} }, 'female', 'open');
  return <View style={PICTURE}>{looks ? <FlowerDrawing looks={looks} fit="own" size={52} /> : null}</View>;
}

/** Its name with its species, where that is not the name already. */
function titleOf(crop: CropId): string {
  const { name, species } = cropOf(crop);
  const epithet = species.split(' ')[1]!;
  return name.includes(epithet) ? name : `${name}, ${species}`;
}

/** What is of that kind, and what tells it from others of the same name. */
function signsOf(crop: CropId): string {
  const { stalk, seed, leaf, other } = DIAGNOSTIC_TRAITS[crop] ?? {};
  const { types } = cropOf(crop);
  return [
    `${sentenceCase(types)}.`,
    stalk && `Stalk: ${stalk}.`,
    seed && `Seed: ${seed}.`,
    leaf && `Leaf: ${leaf}.`,
    other && `${sentenceCase(other)}.`,
  ]
    .filter(Boolean)
    .join(' ');
}

export interface KindRowsProps {
  readonly crops: readonly CropId[];
  readonly onChoose: (crop: CropId) => void;
}

/** Crops that share a name, each with its flower and what tells it from the others. */
export const KindRows = ({ crops, onChoose }: KindRowsProps) => (
  <View>
    {crops.map((crop) => (
      <ListRow
        key={crop}
        glyph={<KindPicture crop={crop} />}
        title={titleOf(crop)}
        note={signsOf(crop)}
        onPress={() => onChoose(crop)}
      />
    ))}
  </View>
);
