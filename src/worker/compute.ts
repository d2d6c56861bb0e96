import { planMorning, type MorningPlan, type MorningRequest } from '@/core/work/route/planMorning';

/** What the worker can be asked: plain numbers in, plain objects out. */
export const COMPUTE = {
  planMorning: (request: MorningRequest): MorningPlan => planMorning(request),
};

export type Compute = typeof COMPUTE;
