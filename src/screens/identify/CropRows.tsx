import { useState } from 'react';
import { View } from 'react-native';
import type { FlowerStage } from '@/core/crops/flowerForm';
import { SEEN_CROPS, type SeenCrop } from '@/core/flowers/kindsOf';
import { growingCrops } from '@/core/due/outings';
import { useGarden } from '@/data/hooks/useGarden';
import { FlowerDrawing } from '@/ui/flowers/FlowerDrawing';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { SPACE } from '@/ui/theme';

export interface CropRowsProps {
  readonly crops: readonly SeenCrop[];
  /** The age of the flower beside each. */
  readonly stage: FlowerStage;
  readonly note: (crop: SeenCrop) => string;
  readonly onChoose: (crop: SeenCrop) => void;
  /** To all crops, where these are some of them. */
  readonly more: { readonly title: string; readonly onPress: () => void };
}

/**
 * The crops of the garden whose flowers are drawn, and others that are at hand; all of them where there is none, or once
 * they are wanted.
 */
export function useCropsHere(isAtHand: (crop: SeenCrop) => boolean = () => false) {
  const { store } = useGarden();
  const [all, setAll] = useState(false);
  const grown = new Set(growingCrops(store.journal).map(({ id }) => id));
  const here = SEEN_CROPS.filter((crop) => grown.has(crop.id) || isAtHand(crop));
  return { crops: all || here.length === 0 ? SEEN_CROPS : here, showAll: () => setAll(true) };
}

/** Crops to choose from, each with a flower of it. */
export const CropRows = ({ crops, stage, note, onChoose, more }: CropRowsProps) => (
  <>
    {crops.map((crop) => (
      <ListRow
        key={crop.id}
        glyph={<CropPicture crop={crop} stage={stage} />}
        title={crop.name}
        note={note(crop)}
        onPress={() => onChoose(crop)}
      />
    ))}
    {crops.length < SEEN_CROPS.length ? (
      <Button title={more.title} onPress={more.onPress} style={{ marginTop: SPACE.m }} />
    ) : null}
  </>
);

interface CropPictureProps {
  readonly crop: SeenCrop;
  readonly stage: FlowerStage;
}

/** A flower of the crop, at the start of its row. */
export const CropPicture = ({ crop, stage }: CropPictureProps) => (
  <View style={{ width: 44, alignItems: 'center' }}>
    <FlowerDrawing
      looks={{ form: crop.flower, sex: crop.habit === 'perfect' ? 'perfect' : 'female', stage, seed: 5 }}
      fit="own"
      size={56}
    />
  </View>
);
