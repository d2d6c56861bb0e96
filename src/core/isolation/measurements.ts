import { PlantTree } from '../pollen/plantTree';
import { dispersalOf, type Candidate, type SourceRef } from './candidates';
import { expectedOutcrossing, type ExpectedOutcrossing, type PollenSource } from './expectedOutcrossing';
import type { IsolationQuestion } from './question';

/** What has to be measured plant by plant. Metres are `undefined` where either has no plants. */
export interface Measurements {
  metres(variety: number, source: SourceRef): number | undefined;
  /** @param candidates none of them without plants. */
  outcrossing(variety: number, candidates: readonly Candidate[]): ExpectedOutcrossing;
}

/** Measures with a tree for each variety, so that pairs of plants far apart are not visited one by one. */
export function measureByTrees({ varieties, outside }: IsolationQuestion): Measurements {
  const trees = varieties.map(({ places }) => new PlantTree(places));
  const known = new Map<number, number>();
  const betweenVarieties = (a: number, b: number): number => {
    const key = Math.min(a, b) * trees.length + Math.max(a, b);
    const held = known.get(key);
    if (held !== undefined) return held;
    const metres = Math.sqrt(trees[a]!.nearestPairSquared(trees[b]!));
    known.set(key, metres);
    return metres;
  };
  return {
    metres: (i, { from, index }) => {
      const own = trees[i]!;
      if (own.size === 0) return undefined;
      if (from === 'garden') return trees[index]!.size > 0 ? betweenVarieties(i, index) : undefined;
      const { middle, radius } = outside[index]!;
      return Math.max(0, Math.sqrt(own.nearestSquared(middle.x, middle.y, Infinity)) - radius);
    },
    outcrossing: (i, candidates) => {
      const sources = candidates.map(({ from, index, effectiveShare }): PollenSource =>
        from === 'garden'
          ? { tree: trees[index]!, effectiveShare }
          : { patch: outside[index]!, effectiveShare },
      );
      const { kernels, outcrossing } = dispersalOf(varieties[i]!);
      return expectedOutcrossing(trees[i]!, sources, kernels, outcrossing);
    },
  };
}
