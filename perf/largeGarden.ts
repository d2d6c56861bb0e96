import { seededChance } from '../demo/chance';
import { CROP_IDS } from '../src/core/crops/catalogue';
import type { GrownVariety, IsolationQuestion, OutsideSource } from '../src/core/isolation/question';
import { placeOf } from '../src/core/garden/places';

const PURPOSES = ['eat', 'seedForFun', 'seedToKeep', 'rareOrSold'] as const;
const ENDOSPERM = ['sweet', 'pop', 'starchy'] as const;
/** Kinds a market gardener or a keeper of varieties grows most of. */
const MOST = ['pepo', 'maxima', 'moschata', 'melon', 'cucumber', 'corn', 'tomato', 'annuum'] as const;

/**
 * A large garden: beds of four rows in a field as wide as it is long, a variety a bed, and sources all round it up
 * to two kilometres away. The same seed gives the same garden.
 */
export function largeGarden(plants: number, varieties = 60, outside = 20): IsolationQuestion {
  const chance = seededChance(60);
  const each = Math.round(plants / varieties);
  const across = Math.ceil(Math.sqrt(varieties / 4));
  const cropOf = (i: number) => (i % 3 < 2 ? MOST[i % MOST.length]! : CROP_IDS[i % CROP_IDS.length]!);
  const length = each / 8;
  return {
    ground: 'mixed',
    barriers: [{ sort: 'hedge', from: { x: -5, y: 40 }, to: { x: 200, y: 40 } }],
    varieties: Array.from({ length: varieties }, (_, i): GrownVariety => {
      const bed = {
        x: (i % across) * (length + 2),
        y: Math.floor(i / across) * 5,
        length,
        width: 4,
        rows: 4,
        turn: 0,
        every: 0.5,
      };
      const places = Array.from({ length: each }, (_, p) =>
        placeOf({ row: 1 + (p % 4), place: 1 + Math.floor(p / 4) }, bed, Math.ceil(each / 4)),
      );
      const crop = cropOf(i);
      const purpose = PURPOSES[i % PURPOSES.length]!;
      return {
        id: `v${i}`,
        crop,
        purpose,
        places,
        ...(crop === 'corn' && { endosperm: ENDOSPERM[i % ENDOSPERM.length]! }),
      };
    }),
    outside: Array.from({ length: outside }, (_, i): OutsideSource => {
      const angle = chance.between(0, 2 * Math.PI);
      const metres = chance.between(60, 2000);
      return {
        id: `o${i}`,
        crop: MOST[i % MOST.length]!,
        middle: { x: metres * Math.cos(angle), y: metres * Math.sin(angle) },
        radius: chance.between(0, 50),
        plants: Math.round(chance.between(5, 20_000)),
        certainty: 'told',
      };
    }),
  };
}
