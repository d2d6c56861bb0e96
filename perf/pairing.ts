import computeMunkres from 'munkres-js';
import { minCostFlow, type Arc } from '../src/core/pairing/minCostFlow';
import { ratioOf, report } from './ratio';

/** One male for each female: the flow of least cost against an independent package, at equal cost. */

/** Enough that every pair is made. */
const WORTH = 1_000_000;

/** Costs between so many females and males, the same each time [Park & Miller 1988, minimal standard generator]. */
function costsOf(size: number): number[][] {
  let state = 20_260_719;
  const next = (): number => (state = (state * 48_271) % 2_147_483_647);
  return Array.from({ length: size }, () => Array.from({ length: size }, () => next() % 1_000));
}

interface Network {
  readonly arcs: readonly Arc[];
  readonly sink: number;
}

function networkOf(costs: readonly (readonly number[])[]): Network {
  const size = costs.length;
  const sink = 2 * size + 1;
  const arcs: Arc[] = [];
  for (let i = 0; i < size; i += 1) arcs.push({ from: 0, to: 1 + i, capacity: 1, cost: -WORTH });
  costs.forEach((row, i) =>
    row.forEach((cost, j) => arcs.push({ from: 1 + i, to: 1 + size + j, capacity: 1, cost })),
  );
  for (let j = 0; j < size; j += 1) arcs.push({ from: 1 + size + j, to: sink, capacity: 1, cost: 0 });
  return { arcs, sink };
}

function byFlow({ arcs, sink }: Network): number {
  const units = minCostFlow(sink + 1, arcs, 0, sink);
  return arcs.reduce((sum, { cost }, i) => sum + units[i]! * (cost === -WORTH ? 0 : cost), 0);
}

const byMunkres = (costs: number[][]): number =>
  computeMunkres(costs.map((row) => [...row])).reduce((sum, [i, j]) => sum + costs[i]![j]!, 0);

const [HALF, WHOLE] = [150, 300];
const TIMES_AS_FAST = 25;

export async function pairingBench(): Promise<void> {
  const whole = costsOf(WHOLE);
  const [smaller, larger] = [networkOf(costsOf(HALF)), networkOf(whole)];
  report('cost of an assignment of 300 to 300 against munkres-js', byFlow(larger) / byMunkres(whole), 1);
  report(
    `time for it, times ${TIMES_AS_FAST}, against munkres-js`,
    TIMES_AS_FAST *
      (await ratioOf(
        () => byFlow(larger),
        () => byMunkres(whole),
        { swept: false, runs: 15 },
      )),
    1,
  );
  report(
    'assigning 300 to 300 against 150 to 150',
    await ratioOf(
      () => byFlow(larger),
      () => byFlow(smaller),
    ),
    9,
  );
}
