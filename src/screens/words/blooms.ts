import type { CoveredCrop, Crop } from '@/core/crops/catalogue';
import { bearingSex, type VarietyTraits } from '@/core/crops/traits';
import type { MissedReason } from '@/core/journal/kinds/round';
import type { Bloom } from '@/core/journal/state';
import type { GlyphName } from '@/ui/glyphs/Glyph';
import { MISSED } from './names';

/** Something that is counted on the walk. */
export interface CountWords {
  readonly label: string;
  readonly glyph: GlyphName;
}

/** What the walk asks at a plant: what opens next, then what comes later. */
export interface WalkWords {
  readonly next: string;
  /** How to tell them. */
  readonly sign: string;
  readonly later: string;
  readonly eve: { readonly female: CountWords; readonly male: CountWords };
  /** Without males where they are of no use before their day. */
  readonly green: { readonly female: CountWords; readonly male?: CountWords };
}

/**
 * The words of the walk for a crop.
 *
 * @param sameDay do the flowers open on the day of the walk?
 */
export function walkWords(crop: CoveredCrop, traits: VarietyTraits, sameDay: boolean): WalkWords {
  if (crop.protocols.seed.cover.bearing === 'green') {
    return {
      next: 'For tomorrow',
      sign: 'Silk shows inside the bag; a tassel has begun to shed.',
      later: 'Bag now, before any silk shows',
      eve: {
        female: { label: 'Bagged ears with silk', glyph: 'silk' },
        male: { label: 'Tassels to bag', glyph: 'tassel' },
      },
      green: { female: { label: 'Shoots to bag', glyph: 'ear' } },
    };
  }
  const bearing = bearingSex(traits);
  const buds = {
    female: { label: bearing === 'perfect' ? 'With a fruitlet' : 'Females', glyph: bearing },
    male: { label: 'Males', glyph: 'male' },
  } as const;
  return {
    next: sameDay ? 'Opens today' : 'Opens tomorrow',
    sign: crop.smallFlowered
      ? 'The first trace of yellow at the tip.'
      : crop.hours.from === 'sunset'
        ? 'Long, pointed and white, the petals still rolled up.'
        : 'Long, firm, pointed, yellow along the seams.',
    later: sameDay ? 'Still green: opens tomorrow or later' : 'Still green: opens in about two days',
    eve: buds,
    green: buds,
  };
}

/** How a bloom is drawn where it is one of a list. */
export function bloomGlyph({ part, sex }: Pick<Bloom, 'part' | 'sex'>): GlyphName {
  if (part === 'ear') return 'silk';
  if (part === 'tassel') return 'tassel';
  return sex ?? 'female';
}

/** Why a flower of the plan was not pollinated, in the words of its crop. */
export const sayMissed = (why: MissedReason, crop: Crop | undefined): string =>
  (crop?.parts?.bearing === 'ear' ? EAR_MISSED[why] : undefined) ?? MISSED[why];

const EAR_MISSED: Readonly<Partial<Record<MissedReason, string>>> = {
  hole: 'Bag torn',
  open: 'Silk outside',
  wilted: 'Silk dried up',
};
