import type { CropId } from '../crops/catalogue';
import { seededChance } from '../random/chance';
import { shuffled } from '../random/shuffled';
import { cardsOf, type FlowerCard } from './cards';

/** A flower of a printed sheet, to be told by its sex and age. */
export interface SheetFlower {
  readonly card: FlowerCard;
  /** By which it is drawn. */
  readonly seed: number;
}

/**
 * The flowers of a numbered sheet for a class: every kind of the crop before any comes twice, in an order by chance. The
 * same number is the same sheet.
 *
 * @example classSheet('pepo', 3, 12).length // 12
 */
export function classSheet(crop: CropId, number: number, flowers: number): SheetFlower[] {
  const cards = cardsOf(crop).filter((card): card is FlowerCard => card.exercise === 'age');
  if (cards.length === 0) return [];
  const chance = seededChance(number);
  const drawn: SheetFlower[] = [];
  while (drawn.length < flowers)
    for (const card of shuffled(cards, chance))
      if (drawn.length < flowers) drawn.push({ card, seed: 100 * number + drawn.length });
  // Not all of one kind's second flowers at the end.
  return shuffled(drawn, chance);
}
