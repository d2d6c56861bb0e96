import type { FemaleBud, MaleBud } from '../pairing/buds';
import { pairFlowers, type Pairing } from '../pairing/pairFlowers';
import { planRound, type RoundPlan, type RoundRequest } from './planRound';

export interface OutingRequest extends Omit<RoundRequest, 'pairs'> {
  readonly females: readonly FemaleBud[];
  readonly males: readonly MaleBud[];
}

/** Who gets whose pollen, and the round that brings it. */
export type OutingPlan = RoundPlan & Pairing;

/**
 * Pairs the flowers of a morning and plans the round. What takes longest of all that the app computes: it is done in
 * the worker.
 *
 * @example planOuting({ ...request, females: [], males: [] }).stops // []
 */
export function planOuting({ females, males, ...request }: OutingRequest): OutingPlan {
  const pairing = pairFlowers(females, males);
  return { ...pairing, ...planRound({ ...request, pairs: pairing.pairs }) };
}
