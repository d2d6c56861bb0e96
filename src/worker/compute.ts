import { planOuting, type OutingPlan, type OutingRequest } from '@/core/work/route/planOuting';

/** What the worker can be asked: plain numbers in, plain objects out. */
export const COMPUTE = {
  planOuting: (request: OutingRequest): OutingPlan => planOuting(request),
};

export type Compute = typeof COMPUTE;
