import { cropOf, type CropId } from '../crops/catalogue';
import type { Purpose } from '../crops/variety';

/**
 * Does any pollen spoil what a variety is grown for? It does where fruit sets without and is better so.
 *
 * @example anyPollenSpoils({ crop: 'cucumber', purpose: 'eat', parthenocarpic: true }) // true
 */
export const anyPollenSpoils = ({
  crop,
  purpose,
  parthenocarpic,
}: {
  readonly crop: CropId;
  readonly purpose: Purpose;
  readonly parthenocarpic?: boolean;
}): boolean => purpose === 'eat' && parthenocarpic === true && cropOf(crop).pollinationSpoilsFruit === true;
