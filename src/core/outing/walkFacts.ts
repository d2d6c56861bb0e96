import { bearingSexOf, coveringOf, type CoveredCrop } from '../crops/catalogue';
import type { BudStage, Part } from '../crops/crop';
import { amendAsOne, amendOrRecord, strikesOf } from '../journal/amend';
import { isCovered } from '../journal/isCovered';
import type { Fact } from '../journal/entry';
import type { Journal } from '../journal/journal';
import type { Bodies } from '../journal/kinds/kinds';
import { walkId, type BloomSex, type BudCount, type CoverMethod } from '../journal/kinds/walk';
import type { Bloom, Variety, Walk } from '../journal/state';
import { toMs } from '../time/calendar';
import type { Day } from '../time/types';
import { perRevision } from '../journal/perRevision';
import { groupBy } from '../text/groupBy';

/** What the grower counted and covered at one plant on the walk. */
export interface FoundOnWalk {
  readonly plant: string;
  readonly day: Day;
  /** What opens on the day, or can be pollinated from then on. */
  readonly eve: BudCount;
  /** What comes later. */
  readonly green: BudCount;
  /** Tiny ones, where they were counted. */
  readonly pin?: BudCount;
  /** The cover, unless the crop takes but one. */
  readonly method: CoverMethod;
  /** Flowers that get no pollen, to see what sets by itself. */
  readonly controls?: number;
}

export interface WalkContext {
  readonly journal: Journal;
  readonly variety: Variety;
  readonly crop: CoveredCrop;
  /** Do the flowers that bear lose their anthers? */
  readonly emasculate?: boolean;
  readonly newId: () => string;
  /** Tags for females not yet tagged, as many as may be needed. */
  readonly tags: readonly string[];
}

type CoveredBloom = {
  readonly bloom: string;
  readonly sex: BloomSex;
  readonly code: string;
  readonly part?: Part;
  readonly role?: 'control';
};

/** What bears fruit, and what gives the pollen. */
const ROLES = ['bearing', 'male'] as const;
type Role = (typeof ROLES)[number] | 'control';

/**
 * The facts of a visit: what was scouted; what was covered or marked, one for each bud of the stage at which the crop
 * is covered; and which of those that were covered green can now be pollinated. Correcting a visit amends the entries
 * it made before and keeps the flowers and tags that stay.
 *
 * @example walkFacts(visit, context).map(({ kind }) => kind) // ['scouted', 'covered']
 */
export function walkFacts(visit: FoundOnWalk, context: WalkContext): Fact[] {
  const { plant, day, eve, green, pin } = visit;
  const walk = context.journal.all('walk').get(walkId(plant, day));
  const receptive = receptiveBlooms(visit, walk, context);
  const onEve = covered('eve', visit, walk, context);
  return [
    amendOrRecord('scouted', { plant, day, eve, green, ...(pin && { pin }) }, walk?.scoutedEntry),
    ...amendByBloom('emasculated', emasculatedOf(visit, onEve, context), walk?.emasculatedEntries, context),
    ...amendByBloom('covered', onEve, walk?.coveredEntries, context),
    ...amendByBloom('covered', covered('green', visit, walk, context), walk?.coveredGreenEntries, context),
    ...amendAsOne(
      'receptive',
      receptive.length > 0 ? { plant, day, blooms: receptive } : undefined,
      walk?.receptiveEntries ?? [],
    ),
  ];
}

/**
 * A visit put right, flower by flower: each stays in the entry that said it first, so that it was covered when it was, and
 * one that is added now was covered now. An entry of which no flower is left is struck.
 */
function amendByBloom<K extends 'covered' | 'emasculated'>(
  kind: K,
  body: Bodies[K] | undefined,
  before: readonly string[] = [],
  { journal }: WalkContext,
): Fact[] {
  const left = new Map((body?.blooms ?? []).map((each) => [each.bloom, each]));
  const said = (blooms: readonly object[]): Bodies[K] => ({ ...body!, blooms }) as Bodies[K];
  const amended = before.flatMap((id): Fact[] => {
    const entry = journal.effective(id);
    const named = entry && 'blooms' in entry.body ? (entry.body.blooms as readonly unknown[]) : [];
    const own = named.flatMap((each) => left.get((each as CoveredBloom).bloom) ?? []);
    for (const { bloom } of own) left.delete(bloom);
    return own.length > 0 ? [amendOrRecord(kind, said(own), id)] : strikesOf([id]);
  });
  return left.size > 0 ? [...amended, amendOrRecord(kind, said([...left.values()]), undefined)] : amended;
}

/** What is covered at one stage; one cover serves all of it. */
function covered(
  stage: BudStage,
  visit: FoundOnWalk,
  walk: Walk | undefined,
  context: WalkContext,
): Bodies['covered'] | undefined {
  const { cover } = coveringOf(context.crop);
  const roles = ROLES.filter((role) => cover[role] === stage);
  const before = (stage === 'eve' ? walk?.blooms : walk?.coveredGreen) ?? [];
  const tags = [...context.tags];
  const bloomsOf = (role: Role, count: number): CoveredBloom[] =>
    bloomsFor(role, count, before, { ...context, tags });
  const blooms = [
    ...roles.flatMap((role) => bloomsOf(role, visit[stage][role === 'male' ? 'male' : 'female'])),
    ...(stage === 'eve' ? bloomsOf('control', visit.controls ?? 0) : []),
  ];
  if (blooms.length === 0) return undefined;
  return {
    plant: visit.plant,
    day: visit.day,
    method: (roles[0] && cover.by?.[roles[0]]) ?? visit.method,
    ...(stage === 'green' && { stage }),
    blooms,
  };
}

function bloomsFor(
  role: Role,
  count: number,
  before: readonly string[],
  { journal, variety, crop, newId, tags }: Omit<WalkContext, 'tags'> & { readonly tags: string[] },
): CoveredBloom[] {
  const sex = role === 'male' ? 'male' : bearingSexOf(crop, variety.traits);
  const part = crop.parts?.[role === 'male' ? 'male' : 'bearing'];
  const own = {
    ...(part !== undefined && { part }),
    ...(role === 'control' && { role }),
  };
  const kept = before
    .flatMap((id) => journal.all('bloom').get(id) ?? [])
    .filter(
      (bloom) =>
        (bloom.sex === 'male') === (role === 'male') && (bloom.role === 'control') === (role === 'control'),
    )
    .sort((a, b) => Number(wasUsed(b)) - Number(wasUsed(a)))
    .filter((bloom, i) => i < count || wasUsed(bloom))
    .map(({ bloom, code }): CoveredBloom => ({ bloom, sex, code, ...own }));
  const fresh = Array.from({ length: Math.max(0, count - kept.length) }, (): CoveredBloom => {
    return { bloom: newId(), sex, code: role === 'male' ? '' : (tags.shift() ?? ''), ...own };
  });
  return [...kept, ...fresh];
}

/** What was pollinated, or gave its pollen, was there, whatever is counted afterwards. */
const wasUsed = ({ pollination, picked, harvest }: Bloom): boolean =>
  pollination !== undefined || picked !== undefined || harvest !== undefined;

/** What bears on a mother of a cross loses its anthers as it is covered. */
function emasculatedOf(
  { plant, day }: FoundOnWalk,
  onEve: Bodies['covered'] | undefined,
  { emasculate }: WalkContext,
): Bodies['emasculated'] | undefined {
  const blooms = onEve?.blooms.filter(({ sex }) => sex !== 'male') ?? [];
  if (!emasculate || blooms.length === 0) return undefined;
  return {
    plant,
    day,
    blooms: blooms.map(({ bloom, code, role }) => ({ bloom, code, ...(role && { role }) })),
  };
}

/** Of what was covered green and waits, as many as were found ready: those found so before, then the earliest. */
function receptiveBlooms(
  { plant, eve }: FoundOnWalk,
  walk: Walk | undefined,
  { journal, crop }: WalkContext,
): string[] {
  if (coveringOf(crop).cover.bearing !== 'green') return [];
  const before = walk?.receptive ?? [];
  return [...before, ...waitingBlooms(journal, plant)].slice(0, eve.female);
}

const waitingByPlant = perRevision((journal) => groupBy(journal.bloomsWaiting(), ({ plant }) => plant));

/**
 * What was covered green on a plant and is not yet receptive, in the order in which it was covered.
 *
 * @example waitingBlooms(new Journal(), 'p1') // []
 */
export const waitingBlooms = (journal: Journal, plant: string): string[] =>
  (waitingByPlant(journal).get(plant) ?? [])
    .filter((bloom) => isCovered(bloom) && bloom.reports.length === 0)
    .sort((a, b) => toMs(a.cover!.at) - toMs(b.cover!.at) || (a.bloom < b.bloom ? -1 : 1))
    .map(({ bloom }) => bloom);
