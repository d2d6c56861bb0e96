import type { PollinationMethod } from '@/core/crops/crop';
import type { LookFinding, TagState } from '@/core/journal/kinds/fruit';
import type { PlantHealth, Selection, Trueness } from '@/core/journal/kinds/plan';
import { COVER_METHODS, type CoverMethod } from '@/core/journal/kinds/walk';
import type { CoverFinding, Finding, MissedReason } from '@/core/journal/kinds/roundBodies';
import type { PollenStore } from '@/core/journal/kinds/mating';
import type { TieColour } from '@/core/journal/kinds/tie';
import type { OwnPollenRule, Purpose, SeedSource } from '@/core/crops/variety';
import type { Grade } from '@/core/purity/fruitPurity';
import type { LinkName, LinkState } from '@/core/purity/chain';

/** The growers' words for the terms of the journal. */

export const PURPOSE_NAMES: Readonly<Record<Purpose, string>> = {
  eat: 'To eat',
  seedForFun: 'Seed, for fun',
  seedToKeep: 'Seed, to keep the variety',
  rareOrSold: 'Seed, rare or for sale',
};

export const SEED_SOURCE_NAMES: Readonly<Record<SeedSource, string>> = {
  ownGuarded: 'My own, covered or far from others',
  boughtLine: 'Bought, a true line',
  swapped: 'Swapped or given',
  openGarden: 'Saved where others could cross',
  f1: 'An F1 hybrid',
  unknown: 'Not known',
};

export const OWN_POLLEN_NAMES: Readonly<Record<OwnPollenRule, string>> = {
  allowed: 'Yes',
  lastResort: 'Only when there is nothing else',
  never: 'Never',
};

export const HEALTH_NAMES: Readonly<Record<PlantHealth, { readonly title: string; readonly note: string }>> =
  {
    sound: { title: 'Healthy', note: 'Nothing to see on it.' },
    suspect: {
      title: 'May be diseased',
      note: 'Mottled, stunted or spotted leaves. It is worked last, its pollen goes to no healthy plant, and its seed is not kept.',
    },
  };

export const TRUENESS_NAMES: Readonly<Record<Trueness, { readonly title: string; readonly note: string }>> = {
  typical: { title: 'As it should be', note: 'Leaf, habit and young fruit are those of the variety.' },
  doubtful: { title: 'In doubt', note: 'Its pollen is used for seed only when there is nothing else.' },
};

export const SELECTION_NAMES: Readonly<Record<Selection, string>> = {
  keep: 'Keep its seed',
  unsure: 'Not decided',
  leave: 'Leave it out',
};

export const TIE_NAMES: Readonly<Record<TieColour, string>> = {
  red: 'Red',
  orange: 'Orange',
  yellow: 'Yellow',
  green: 'Green',
  blue: 'Blue',
  violet: 'Violet',
  white: 'White',
  black: 'Black',
};

/** What a grower can choose from: what covers a flower. */
export const FLOWER_COVERS = COVER_METHODS.filter(
  (method) => method !== 'shootBag' && method !== 'tasselBag',
);

export const COVERS: Readonly<Record<CoverMethod, string>> = {
  tape: 'Tape',
  cord: 'Cord',
  bag: 'Bag',
  peg: 'Peg',
  indoors: 'Cut, in water',
  shootBag: 'Shoot bag',
  tasselBag: 'Tassel bag',
  none: 'No cover, only marked',
};

export const MISSED: Readonly<Record<MissedReason, string>> = {
  notYet: 'Not open yet',
  hole: 'Hole or tear',
  torn: 'Cover torn',
  insect: 'Insect in',
  open: 'Already open',
  wilted: 'Wilted',
  broke: 'Broke off',
  notFound: 'Not found',
  noPollen: 'No pollen',
  leftToInsects: 'Left to the insects',
  skipped: 'Left out',
};

export const POLLEN_STORES_NAMED: Readonly<Record<PollenStore, string>> = {
  dryCold: 'Dry and cold',
  coolDamp: 'Cool and damp',
};

export const METHODS: Readonly<Record<PollinationMethod, string>> = {
  maleFlower: 'The male flower itself',
  anthers: 'The father’s anthers, dabbed on',
  antherCone: 'The father’s anther cone, left on the stigma',
  brush: 'A soft, dry brush',
  swab: 'A cotton swab',
  tasselBag: 'The bag of a tassel',
  headToHead: 'Head against head',
  shakeInBag: 'A shake, in its own bag',
};

export const FOUND: Readonly<Record<Finding, string>> = {
  shut: 'shut, as it was covered',
  torn: 'under a torn cover',
  hole: 'with a hole',
  insect: 'with an insect in it',
  open: 'already open',
  wilted: 'wilting',
};

export const SEEN: Readonly<Record<LookFinding, string>> = {
  growing: 'Growing',
  unsure: 'Cannot tell yet',
  misshapen: 'Growing, crooked',
  yellowing: 'Yellow, shrivelling',
  gone: 'Gone',
};

/** How a cover was found when it came off. */
export const COVERS_FOUND: Readonly<Record<CoverFinding, string>> = {
  whole: 'Whole, taken off now',
  loose: 'Loose',
  torn: 'Torn',
  off: 'Off by itself',
};

export const TAGS_SEEN: Readonly<Record<TagState, string>> = {
  there: 'tag there',
  hardToRead: 'tag hard to read',
  gone: 'tag gone',
};

export const GRADES: Readonly<Record<Grade, string>> = {
  true: 'True to type',
  unproven: 'Not proven',
  doubtful: 'Doubtful',
  notForSeed: 'Not for seed',
};

/** Of what comes of a cross, and is true to no variety. */
export const CROSS_GRADES: Readonly<Record<Grade, string>> = {
  true: 'Parents certain',
  unproven: 'Parents not proven',
  doubtful: 'Parents doubtful',
  notForSeed: 'Not of these parents alone',
};

export const LINKS: Readonly<Record<LinkName, string>> = {
  seedSource: 'Seed sown',
  cover: 'Covered before opening',
  intact: 'Intact at opening',
  cleanPollen: 'Clean males',
  closedAgain: 'Shut at once',
  plants: 'Parents true to type',
  tag: 'Tag in place',
};

export const LINK_STATES: Readonly<Record<LinkState, string>> = {
  holds: 'holds',
  pending: 'not known yet',
  unknown: 'not known',
  doubtful: 'weak',
  broken: 'broken',
};
