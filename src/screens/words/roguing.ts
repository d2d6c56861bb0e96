import { cropOf, type CropId } from '@/core/crops/catalogue';
import { roguingOf } from '@/core/guide/roguing';
import type { RogueSign, RogueStage } from '@/core/flowers/forms/rogueSigns';

export const ROGUE_STAGE_NAMES: Readonly<Record<RogueStage, string>> = {
  young: 'While they are young',
  beforePollen: 'Before they flower',
  atFruit: 'When fruit grows',
  ripe: 'When the seed is taken',
};

export const ROGUE_SIGN_WORDS: Readonly<Record<RogueSign, string>> = {
  vigour: 'seedlings much stronger or weaker than the others',
  stemColour: 'the colour of stems and seed leaves',
  leaf: 'the shape, colour and markings of the leaves',
  mottled: 'mottled, curled or stunted plants',
  habit: 'height, bush or vine, how it branches',
  earliness: 'plants that come into flower much sooner or later than the others',
  bolting: 'plants that run to flower first: in leaf crops these go',
  fruitlet: 'the small fruit behind the first female buds, which has its shape already',
  flowerColour: 'the colour and size of the flowers, by the first bud that colours',
  tassel: 'the colour of the tassel and its anthers',
  silk: 'the colour of the silk',
  rays: 'the colour of rays and disk, one head or many',
  podSet: 'how high the pods hang, and how many',
  fruitShape: 'the shape of the fruit, its ribs and its size',
  fruitSkin: 'the colour and the skin of the fruit, and its stalk',
  pods: 'the shape, colour and strings of the pods',
  berries: 'the shape and colour of the berries',
  earHeight: 'how high the ears sit, and how many',
  kernels: 'kernels of another colour or kind: there a strange father shows',
  drySeed: 'the colour, markings and size of the seed',
  flesh: 'the colour of the flesh, and its taste',
  bitter: 'a bitter taste: spit it out, and keep no seed of that plant',
};

/**
 * What to look at before a crop flowers.
 *
 * @example sayRogueSigns('corn') // 'height, bush or vine, how it branches; …'
 */
export const sayRogueSigns = (crop: CropId): string =>
  roguingOf(cropOf(crop))
    .filter(({ stage }) => stage === 'beforePollen')
    .flatMap(({ signs }) => signs.map((sign) => ROGUE_SIGN_WORDS[sign]))
    .join('; ');
