import { useMemo } from 'react';
import Svg from 'react-native-svg';
import type { FlowerForm } from '@/core/crops/flowerForm';
import type { SignId, SignValue } from '@/core/flowers/signs/sign';
import { useMode, usePalette } from '../theme';
import { ShapePaths, viewBoxOf } from './FlowerDrawing';
import { signPicture } from './geometry/signPicture';
import { toneColours } from './tones';

export interface SignPictureProps<Id extends SignId = SignId> {
  readonly form: FlowerForm;
  readonly sign: Id;
  readonly value: SignValue<Id>;
  readonly size: number;
}

/** What a sign looks like; the words beside it name it. */
export function SignPicture({ form, sign, value, size }: SignPictureProps) {
  const palette = usePalette();
  const mode = useMode();
  const picture = useMemo(() => signPicture(form, sign, value), [form, sign, value]);
  if (!picture) return null;
  return (
    <Svg width={size} height={size} viewBox={viewBoxOf(picture.box)} aria-hidden>
      <ShapePaths
        shapes={picture.shapes}
        colours={toneColours(form, mode, palette.ink)}
        unit={Math.max(picture.box.width, picture.box.height) / size}
      />
    </Svg>
  );
}
