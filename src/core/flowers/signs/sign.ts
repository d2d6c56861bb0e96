import type { FlowerStage, StyleLength } from '../../crops/flowerForm';

/** What a flower may be. In corn the male one is the tassel, the female one the shoot that becomes an ear. */
export interface FlowerKind {
  readonly sex: 'female' | 'male' | 'perfect';
  readonly stage: FlowerStage;
  /** Where flowers differ in it. */
  readonly style?: StyleLength;
}

/** What can be seen or felt, and what may be found. */
export const SIGNS = {
  /** Under the petals. */
  under: ['even', 'swelling', 'fruitlet'],
  /** Of the stalk. */
  stalkLength: ['short', 'long'],
  /** On its node. */
  grouping: ['single', 'clustered'],
  /** Where on the plant. */
  shoot: ['mainStem', 'sideShoot'],
  size: ['tiny', 'half', 'full'],
  colour: ['green', 'seams', 'full', 'faded'],
  feel: ['slack', 'firm', 'limp'],
  tip: ['closed', 'open', 'twisted'],
  inside: ['column', 'lobes', 'both'],
  /** Corn: which part of the plant. */
  organ: ['tassel', 'shoot'],
  branches: ['wrapped', 'spread'],
  hangingAnthers: ['none', 'few', 'many', 'pale'],
  silk: ['none', 'short', 'long', 'brown'],
  /** Perfect flowers. */
  petals: ['closed', 'colouring', 'open', 'withered'],
  anthers: ['green', 'plump', 'dusty', 'brown'],
  style: ['beyond', 'level', 'below'],
  /** Strawberry: what the petals leave behind. */
  centre: ['hidden', 'pale', 'greenGrowing'],
  /** Heads: what stands round the florets, the florets, and the head from behind. */
  rays: ['wrapped', 'unfolding', 'spread', 'withered'],
  florets: ['closed', 'ring', 'over'],
  back: ['green', 'yellow'],
} as const satisfies Readonly<Record<string, readonly string[]>>;

export type SignId = keyof typeof SIGNS;
export type SignValue<Id extends SignId = SignId> = (typeof SIGNS)[Id][number];

/** What lies inside shows only at these ages, unless one tears a bud open. */
export const SHOWS_ONLY: Readonly<Partial<Record<SignId, readonly FlowerStage[]>>> = {
  inside: ['open'],
  anthers: ['open', 'spent'],
  style: ['open'],
  centre: ['open', 'spent'],
  florets: ['open', 'spent'],
};

/** What was seen so far. */
export type Evidence = { readonly [Id in SignId]?: SignValue<Id> };

/**
 * How often each value of a sign is found on a flower of a kind, in the order of `SIGNS`. The figures are our defaults,
 * from signs that are common practice, no source; the sum of each is 1.
 */
export type Likelihood = (kind: FlowerKind) => readonly number[];

export type SignTable = Readonly<Partial<Record<SignId, Likelihood>>>;

/** The same for each stage, whatever the sex. */
export const byStage =
  (rows: Readonly<Record<FlowerStage, readonly number[]>>): Likelihood =>
  ({ stage }) =>
    rows[stage];
