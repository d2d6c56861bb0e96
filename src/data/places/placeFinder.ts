import { wrap, type Remote } from 'comlink';
import { workerTransport } from '@/worker/client';
import type { LatLon } from './coordinates';
import type { Place } from './findPlaces';

/** What the worker that knows the towns answers. */
export interface PlaceFinder {
  /** Towns by name, or the place that coordinates in any common notation name. */
  readonly find: (text: string) => Place[];
  /** A place by its coordinates: its zone, and the nearest town. */
  readonly at: (place: LatLon) => Place;
  /** Once it is known whether small towns are found too: the long list has come, or cannot be had. */
  readonly whole: () => Promise<boolean>;
}

export interface OpenPlaceFinder {
  readonly finder: Remote<PlaceFinder>;
  readonly stop: () => void;
}

/**
 * Starts the worker that knows the towns. It holds their list until it is stopped.
 *
 * @param onDeath it could not be loaded, or ended.
 */
export function openPlaceFinder(onDeath: () => void): OpenPlaceFinder {
  const transport = workerTransport(new Worker(new URL('./places.worker', window.location.href)));
  transport.onDeath(onDeath);
  return { finder: wrap<PlaceFinder>(transport.endpoint), stop: transport.stop };
}
