import { seededChance, type Chance } from '../random/chance';
import { RoutePlan } from './routePlan';
import { isWanted, worthOf, type RouteProblem } from './routeProblem';
import type { TimedRoute } from './timedRoute';

export interface SearchOptions {
  /** The same seed gives the same routes. */
  readonly seed?: number;
  /** How often a part is taken out and put in again. */
  readonly steps?: number;
  /** Told from time to time what share of the search is done, from 0 to 1. */
  readonly onProgress?: ((share: number) => void) | undefined;
}

/** It is told so often in a search. */
const PROGRESS_STEPS = 50;

/** Few jobs are soon tried in all ways, and of many each step takes long. What each constant does: docs/architecture.md. */
const STEPS_BY_SQUARE = 40;
const STEPS_TIMES_JOBS = 50_000;
const MAX_STEPS = 1600;
const FEWEST_FOR_MANY = 500;

const stepsFor = (jobs: number): number =>
  Math.min(
    STEPS_BY_SQUARE * jobs ** 2,
    MAX_STEPS,
    Math.max(FEWEST_FOR_MANY, Math.round(STEPS_TIMES_JOBS / jobs)),
  );

/** So many steps in vain are enough. */
const PATIENCE = 120;
/** Jobs taken out at once: at most so many, and so large a share. */
const MAX_OUT = 12;
const SHARE_OUT = 0.4;
/** Of so few jobs all may be taken out. */
const FEW = 6;
/** A place is overlooked so often, so that not always the same is found. */
const OVERLOOKED = 0.05;
/** Of those that found no place, so many are tried again at each step. */
const TRIED_AGAIN = 6;
/** At first a plan may be so much worse than the best one found, as a share of its score's worth part. */
const WORSE_AT_FIRST = 0.1;

/**
 * Routes that save the most worth and are over soonest, by taking parts out of a plan and putting them in again
 * at the best places [ruin and recreate: Schrimpf et al. 2000; adjacent strings and overlooked places: Christiaens &
 * Vanden Berghe 2020; both from memory]. Jobs for which there is no time are left out, and
 * those that cost the others more than they bring. No two people are at one plant at once. Not proven best: up to ten
 * stops it is compared with all orders in the tests.
 *
 * @example bestRoutes({ jobs: [], people: 1, from: 0, worthMs: 1, between: () => 0 })[0].order // []
 */
export function bestRoutes(
  problem: RouteProblem,
  { seed = 1, steps = stepsFor(problem.jobs.length), onProgress }: SearchOptions = {},
): readonly TimedRoute[] {
  const chance = seededChance(seed);
  const wanted = [...problem.jobs.keys()].filter((id) => isWanted(problem.jobs[id]!));
  const plan = new RoutePlan(problem);
  for (const id of byWorth(problem, wanted)) plan.insert(id, never);
  let best = plan.score;
  let toBest = plan.save();
  let stillBetter = 0;
  for (let step = 0; step < steps && wanted.length > 0; step += 1) {
    // Where there is time for all only the way is left to shorten.
    if (step - stillBetter > PATIENCE && wanted.every((id) => plan.has(id))) break;
    if (onProgress && step % Math.ceil(steps / PROGRESS_STEPS) === 0) onProgress(step / steps);
    const back = plan.save();
    plan.remove(jobsToRemove(plan, problem, chance));
    if (plan.late) {
      back();
      continue;
    }
    for (const id of toPut(plan, problem, wanted, chance))
      plan.insert(id, () => chance.below(1) < OVERLOOKED);
    const { score } = plan;
    if (score > best) {
      best = score;
      toBest = plan.save();
      stillBetter = step;
    } else if (score <= best - WORSE_AT_FIRST * (1 - step / steps) * plan.worthScore) back();
  }
  toBest();
  return plan.routes;
}

const never = (): boolean => false;

/** Most worth for its own time first. */
function byWorth({ jobs, from }: RouteProblem, ids: readonly number[]): number[] {
  const users = new Map<number, number>();
  for (const id of ids) for (const need of jobs[id]!.needs) users.set(need, (users.get(need) ?? 0) + 1);
  const density = ids.map((id) => {
    const job = jobs[id]!;
    const { opens, lasts, needs } = job;
    const ms = needs.reduce((sum, need) => sum + jobs[need]!.lasts / users.get(need)!, lasts);
    return worthOf(job, Math.max(opens, from)) / Math.max(1, ms);
  });
  return [...ids.keys()].sort((a, b) => density[b]! - density[a]! || a - b).map((i) => ids[i]!);
}

/** Strings of neighbours in the routes, beginning somewhere and going on near there; or jobs here and there. */
function jobsToRemove(plan: RoutePlan, { between }: RouteProblem, chance: Chance): number[] {
  const routes = plan.routes.map(({ order }) => order);
  const inPlan = routes.flat();
  if (inPlan.length === 0) return [];
  const most = Math.min(inPlan.length, MAX_OUT, Math.max(FEW, Math.ceil(inPlan.length * SHARE_OUT)));
  const count = 1 + chance.index(most);
  if (chance.below(1) < 0.3) return Array.from({ length: count }, () => inPlan[chance.index(inPlan.length)]!);
  const first = inPlan[chance.index(inPlan.length)]!;
  const near = [...inPlan].sort((a, b) => between(first, a) - between(first, b) || a - b);
  const out = new Set<number>();
  for (const id of near) {
    if (out.size >= count) break;
    if (out.has(id)) continue;
    const route = routes.find((each) => each.includes(id))!;
    const length = 1 + chance.index(Math.min(count - out.size, route.length));
    const from = Math.max(0, Math.min(route.indexOf(id) - chance.index(length), route.length - length));
    for (const each of route.slice(from, from + length)) out.add(each);
  }
  return [...out];
}

/** What is not in the plan, in one of several orders. */
function toPut(plan: RoutePlan, problem: RouteProblem, wanted: readonly number[], chance: Chance): number[] {
  const missing = wanted.filter((id) => !plan.has(id));
  for (let i = missing.length - 1; i > 0; i -= 1) {
    const j = chance.index(i + 1);
    [missing[i], missing[j]] = [missing[j]!, missing[i]!];
  }
  const some = missing.slice(0, MAX_OUT + TRIED_AGAIN);
  switch (chance.index(4)) {
    case 0:
      return byWorth(problem, some);
    case 1:
      return some.sort((a, b) => problem.jobs[a]!.lastSafe - problem.jobs[b]!.lastSafe);
    case 2:
      return some.sort((a, b) => problem.between(-1, b) - problem.between(-1, a));
    default:
      return some;
  }
}
