import { unsafeUniformIntDistribution, xoroshiro128plus } from 'pure-rand';
import { bestRoutes } from '../src/core/route/bestRoutes';
import { isWanted, worthOf, type Job, type RouteProblem } from '../src/core/route/routeProblem';
import { timedRoute } from '../src/core/route/timedRoute';
import { median, ratioOf, report } from './ratio';

const MINUTE = 60_000;
/** How much of the work there is time for. */
const TIGHT = 0.6;
const WEIGHTS = [1, 1, 1, 2, 2, 4, 6];

const CLEANING_MS = 45_000;

interface Morning extends RouteProblem {
  /** The variety of each job. */
  readonly pollen: readonly number[];
}

/** A morning with so many stops: one female for every two males, seven varieties mixed in long beds, all soon shut. */
function tightMorning(stops: number, seed: number): Morning {
  const generator = xoroshiro128plus(seed);
  const upTo = (high: number): number => unsafeUniformIntDistribution(0, high, generator);
  const females = Math.round(stops / 3);
  const spots: { readonly x: number; readonly y: number }[] = [];
  const pollen: number[] = [];
  const jobs: Job[] = [];
  const stand = (variety: number): void => {
    // Each variety has a bed or two; beds lie side by side.
    pollen.push(variety);
    spots.push({ x: upTo(80 + stops / 3) / 10, y: 1.5 * variety + 10.5 * upTo(1) });
  };
  const malesOf: number[][] = WEIGHTS.map(() => []);
  for (let i = 0; i < stops - females; i += 1) {
    const variety = i % WEIGHTS.length;
    stand(variety);
    malesOf[variety]!.push(jobs.length);
    jobs.push({
      opens: 0,
      lastSafe: Infinity,
      lasts: 25_000,
      needs: [],
      plant: `m${i}`,
      worthAt: 'forOthers',
    });
  }
  const work = females * 75_000 + (stops - females) * 25_000;
  for (let i = 0; i < females; i += 1) {
    const variety = i % WEIGHTS.length;
    stand(variety);
    const males = malesOf[variety]!;
    // Each has two males of her own, wherever they stand.
    const needs = [0, 1].flatMap(() => (males.length > 0 ? males.splice(upTo(males.length - 1), 1) : []));
    const weight = WEIGHTS[variety]!;
    jobs.push({
      opens: 0,
      lastSafe: TIGHT * work - 2 * MINUTE * (variety % 3),
      lasts: 75_000,
      needs,
      worthAt: (ms) => weight * (1 - (0.1 * ms) / (TIGHT * work)),
      plant: `f${i}`,
    });
  }
  const gate = { x: 0, y: 0 };
  // From the gate, then from each job.
  const ways = [gate, ...spots].flatMap((a, i) =>
    spots.map((b, to) => {
      const cleaning = i > 0 && pollen[i - 1] !== pollen[to] ? CLEANING_MS : 0;
      return Math.hypot(a.x - b.x, a.y - b.y) * 1250 + cleaning;
    }),
  );
  const between = (from: number, to: number): number => ways[(from + 1) * jobs.length + to]!;
  return { jobs, people: 1, from: 0, worthMs: 200 * MINUTE, between, pollen };
}

/** What one does without a plan: always the nearest flower that can be done and is still of use. */
function byNearest(problem: RouteProblem): number[] {
  const { jobs, between, from } = problem;
  const left = new Set(jobs.keys());
  const done = new Set<number>();
  const route: number[] = [];
  let now = from;
  for (let here = -1; ;) {
    let nearest: number | undefined;
    for (const id of left) {
      const { needs, lastSafe } = jobs[id]!;
      if (needs.some((need) => !done.has(need)) || now + between(here, id) > lastSafe) continue;
      if (nearest === undefined || between(here, id) < between(here, nearest)) nearest = id;
    }
    if (nearest === undefined) return route;
    now += between(here, nearest) + jobs[nearest]!.lasts;
    left.delete(nearest);
    done.add(nearest);
    route.push((here = nearest));
  }
}

/**
 * More than this no order saves. Each female costs her own time, her share of the males', and for each of them half of
 * the two shortest ways that lead there; of what must be begun by a time only so much fits before it [Dantzig 1957, the
 * continuous knapsack, for deadlines within one another]; what is worth most for its time comes first, since all lose
 * alike by waiting; and between varieties hands are cleaned at least once. The best choice of varieties counts.
 */
function upperBound({ jobs, between, from, pollen }: Morning): number {
  const users = jobs.map(() => 0);
  for (const { needs } of jobs) for (const need of needs) users[need]! += 1;
  const nearest = jobs.map((_, id) => {
    const others = [-1, ...jobs.keys()].filter((other) => other !== id);
    const ways = others.map((other) => between(other, id)).sort((a, b) => a - b);
    return [ways[0]!, ways[1] ?? ways[0]!] as const;
  });
  const wayTo = nearest.map(([first, second]) => (first + second) / 2);
  const females = [...jobs.keys()].filter((id) => isWanted(jobs[id]!));
  const costs = new Map(
    females.map((id) => {
      const { needs, lasts } = jobs[id]!;
      const males = needs.reduce((sum, need) => sum + (jobs[need]!.lasts + wayTo[need]!) / users[need]!, 0);
      return [id, lasts + wayTo[id]! + males];
    }),
  );
  const density = (id: number): number => worthOf(jobs[id]!, from) / costs.get(id)!;
  const sorted = females.sort((a, b) => density(b) - density(a));
  const deadlines = [...new Set(females.map((id) => jobs[id]!.lastSafe))].sort((a, b) => a - b);
  // The last is only begun by then, and no way leads on from it.
  const more =
    Math.max(...females.map((id) => jobs[id]!.lasts)) + Math.max(...nearest.map(([, second]) => second));
  const boundFor = (varieties: ReadonlySet<number>): number => {
    const cleaning = (varieties.size - 1) * CLEANING_MS;
    const room = deadlines.map((deadline) => deadline + more - from);
    let bound = 0;
    let elapsed = from;
    for (const id of sorted.filter((each) => varieties.has(pollen[each]!))) {
      const first = deadlines.indexOf(jobs[id]!.lastSafe);
      // Cleaning takes from the longest time there is: it may come after what shuts first.
      const left = room.map((ms, d) => (d === room.length - 1 ? ms - cleaning : ms)).slice(first);
      const share = Math.max(0, Math.min(1, ...left.map((ms) => ms / costs.get(id)!)));
      bound += share * worthOf(jobs[id]!, elapsed);
      elapsed += share * costs.get(id)!;
      for (let d = first; d < room.length; d += 1) room[d]! -= share * costs.get(id)!;
    }
    return bound;
  };
  const all = [...new Set(pollen)];
  const choices = Array.from(
    { length: 2 ** all.length - 1 },
    (_, i) => new Set(all.filter((_, v) => ((i + 1) >> v) & 1)),
  );
  return Math.max(...choices.map(boundFor));
}

const SIZES = [50, 150, 300, 600];
const MORNINGS = 5;

/** Rounds on tight mornings: what they save against walking to the nearest, and against what no order can beat. */
export async function routeBench(): Promise<void> {
  const worthOf = (problem: RouteProblem, route: readonly number[]): number =>
    timedRoute(problem, route).worth;
  const nearest: number[] = [];
  const bounds: number[] = [];
  for (const stops of SIZES) {
    for (let seed = 1; seed <= MORNINGS; seed += 1) {
      const problem = tightMorning(stops, seed);
      const worth = bestRoutes(problem)[0]!.worth;
      nearest.push(worthOf(problem, byNearest(problem)) / worth);
      bounds.push(upperBound(problem) / worth);
    }
  }
  report(
    'worth saved by always walking to the nearest, against the round: the best of 20',
    Math.max(...nearest),
    1,
  );
  report('the same, median', median(nearest), 1 / 1.1);
  report('worth that no order can beat, against the round: the worst of 20', Math.max(...bounds), 1 / 0.9);
  const [half, whole] = [tightMorning(300, 1), tightMorning(600, 1)];
  report(
    'planning 600 stops against 300',
    await ratioOf(
      () => bestRoutes(whole),
      () => bestRoutes(half),
    ),
    4.5,
  );
}
