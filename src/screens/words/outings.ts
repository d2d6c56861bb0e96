import type { Outing } from '@/core/crops/outing';

/** A round by the time of day at which the flowers open. */
export const ROUND_NAMES: Readonly<Record<Outing, string>> = {
  morning: 'Morning round',
  midday: 'Midday round',
  dusk: 'Evening round',
};
