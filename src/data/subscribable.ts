/** Something that tells its listeners of every change. `subscribe` is bound, as React wants it. */
export abstract class Subscribable {
  readonly #listeners = new Set<() => void>();

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  protected tell(): void {
    for (const listener of this.#listeners) listener();
  }
}
