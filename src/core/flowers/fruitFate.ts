/** What becomes of a fruitlet, an ear or a head, as far as it shows. */
export const FRUIT_FATES = [
  'growing',
  'yellowing',
  'misshapen',
  'endRot',
  'scattered',
  'oneSide',
  'emptyTip',
  'emptyRing',
  'emptyMiddle',
  'gone',
] as const;
export type FruitFate = (typeof FRUIT_FATES)[number];
