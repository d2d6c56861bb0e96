import { workerTransport, WorkerClient } from './client';
import type { Compute } from './compute';

/** Asks the compute worker. */
export const computeClient = (): WorkerClient<Compute> =>
  new WorkerClient<Compute>(() =>
    workerTransport(new Worker(new URL('./compute.worker', window.location.href))),
  );
