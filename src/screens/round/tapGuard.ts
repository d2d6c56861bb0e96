import { useLayoutEffect, useState } from 'react';
import { Subscribable } from '@/data/subscribable';

/** A finger that comes down twice must not answer the next stop as well. */
const TAP_GUARD_MS = 350;

/** Takes no taps for a moment after a new stop has come up, and shows it. */
export class TapGuard extends Subscribable {
  #accepting = false;

  /** Is a tap meant for the stop that is shown? */
  readonly accepts = (): boolean => this.#accepting;

  /** From now on, for a moment. What is given back ends the wait. */
  close(): () => void {
    this.#set(false);
    const timer = setTimeout(() => this.#set(true), TAP_GUARD_MS);
    return () => clearTimeout(timer);
  }

  #set(accepting: boolean): void {
    this.#accepting = accepting;
    this.tell();
  }
}

/** The guard of the stops of a round; it closes with each new one. */
export function useTapGuard(stop: string): TapGuard {
  const [guard] = useState(() => new TapGuard());
  useLayoutEffect(() => guard.close(), [guard, stop]);
  return guard;
}
