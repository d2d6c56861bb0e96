import { normalisedName } from './commonNames';

/**
 * Plants whose names hold that of a crop and which are none of it: a sweet potato is no potato. Everyday names, from
 * memory.
 */
const OTHER_PLANTS =
  'sweet potato, air potato, potato onion, potato vine, potato bean, chinese potato, duck potato, prairie potato, ' +
  'corn salad, corn poppy, corn flower, corn cockle, corn chamomile, broom corn, indian shot corn, squirrel corn, ' +
  'watermelon radish, radish watermelon, watermelon peperomia, watermelon berry, mouse melon, horned melon, ' +
  'melon pear, pepino melon, pear melon, tree melon, melon tree, african horned cucumber, cucumber tree, ' +
  'west indian gherkin, west indian cucumber, burr gherkin, bur gherkin, burr cucumber, jelly melon, squirting cucumber, ' +
  'wild cucumber, sea cucumber, lambs lettuce, lamb lettuce, miners lettuce, water lettuce, prickly lettuce, sea lettuce, ' +
  'tree tomato, husk tomato, strawberry tomato, ground tomato, cape tomato, tomato tree, mexican husk tomato, ' +
  'tomato berry tree, love apple tree, black eyed pea, black eye pea, cow pea, field pea, southern pea, crowder pea, ' +
  'pigeon pea, chick pea, sweet pea, asparagus pea, winged pea, butterfly pea, everlasting pea, perennial pea, grass pea, ' +
  'beach pea, congo pea, scurfy pea, partridge pea, winter pea shoot, earth pea, ' +
  'soya bean, soy bean, mung bean, adzuki bean, azuki bean, yardlong bean, yard long bean, asparagus bean, snake bean, ' +
  'long bean, chinese long bean, hyacinth bean, lablab bean, winged bean, jack bean, sword bean, velvet bean, moth bean, ' +
  'rice bean, urd bean, tepary bean, cluster bean, castor bean, coffee bean, cocoa bean, vanilla bean, locust bean, ' +
  'carob bean, jumping bean, bean sprout, bean tree, yam bean, buck bean, bog bean, goa bean, ' +
  'black pepper, white pepper, long pepper, szechuan pepper, sichuan pepper, jamaica pepper, pink pepper, pepper tree, ' +
  'pepper mint, pepper cress, pepper grass, pepper wort, water pepper, mountain pepper, java pepper, cubeb pepper, ' +
  'guinea pepper, alligator pepper, betel pepper, strawberry spinach, strawberry guava, strawberry tree, strawberry blite, ' +
  'strawberry clover, barren strawberry, mock strawberry, indian strawberry, strawberry raspberry, ' +
  'mexican sunflower, false sunflower, swamp sunflower, maximilian sunflower, beach sunflower, sunflower artichoke, ' +
  'okra gourd, buffalo gourd, hedgehog gourd, teasel gourd, ivy gourd, spiny gourd, spine gourd, pointed gourd, ' +
  'squash bug, squash berry, musk mallow, rose okra';

const WORDS = new Set(OTHER_PLANTS.split(', ').map(normalisedName));

/** The most words that one of them has. */
const MAX_WORDS = 4;

/**
 * Which words of a name belong to a plant that only sounds like a crop.
 *
 * @example otherPlantIn(['sweet', 'potato']) // [true, true]
 */
export function otherPlantIn(words: readonly string[]): readonly boolean[] {
  const belongs = words.map(() => false);
  for (let length = 2; length <= Math.min(MAX_WORDS, words.length); length += 1)
    for (let from = 0; from + length <= words.length; from += 1)
      if (WORDS.has(normalisedName(words.slice(from, from + length).join(' '))))
        belongs.fill(true, from, from + length);
  return belongs;
}
