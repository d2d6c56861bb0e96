import fc from 'fast-check';
import { minCostFlow, type Arc } from './minCostFlow';

const [SOURCE, SINK, NODES] = [0, 1, 6];
const anArc = fc.record({
  from: fc.constantFrom(SOURCE, 2, 3, 4, 5),
  to: fc.constantFrom(SINK, 2, 3, 4, 5),
  capacity: fc.nat(2),
  cost: fc.nat(5),
});

/** What may be taken from the inside of a network: cheaper still is a way round that pays. */
function paysAnywhere(arcs: readonly Arc[], units: readonly number[]): boolean {
  const edges = arcs.flatMap(({ from, to, capacity, cost }, i) => [
    ...(units[i]! < capacity ? [{ from, to, cost }] : []),
    ...(units[i]! > 0 ? [{ from: to, to: from, cost: -cost }] : []),
  ]);
  // Source and sink are one: more or less may be sent.
  edges.push({ from: SINK, to: SOURCE, cost: 0 }, { from: SOURCE, to: SINK, cost: 0 });
  const least = new Array<number>(NODES).fill(0);
  for (let round = 0; round < NODES; round += 1)
    for (const { from, to, cost } of edges) least[to] = Math.min(least[to]!, least[from]! + cost);
  return edges.some(({ from, to, cost }) => least[from]! + cost < least[to]!);
}

test('what flows into a node flows out, no arc carries more than it may, and no way round would pay', () => {
  let sent = 0;
  fc.assert(
    fc.property(fc.array(anArc, { minLength: 8, maxLength: 16 }), (drawn) => {
      const arcs = drawn.map((arc) => (arc.from === SOURCE ? { ...arc, cost: arc.cost - 8 } : arc));
      const units = minCostFlow(NODES, arcs, SOURCE, SINK);
      const outside = arcs.filter(({ capacity }, i) => !(units[i]! >= 0 && units[i]! <= capacity));
      expect(outside).toEqual([]);
      for (let node = 2; node < NODES; node += 1) {
        const flow = arcs.reduce(
          (sum, { from, to }, i) => sum + (to === node ? units[i]! : 0) - (from === node ? units[i]! : 0),
          0,
        );
        expect(flow).toBe(0);
      }
      // No circle of negative cost is left in what remains [Klein 1967]: the flow is of least cost.
      expect(paysAnywhere(arcs, units)).toBe(false);
      sent += units.reduce((sum, each) => sum + each, 0);
    }),
    { numRuns: 2_000 },
  );
  expect(sent).toBeGreaterThan(2_000);
});

test.each([
  [{ from: 0, to: 2, capacity: 1, cost: 0.5 }, 'no whole number'],
  [{ from: 0, to: 2, capacity: 1, cost: Infinity }, 'no whole number'],
  [{ from: 2, to: 1, capacity: 1, cost: -1 }, 'inside the network'],
  [{ from: 2, to: 1, capacity: 0.5, cost: 0 }, 'capacity'],
  [{ from: 2, to: 1, capacity: -1, cost: 0 }, 'capacity'],
  [{ from: 2, to: 0, capacity: 1, cost: 0 }, 'into the source'],
  [{ from: 1, to: 2, capacity: 1, cost: 0 }, 'out of the sink'],
])('an arc that cannot be judged is refused: %j', (arc, why) => {
  expect(() => minCostFlow(3, [arc], 0, 1)).toThrow(why);
});
