/** When plants for seed are looked over, in the order of their life. */
export const ROGUE_STAGES = ['young', 'beforePollen', 'atFruit', 'ripe'] as const;
export type RogueStage = (typeof ROGUE_STAGES)[number];

/** What tells a plant that is not true to its variety. Common practice, no source. */
export const ROGUE_SIGNS = [
  'vigour',
  'stemColour',
  'leaf',
  'mottled',
  'habit',
  'earliness',
  'bolting',
  'fruitlet',
  'flowerColour',
  'tassel',
  'silk',
  'rays',
  'podSet',
  'fruitShape',
  'fruitSkin',
  'pods',
  'berries',
  'earHeight',
  'kernels',
  'drySeed',
  'flesh',
  'bitter',
] as const;
export type RogueSign = (typeof ROGUE_SIGNS)[number];

/** What to look at, at each time of looking. Common practice, no source. */
export type RogueSigns = Readonly<Record<RogueStage, readonly RogueSign[]>>;
