import type { FemaleBud, MaleBud } from '../pairing/buds';
import { pairFlowers, type Pairing } from '../pairing/pairFlowers';
import { planRound, type RoundPlan, type RoundRequest } from './planRound';

export interface MorningRequest extends Omit<RoundRequest, 'pairs'> {
  readonly females: readonly FemaleBud[];
  readonly males: readonly MaleBud[];
}

/** Who gets whose pollen, and the round that brings it. */
export type MorningPlan = RoundPlan & Pairing;

/**
 * Pairs the flowers of a morning and plans the round. What takes longest of all that the app computes: it is done in
 * the worker.
 *
 * @example planMorning({ ...request, females: [], males: [] }).stops // []
 */
export function planMorning({ females, males, ...request }: MorningRequest): MorningPlan {
  const pairing = pairFlowers(females, males);
  return { ...pairing, ...planRound({ ...request, pairs: pairing.pairs }) };
}
