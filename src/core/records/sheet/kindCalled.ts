import { CROP_IDS, cropOf, type CropId } from '../../crops/catalogue';
import { findCommonName, normalisedName } from '../../crops/names/commonNames';
import { commonNameIn, nameAmong } from '../../crops/names/nameInVariety';
import { otherPlantIn } from '../../crops/names/otherPlants';

/**
 * The crops that a kind written in a table may mean: a common name in any spelling, a botanical name or its epithet, or
 * either among other words (`Squash, winter`, `Tomato (cherry)`, `C. pepo`). Where that leaves several, the name of the
 * variety may decide.
 *
 * @returns `undefined` for a kind that nothing is known by.
 * @example cropsCalled('Squash', 'Old Butternut') // ['moschata']
 */
export function cropsCalled(kind: string, variety: string): readonly CropId[] | undefined {
  const crops = byName(kind) ?? byShort(kind) ?? botanical(kind) ?? byParts(kind) ?? described(kind);
  if (!crops || crops.length === 1) return crops;
  const named = commonNameIn(variety)?.crops;
  const both = named ? crops.filter((crop) => named.includes(crop)) : [];
  return both.length > 0 ? both : crops;
}

const OWN_NAMES = new Map<string, CropId[]>();
for (const id of CROP_IDS) {
  for (const name of new Set([id, cropOf(id).name, cropOf(id).species].map(normalisedName))) {
    OWN_NAMES.set(name, [...(OWN_NAMES.get(name) ?? []), id]);
  }
}

const byName = (kind: string): readonly CropId[] | undefined =>
  OWN_NAMES.get(normalisedName(kind)) ?? findCommonName(kind)?.crops;

/** Short forms of words in growers’ lists. Everyday words, from memory. */
const SHORT = new Map(
  Object.entries({
    tomato: 'tom, tommy, tommie, tomat, mater',
    cucumber: 'cuke, cuc, cue, cucumb',
    zucchini: 'zuke, zuk, zuc, zucch',
    courgette: 'courg, courgs',
    squash: 'sq',
    pumpkin: 'pump, pumpk, punkin',
    aubergine: 'aub, auberg',
    watermelon: 'wmelon',
    potato: 'tater, tattie',
    bean: 'bn',
    strawberry: 'strawb',
    winter: 'w',
    summer: 's',
  }).flatMap(([word, forms]) => forms.split(', ').map((form) => [form, word] as const)),
);

/**
 * Words that describe a crop and make no other plant of it. Everyday words, from memory; `sweet`, `winter` and such are
 * none, since they do.
 */
const DESCRIBES = new Set(
  (
    'heirloom heritage organic hybrid f1 op open pollinated early late mid midseason maincrop main season first second ' +
    'bush pole climbing vining vine trailing dwarf tall semi determinate indeterminate patio container hanging basket ' +
    'cherry plum beefsteak beef slicing slicer pickling pickler paste grape cocktail roma sauce stuffing eating cooking ' +
    'baking table dessert hot mild bell cayenne snack snacking mini micro baby small medium large big giant jumbo round ' +
    'long oval oblong carving pie storage keeping fresh dry drying dried shelling shell snap string green red yellow ' +
    'orange white purple blue pink brown cream golden gold striped speckled mixed mix assorted misc various other any ' +
    'plant seedling start set unknown volunteer grafted seedless seeded thin skinned smooth crookneck straightneck'
  ).split(' '),
);

/** `Slicing tomatoes`: a crop and words that only describe it. A name that merely holds one is another plant’s. */
function described(kind: string): readonly CropId[] | undefined {
  const among = nameAmong(kind);
  const others = among?.others.flatMap((word) => normalisedName(word).split(' ')).filter(Boolean);
  const crops = among?.called.crops;
  // `Melon charentais`: both are names of it.
  const says = (word: string): boolean =>
    DESCRIBES.has(word) || findCommonName(word)?.crops.some((crop) => crops!.includes(crop)) === true;
  return others?.every(says) ? crops : undefined;
}

/** `toms`, `pickling cukes`, `W. sq.` */
function byShort(kind: string): readonly CropId[] | undefined {
  const words = normalisedName(kind).split(' ');
  const full = words.map((word) => SHORT.get(word) ?? SHORT.get(word.replace(/s$/, '')) ?? word);
  return full.some((word, i) => word !== words[i]) ? byName(full.join(' ')) : undefined;
}

/** `C. pepo`, `pepo`, `Cucurbita pepo subsp. pepo`, `pumpkin pepo`. */
function botanical(kind: string): readonly CropId[] | undefined {
  const words = kind
    .toLowerCase()
    .split(/[^a-z]+/)
    .filter(Boolean);
  const found = CROP_IDS.filter((id) => {
    const [genus, epithet] = cropOf(id).species.toLowerCase().split(' ');
    const at = words.indexOf(epithet!);
    const before = words[at - 1];
    const isCommon = before !== undefined && findCommonName(before)?.crops.includes(id);
    return at >= 0 && (before === undefined || before === genus || before === genus![0] || isCommon);
  });
  return found.length > 0 ? found : undefined;
}

/** `Squash, winter` is a winter squash; `Tomato (cherry)` a cherry tomato, or at least a tomato. */
function byParts(kind: string): readonly CropId[] | undefined {
  const parts = kind
    .split(/[,;:/()–—-]+/)
    .map((part) => part.trim())
    .filter(Boolean);
  if (parts.length < 2) return undefined;
  const turned = [...parts.slice(1), parts[0]].join(' ');
  // `Radish, watermelon` and `Potato (sweet)` are other plants.
  if ([turned, parts.join(' ')].some((name) => otherPlantIn(name.split(/\s+/)).some(Boolean)))
    return undefined;
  return (
    byName(turned) ??
    parts
      .map(byName)
      .filter((crops) => crops !== undefined)
      .sort((a, b) => a.length - b.length)[0]
  );
}
