import type { CropId } from '../crops/catalogue';
import { farthestLook, type Looked } from '../isolation/looked';
import type { IsolationQuestion } from '../isolation/question';
import { requiredDistance } from '../isolation/requiredDistance';
import type { Day } from '../time/types';

/** How far one has to look around for what crosses with a crop, and who did. */
export interface LookAround {
  readonly crop: CropId;
  /** Metres, for the variety of it that takes the most. */
  readonly requiredMetres: number;
  /** The farthest look that speaks for the day. */
  readonly looked?: Looked;
  /** Is it as far as it takes? */
  readonly isFar: boolean;
}

/**
 * For each crop on the plan that needs a distance from others: how far one has to look, and how far somebody did.
 *
 * @param day that the looks have to speak for.
 * @example looksAround(plan.question, '2026-07-19')[0].isFar // false
 */
export function looksAround({ varieties, ground, looked = [] }: IsolationQuestion, day: Day): LookAround[] {
  const metres = new Map<CropId, number>();
  for (const variety of varieties) {
    const required = variety.places.length > 0 ? requiredDistance(variety, ground).metres : 0;
    if (required > 0) metres.set(variety.crop, Math.max(metres.get(variety.crop) ?? 0, required));
  }
  return [...metres].map(([crop, requiredMetres]) => {
    const farthest = farthestLook(looked, crop, day);
    const isFar = (farthest?.metres ?? 0) >= requiredMetres;
    return { crop, requiredMetres, ...(farthest && { looked: farthest }), isFar };
  });
}
