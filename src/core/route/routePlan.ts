import type { RouteProblem } from './routeProblem';
import { atPlants, costAt, timedRoute, type AtPlants, type TimedRoute } from './timedRoute';

const { max, min } = Math;
const NEVER = Infinity;

/** In a route of up to so many jobs every place is worked out in full; in a longer one only the most promising. */
const SHORT_ROUTE = 12;
const WORKED_OUT = 3;

/** What is put at a gap, and before it what it needs. */
interface Put {
  readonly gap: number;
  readonly id: number;
  readonly missing: readonly number[];
  readonly scale: number;
  readonly skip: () => boolean;
  /** Where the others are. */
  readonly others: readonly AtPlants[];
}

/**
 * Routes being planned. Jobs go in and out together with those they need; nothing in it is ever begun too late. Of the
 * jobs needed by others none needs others itself.
 */
export class RoutePlan {
  readonly #problem: RouteProblem;
  /** Who needs a job. */
  readonly #users: readonly (readonly number[])[];
  #routes: readonly TimedRoute[];
  /** Where each person is, worked out when another's way is. */
  readonly #at = new WeakMap<TimedRoute, AtPlants>();
  /** For each job the person who does it, or -1. */
  #owner: Int32Array;

  constructor(problem: RouteProblem) {
    const { jobs, people } = problem;
    this.#problem = problem;
    const users = jobs.map((): number[] => []);
    jobs.forEach(({ needs }, id) => needs.forEach((need) => users[need]!.push(id)));
    this.#users = users;
    this.#routes = Array.from({ length: people }, () => timedRoute(problem, []));
    this.#owner = new Int32Array(jobs.length).fill(-1);
  }

  get routes(): readonly TimedRoute[] {
    return this.#routes;
  }

  /** Is somebody late? Only who was taken out can make it so: two visits that became one may meet another's. */
  get late(): boolean {
    return this.#routes.some(({ late }) => late);
  }

  has(id: number): boolean {
    return this.#owner[id]! >= 0;
  }

  /** What it is now, to go back to. */
  save(): () => void {
    const [routes, owner] = [this.#routes, this.#owner.slice()];
    return () => {
      this.#routes = routes;
      this.#owner = owner.slice();
    };
  }

  /** How good it is, in milliseconds: more is better. */
  get score(): number {
    return this.worthScore - this.#costOf(this.#routes);
  }

  /** The part of the score that is worth. */
  get worthScore(): number {
    return this.#problem.worthMs * this.#routes.reduce((sum, { worth }) => sum + worth, 0);
  }

  /** When the last is done, and all ways and work: who waits for a flower does not walk about meanwhile. */
  #costOf(routes: readonly TimedRoute[]): number {
    let [last, sum] = [0, 0];
    for (const { ends, busy } of routes) {
      last = max(last, ends - this.#problem.from);
      sum += busy;
    }
    return (last + sum) / 2;
  }

  /** Takes jobs out, with those that need them, and what is then needed by nobody. */
  remove(ids: readonly number[]): void {
    const touched = new Set<number>();
    const takeOut = (id: number): void => {
      const owner = this.#owner[id]!;
      if (owner < 0) return;
      touched.add(owner);
      this.#owner[id] = -1;
    };
    const gone = ids.flatMap((id) => [id, ...this.#users[id]!]);
    gone.forEach(takeOut);
    for (const id of gone) {
      for (const need of this.#problem.jobs[id]!.needs) {
        if (!this.#users[need]!.some((user) => this.has(user))) takeOut(need);
      }
    }
    for (const r of touched) {
      const order = this.#routes[r]!.order.filter((id) => this.has(id));
      this.#routes = this.#routes.with(r, timedRoute(this.#problem, order, this.#besides(r)));
    }
  }

  /** Where the others are while one walks. */
  #besides(r: number): readonly AtPlants[] {
    if (this.#routes.length === 1) return [];
    return this.#routes.flatMap((route, other) => {
      if (other === r || route.order.length === 0) return [];
      const known = this.#at.get(route) ?? atPlants(this.#problem, route);
      this.#at.set(route, known);
      return [known];
    });
  }

  /**
   * Puts a job, with what it needs, where it does best, if there is a place where nothing becomes late and it does not
   * cost more than it brings.
   *
   * @param skip is asked of each place whether to overlook it this time.
   */
  insert(id: number, skip: () => boolean): boolean {
    const { needs } = this.#problem.jobs[id]!;
    const owners = new Set(needs.map((need) => this.#owner[need]!).filter((owner) => owner >= 0));
    if (owners.size > 1) return false;
    const [owner] = owners;
    const missing = needs.filter((need) => !this.has(need));
    let best: { readonly r: number; readonly route: TimedRoute; readonly score: number } | undefined;
    let triedEmpty = false;
    const scale = this.#problem.worthMs;
    for (const [r, before] of this.#routes.entries()) {
      if (owner !== undefined && owner !== r) continue;
      // One empty route is like the next.
      if (before.order.length === 0 && triedEmpty) continue;
      triedEmpty ||= before.order.length === 0;
      const others = this.#besides(r);
      for (const gap of this.#gapsFor(before, id, missing, skip)) {
        // Where delay costs worth is one question, where there is time another.
        const isShort = before.order.length <= SHORT_ROUTE;
        for (const each of isShort && missing.length > 0 ? [scale, 0] : [scale]) {
          const route = this.#withAll(before, { gap, id, missing, scale: each, skip, others });
          if (!route) continue;
          const score = this.#scoreWith(r, route);
          if (!best || score > best.score) best = { r, route, score };
        }
      }
    }
    if (!best || best.score <= this.score - this.worthScore) return false;
    const { r, route } = best;
    this.#routes = this.#routes.with(r, route);
    for (const each of [id, ...missing]) this.#owner[each] = r;
    return true;
  }

  #scoreWith(r: number, route: TimedRoute): number {
    const gained = route.worth - this.#routes[r]!.worth;
    const routes = this.#routes.length === 1 ? [route] : this.#routes.with(r, route);
    return this.#problem.worthMs * gained - this.#costOf(routes);
  }

  /** Gaps for a job after all it needs that is there: all, or the most promising ones. */
  #gapsFor(route: TimedRoute, id: number, missing: readonly number[], skip: () => boolean): number[] {
    const problem = this.#problem;
    const scale = problem.worthMs;
    const { order } = route;
    const { needs } = this.#problem.jobs[id]!;
    const first = needs.reduce((least, need) => max(least, order.indexOf(need) + 1), 0);
    if (order.length <= SHORT_ROUTE) {
      return Array.from({ length: order.length + 1 - first }, (_, i) => first + i).filter(() => !skip());
    }
    const cheapest = missing.map(() => NEVER);
    const promising: { readonly gap: number; readonly cost: number }[] = [];
    for (let gap = 0; gap <= order.length; gap += 1) {
      for (const [i, need] of missing.entries()) {
        cheapest[i] = min(cheapest[i]!, costAt(problem, route, { gap, id: need, scale: 0 }));
      }
      if (gap < first || skip()) continue;
      const cost = cheapest.reduce((sum, each) => sum + each, costAt(problem, route, { gap, id, scale }));
      const at = promising.findIndex((other) => cost < other.cost);
      if (at < 0 && (promising.length >= WORKED_OUT || cost === NEVER)) continue;
      promising.splice(at < 0 ? promising.length : at, 0, { gap, cost });
      if (promising.length > WORKED_OUT) promising.pop();
    }
    return promising.map(({ gap }) => gap);
  }

  /** The job at a gap, and before it one by one what it needs, each where it costs least; nothing where that is late. */
  #withAll(before: TimedRoute, { gap, id, missing, scale, skip, others }: Put): TimedRoute | undefined {
    const problem = this.#problem;
    if (costAt(problem, before, { gap, id, scale }) === NEVER) return undefined;
    let route = timedRoute(problem, before.order.toSpliced(gap, 0, id), others);
    const left = [...missing];
    for (let at = gap; left.length > 0; at += 1) {
      let best = { i: -1, place: -1, cost: NEVER };
      for (const [i, need] of left.entries()) {
        for (let place = 0; place <= at; place += 1) {
          if (skip()) continue;
          const cost = costAt(problem, route, { gap: place, id: need, scale });
          if (cost < best.cost) best = { i, place, cost };
        }
      }
      if (best.i < 0) return undefined;
      const order = route.order.toSpliced(best.place, 0, left.splice(best.i, 1)[0]!);
      route = timedRoute(problem, order, others);
    }
    return route.late ? undefined : route;
  }
}
