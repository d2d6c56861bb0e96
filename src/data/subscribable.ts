import { idle } from './idle';

/** @param unhurried nobody waits for what has changed: it may be shown when there is time. */
export type Listener = (unhurried: boolean) => void;

/** Something that tells its listeners of every change. `subscribe` is bound, as React wants it. */
export abstract class Subscribable {
  readonly #listeners = new Set<Listener>();

  readonly subscribe = (listener: Listener): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  protected tell(): void {
    for (const listener of this.#listeners) listener(false);
  }

  /** Tells of what nobody waits for: one listener after another, as the page has time for each. */
  protected async tellUnhurried(): Promise<void> {
    for (const listener of [...this.#listeners]) {
      await idle();
      if (this.#listeners.has(listener)) listener(true);
    }
  }
}
