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
 * Successive shortest paths with node potentials, which keep all reduced costs at 0 or more [Ahuja, Magnanti & Orlin 1993,
 * Network Flows, §9.7]. Source and sink are one node, so that the flow is a circulation; the arcs out of the source are
 * opened one after another, and from each the shortest way back is searched (Dijkstra), which ends as soon as it is
 * found: with one unit each it is the assignment by shortest augmenting paths [Jonker & Volgenant 1987]. Costs are whole
 * numbers, so that 0 is 0.
 *
 * @param nodes how many nodes there are, numbered from 0.
 * @returns units carried by each arc, in the order of `arcs`.
 * @throws RangeError for a cost that is no whole number, for a capacity that is none or above 2³¹, for a cost below 0 other than on an arc out of the source, and for
 *   an arc into the source or out of the sink.
 * @example minCostFlow(2, [{ from: 0, to: 1, capacity: 3, cost: -1 }], 0, 1) // [3]
 */
export function minCostFlow(nodes: number, arcs: readonly Arc[], source: number, sink: number): number[] {
  const network = new Network(nodes, arcs, source, sink);
  network.openAll();
  return network.units();
}

/** What a typed array of whole numbers holds. */
const MAX_UNITS = 2 ** 31 - 1;

function check({ from, to, capacity, cost }: Arc, source: number, sink: number): void {
  if (capacity % 1 !== 0 || capacity < 0 || capacity > MAX_UNITS)
    throw new RangeError(`a capacity of ${capacity} is none`);
  if (cost % 1 !== 0 || Math.abs(cost) > Number.MAX_SAFE_INTEGER)
    throw new RangeError(`a cost of ${cost} is no whole number`);
  if (cost < 0 && from !== source) throw new RangeError(`a cost of ${cost} inside the network`);
  if (to === source || from === sink) throw new RangeError('an arc into the source or out of the sink');
}

/** Each arc is two edges, there and back; the edges of a node lie side by side in typed arrays. */
class Network {
  readonly #sink: number;
  /** Edges of node n are `#first[n]` to `#first[n + 1] - 1`. */
  readonly #first: Int32Array;
  readonly #head: Int32Array;
  readonly #cost: Float64Array;
  readonly #residual: Int32Array;
  /** The edge that leads back. */
  readonly #back: Int32Array;
  /** The edge of each arc. */
  readonly #edgeOf: Int32Array;
  /** Arcs out of the source. */
  readonly #supplies: number[] = [];
  readonly #potential: Float64Array;
  readonly #distance: Float64Array;
  /** The edge by which a node was reached. */
  readonly #by: Int32Array;
  /** Nodes that the search has reached; the first `#settled` of them for good. */
  readonly #reached: Int32Array;
  #settled = 0;

  constructor(nodes: number, arcs: readonly Arc[], source: number, sink: number) {
    this.#sink = sink;
    this.#potential = new Float64Array(nodes);
    this.#distance = new Float64Array(nodes).fill(Infinity);
    this.#by = new Int32Array(nodes);
    this.#reached = new Int32Array(nodes);
    const head = (this.#head = new Int32Array(2 * arcs.length));
    const cost = (this.#cost = new Float64Array(2 * arcs.length));
    const residual = (this.#residual = new Int32Array(2 * arcs.length));
    const back = (this.#back = new Int32Array(2 * arcs.length));
    const edgeOf = (this.#edgeOf = new Int32Array(arcs.length));
    const first = (this.#first = new Int32Array(nodes + 1));
    for (let i = 0; i < arcs.length; i += 1) {
      const arc = arcs[i]!;
      check(arc, source, sink);
      if (arc.from === source) this.#supplies.push(i);
      first[arc.from]! += 1;
      first[arc.to]! += 1;
    }
    for (let n = 1; n <= nodes; n += 1) first[n]! += first[n - 1]!;
    // Filled from the end, so that each node's edges begin where they should when all are in.
    for (let i = arcs.length - 1; i >= 0; i -= 1) {
      const arc = arcs[i]!;
      const there = (first[arc.from]! -= 1);
      const again = (first[arc.to]! -= 1);
      edgeOf[i] = there;
      head[there] = arc.to;
      // Source and sink are one: what comes back to the source has arrived.
      head[again] = arc.from === source ? sink : arc.from;
      cost[there] = arc.cost;
      cost[again] = -arc.cost;
      residual[there] = arc.capacity;
      back[there] = again;
      back[again] = there;
    }
  }

  units(): number[] {
    const [edgeOf, back, residual] = [this.#edgeOf, this.#back, this.#residual];
    const units = new Array<number>(edgeOf.length);
    for (let i = 0; i < edgeOf.length; i += 1) units[i] = residual[back[edgeOf[i]!]!]!;
    return units;
  }

  openAll(): void {
    for (const arc of this.#supplies) this.#open(arc);
  }

  /** Sends as much by an arc out of the source as makes the total smaller. */
  #open(arc: number): void {
    const edge = this.#edgeOf[arc]!;
    const start = this.#head[edge]!;
    while (this.#residual[edge]! > 0) {
      if (start !== this.#sink && !this.#search(start)) return;
      if (this.#cost[edge]! + this.#potential[this.#sink]! - this.#potential[start]! >= 0) return;
      this.#send(edge, start);
    }
  }

  /** The shortest way on to the sink by reduced costs; potentials of what was settled are brought up to date. */
  #search(start: number): boolean {
    const distance = this.#distance;
    const reached = this.#reached;
    const sink = this.#sink;
    reached[0] = start;
    distance[start] = 0;
    let count = 1;
    this.#settled = 0;
    let found = false;
    let settledAt = 0;
    while (this.#settled < count) {
      let nearest = this.#settled;
      let least = distance[reached[nearest]!]!;
      // Nothing is nearer than what was settled last.
      for (let i = nearest + 1; i < count && least > settledAt; i += 1) {
        const far = distance[reached[i]!]!;
        if (far < least) {
          least = far;
          nearest = i;
        }
      }
      settledAt = least;
      // Of several as near the sink is taken first.
      if (distance[sink]! <= least) {
        found = true;
        break;
      }
      const at = reached[nearest]!;
      reached[nearest] = reached[this.#settled]!;
      reached[this.#settled] = at;
      this.#settled += 1;
      count = this.#expand(at, count);
    }
    const arrived = distance[sink]!;
    for (let i = 0; i < count; i += 1) {
      const node = reached[i]!;
      if (found && i < this.#settled) this.#potential[node]! += distance[node]! - arrived;
      distance[node] = Infinity;
    }
    return found;
  }

  /** Reaches what lies next to a settled node. @returns how many nodes are reached then. */
  #expand(at: number, before: number): number {
    // Read once: this is where the time goes.
    const [distance, potential, residual] = [this.#distance, this.#potential, this.#residual];
    const [cost, head, by, reached] = [this.#cost, this.#head, this.#by, this.#reached];
    const base = distance[at]! + potential[at]!;
    const end = this.#first[at + 1]!;
    // The sink, once reached, is farther than nothing that counts.
    const farthest = distance[this.#sink]!;
    let count = before;
    for (let edge = this.#first[at]!; edge < end; edge += 1) {
      if (residual[edge] === 0) continue;
      const to = head[edge]!;
      const through = base + cost[edge]! - potential[to]!;
      if (through >= distance[to]! || through >= farthest) continue;
      if (distance[to] === Infinity) reached[count++] = to;
      distance[to] = through;
      by[to] = edge;
    }
    return count;
  }

  /** Sends what the way found last will carry. */
  #send(first: number, start: number): void {
    let most = this.#residual[first]!;
    for (let at = this.#sink; at !== start; at = this.#tail(this.#by[at]!))
      most = Math.min(most, this.#residual[this.#by[at]!]!);
    for (let at = this.#sink; at !== start; at = this.#tail(this.#by[at]!)) this.#carry(this.#by[at]!, most);
    this.#carry(first, most);
  }

  #carry(edge: number, units: number): void {
    this.#residual[edge]! -= units;
    this.#residual[this.#back[edge]!]! += units;
  }

  #tail(edge: number): number {
    return this.#head[this.#back[edge]!]!;
  }
}
