import { agesByPetals, FLOWER } from './flower';
import type { FormWords } from './form';

export const GOURD_BUDS = {
  pin: 'Tiny, closed in its green leaves: three days or more.',
  green: 'The petals are still green and slack: about two days.',
  eve: 'Long and firm, and colour shows along the seams: it opens next morning.',
} as const;

const AGES = agesByPetals(GOURD_BUDS);

export const GOURD: FormWords = {
  ...FLOWER,
  asksAt: { early: 'is the fruitlet swelling, are the lobes inside brown?' },
  sexes: { ...FLOWER.sexes, perfect: 'Perfect, with a fruitlet' },
  bothInOne: 'Both in one',
  ages: () => AGES,
};
