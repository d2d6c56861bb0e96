import { agesByPetals, FLOWER, PERFECT } from './flower';
import type { FormWords } from './form';

const AGES = agesByPetals({
  pin: 'A tiny bud in its green cup: a week or more.',
  green: 'The petals are hardly longer than the green cup: some days off.',
  eve: 'The petals are folded, in full colour, far beyond the green cup: it opens next, and has its own pollen already.',
});

export const KEEL: FormWords = {
  ...FLOWER,
  ...PERFECT,
  ages: () => ({ ...AGES, open: { part: 'petals', text: 'The banner stands up: it is open.' } }),
  cover: () => 'For a cross open it before this: its own pollen is out in the bud.',
  habit: 'Anthers and stigma lie shut in the keel, where its own pollen is out before the flower opens.',
};
