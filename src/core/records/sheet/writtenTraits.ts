import { FRUIT_SHAPES } from '../../crops/flowerForm';
import { cropOf, type CropId } from '../../crops/catalogue';
import type { TraitName, VarietyTraits } from '../../crops/traits';

/** How traits are written in a table: the first word of each is the one that is exported. */
const WRITTEN: readonly { readonly words: string; readonly trait: VarietyTraits }[] = [
  { words: 'perfect flowers, perfect, andromonoecious', trait: { flowers: 'perfect' } },
  { words: 'female flowers, monoecious', trait: { flowers: 'female' } },
  {
    words: 'parthenocarpic, parthenocarpy, sets without pollen, self-fruiting',
    trait: { parthenocarpic: true },
  },
  { words: 'needs pollen', trait: { parthenocarpic: false } },
  { words: 'gynoecious, all female, all-female', trait: { gynoecious: true } },
  { words: 'males too', trait: { gynoecious: false } },
  { words: 'seedless, triploid', trait: { seedless: true } },
  { words: 'seeded', trait: { seedless: false } },
  { words: 'inserted style, inserted, style inside', trait: { style: 'inserted' } },
  {
    words: 'exserted style, exserted, style outside, potato leaf, potato-leaved',
    trait: { style: 'exserted' },
  },
  { words: 'supersweet corn, supersweet, super sweet, sh2', trait: { endosperm: 'supersweet' } },
  { words: 'sweet corn, sweetcorn, sweet, sugar corn, su, se', trait: { endosperm: 'sweet' } },
  { words: 'popcorn, pop corn, pop', trait: { endosperm: 'pop' } },
  {
    words:
      'starchy corn, starchy, flint, flint corn, dent, dent corn, flour, flour corn, field corn, polenta corn',
    trait: { endosperm: 'starchy' },
  },
  ...FRUIT_SHAPES.map((fruitShape) => ({
    words: `${fruitShape} fruit, ${fruitShape}`,
    trait: { fruitShape },
  })),
];

const BY_WORDS = new Map(
  WRITTEN.flatMap(({ words, trait }) => words.split(', ').map((each) => [each, trait] as const)),
);

const plain = (text: string): string => text.trim().toLowerCase().replace(/\s+/g, ' ');
const YES = /^(yes|y|x|true|1|✓|✔|ja|oui|si|sí)$/;

/**
 * What a cell says of a variety's traits, and the words of it that no trait is known by.
 *
 * @param header the name of its column: `Parthenocarpic` with a yes below is as good as the word.
 * @example readTraits('corn', 'sweet; tall', 'Traits') // { traits: { endosperm: 'sweet' }, rest: 'tall' }
 */
export function readTraits(
  crop: CropId,
  cell: string,
  header: string,
): { readonly traits: VarietyTraits; readonly rest: string } {
  const known = cropOf(crop).variableTraits;
  const text = YES.test(plain(cell)) ? header : cell;
  let traits: VarietyTraits = {};
  const rest = text.split(/[;,/|]+/).filter((part) => {
    const trait = BY_WORDS.get(plain(part));
    const fits = trait !== undefined && Object.keys(trait).every((name) => known.includes(name as TraitName));
    if (fits) traits = { ...traits, ...trait };
    return !fits && plain(part) !== '' && !/^(no|n|false|0|nein|non)$/.test(plain(part));
  });
  return { traits, rest: rest.map((part) => part.trim()).join('; ') };
}

/**
 * A variety's traits as a table has them.
 *
 * @example writeTraits({ endosperm: 'pop' }) // 'popcorn'
 */
export const writeTraits = (traits: VarietyTraits): string =>
  WRITTEN.filter(({ trait }) =>
    Object.entries(trait).every(([name, value]) => traits[name as TraitName] === value),
  )
    .map(({ words }) => words.split(', ')[0]!)
    .join('; ');
