import type { BloomSex, BudCount, CoverMethod, Sex } from '../journal/kinds/scout';
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
    factOrAmendment('scouted', scouted, context.walk?.scoutedEntry),
    ...coveredFacts(covered, context.walk?.coveredEntries ?? []),
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

type CoveredBody = Extract<Fact, { kind: 'covered' }>['body'];

/** The last entry comes to say all that is covered there; those that other devices made of the visit are struck. */
function coveredFacts(body: CoveredBody, before: readonly string[]): Fact[] {
  const last = before.at(-1);
  const strikes = (targets: readonly string[]): Fact[] =>
    targets.map((target) => ({ kind: 'struck', body: { target } }));
  if (body.blooms.length === 0) return strikes(before);
  return [...strikes(before.slice(0, -1)), factOrAmendment('covered', body, last)];
}

function factOrAmendment<K extends 'scouted' | 'covered'>(
  kind: K,
  body: Extract<Fact, { kind: K }>['body'],
  before: string | undefined,
): Fact {
  if (before !== undefined) return { kind: 'amended', body: { target: before, of: kind, body } };
  return { kind, body } as Fact;
}
