import type { CropId } from '../../crops/catalogue';
import type { VarietyTraits } from '../../crops/traits';
import type { OwnPollenRule, Purpose, SeedSource, Sowing } from '../../crops/variety';
import type { Day } from '../../time/types';
import type { KindDefinitions } from './definition';
import { renamed } from './renamed';

export interface VarietyBodies {
  'variety.described': {
    readonly variety: string;
    readonly name: string;
    readonly crop: CropId;
    readonly purpose: Purpose;
    readonly seedSource: SeedSource;
    readonly ownPollen: OwnPollenRule;
    readonly traits: VarietyTraits;
    readonly sowing?: Sowing;
    /** Days from sowing or planting out to the first flower, where the grower or the packet knows. */
    readonly daysToFlower?: number;
    /** Fruits wanted for seed. */
    readonly fruitWanted?: number;
    /** Whatever else is worth knowing of it. */
    readonly note?: string;
    /** It is so from that day on, and was not before. */
    readonly since?: Day;
  };
  /** The first flower, or for corn the first silk, that a grower saw of a variety. */
  'flowering.seen': { readonly variety: string; readonly planting?: string; readonly day: Day };
  /** No flower of it opens any more after that day. */
  'flowering.over': { readonly variety: string; readonly planting?: string; readonly day: Day };
}

/** Names of traits and of their values up to version 2. */
const TRAIT_NAMES = { setsAlone: 'parthenocarpic', allFemale: 'gynoecious', kernel: 'endosperm' };
const STYLE_NAMES: Readonly<Record<string, string>> = { inset: 'inserted', out: 'exserted' };

function upcastTraits(traits: object): VarietyTraits {
  const { style, ...rest } = renamed(traits, TRAIT_NAMES) as { style?: string };
  return { ...rest, ...(style !== undefined && { style: STYLE_NAMES[style] ?? style }) } as VarietyTraits;
}

/** The subjects that entries of each kind may name. */
export interface VarietyAbout {
  readonly 'variety.described': 'variety';
  readonly 'flowering.seen': 'variety' | 'planting';
  readonly 'flowering.over': 'variety' | 'planting';
}

const ofFlowering = {
  version: 1,
  structural: true,
  clockDays: true,
  subjects: (
    { variety, planting }: VarietyBodies['flowering.seen'],
    each: (type: 'variety' | 'planting', id: string) => void,
  ): void => {
    each('variety', variety);
    if (planting !== undefined) each('planting', planting);
  },
} as const;

export const VARIETY_KINDS: KindDefinitions<VarietyBodies, VarietyAbout> = {
  'variety.described': {
    version: 3,
    structural: true,
    clockDays: false,
    // Version 2 brought traits, version 3 their botanical names.
    upcast: (body) => {
      const old = body as VarietyBodies['variety.described'];
      return { ...old, traits: upcastTraits(old.traits ?? {}) };
    },
    subjects: ({ variety }, each) => each('variety', variety),
  },
  'flowering.seen': ofFlowering,
  'flowering.over': ofFlowering,
};
