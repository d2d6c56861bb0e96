import type { BloomSex, BudCount, CoverMethod, Sex } from '../journal/kinds/scout';
import { saidAgain, saidAsOne } from '../journal/corrections';
import type { Fact } from '../journal/entry';
import type { Bloom, Walk } from '../journal/state';
import type { Day } from '../time/types';

/** What the grower counted and covered at one plant on the evening walk. */
export interface ScoutVisit {
  readonly plant: string;
  readonly day: Day;
  readonly eve: BudCount;
  readonly green: BudCount;
  readonly method: CoverMethod;
}

export interface ScoutVisitContext {
  /** The visit already recorded, when it is being corrected. */
  readonly walk: Walk | undefined;
  readonly blooms: ReadonlyMap<string, Bloom>;
  /** Sex of the flowers that carry the fruit, in this variety. */
  readonly bearing: 'female' | 'perfect';
  readonly newId: () => string;
  /** Tags for females not yet tagged, as many as may be needed. */
  readonly tags: readonly string[];
}

type CoveredFlower = { readonly bloom: string; readonly sex: BloomSex; readonly code: string };

/**
 * The facts of a visit: what was scouted, and the flowers covered or marked, one for each eve bud. Correcting a visit
 * amends the entries it made before and keeps the flowers and tags that stay.
 *
 * @example scoutVisitFacts(visit, context).map(({ kind }) => kind) // ['scouted', 'covered']
 */
export function scoutVisitFacts(visit: ScoutVisit, context: ScoutVisitContext): Fact[] {
  const { plant, day, eve, green, method } = visit;
  const scouted = { plant, day, eve, green };
  const blooms = (['female', 'male'] as const).flatMap((sex) => flowersFor(sex, eve[sex], context));
  const covered = { plant, day, method, blooms };
  return [
    saidAgain('scouted', scouted, context.walk?.scoutedEntry),
    ...saidAsOne('covered', blooms.length > 0 ? covered : undefined, context.walk?.coveredEntries ?? []),
  ];
}

function flowersFor(
  counted: Sex,
  count: number,
  { walk, blooms, bearing, newId, tags }: ScoutVisitContext,
): CoveredFlower[] {
  const sex = counted === 'female' ? bearing : 'male';
  const kept = (walk?.blooms ?? [])
    .map((id) => blooms.get(id))
    .filter((bloom): bloom is Bloom => bloom !== undefined && (bloom.sex === 'male') === (sex === 'male'))
    .slice(0, count)
    .map(({ bloom, code }): CoveredFlower => ({ bloom, sex, code }));
  const fresh = Array.from({ length: count - kept.length }, (_, i): CoveredFlower => {
    return { bloom: newId(), sex, code: counted === 'female' ? (tags[i] ?? '') : '' };
  });
  return [...kept, ...fresh];
}
