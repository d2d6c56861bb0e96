import { Subscribable } from './subscribable';

/** Something the grower asked for and that did not happen. */
export interface Failure {
  /** `notRecorded`: what was tapped is not in the journal. `failed`: anything else. */
  readonly what: 'notRecorded' | 'failed';
  readonly detail: string;
}

/**
 * What went wrong and has not been read yet. Every mutation that fails comes here by itself, so that no screen can
 * forget to tell.
 */
export class Trouble extends Subscribable {
  #failures: readonly Failure[] = [];

  /** Oldest first; a snapshot that changes identity with every change. */
  readonly failures = (): readonly Failure[] => this.#failures;

  note(failure: Failure): void {
    this.#failures = [...this.#failures, failure];
    this.tell();
  }

  /** All have been read. */
  clear(): void {
    this.#failures = [];
    this.tell();
  }
}
