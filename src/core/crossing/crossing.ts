import { reason, type Reason } from '../reason';
import { SPECIES, type CrossingGroup, type SpeciesId } from './species';

/** What the endosperm of a corn is: it decides how a foreign kernel tastes or pops this very year. */
export type Kernel = 'sweet' | 'supersweet' | 'pop' | 'starchy';

/** What crossing depends on. */
export interface CrossingTraits {
  readonly species: SpeciesId;
  /** For corn; unknown when left out. */
  readonly kernel?: Kernel;
}

export type HowOften = 'freely' | 'rarely' | 'no';

export type CrossingReason =
  | 'sameSpecies'
  | 'sameGroup'
  | 'nowAndThen'
  | 'seldom'
  | 'otherSpecies'
  | 'kernelsSpoil'
  | 'kernelsStarchy'
  | 'kernelsKeep'
  | 'kernelsShow'
  | 'kernelsUnknown';

/** Whether pollen of one variety can father seed on another. */
export interface Crossing {
  readonly how: HowOften;
  /** Does this year's eating suffer too? So it does with corn, whose kernels are the seed itself. */
  readonly thisYear: 'spoils' | 'changes' | 'no' | 'unknown';
  readonly reasons: readonly Reason<CrossingReason>[];
}

/**
 * Groups that cross now and then. The squash: squash breeding reviews; the peppers: the annuum complex and its
 * neighbours in pepper breeding reviews; both from memory.
 */
const RARE: readonly (readonly [CrossingGroup, CrossingGroup, 'nowAndThen' | 'seldom'])[] = [
  ['moschata', 'argyrosperma', 'nowAndThen'],
  ['moschata', 'maxima', 'seldom'],
  ['moschata', 'pepo', 'seldom'],
  ['pepper', 'baccatum', 'seldom'],
];

const rareBetween = (a: CrossingGroup, b: CrossingGroup): 'nowAndThen' | 'seldom' | undefined =>
  RARE.find(([one, other]) => (one === a && other === b) || (one === b && other === a))?.[2];

/**
 * Whether and how two varieties cross. It is the same either way round, but for this year's kernels of corn, which
 * are those of the variety that receives.
 *
 * @param mother the variety whose seed or kernels are asked about.
 * @param father the variety whose pollen may come.
 */
export function crossing(mother: CrossingTraits, father: CrossingTraits): Crossing {
  const [a, b] = [SPECIES[mother.species], SPECIES[father.species]];
  if (a.group !== b.group) {
    const rare = rareBetween(a.group, b.group);
    const names = { mother: a.name, father: b.name };
    return rare
      ? { how: 'rarely', thisYear: 'no', reasons: [reason(rare, names)] }
      : { how: 'no', thisYear: 'no', reasons: [reason('otherSpecies', names)] };
  }
  const same =
    mother.species === father.species
      ? reason<CrossingReason>('sameSpecies', { species: a.name })
      : reason<CrossingReason>('sameGroup', { mother: a.name, father: b.name });
  const kernels = a.group === 'corn' ? kernelEffect(mother.kernel, father.kernel) : undefined;
  return {
    how: 'freely',
    thisYear: kernels?.thisYear ?? 'no',
    reasons: kernels ? [same, kernels.reason] : [same],
  };
}

/**
 * What foreign pollen does to this year's kernels: sweetness of either kind is recessive, so pollen of any other
 * kind turns sweet kernels starchy; the two sweet kinds spoil each other as well; popping suffers from any other
 * pollen; on starchy corn the change shows and does no harm (common practice, no source).
 */
function kernelEffect(
  mother: Kernel | undefined,
  father: Kernel | undefined,
): { readonly thisYear: Crossing['thisYear']; readonly reason: Reason<CrossingReason> } {
  if (!mother || !father) return { thisYear: 'unknown', reason: reason('kernelsUnknown') };
  const kinds = { mother, father };
  if (mother === father) return { thisYear: 'no', reason: reason('kernelsKeep', kinds) };
  if (mother === 'starchy') return { thisYear: 'changes', reason: reason('kernelsShow', kinds) };
  const sweet = mother === 'sweet' || mother === 'supersweet';
  return { thisYear: 'spoils', reason: reason(sweet ? 'kernelsStarchy' : 'kernelsSpoil', kinds) };
}
