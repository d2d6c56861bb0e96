import { cropOf, type CropId } from '../crops/catalogue';
import type { Kernel } from '../journal/entry';
import { reason, type Reason } from '../reason';

/** What crossing depends on. */
export interface CrossingTraits {
  readonly crop: CropId;
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
export const RARE_CROSSES: readonly (readonly [string, string, 'nowAndThen' | 'seldom'])[] = [
  ['moschata', 'argyrosperma', 'nowAndThen'],
  ['moschata', 'maxima', 'seldom'],
  ['moschata', 'pepo', 'seldom'],
  ['pepper', 'baccatum', 'seldom'],
];

const rareBetween = (a: string, b: string): 'nowAndThen' | 'seldom' | undefined =>
  RARE_CROSSES.find(([one, other]) => (one === a && other === b) || (one === b && other === a))?.[2];

/** Share of the pollen that takes where two species cross only rarely. Our default, no source. */
export const RARE_TAKES = 0.02;

/** How often two crops cross, whatever their varieties. */
export function crossesHow(a: CropId, b: CropId): HowOften {
  const [one, other] = [cropOf(a).group, cropOf(b).group];
  if (one === other) return 'freely';
  return rareBetween(one, other) ? 'rarely' : 'no';
}

/**
 * Whether and how two varieties cross. It is the same either way round, but for this year's kernels of corn, which
 * are those of the variety that receives.
 *
 * @param mother the variety whose seed or kernels are asked about.
 * @param father the variety whose pollen may come.
 */
export function crossing(mother: CrossingTraits, father: CrossingTraits): Crossing {
  const [a, b] = [cropOf(mother.crop), cropOf(father.crop)];
  const names = { mother: a.species, father: b.species };
  if (a.group !== b.group) {
    const rare = rareBetween(a.group, b.group);
    return rare
      ? { how: 'rarely', thisYear: 'no', reasons: [reason(rare, names)] }
      : { how: 'no', thisYear: 'no', reasons: [reason('otherSpecies', names)] };
  }
  const same =
    mother.crop === father.crop
      ? reason<CrossingReason>('sameSpecies', { species: a.species })
      : reason<CrossingReason>('sameGroup', names);
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
