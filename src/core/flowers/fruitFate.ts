/** What becomes of a fruitlet, as far as it shows some days after its flower. */
export const FRUIT_FATES = ['growing', 'yellowing', 'misshapen', 'endRot', 'gone'] as const;
export type FruitFate = (typeof FRUIT_FATES)[number];
