import { agesByPetals, FLOWER, PERFECT } from './flower';
import type { FormWords } from './form';

const AGES = agesByPetals({
  pin: 'A small knob among narrow green leaves: a week or more.',
  green: 'A green point, shut all the way up: not next morning.',
  eve: 'A yellow cone stands out of the green: it opens next morning, and is over by noon.',
});

export const MALLOW: FormWords = {
  ...FLOWER,
  ...PERFECT,
  ages: () => ({ ...AGES, spent: { part: 'petals', text: 'Rolled up and limp: it was open yesterday.' } }),
  cover: () => 'Bag it, or tie its tip, tonight.',
  pollinate: 'Brush it now: it shuts by noon.',
  habit:
    'Each flower is male and female and opens for one morning. Left alone it mostly takes its own pollen.',
};
