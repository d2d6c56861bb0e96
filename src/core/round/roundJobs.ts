import type { Place } from '../garden/places';
import { walkingDistance } from '../garden/walking';
import { getsItsOwn } from '../journal/pollinations';
import { MS_PER_MINUTE } from '../time/calendar';
import type { Chore } from '../journal/kinds/stops';
import { comesFirst, serviceMs } from './operations/operations';
import type { Pair } from '../pairing/pairFlowers';
import type { RoundRequest, RoundVariety } from './roundRequest';
import { AT_START, type Job, type RouteProblem } from '../route/routeProblem';

/** Walking among plants. Our default, to be outweighed by the grower's own pace. */
export const WALKING_M_PER_MS = 0.8 / 1000;

/** Washing hands and taking a clean brush between two varieties that cross. Our default. */
const CLEANING_MS = 0.75 * MS_PER_MINUTE;

/** Finding a plant, bending down to it and getting up again, once a visit. Our default. */
export const VISIT_MS = 10_000;

/**
 * A set fruit to eat outweighs so many milliseconds of work. Half of all that are pollinated set, so half a per cent of
 * what a flower brings is worth half a minute: one walk. Our default.
 */
const WORTH_MS = 200 * MS_PER_MINUTE;

/** Picking one male, taking one along that is cut already, or pollinating one female. */
export type RoundJob = MaleJob<'pick'> | MaleJob<'carry'> | PollinateJob | ChoreJob;

type MaleJob<K> = JobBase & { readonly kind: K; readonly bloom: string };
type PollinateJob = JobBase & { readonly kind: 'pollinate'; readonly pair: Pair };
type ChoreJob = JobBase & { readonly kind: 'chore'; readonly chore: Chore };
type JobBase = Job & { readonly variety: RoundVariety; readonly father: string };

/** A round as jobs, with the ways between them. */
export interface RoundJobs extends RouteProblem {
  readonly jobs: readonly RoundJob[];
  /** Metres from the start (-1) or a job to another. */
  readonly metres: (from: number, to: number) => number;
}

/**
 * The jobs of a round: each female that gets pollen, and before it each male that she takes. One that is cut already
 * is no job, except that of several people only one can carry it.
 * Between two varieties of one crossing group hands are cleaned, so that they are done in turn where that costs less
 * than walking; they need not be. Plants that look diseased come after all others of their family.
 *
 * @example roundJobs({ ...request, pairs: [] }, 1).jobs // []
 */
export function roundJobs(request: RoundRequest, people: number): RoundJobs {
  const { pairs, chores, varieties, places, obstacles, inHand, suspects, shares, from, start } = request;
  const byId = new Map(varieties.map((variety) => [variety.variety, variety]));
  const jobs: RoundJob[] = [];
  const picks = new Map<string, number>();
  /** What comes before the pollinations at a plant. */
  const first = new Map<string, number>();
  // A round that is planned the evening before does not begin then for their sake.
  const opening = pairs.flatMap((pair) => byId.get(pair.variety)?.hours.opens ?? []);
  const begins = opening.length > 0 ? Math.max(from, Math.min(...opening)) : from;
  for (const chore of chores) {
    const variety = byId.get(chore.variety);
    if (!variety) continue;
    const isFirst = comesFirst(chore);
    if (isFirst) first.set(chore.plant, jobs.length);
    jobs.push({
      ...{ kind: 'chore', chore, variety, father: chore.variety, block: variety.family },
      ...{ plant: chore.plant, last: suspects.has(chore.plant), needs: [] },
      ...{ opens: begins, lastSafe: Infinity, lasts: serviceMs(chore, variety.handling) },
      // As much as a pollination, and at any time: it is not left out, and gives way to what cannot wait.
      worthAt: isFirst ? 'forOthers' : () => variety.weight,
    });
  }
  for (const pair of pairs) {
    const variety = byId.get(pair.variety);
    if (!variety || pair.donors.length === 0) continue;
    const { opens, lastSafe } = variety.hours;
    const base = { variety, father: pair.father, block: variety.family, opens };
    for (const { bloom, plant } of pair.donors) {
      const isCut = inHand.has(bloom);
      // Its own pollen is there when it is worked.
      if (bloom === pair.bloom || picks.has(bloom) || (isCut && people === 1)) continue;
      picks.set(bloom, jobs.length);
      const job = { ...base, bloom, lastSafe: Infinity, needs: [], worthAt: 'forOthers' as const };
      jobs.push(
        isCut
          ? { ...job, kind: 'carry', plant: AT_START, lasts: 0 }
          : { ...job, kind: 'pick', plant, lasts: variety.handling.pick, last: suspects.has(plant) },
      );
    }
    jobs.push({
      ...base,
      opens: Math.max(opens, pair.from ?? opens),
      kind: 'pollinate',
      pair,
      plant: pair.plant,
      last: suspects.has(pair.plant),
      lastSafe,
      lasts: variety.handling.pollinate,
      needs: [
        ...new Set([
          ...(first.has(pair.plant) ? [first.get(pair.plant)!] : []),
          ...pair.donors.flatMap(({ bloom }) => picks.get(bloom) ?? []),
        ]),
      ],
      worthAt: worthBy(pair.by, worthOf(variety, shares.get(pair.plant), pair.forSeed)),
    });
  }
  const metres = metresBetweenJobs(jobs, { start, places, distance: walkingDistance(obstacles) });
  const ways = metres.map((each, at) => {
    const [from, to] = [Math.floor(at / jobs.length) - 1, at % jobs.length];
    const visit = jobs[to]!.plant === (jobs[from]?.plant ?? AT_START) ? 0 : VISIT_MS;
    return each / WALKING_M_PER_MS + visit + (mustClean(jobs[from], jobs[to]!) ? CLEANING_MS : 0);
  });
  const at = (from: number, to: number): number => (from + 1) * jobs.length + to;
  return {
    jobs,
    people,
    from,
    worthMs: WORTH_MS,
    metres: (here, to) => metres[at(here, to)]!,
    between: (here, to) => ways[at(here, to)]!,
  };
}

/** Pollen of another variety that could father seed here must not come along on the hands. */
export const mustClean = (before: RoundJob | undefined, next: RoundJob): boolean =>
  before !== undefined &&
  touchesPollen(before) &&
  touchesPollen(next) &&
  before.father !== next.father &&
  before.variety.group === next.variety.group;

/** What is cut already was taken along, and a flower in its bag keeps its pollen to itself. */
const touchesPollen = (job: RoundJob): boolean =>
  job.kind !== 'carry' && !(job.kind === 'pollinate' && getsItsOwn(job.pair, job.pair.donors));

/** Of what a female brings so much is left when a trial wanted her early and she is late: she tells nothing. Our default. */
const WORTH_AFTER = 0.5;

/** What she is worth when a trial asks for her by a time. She is not left out for being late. */
const worthBy = (by: number | undefined, worth: (ms: number) => number): ((ms: number) => number) =>
  by === undefined ? worth : (ms) => worth(ms) * (ms < by ? 1 : WORTH_AFTER);

/** What a female of a variety is worth when she is begun at a time: never more later than before. */
function worthOf(
  { weight: usual, worth: both }: RoundVariety,
  share = 1,
  forSeed = false,
): (ms: number) => number {
  const weight = usual * share;
  const worth = forSeed ? both?.guarded : both?.open;
  if (!worth || worth.length === 0) return () => weight;
  let best = 0;
  // What is not open yet is passed and come back to: what counts is the best that is still to come.
  const left = worth
    .toReversed()
    .map((point) => ({ ms: point.ms, worth: (best = Math.max(best, point.worth)) }));
  const points = left.reverse();
  const [{ ms: first }, last] = [points[0]!, points.at(-1)!];
  const step = points.length > 1 ? points[1]!.ms - first : 1;
  return (ms) => {
    if (ms <= first) return weight * points[0]!.worth;
    const at = Math.floor((ms - first) / step);
    const [a, b] = [points[at], points[at + 1]];
    if (!a || !b) return weight * last.worth;
    return weight * (a.worth + ((b.worth - a.worth) * (ms - a.ms)) / (b.ms - a.ms));
  };
}

/** From the start and from each job to each. A plant whose place is not known is on the way. */
function metresBetweenJobs(
  jobs: readonly RoundJob[],
  ground: {
    readonly start: Place;
    readonly places: ReadonlyMap<string, Place>;
    readonly distance: (a: Place, b: Place) => number;
  },
): Float64Array {
  const { places, distance } = ground;
  const plants = [...new Set(jobs.map(({ plant }) => plant))].filter((plant) => plant !== AT_START);
  const index = new Map([[AT_START, 0], ...plants.map((plant, i) => [plant, i + 1] as const)]);
  const spots = [ground.start, ...plants.map((plant) => places.get(plant))];
  const between = spots.map(() => new Float64Array(spots.length));
  spots.forEach((begin, a) => {
    for (let b = 0; b < a; b += 1) {
      const end = spots[b];
      const metres = begin && end ? distance(begin, end) : 0;
      between[a]![b] = metres;
      between[b]![a] = metres;
    }
  });
  const spotOf = [0, ...jobs.map(({ plant }) => index.get(plant)!)];
  const metres = new Float64Array(spotOf.length * jobs.length);
  spotOf.forEach((from, i) => {
    for (let to = 0; to < jobs.length; to += 1)
      metres[i * jobs.length + to] = between[from]![spotOf[to + 1]!]!;
  });
  return metres;
}
