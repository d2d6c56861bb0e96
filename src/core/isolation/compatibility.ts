import { cropOf, type CropId } from '../crops/catalogue';
import type { Endosperm } from '../crops/traits';
import { reason, type Reason } from '../text/reason';

/** What the compatibility of two varieties depends on. */
export interface CompatibilityTraits {
  readonly crop: CropId;
  /** For crops whose kernels are eaten; unknown when left out. */
  readonly endosperm?: Endosperm;
}

export type CrossingFrequency = 'freely' | 'rarely' | 'never';

/**
 * Xenia: what foreign pollen does to what is eaten in the same year. `spoils`: it tastes or pops worse; `visible`: it
 * shows and does no harm; `none`: nothing; `unknown`: the endosperm of one of them is not known.
 */
type Xenia = 'spoils' | 'visible' | 'none' | 'unknown';

export type CompatibilityReason =
  | 'sameSpecies'
  | 'sameGroup'
  | 'crossOccasionally'
  | 'crossSeldom'
  | 'otherSpecies'
  | 'xeniaStarchy'
  | 'xeniaSpoilsPopping'
  | 'xeniaVisible'
  | 'xeniaNone'
  | 'xeniaUnknown';

/** Whether pollen of one variety can father seed on another. */
export interface Compatibility {
  readonly frequency: CrossingFrequency;
  readonly xenia: Xenia;
  readonly reasons: readonly Reason<CompatibilityReason>[];
}

type RareCross = 'crossOccasionally' | 'crossSeldom';

/**
 * Groups that cross rarely. The squash: squash breeding reviews; the peppers: pepper breeding reviews, on the annuum
 * complex and its neighbours; both from memory.
 */
export const RARE_CROSSES: readonly (readonly [string, string, RareCross])[] = [
  ['moschata', 'argyrosperma', 'crossOccasionally'],
  ['moschata', 'maxima', 'crossSeldom'],
  ['moschata', 'pepo', 'crossSeldom'],
  ['pepper', 'baccatum', 'crossSeldom'],
];

const rareCrossBetween = (a: string, b: string): RareCross | undefined =>
  RARE_CROSSES.find(([one, other]) => (one === a && other === b) || (one === b && other === a))?.[2];

/** Share of the pollen that succeeds where two groups cross only rarely. Our default, no source. */
export const RARE_CROSS_SUCCESS = 0.02;

/**
 * How often two crops cross, whatever their varieties. The same either way round.
 *
 * @example crossingFrequency('moschata', 'argyrosperma') // 'rarely'
 */
export function crossingFrequency(a: CropId, b: CropId): CrossingFrequency {
  const [one, other] = [cropOf(a).group, cropOf(b).group];
  if (one === other) return 'freely';
  return rareCrossBetween(one, other) ? 'rarely' : 'never';
}

/**
 * Whether and how two varieties cross. The same either way round, except for xenia: the kernels of this year are
 * those of the variety that receives the pollen.
 *
 * @param mother the variety that bears the seed.
 * @param father the variety whose pollen may come.
 * @example compatibility({ crop: 'melon' }, { crop: 'watermelon' }).frequency // 'never'
 */
export function compatibility(mother: CompatibilityTraits, father: CompatibilityTraits): Compatibility {
  const [a, b] = [cropOf(mother.crop), cropOf(father.crop)];
  const species = { mother: a.species, father: b.species };
  if (a.group !== b.group) {
    const rare = rareCrossBetween(a.group, b.group);
    return rare
      ? { frequency: 'rarely', xenia: 'none', reasons: [reason(rare, species)] }
      : { frequency: 'never', xenia: 'none', reasons: [reason('otherSpecies', species)] };
  }
  const same =
    mother.crop === father.crop
      ? reason<CompatibilityReason>('sameSpecies', { species: a.species })
      : reason<CompatibilityReason>('sameGroup', species);
  if (!a.xenia) return { frequency: 'freely', xenia: 'none', reasons: [same] };
  const effect = xeniaBetween(mother.endosperm, father.endosperm);
  return { frequency: 'freely', xenia: effect.xenia, reasons: [same, effect.reason] };
}

/**
 * What foreign pollen does to this year's kernels: sweetness of either kind is recessive, so pollen of any other
 * kind turns sweet kernels starchy; the two sweet kinds spoil each other as well; popping suffers from any other
 * pollen; on starchy corn the change shows and does no harm (common practice, no source).
 */
function xeniaBetween(
  mother: Endosperm | undefined,
  father: Endosperm | undefined,
): { readonly xenia: Xenia; readonly reason: Reason<CompatibilityReason> } {
  if (!mother || !father) return { xenia: 'unknown', reason: reason('xeniaUnknown') };
  const endosperms = { mother, father };
  if (mother === father) return { xenia: 'none', reason: reason('xeniaNone', endosperms) };
  if (mother === 'starchy') return { xenia: 'visible', reason: reason('xeniaVisible', endosperms) };
  const code = mother === 'pop' ? 'xeniaSpoilsPopping' : 'xeniaStarchy';
  return { xenia: 'spoils', reason: reason(code, endosperms) };
}
