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
 * The primal-dual method [Ahuja, Magnanti & Orlin 1993, Network Flows, §9.8]: node potentials keep all reduced costs
 * at 0 or more; at each step all that can be sent at the present cost is sent at once, along edges of reduced cost 0,
 * before the next higher cost is searched. The first search is Bellman–Ford, since costs may be negative, the others
 * Dijkstra's. The arcs must hold no cycle of negative cost, and costs are whole numbers, so that 0 is 0.
 *
 * @param nodes how many nodes there are, numbered from 0.
 * @returns units carried by each arc, in the order of `arcs`.
 * @throws RangeError for a cost that is no whole number.
 * @example minCostFlow(2, [{ from: 0, to: 1, capacity: 3, cost: -1 }], 0, 1) // [3]
 */
export function minCostFlow(nodes: number, arcs: readonly Arc[], source: number, sink: number): number[] {
  const broken = arcs.find(({ cost }) => !Number.isSafeInteger(cost));
  if (broken) throw new RangeError(`a cost of ${broken.cost} is no whole number`);
  const network = new Network(nodes, arcs);
  network.bellmanFord(source);
  while (network.costTo(source, sink) < 0) {
    network.sendAll(source, sink);
    if (!network.dijkstra(source, sink)) break;
  }
  return network.units();
}

/** Arc i is held as edges 2i (forward) and 2i + 1 (back), in typed arrays. */
class Network {
  readonly #head: Int32Array;
  readonly #cost: Float64Array;
  readonly #residual: Float64Array;
  /** Edges of node n are `#edges[#first[n]]` to `#edges[#first[n + 1] - 1]`. */
  readonly #first: Int32Array;
  readonly #edges: Int32Array;
  readonly #potential: Float64Array;
  readonly #distance: Float64Array;
  readonly #done: Uint8Array;

  constructor(
    readonly nodes: number,
    arcs: readonly Arc[],
  ) {
    this.#head = new Int32Array(2 * arcs.length);
    this.#cost = new Float64Array(2 * arcs.length);
    this.#residual = new Float64Array(2 * arcs.length);
    this.#first = new Int32Array(nodes + 2);
    this.#edges = new Int32Array(2 * arcs.length);
    this.#potential = new Float64Array(nodes).fill(Infinity);
    this.#distance = new Float64Array(nodes);
    this.#done = new Uint8Array(nodes);
    arcs.forEach(({ from, to, capacity, cost }, i) => {
      this.#head[2 * i] = to;
      this.#head[2 * i + 1] = from;
      this.#cost[2 * i] = cost;
      this.#cost[2 * i + 1] = -cost;
      this.#residual[2 * i] = capacity;
      this.#first[from + 2]! += 1;
      this.#first[to + 2]! += 1;
    });
    for (let n = 2; n < nodes + 2; n += 1) this.#first[n]! += this.#first[n - 1]!;
    arcs.forEach(({ from, to }, i) => {
      this.#edges[this.#first[from + 1]!] = 2 * i;
      this.#first[from + 1]! += 1;
      this.#edges[this.#first[to + 1]!] = 2 * i + 1;
      this.#first[to + 1]! += 1;
    });
  }

  /** Cost of the cheapest path found last. */
  costTo(source: number, sink: number): number {
    return this.#potential[sink]! - this.#potential[source]!;
  }

  units(): number[] {
    return Array.from({ length: this.#head.length / 2 }, (_, i) => this.#residual[2 * i + 1]!);
  }

  bellmanFord(source: number): void {
    this.#potential[source] = 0;
    const queue = [source];
    const queued = new Uint8Array(this.nodes);
    for (let next = 0; next < queue.length; next += 1) {
      const at = queue[next]!;
      queued[at] = 0;
      for (let e = this.#first[at]!; e < this.#first[at + 1]!; e += 1) {
        const edge = this.#edges[e]!;
        const to = this.#head[edge]!;
        const through = this.#potential[at]! + this.#cost[edge]!;
        if (this.#residual[edge] === 0 || through >= this.#potential[to]!) continue;
        this.#potential[to] = through;
        if (queued[to] === 0) queue.push(to);
        queued[to] = 1;
      }
    }
  }

  /** Searches by reduced costs, and brings the potentials up to date; false when the sink cannot be reached. */
  dijkstra(source: number, sink: number): boolean {
    const distance = this.#distance.fill(Infinity);
    const done = this.#done.fill(0);
    distance[source] = 0;
    for (;;) {
      let at = -1;
      for (let n = 0; n < this.nodes; n += 1) {
        if (done[n] === 0 && distance[n]! < (at < 0 ? Infinity : distance[at]!)) at = n;
      }
      if (at < 0) return false;
      done[at] = 1;
      if (at === sink) break;
      for (let e = this.#first[at]!; e < this.#first[at + 1]!; e += 1) {
        const edge = this.#edges[e]!;
        const to = this.#head[edge]!;
        if (this.#residual[edge] === 0 || done[to] === 1 || this.#potential[to] === Infinity) continue;
        const through = distance[at]! + this.#cost[edge]! + this.#potential[at]! - this.#potential[to]!;
        if (through >= distance[to]!) continue;
        distance[to] = through;
      }
    }
    const reached = distance[sink]!;
    for (let n = 0; n < this.nodes; n += 1) this.#potential[n]! += Math.min(distance[n]!, reached);
    return true;
  }

  /** Sends as much as the edges of reduced cost 0 will carry. */
  sendAll(source: number, sink: number): void {
    do this.#done.fill(0);
    while (this.#send(source, sink, Number.MAX_SAFE_INTEGER) > 0);
  }

  /** Sends up to `most` units on from a node, and returns how many got through; nodes already tried are passed over. */
  #send(at: number, sink: number, most: number): number {
    if (at === sink) return most;
    this.#done[at] = 1;
    let rest = most;
    for (let e = this.#first[at]!; e < this.#first[at + 1]!; e += 1) {
      const edge = this.#edges[e]!;
      const to = this.#head[edge]!;
      if (this.#residual[edge] === 0 || this.#done[to] === 1) continue;
      if (this.#cost[edge]! + this.#potential[at]! - this.#potential[to]! !== 0) continue;
      const sent = this.#send(to, sink, Math.min(rest, this.#residual[edge]!));
      this.#residual[edge]! -= sent;
      this.#residual[edge ^ 1]! += sent;
      rest -= sent;
      // More may still be got through here from elsewhere.
      if (rest === 0) {
        this.#done[at] = 0;
        break;
      }
    }
    return most - rest;
  }
}
