import type { CropId } from '../crops/catalogue';

/** A common kind, by the names it goes by; more than one species where the name alone does not tell. */
export interface Kind {
  readonly names: readonly string[];
  readonly crops: readonly [CropId, ...CropId[]];
}

const kind = (crops: CropId | readonly [CropId, ...CropId[]], ...names: string[]): Kind => ({
  names,
  crops: typeof crops === 'string' ? [crops] : crops,
});
const each = (crop: CropId, ...names: string[]): Kind[] => names.map((name) => kind(crop, name));

const ALL_SQUASH = ['pepo', 'maxima', 'moschata', 'argyrosperma'] as const;
const ALL_PEPPERS = ['annuum', 'chinense', 'frutescens', 'baccatum', 'pubescens'] as const;

/**
 * Common kinds, types rather than named varieties, from both sides of the ocean. Botany after GRIN-Global Taxonomy,
 * USDA Agricultural Research Service, and Andres 2004 for squash (both from memory).
 */
export const KINDS: readonly Kind[] = [
  // Names that do not tell.
  kind(ALL_SQUASH, 'pumpkin', 'winter squash', 'squash', 'pie pumpkin', 'field pumpkin', 'cooking pumpkin'),
  kind(['pepo', 'bottleGourd', 'luffa'], 'gourd', 'ornamental gourd', 'decorative gourd'),
  kind(['pepo', 'maxima'], 'jack-o-lantern', 'lantern pumpkin', 'halloween pumpkin', 'mini pumpkin'),
  kind(['moschata', 'argyrosperma'], 'cushaw pumpkin', 'calabaza', 'neck pumpkin'),
  kind(['pepo', 'moschata'], 'tromboncino zucchini', 'green pumpkin', 'korean zucchini'),
  kind(ALL_PEPPERS, 'chilli', 'chili', 'chile', 'hot pepper', 'chilli pepper', 'chili pepper'),
  kind(['annuum', 'frutescens', 'chinense'], 'pepper', 'ornamental chilli', 'thai chilli', 'bird pepper'),
  kind(['commonBean', 'runnerBean', 'limaBean', 'broadBean'], 'bean', 'climbing bean', 'pole bean'),
  kind(['commonBean', 'limaBean'], 'butter bean', 'bush bean', 'dry bean'),
  kind(['melon', 'watermelon'], 'melon', 'winter melon', 'snap melon'),
  kind(['watermelon', 'citron'], 'preserving melon', 'jam melon', 'fodder melon'),
  kind(
    ['cucumber', 'melon'],
    'armenian cucumber',
    'snake cucumber',
    'yard-long cucumber',
    'serpent cucumber',
  ),
  kind(['luffa', 'bottleGourd'], 'vegetable gourd', 'sponge'),
  // Squash, Cucurbita pepo.
  kind('pepo', 'zucchini', 'courgette', 'zucchine', 'baby marrow'),
  kind('pepo', 'marrow', 'vegetable marrow'),
  kind('pepo', 'summer squash', 'yellow squash'),
  kind('pepo', 'pattypan', 'patty pan', 'scallop squash', 'scallopini', 'custard squash', 'cymling'),
  kind('pepo', 'crookneck', 'yellow crookneck', 'summer crookneck'),
  kind('pepo', 'straightneck', 'yellow straightneck'),
  kind('pepo', 'acorn squash', 'pepper squash'),
  kind('pepo', 'spaghetti squash', 'vegetable spaghetti', 'noodle squash', 'spaghetti marrow'),
  kind('pepo', 'delicata', 'delicata squash', 'sweet potato squash'),
  kind('pepo', 'dumpling squash', 'sweet dumpling squash'),
  kind('pepo', 'round zucchini', 'globe courgette', 'round courgette'),
  kind('pepo', 'oil pumpkin', 'naked-seeded pumpkin', 'hull-less pumpkin', 'oilseed pumpkin'),
  kind('pepo', 'egg gourd', 'pear gourd', 'crown gourd', 'warted gourd', 'spoon gourd', 'star gourd'),
  kind('pepo', 'ribbed zucchini', 'cocozelle', 'italian marrow'),
  // Cucurbita maxima.
  kind('maxima', 'kabocha', 'japanese pumpkin', 'kabocha squash'),
  kind('maxima', 'hubbard', 'hubbard squash'),
  kind('maxima', 'buttercup', 'buttercup squash'),
  kind('maxima', 'giant pumpkin', 'show pumpkin', 'exhibition pumpkin', 'mammoth pumpkin'),
  kind('maxima', 'turban', 'turban squash'),
  kind('maxima', 'banana squash'),
  kind('maxima', 'red kuri', 'onion squash', 'potimarron'),
  kind('maxima', 'grey pumpkin', 'blue pumpkin', 'crown pumpkin'),
  ...each('maxima', 'zapallo', 'zapallito', 'round green zapallito'),
  // Cucurbita moschata.
  kind('moschata', 'butternut', 'butternut squash', 'butternut pumpkin', 'gramma'),
  kind('moschata', 'cheese pumpkin', 'cheese squash', 'musk pumpkin', 'musquee squash', 'fairytale pumpkin'),
  kind('moschata', 'tromboncino', 'trombone squash', 'zucchetta', 'rampicante', 'trumpet squash'),
  kind('moschata', 'tropical pumpkin', 'crookneck pumpkin', 'winter crookneck', 'ayote'),
  kind('moschata', 'loche'),
  // Cucurbita argyrosperma.
  kind(
    'argyrosperma',
    'cushaw',
    'cushaw squash',
    'silver-seed gourd',
    'green-striped cushaw',
    'pipian',
    'mixta',
  ),
  // Melon.
  kind(
    'melon',
    'muskmelon',
    'netted melon',
    'nutmeg melon',
    'cantaloupe',
    'cantaloup',
    'rockmelon',
    'charentais',
  ),
  kind('melon', 'honeydew', 'honeydew melon', 'casaba', 'piel de sapo', 'canary melon'),
  kind('melon', 'oriental melon', 'korean melon', 'makuwa', 'chamoe', 'mango melon', 'vine peach', 'dudaim'),
  kind('melon', 'conomon', 'pickling melon', 'carosello', 'barattiere', 'kakri'),
  // Cucumber.
  kind(
    'cucumber',
    'cucumber',
    'slicing cucumber',
    'ridge cucumber',
    'greenhouse cucumber',
    'english cucumber',
  ),
  kind('cucumber', 'gherkin', 'pickling cucumber', 'cornichon', 'pickle'),
  kind('cucumber', 'lemon cucumber', 'apple cucumber', 'persian cucumber', 'mini cucumber'),
  kind('cucumber', 'japanese cucumber', 'kyuri', 'burpless cucumber', 'white cucumber'),
  // Watermelon and its kin.
  kind(
    'watermelon',
    'watermelon',
    'water melon',
    'icebox watermelon',
    'seedless watermelon',
    'egusi watermelon',
  ),
  kind('citron', 'citron melon', 'citron', 'tsamma'),
  // Gourds.
  kind(
    'bottleGourd',
    'bottle gourd',
    'calabash',
    'birdhouse gourd',
    'dipper gourd',
    'lauki',
    'opo',
    'opo squash',
  ),
  kind(
    'bottleGourd',
    'white-flowered gourd',
    'cucuzza',
    'long melon',
    'kettle gourd',
    'swan gourd',
    'doodhi',
  ),
  kind(
    'luffa',
    'luffa',
    'loofah',
    'sponge gourd',
    'dishcloth gourd',
    'ridge gourd',
    'angled luffa',
    'chinese okra',
  ),
  kind('bitterGourd', 'bitter gourd', 'bitter melon', 'karela', 'goya', 'balsam pear', 'ampalaya'),
  kind(
    'waxGourd',
    'wax gourd',
    'ash gourd',
    'white gourd',
    'fuzzy melon',
    'hairy melon',
    'petha',
    'tallow gourd',
  ),
  kind('snakeGourd', 'snake gourd', 'serpent gourd', 'chichinda', 'padwal'),
  // Corn.
  kind('corn', 'corn', 'maize', 'indian corn', 'mealie', 'mealies'),
  kind('corn', 'sweetcorn', 'sweet corn', 'sugar corn', 'supersweet corn', 'baby corn'),
  kind('corn', 'popcorn', 'pop corn', 'flint corn', 'dent corn', 'flour corn', 'field corn', 'waxy corn'),
  kind('corn', 'polenta corn', 'hominy corn', 'grain maize', 'fodder maize', 'pod corn'),
  // Nightshades.
  kind('tomato', 'tomato', 'cherry tomato', 'plum tomato', 'paste tomato', 'beefsteak', 'beefsteak tomato'),
  kind('tomato', 'pear tomato', 'grape tomato', 'bush tomato', 'vine tomato', 'oxheart', 'oxheart tomato'),
  kind(
    'annuum',
    'sweet pepper',
    'bell pepper',
    'capsicum',
    'paprika',
    'pimento',
    'pimiento',
    'bull’s horn pepper',
  ),
  kind(
    'annuum',
    'jalapeno',
    'jalapeño',
    'cayenne',
    'poblano',
    'serrano',
    'banana pepper',
    'shishito',
    'padron',
  ),
  kind('annuum', 'wax pepper', 'ancho', 'cherry pepper', 'peperoncini', 'frying pepper'),
  kind('chinense', 'habanero', 'scotch bonnet', 'bonnet pepper', 'ghost pepper'),
  kind('frutescens', 'tabasco pepper', 'piri piri', 'peri peri', 'malagueta'),
  kind('baccatum', 'aji', 'ají', 'bishop’s crown', 'bishop’s hat'),
  kind('pubescens', 'rocoto', 'locoto', 'manzano', 'tree chilli', 'hairy pepper'),
  kind(
    'aubergine',
    'aubergine',
    'eggplant',
    'egg plant',
    'brinjal',
    'melongene',
    'guinea squash',
    'garden egg',
  ),
  kind('potato', 'potato', 'new potato', 'seed potato', 'true potato seed', 'maincrop potato', 'spud'),
  // Others to be kept apart.
  kind('okra', 'okra', 'ladies’ fingers', 'lady’s finger', 'gumbo', 'bhindi'),
  kind(
    'commonBean',
    'french bean',
    'green bean',
    'string bean',
    'snap bean',
    'kidney bean',
    'haricot',
    'wax bean',
  ),
  kind(
    'commonBean',
    'common bean',
    'black bean',
    'pinto bean',
    'borlotti',
    'dwarf bean',
    'navy bean',
    'flageolet',
  ),
  kind('runnerBean', 'runner bean', 'scarlet runner', 'stick bean'),
  kind('limaBean', 'lima bean', 'sieva bean', 'madagascar bean', 'pole lima'),
  kind('broadBean', 'broad bean', 'fava', 'fava bean', 'faba bean', 'field bean', 'horse bean', 'tick bean'),
  kind(
    'pea',
    'pea',
    'garden pea',
    'shelling pea',
    'mangetout',
    'snow pea',
    'sugar snap',
    'snap pea',
    'field pea',
  ),
  kind('strawberry', 'strawberry', 'garden strawberry', 'everbearing strawberry'),
  kind(
    'lettuce',
    'lettuce',
    'cos',
    'romaine',
    'butterhead',
    'crisphead',
    'iceberg',
    'loose-leaf lettuce',
    'celtuce',
  ),
];

const singular = (word: string): string => {
  if (/ies$/.test(word)) return word.replace(/ies$/, 'y');
  if (/(oes|shes|ches)$/.test(word)) return word.slice(0, -2);
  return /[^su]s$/.test(word) && word.length > 3 ? word.slice(0, -1) : word;
};

/** A name as it is compared: no capitals, accents, hyphens, apostrophes or plurals. */
export const plainName = (name: string): string =>
  name
    .normalize('NFD')
    .replace(/[\u0300-\u036f’']/g, '')
    .toLowerCase()
    .split(/[^a-z0-9]+/)
    .filter(Boolean)
    .map(singular)
    .join(' ');

const BY_NAME = new Map(KINDS.flatMap((each) => each.names.map((name) => [plainName(name), each] as const)));

/**
 * The kind that goes by a name, however it is spelt or put in the plural; `undefined` for one that is not known.
 *
 * @example kindCalled('Courgettes')?.crops // ['pepo']
 */
export const kindCalled = (name: string): Kind | undefined => BY_NAME.get(plainName(name));
