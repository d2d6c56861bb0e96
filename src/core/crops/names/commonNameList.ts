import { CROP_IDS, cropOf, type CropId } from '../catalogue';
import { WORLD_NAMES } from './worldNames';

/** The common names of one type of crop; more than one crop where the name alone is ambiguous. */
export interface CommonName {
  readonly names: readonly string[];
  readonly crops: readonly [CropId, ...CropId[]];
}

const named = (crops: CropId | readonly [CropId, ...CropId[]], ...names: string[]): CommonName => ({
  names,
  crops: typeof crops === 'string' ? [crops] : crops,
});

const each = (crop: CropId, ...names: string[]): CommonName[] => names.map((name) => named(crop, name));

const ALL_SQUASH = ['pepo', 'maxima', 'moschata', 'argyrosperma'] as const;

const ALL_PEPPERS = ['annuum', 'chinense', 'frutescens', 'baccatum', 'pubescens'] as const;

/**
 * Common names of types rather than of named varieties, from both sides of the ocean. Botany after GRIN-Global Taxonomy,
 * USDA Agricultural Research Service, and Andres 2004 for squash (both from memory).
 */
const LISTED: readonly CommonName[] = [
  // Ambiguous names.
  named(ALL_SQUASH, 'pumpkin', 'winter squash', 'squash', 'pie pumpkin', 'field pumpkin', 'cooking pumpkin'),
  named(['pepo', 'bottleGourd', 'luffa'], 'gourd', 'ornamental gourd', 'decorative gourd'),
  named(['pepo', 'maxima'], 'jack-o-lantern', 'lantern pumpkin', 'halloween pumpkin', 'mini pumpkin'),
  named(['moschata', 'argyrosperma'], 'cushaw pumpkin', 'calabaza', 'neck pumpkin'),
  named(['pepo', 'moschata'], 'tromboncino zucchini', 'green pumpkin', 'korean zucchini'),
  named(ALL_PEPPERS, 'chilli', 'chili', 'chile', 'hot pepper', 'chilli pepper', 'chili pepper'),
  named(['annuum', 'frutescens', 'chinense'], 'pepper', 'ornamental chilli', 'thai chilli', 'bird pepper'),
  named(['commonBean', 'runnerBean', 'limaBean', 'broadBean'], 'bean', 'climbing bean', 'pole bean', 'Bohne'),
  named(['commonBean', 'limaBean'], 'butter bean', 'bush bean', 'dry bean'),
  named(['melon', 'watermelon'], 'melon', 'snap melon'),
  // Mostly the gourd; in seed catalogues also melons that keep.
  named(['waxGourd', 'melon'], 'winter melon'),
  named(['watermelon', 'citron'], 'preserving melon', 'jam melon', 'fodder melon'),
  named(
    ['cucumber', 'melon'],
    'armenian cucumber',
    'snake cucumber',
    'yard-long cucumber',
    'serpent cucumber',
  ),
  named(['luffa', 'bottleGourd'], 'vegetable gourd', 'sponge'),
  // Squash, Cucurbita pepo.
  named('pepo', 'zucchini', 'courgette', 'zucchine', 'baby marrow'),
  named('pepo', 'marrow', 'vegetable marrow'),
  named('pepo', 'summer squash', 'yellow squash'),
  named('pepo', 'pattypan', 'patty pan', 'scallop squash', 'scallopini', 'custard squash', 'cymling'),
  named('pepo', 'crookneck', 'yellow crookneck', 'summer crookneck'),
  named('pepo', 'straightneck', 'yellow straightneck'),
  named('pepo', 'acorn squash', 'acorn', 'pepper squash'),
  named('pepo', 'spaghetti squash', 'vegetable spaghetti', 'noodle squash', 'spaghetti marrow'),
  named('pepo', 'delicata', 'delicata squash', 'sweet potato squash'),
  named('pepo', 'dumpling squash', 'sweet dumpling squash'),
  named('pepo', 'round zucchini', 'globe courgette', 'round courgette'),
  named('pepo', 'oil pumpkin', 'naked-seeded pumpkin', 'hull-less pumpkin', 'oilseed pumpkin'),
  named('pepo', 'egg gourd', 'pear gourd', 'crown gourd', 'warted gourd', 'spoon gourd', 'star gourd'),
  named('pepo', 'ribbed zucchini', 'cocozelle', 'italian marrow'),
  // Cucurbita maxima.
  named('maxima', 'kabocha', 'japanese pumpkin', 'kabocha squash'),
  named('maxima', 'hubbard', 'hubbard squash'),
  named('maxima', 'buttercup', 'buttercup squash'),
  named('maxima', 'giant pumpkin', 'show pumpkin', 'exhibition pumpkin', 'mammoth pumpkin'),
  named('maxima', 'turban', 'turban squash'),
  named('maxima', 'banana squash'),
  named(
    'maxima',
    'red kuri',
    'hokkaido',
    'hokkaido squash',
    'hokkaido pumpkin',
    'onion squash',
    'potimarron',
  ),
  named('maxima', 'grey pumpkin', 'blue pumpkin', 'crown pumpkin'),
  ...each('maxima', 'zapallo', 'zapallito', 'round green zapallito'),
  // Cucurbita moschata.
  named('moschata', 'butternut', 'butternut squash', 'butternut pumpkin', 'gramma'),
  named('moschata', 'cheese pumpkin', 'cheese squash', 'musk pumpkin', 'musquee squash', 'fairytale pumpkin'),
  named('moschata', 'tromboncino', 'trombone squash', 'zucchetta', 'rampicante', 'trumpet squash'),
  named('moschata', 'tropical pumpkin', 'crookneck pumpkin', 'winter crookneck', 'ayote'),
  named('moschata', 'loche'),
  // Cucurbita argyrosperma.
  named(
    'argyrosperma',
    'cushaw',
    'cushaw squash',
    'silver-seed gourd',
    'green-striped cushaw',
    'pipian',
    'mixta',
  ),
  // Melon.
  named(
    'melon',
    'muskmelon',
    'netted melon',
    'nutmeg melon',
    'cantaloupe',
    'cantaloup',
    'rockmelon',
    'charentais',
  ),
  named('melon', 'honeydew', 'honeydew melon', 'casaba', 'piel de sapo', 'canary melon'),
  named('melon', 'oriental melon', 'korean melon', 'makuwa', 'chamoe', 'mango melon', 'vine peach', 'dudaim'),
  named('melon', 'conomon', 'pickling melon', 'carosello', 'barattiere', 'kakri'),
  // Cucumber.
  named(
    'cucumber',
    'cucumber',
    'slicing cucumber',
    'ridge cucumber',
    'greenhouse cucumber',
    'english cucumber',
  ),
  named('cucumber', 'gherkin', 'pickling cucumber', 'cornichon', 'pickle'),
  named('cucumber', 'lemon cucumber', 'apple cucumber', 'persian cucumber', 'mini cucumber'),
  named('cucumber', 'japanese cucumber', 'kyuri', 'burpless cucumber', 'white cucumber'),
  // Watermelon and its kin.
  named(
    'watermelon',
    'watermelon',
    'water melon',
    'icebox watermelon',
    'seedless watermelon',
    'egusi watermelon',
  ),
  named('citron', 'citron melon', 'citron', 'tsamma'),
  // Gourds.
  named(
    'bottleGourd',
    'bottle gourd',
    'calabash',
    'birdhouse gourd',
    'dipper gourd',
    'lauki',
    'opo',
    'opo squash',
  ),
  named(
    'bottleGourd',
    'white-flowered gourd',
    'cucuzza',
    'long melon',
    'kettle gourd',
    'swan gourd',
    'doodhi',
  ),
  named(
    'luffa',
    'luffa',
    'loofah',
    'sponge gourd',
    'dishcloth gourd',
    'ridge gourd',
    'angled luffa',
    'chinese okra',
  ),
  named('bitterGourd', 'bitter gourd', 'bitter melon', 'karela', 'goya', 'balsam pear', 'ampalaya'),
  named(
    'waxGourd',
    'wax gourd',
    'ash gourd',
    'white gourd',
    'fuzzy melon',
    'hairy melon',
    'petha',
    'tallow gourd',
  ),
  named('snakeGourd', 'snake gourd', 'serpent gourd', 'chichinda', 'padwal'),
  // Corn.
  named('corn', 'corn', 'maize', 'indian corn', 'mealie', 'mealies'),
  named('corn', 'sweetcorn', 'sweet corn', 'sugar corn', 'supersweet corn', 'baby corn'),
  named('corn', 'popcorn', 'pop corn', 'flint corn', 'dent corn', 'flour corn', 'field corn', 'waxy corn'),
  named('corn', 'polenta corn', 'hominy corn', 'grain maize', 'fodder maize', 'pod corn'),
  // Nightshades.
  named('tomato', 'tomato', 'cherry tomato', 'plum tomato', 'paste tomato', 'beefsteak', 'beefsteak tomato'),
  named('tomato', 'pear tomato', 'grape tomato', 'bush tomato', 'vine tomato', 'oxheart', 'oxheart tomato'),
  named(
    'annuum',
    'sweet pepper',
    'bell pepper',
    'capsicum',
    'paprika',
    'pimento',
    'pimiento',
    'bull’s horn pepper',
  ),
  named(
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
  named('annuum', 'wax pepper', 'ancho', 'cherry pepper', 'peperoncini', 'frying pepper'),
  named('chinense', 'habanero', 'scotch bonnet', 'bonnet pepper', 'ghost pepper'),
  named('frutescens', 'tabasco pepper', 'piri piri', 'peri peri', 'malagueta'),
  named('baccatum', 'aji', 'ají', 'bishop’s crown', 'bishop’s hat'),
  named('pubescens', 'rocoto', 'locoto', 'manzano', 'tree chilli', 'hairy pepper'),
  named(
    'aubergine',
    'aubergine',
    'eggplant',
    'egg plant',
    'brinjal',
    'melongene',
    'guinea squash',
    'garden egg',
  ),
  named('potato', 'potato', 'new potato', 'seed potato', 'true potato seed', 'maincrop potato', 'spud'),
  // Others that need isolation.
  named('okra', 'okra', 'ladies’ fingers', 'lady’s finger', 'gumbo', 'bhindi'),
  named(
    'commonBean',
    'french bean',
    'green bean',
    'string bean',
    'snap bean',
    'kidney bean',
    'haricot',
    'wax bean',
  ),
  named(
    'commonBean',
    'common bean',
    'black bean',
    'pinto bean',
    'borlotti',
    'dwarf bean',
    'navy bean',
    'flageolet',
  ),
  named('runnerBean', 'runner bean', 'scarlet runner', 'stick bean'),
  named('limaBean', 'lima bean', 'sieva bean', 'madagascar bean', 'pole lima'),
  named('broadBean', 'broad bean', 'fava', 'fava bean', 'faba bean', 'field bean', 'horse bean', 'tick bean'),
  named(
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
  named('strawberry', 'strawberry', 'garden strawberry', 'everbearing strawberry'),
  named(
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

const WORLD: readonly CommonName[] = WORLD_NAMES.map(([crops, names]) => ({
  names: names.split(', '),
  crops,
}));

const LISTED_CROPS = new Set(LISTED.flatMap(({ crops }) => crops));

/** All common names; a crop of which none is listed goes by its own. */
export const COMMON_NAMES: readonly CommonName[] = [
  ...LISTED,
  ...WORLD,
  ...CROP_IDS.filter((crop) => !LISTED_CROPS.has(crop)).map((crop) =>
    named(crop, cropOf(crop).name.toLowerCase()),
  ),
];
