/** A directed arc that carries whole units; `cost` per unit. */
export interface Arc {
  readonly from: number;
  readonly to: number;
  readonly capacity: number;
  readonly cost: number;
}

/**
 * Minimum-cost flow: sends units from node `source` to node `sink` as cheaply as possible, as long as one more unit
 * makes the total smaller (paths of negative cost).
 *
 * Successive shortest paths [Ahuja, Magnanti & Orlin 1993, Network Flows, §9.7]; shortest paths by
 * Bellman–Ford with a queue, since costs may be negative. The arcs must hold no cycle of negative cost.
 *
 * @param nodes how many nodes there are, numbered from 0.
 * @returns units carried by each arc, in the order of `arcs`.
 * @example minCostFlow(2, [{ from: 0, to: 1, capacity: 3, cost: -1 }], 0, 1) // [3]
 */
export function minCostFlow(nodes: number, arcs: readonly Arc[], source: number, sink: number): number[] {
  // Arc i is held as edges 2i (forward) and 2i + 1 (back).
  const residual = arcs.flatMap((arc) => [arc.capacity, 0]);
  const edgesFrom: number[][] = Array.from({ length: nodes }, () => []);
  arcs.forEach((arc, i) => {
    edgesFrom[arc.from]?.push(2 * i);
    edgesFrom[arc.to]?.push(2 * i + 1);
  });
  const head = (edge: number): number => (edge % 2 === 0 ? arcs[edge >> 1]!.to : arcs[edge >> 1]!.from);
  const costOf = (edge: number): number => (edge % 2 === 0 ? arcs[edge >> 1]!.cost : -arcs[edge >> 1]!.cost);

  for (;;) {
    const { cost, by } = cheapestPaths(source);
    if (!(cost[sink]! < 0)) break;
    let units = Infinity;
    for (let at = sink; at !== source; at = head(by[at]! ^ 1)) units = Math.min(units, residual[by[at]!]!);
    for (let at = sink; at !== source; at = head(by[at]! ^ 1)) {
      residual[by[at]!]! -= units;
      residual[by[at]! ^ 1]! += units;
    }
  }
  return arcs.map((_, i) => residual[2 * i + 1]!);

  function cheapestPaths(start: number): { cost: number[]; by: number[] } {
    const cost = new Array<number>(nodes).fill(Infinity);
    const by = new Array<number>(nodes).fill(-1);
    const queued = new Array<boolean>(nodes).fill(false);
    cost[start] = 0;
    const queue = [start];
    for (let next = 0; next < queue.length; next += 1) {
      const at = queue[next]!;
      queued[at] = false;
      for (const edge of edgesFrom[at]!) {
        if (residual[edge] === 0) continue;
        const to = head(edge);
        const through = cost[at]! + costOf(edge);
        if (through >= cost[to]! - 1e-9) continue;
        cost[to] = through;
        by[to] = edge;
        if (!queued[to]) queue.push(to);
        queued[to] = true;
      }
    }
    return { cost, by };
  }
}
