import fc from 'fast-check';
import { xoroshiro128plus, unsafeUniformIntDistribution } from 'pure-rand';
import { bestRoutes } from './bestRoutes';
import { isWanted, worthOf, type Job, type RouteProblem } from './routeProblem';
import { timedRoute } from './timedRoute';

const MINUTE = 60_000;

/** Seeded numbers. */
function numbers(seed: number): { between: (low: number, high: number) => number } {
  const generator = xoroshiro128plus(seed);
  return { between: (low, high) => unsafeUniformIntDistribution(low, high, generator) };
}

interface Spot {
  readonly x: number;
  readonly y: number;
}

/** Some jobs come after all others; who needs one of those comes as late. */
function withSomeLast(problem: RouteProblem, seed: number): RouteProblem {
  const { between } = numbers(seed);
  const drawn = problem.jobs.map(() => between(0, 4) === 0);
  const jobs = problem.jobs.map((job, id) => ({
    ...job,
    block: id % 3 === 0 ? 'a' : 'b',
    last: drawn[id]! || job.needs.some((need) => drawn[need]),
  }));
  return { ...problem, jobs };
}

/** A morning of so many females, each of which takes one to three males; some males serve several. */
function randomProblem(
  seed: number,
  { females, picks, tight = true }: { females: number; picks: number; tight?: boolean },
): RouteProblem {
  const { between } = numbers(seed);
  const size = between(5, 60);
  const spots: Spot[] = [];
  const pollen: number[] = [];
  const jobs: Job[] = [];
  const spot = (): void => void spots.push({ x: between(0, size), y: between(0, size) });
  const opens = between(0, 3) === 0 ? between(0, 10) * MINUTE : 0;
  for (let i = 0; i < picks; i += 1) {
    spot();
    pollen.push(between(0, 1));
    jobs.push({
      opens,
      lasts: between(10, 40) * 1000,
      lastSafe: Infinity,
      needs: [],
      worthAt: 'forOthers',
      plant: `p${between(0, 5)}`,
    });
  }
  for (let i = 0; i < females; i += 1) {
    spot();
    pollen.push(between(0, 1));
    const wanted = Math.min(picks, between(0, 3));
    const needs = new Set<number>();
    while (needs.size < wanted) needs.add(between(0, picks - 1));
    const weight = [1, 1, 2, 4, 6][between(0, 4)]!;
    const falls = between(0, 1) === 0 ? 0 : between(0, 20) / 100 / (300 * MINUTE);
    const opensHere = opens + (between(0, 4) === 0 ? between(0, 5) * MINUTE : 0);
    jobs.push({
      opens: opensHere,
      lasts: between(50, 100) * 1000,
      lastSafe: tight ? between(2, 4 + females) * MINUTE : 300 * MINUTE,
      needs: [...needs],
      worthAt: (ms) => weight * (1 - falls * ms),
      plant: `p${between(0, 5)}`,
    });
  }
  const gate = { x: 0, y: 0 };
  // From the gate, then from each job.
  const ways = [gate, ...spots].flatMap((a, i) =>
    spots.map((b, to) => {
      const cleaning = i > 0 && pollen[i - 1] !== pollen[to] ? 45_000 : 0;
      return Math.hypot(a.x - b.x, a.y - b.y) * 1250 + cleaning;
    }),
  );
  return {
    jobs,
    people: 1,
    from: 0,
    between: (from, to) => ways[(from + 1) * jobs.length + to]!,
  };
}

interface Reached {
  readonly now: number;
  readonly worth: number;
}

/**
 * The exact optimum: every set of jobs with every last one of it, of which only those ways are kept that no other
 * beats in both time and worth [dynamic programming: Held & Karp 1962].
 */
function optimum({ jobs, from, between }: RouteProblem): Reached {
  const n = jobs.length;
  const reached = new Map<number, Reached[]>();
  let best: Reached = { now: from, worth: 0 };
  const keep = (key: number, one: Reached): void => {
    const held = reached.get(key) ?? [];
    if (held.some(({ now, worth }) => now <= one.now && worth >= one.worth)) return;
    reached.set(key, [...held.filter(({ now, worth }) => now < one.now || worth > one.worth), one]);
    if (one.worth > best.worth + 1e-9 || (one.worth > best.worth - 1e-9 && one.now < best.now)) best = one;
  };
  const step = (done: number, last: number, { now, worth }: Reached): void => {
    for (let id = 0; id < n; id += 1) {
      if ((done >> id) & 1) continue;
      const { opens, lasts, lastSafe, needs, last: comesLast, block } = jobs[id]!;
      const isLate = jobs.some((job, each) => job.last && job.block === block && (done >> each) & 1);
      if (!comesLast && isLate) continue;
      if (needs.some((need) => !((done >> need) & 1))) continue;
      const begin = Math.max(now + between(last, id), opens);
      if (begin > lastSafe) continue;
      const key = (done | (1 << id)) * n + id;
      keep(key, { now: begin + lasts, worth: worth + worthOf(jobs[id]!, begin) });
    }
  };
  step(0, -1, { now: from, worth: 0 });
  for (let done = 1; done < 1 << n; done += 1) {
    for (let last = 0; last < n; last += 1) {
      for (const one of reached.get(done * n + last) ?? []) step(done, last, one);
    }
  }
  return best;
}

function found(problem: RouteProblem): Reached {
  const [route] = bestRoutes(problem);
  const { ends, worth } = timedRoute(problem, route!);
  return { now: ends, worth };
}

const total = ({ jobs, from }: RouteProblem): number =>
  jobs.reduce((sum, job) => sum + worthOf(job, Math.max(from, job.opens)), 0);

/** Of each of three ranges. */
const MORNINGS = 120;

test.each([3_000, 13_000, 16_000])(
  'from %i on, of mornings with up to ten stops it saves the most worth in 95 of 100, and nowhere much less',
  (first) => {
    let equal = 0;
    let forced = 0;
    let slower = 0;
    const { between } = numbers(first);
    for (let seed = first; seed < first + MORNINGS; seed += 1) {
      const females = between(1, 6);
      const drawn = randomProblem(seed, { females, picks: between(0, 10 - females), tight: seed % 12 !== 0 });
      const problem = seed % 4 === 0 ? withSomeLast(drawn, seed) : drawn;
      const [best, ours] = [optimum(problem), found(problem)];
      if (best.worth < 0.9 * total(problem)) forced += 1;
      expect(ours.worth).toBeLessThanOrEqual(best.worth + 1e-9);
      expect(ours.worth).toBeGreaterThanOrEqual(0.97 * best.worth);
      if (ours.worth < best.worth - 1e-9) continue;
      equal += 1;
      expect(ours.now).toBeLessThanOrEqual(1.05 * best.now);
      if (ours.now > best.now + 1e-6) slower += 1;
    }
    // At least half of them force somebody out.
    expect(forced).toBeGreaterThanOrEqual(MORNINGS / 2);
    expect(equal).toBeGreaterThanOrEqual(0.95 * MORNINGS);
    expect(slower).toBeLessThanOrEqual(0.02 * MORNINGS);
  },
);

test('males are picked by who needs them, before the females; nothing is late, nothing twice', () => {
  fc.assert(
    fc.property(
      fc.record({
        seed: fc.integer({ min: 1, max: 1e6 }),
        females: fc.integer({ min: 0, max: 20 }),
        picks: fc.integer({ min: 0, max: 30 }),
        people: fc.integer({ min: 1, max: 3 }),
      }),
      ({ seed, females, picks, people }) => {
        const problem = { ...withSomeLast(randomProblem(seed, { females, picks }), seed), people };
        const routes = bestRoutes(problem, { steps: 30 });
        expect(routes).toHaveLength(people);
        const all = routes.flat();
        expect(new Set(all).size).toBe(all.length);
        for (const route of routes) {
          const { begins } = timedRoute(problem, route);
          route.forEach((id, i) => {
            const { needs, opens, lastSafe } = problem.jobs[id]!;
            expect(begins[i]).toBeGreaterThanOrEqual(opens);
            expect(begins[i]).toBeLessThanOrEqual(lastSafe);
            for (const need of needs) expect(route.indexOf(need)).toBeGreaterThanOrEqual(0);
            for (const need of needs) expect(route.indexOf(need)).toBeLessThan(i);
          });
          for (const block of ['a', 'b']) {
            const order = route.filter((id) => problem.jobs[id]!.block === block);
            const last = order.map((id) => Number(problem.jobs[id]!.last));
            expect(last).toEqual([...last].sort((a, b) => a - b));
          }
          // No male is picked for nothing.
          const wanted = new Set(route.flatMap((id) => problem.jobs[id]!.needs));
          for (const id of route) if (!isWanted(problem.jobs[id]!)) expect(wanted).toContain(id);
        }
      },
    ),
    { numRuns: 60 },
  );
});

test('another helper never saves less', () => {
  for (let seed = 1; seed <= 8; seed += 1) {
    const problem = randomProblem(seed, { females: 15, picks: 20 });
    const saved = (people: number): number =>
      bestRoutes({ ...problem, people }, { steps: 150 }).reduce(
        (sum, route) => sum + timedRoute(problem, route).worth,
        0,
      );
    expect(saved(2)).toBeGreaterThanOrEqual(saved(1) - 1e-9);
  }
});

test('the same seed gives the same routes', () => {
  const problem = randomProblem(3, { females: 12, picks: 15 });
  expect(bestRoutes(problem, { seed: 4 })).toEqual(bestRoutes(problem, { seed: 4 }));
});
