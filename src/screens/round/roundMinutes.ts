import type { OutingDay } from '@/core/outing/outingDay';
import { outingRequest } from '@/core/round/outingRequest';
import { MS_PER_MINUTE } from '@/core/time/calendar';
import type { GardenStore } from '@/data/garden/gardenStore';
import { computeClient } from '@/worker/computeClient';

/**
 * Minutes that the round of an outing takes, planned by the worker for one person as it will be when it is prepared;
 * nothing where nobody wants to know any more.
 */
export async function roundMinutes(
  { journal, described, clock }: GardenStore,
  service: OutingDay,
  signal: AbortSignal,
): Promise<number | null> {
  if (!described || signal.aborted) return null;
  const request = outingRequest(journal, described, service, clock.now());
  const client = computeClient();
  signal.addEventListener('abort', () => client.cancel());
  const { rounds } = await client.ask((compute) => compute.planOuting(request));
  return Math.round((rounds[0]?.busyMs ?? 0) / MS_PER_MINUTE);
}
