import type { Family, Fit, Inheritance } from '@/core/seed/segregation';
import type { Format } from '../format/format';

export const FAMILY_NAMES: Readonly<Record<Family, { readonly title: string; readonly note: string }>> = {
  f2: { title: 'F2', note: 'seed of F1 plants, selfed or crossed among themselves' },
  backcross: {
    title: 'Backcross',
    note: 'an F1 plant crossed with the parent whose form does not show in the F1',
  },
};

interface InheritanceWords {
  readonly title: string;
  readonly note: string;
  /** What each kind looks like, in the order of the parts. */
  readonly kinds: readonly string[];
}

export const INHERITANCE_NAMES: Readonly<Record<Inheritance, InheritanceWords>> = {
  dominant: {
    title: 'One gene, one form hides the other',
    note: 'all F1 plants look like one parent',
    kinds: ['Like the F1', 'Like the other parent'],
  },
  between: {
    title: 'One gene, the F1 is in between',
    note: 'neither form hides the other',
    kinds: ['Like one parent', 'In between, like the F1', 'Like the other parent'],
  },
  twoTraits: {
    title: 'Two traits, a gene each',
    note: 'colour and shape, say, inherited apart from each other',
    kinds: ['Both as in the F1', 'Only the first', 'Only the second', 'Neither'],
  },
  either: {
    title: 'Two genes, either is enough',
    note: 'the form shows where one of them is there',
    kinds: ['It shows', 'It does not'],
  },
  both: {
    title: 'Two genes, both are needed',
    note: 'two parents without it can have an F1 with it',
    kinds: ['It shows', 'It does not'],
  },
  hidesOther: {
    title: 'Two genes, without the first nothing shows',
    note: 'no colour at all, say, whatever the second would make',
    kinds: ['Like the F1', 'The second form', 'Nothing shows'],
  },
  hidesAll: {
    title: 'Two genes, the first hides the second',
    note: 'the second shows only where the first is not there',
    kinds: ['Like the F1', 'The second form', 'Neither'],
  },
};

/** Below this one doubts, and below that one hardly does: usual, no source. */
const DOUBTED = 0.05;
const HARDLY = 0.001;

/** Do counted plants fit? In a sentence. */
export function sayFit({ chance, exact }: Fit, ratio: string, f: Format): string {
  const often = chance < HARDLY ? 'fewer than 1 in 1,000' : `${f.number(Math.max(1, chance * 100))} in 100`;
  const how = exact ? '' : ' With so many plants that is an approximation.';
  if (chance >= DOUBTED)
    return `It fits ${ratio}: of families that are so, ${often} are as far off by chance alone. Few plants fit many ratios: that it fits is no proof.${how}`;
  if (chance >= HARDLY)
    return `It hardly fits ${ratio}: of families that are so, only ${often} are as far off by chance alone. Count more, or think of another way.${how}`;
  return `It does not fit ${ratio}: of families that are so, ${often} are as far off by chance alone.${how}`;
}
