import { planRound, type RoundPlan, type RoundRequest } from '@/core/work/route/planRound';

/** What the worker can be asked: plain numbers in, plain objects out. */
export const COMPUTE = {
  planRound: (request: RoundRequest): RoundPlan => planRound(request),
};

export type Compute = typeof COMPUTE;
