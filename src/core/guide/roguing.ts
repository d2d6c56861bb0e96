import type { Crop } from '../crops/catalogue';
import { factsOf } from '../flowers/forms/forms';
import { ROGUE_STAGES, type RogueSign, type RogueSigns, type RogueStage } from '../flowers/forms/rogueSigns';

export interface Roguing {
  readonly stage: RogueStage;
  readonly signs: readonly RogueSign[];
}

/** Of crops that are here for what they cross with, and have no flower to be worked. */
const OF_LEAVES: RogueSigns = {
  young: ['vigour', 'leaf'],
  beforePollen: ['habit', 'leaf', 'bolting'],
  atFruit: [],
  ripe: ['drySeed'],
};

/**
 * What to look at in plants that are grown for seed, and when: what is seen before a plant gives pollen does least harm.
 * Disease that goes on with the seed is looked for at each.
 *
 * @example roguingOf(cropOf('pepo'))[1] // { stage: 'beforePollen', signs: ['habit', 'mottled', 'fruitlet', …] }
 */
export function roguingOf({ flower, cautions }: Pick<Crop, 'flower' | 'cautions'>): Roguing[] {
  const own = flower ? factsOf(flower).rogueBy : OF_LEAVES;
  return ROGUE_STAGES.flatMap((stage) => {
    const signs: readonly RogueSign[] = [
      ...own[stage],
      ...(stage !== 'ripe' && cautions.includes('mosaicOnHands') ? (['mottled'] as const) : []),
      ...(stage === 'ripe' && cautions.includes('bitterFruit') ? (['bitter'] as const) : []),
    ];
    return signs.length > 0 ? [{ stage, signs }] : [];
  });
}
