import { bearingSexOf, type CoveredCrop, type Crop } from '@/core/crops/catalogue';
import type { VarietyTraits } from '@/core/crops/traits';
import type { LookFinding } from '@/core/journal/kinds/fruit';
import type { MissedReason } from '@/core/journal/kinds/roundBodies';
import type { Bloom, Look } from '@/core/journal/state';
import type { WalkRoles } from '@/core/due/outings';
import type { GlyphName } from '@/ui/glyphs/Glyph';
import type { Format } from '../format/format';
import type { CountWords, WalkWords } from './forms/form';
import { wordsOf } from './forms/forms';
import { MISSED, SEEN, TAGS_SEEN } from './names';

/**
 * The words of the walk for a crop.
 *
 * @param sameDay do the flowers open on the day of the walk?
 */
export function walkWords(
  crop: CoveredCrop,
  traits: VarietyTraits,
  roles: Pick<WalkRoles, 'bears' | 'fathers' | 'emasculate'>,
  sameDay: boolean,
): WalkWords {
  const own = wordsOf(crop.flower).walk;
  if (own) return own;
  if (crop.habit === 'perfect') return perfectWords(roles, sameDay);
  const bearing = bearingSexOf(crop, traits);
  const buds = {
    female: { label: bearing === 'perfect' ? 'With a fruitlet' : 'Females', glyph: bearing },
    male: { label: 'Males', glyph: 'male' },
  } as const;
  return {
    next: sameDay ? 'Opens today' : 'Opens tomorrow',
    sign: crop.smallFlowered
      ? 'Eve buds: the first trace of yellow at the tip.'
      : crop.hours.from === 'sunset'
        ? 'Eve buds: long, pointed and white, the petals still rolled up.'
        : 'Eve buds: long, firm, pointed, yellow along the seams.',
    later: sameDay ? 'Still green: opens tomorrow or later' : 'Still green: opens in about two days',
    eve: roles.emasculate
      ? { ...buds, female: { label: 'With a fruitlet, to emasculate', glyph: bearing } }
      : buds,
    green: buds,
    ...(roles.emasculate && { controls: CONTROLS }),
  };
}

const CONTROLS: CountWords = { label: 'Controls: emasculated, no pollen', glyph: 'perfect' };

/** Flowers that are both: wanted on the walk for a cross, or where each is kept to its own pollen. */
const perfectWords = (
  { bears, fathers, emasculate }: Pick<WalkRoles, 'bears' | 'fathers' | 'emasculate'>,
  sameDay: boolean,
): WalkWords => ({
  next: sameDay ? 'Opens today' : 'Opens tomorrow',
  sign:
    emasculate || fathers
      ? 'The petals have begun to colour, and the bud is still shut. All green is too early; an open one has pollinated itself.'
      : 'The petals have begun to colour, and the bud is still shut. An open one may have had a visitor: leave it out of the bag.',
  eve: {
    ...(bears && { female: { label: emasculate ? 'Buds to emasculate' : 'Buds to bag', glyph: 'perfect' } }),
    ...(fathers && { male: { label: 'Buds to bag for their pollen', glyph: 'perfect' } }),
  },
  later: '',
  green: {},
  ...(emasculate && { controls: CONTROLS }),
});

/** How a bloom is drawn where it is one of a list. */
export function bloomGlyph({ part, sex }: Pick<Bloom, 'part' | 'sex'>): GlyphName {
  if (part === 'ear') return 'silk';
  if (part === 'head') return 'head';
  if (part === 'tassel') return 'tassel';
  return sex ?? 'female';
}

/** Why a flower of the plan was not pollinated, in the words of its crop. */
export const sayMissed = (why: MissedReason, crop: Crop | undefined): string =>
  wordsOf(crop?.flower).missed[why] ?? MISSED[why];

/** What a look found, in the words of its crop. */
/** What a look found: of a fruit, of its tag, or of both. */
export const sayLook = ({ seen, tag }: Pick<Look, 'seen' | 'tag'>, crop: Crop): string => {
  const fruit = saySeen(seen, crop).toLowerCase();
  if (!tag) return fruit;
  return seen === 'unsure' ? TAGS_SEEN[tag] : `${fruit}, ${TAGS_SEEN[tag]}`;
};

export const saySeen = (seen: LookFinding, { flower }: Crop): string =>
  wordsOf(flower).seen[seen] ?? SEEN[seen];

/**
 * So many of what bears, or of what gives pollen, in the word of the crops where all have the same.
 *
 * @example countParts('bearing', 4, [sunflower], f) // '4 heads'
 */
export function countParts(
  which: 'bearing' | 'giver',
  count: number,
  crops: readonly Crop[],
  f: Format,
): string {
  const words = crops.map(({ flower }) => wordsOf(flower)[which]);
  const [first = wordsOf(undefined)[which]] = words;
  const same = words.every(([one]) => one === first[0]);
  return f.count(count, ...(same ? first : wordsOf(undefined)[which]));
}
