import { wrap, type Endpoint, type Remote } from 'comlink';

/** Where the work is done: a worker of the browser, or in a test the same code over a message channel. */
export interface Transport {
  readonly endpoint: Endpoint;
  readonly stop: () => void;
  /** Calls back when the worker ends by itself: out of memory, or its script did not load. */
  readonly onDeath: (listener: () => void) => void;
}

export const workerTransport = (worker: Worker): Transport => ({
  endpoint: worker,
  stop: () => worker.terminate(),
  onDeath: (listener) => {
    worker.addEventListener('error', listener);
    worker.addEventListener('messageerror', listener);
  },
});

/** The worker ended before it had answered. */
export class WorkerDied extends Error {
  constructor() {
    super('The work was ended by the device: perhaps its memory was full.');
  }
}

/** The answer came too late: a newer question was asked, or the work was stopped. */
export class Outdated extends Error {}

/**
 * Asks a worker that answers as `Handler`. Only the newest question of a client counts: a newer one, or `cancel`, ends the
 * worker at once and fails the older with `Outdated`.
 */
export class WorkerClient<Handler> {
  readonly #open: () => Transport;
  #running: { readonly transport: Transport; readonly give: (error: Error) => void } | undefined;

  /** @param open starts the worker; it is ended after each answer. */
  constructor(open: () => Transport) {
    this.#open = open;
  }

  ask<T>(question: (remote: Remote<Handler>) => Promise<T>): Promise<T> {
    this.cancel();
    return new Promise<T>((resolve, reject) => {
      const transport = this.#open();
      const running = { transport, give: reject };
      this.#running = running;
      const finish = (): void => {
        transport.stop();
        if (this.#running === running) this.#running = undefined;
      };
      transport.onDeath(() => {
        finish();
        reject(new WorkerDied());
      });
      question(wrap<Handler>(transport.endpoint)).then(
        (answer) => {
          finish();
          resolve(answer);
        },
        (error: unknown) => {
          finish();
          reject(error instanceof Error ? error : new Error(String(error)));
        },
      );
    });
  }

  /** Ends the work under way. */
  cancel(): void {
    this.#running?.transport.stop();
    this.#running?.give(new Outdated('a newer question was asked'));
    this.#running = undefined;
  }
}
