/** What the flowers of a crop look like, as far as sex and age are read from it. Trade facts; sizes are our defaults. */

/** From the bud at the growing tip to the flower that is over. `eve`: opens next. */
export const FLOWER_STAGES = ['pin', 'green', 'eve', 'open', 'spent'] as const;
export type FlowerStage = (typeof FLOWER_STAGES)[number];

/** The shape of the fruit, which the fruitlet behind a female flower has already. */
export const FRUIT_SHAPES = ['round', 'long', 'bottle', 'flat', 'oval', 'ribbed', 'curved'] as const;
export type FruitShape = (typeof FRUIT_SHAPES)[number];

export const STYLE_LENGTHS = ['long', 'medium', 'short'] as const;
export type StyleLength = (typeof STYLE_LENGTHS)[number];

/** Male and female (or perfect) flowers, the fruitlet of the latter below its petals. */
export interface GourdForm {
  readonly type: 'gourd';
  /** `bell`: one deep cup with five points; `wheel`: five lobes, nearly flat; `fringed`: with threads at the edge. */
  readonly petals: 'bell' | 'wheel' | 'fringed';
  readonly petalColour: 'yellow' | 'white';
  /** Of the male flower, against that of the female. */
  readonly maleStalk: 'long' | 'short';
  readonly males: 'single' | 'clustered';
  /** Do the flowers that carry the fruit stand on the first nodes of side shoots? */
  readonly bearsOnSideShoots?: true;
  /** Of most varieties. */
  readonly fruitlet: FruitShape;
  readonly hairy?: true;
}

/** Tassel on top, ears at the nodes. */
export interface GrassForm {
  readonly type: 'grass';
}

/**
 * Perfect flowers of the tomato's family. `tube`: anthers grown together round the style; `cone`: loosely joined, open
 * at their tips; `free`: standing apart.
 */
export interface NightshadeForm {
  readonly type: 'nightshade';
  readonly anthers: 'tube' | 'cone' | 'free';
  readonly petalColour: 'yellow' | 'white' | 'violet';
  /** Do flowers differ in the length of their style? */
  readonly styles?: 'various';
  readonly fruitlet: FruitShape;
}

/** Perfect flowers with a dome of many pistils and a ring of anthers round it. */
export interface DomeForm {
  readonly type: 'dome';
}

/** A head of many perfect florets, with rays round them. */
export interface HeadForm {
  readonly type: 'head';
}

/** Perfect flowers of five broad petals round a column that carries the anthers, and the stigmas at its end. */
export interface MallowForm {
  readonly type: 'mallow';
}

/**
 * Perfect flowers of the pea's family: a banner behind, two wings, and between them the keel, in which anthers and
 * stigma lie shut. `coiled`: its end is wound up like a snail, as a bean's.
 */
export interface KeelForm {
  readonly type: 'keel';
  readonly keel: 'straight' | 'coiled';
  readonly petalColour: 'white' | 'violet' | 'scarlet';
  /** A dark blotch on each wing. */
  readonly blotched?: true;
}

export type FlowerForm = GourdForm | GrassForm | NightshadeForm | DomeForm | HeadForm | MallowForm | KeelForm;
