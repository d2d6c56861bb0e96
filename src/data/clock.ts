import { ulid } from 'ulid';

/**
 * The one place where time and chance enter the program; lint keeps them out of all others.
 */

/** The device's clock, UTC milliseconds. */
export const wallNow = (): number => Date.now();

/** A number in [0, 1). */
export const chance = (): number => Math.random();

/** Random numbers are fetched so many at a time: a list on its way to the plan wants eighty thousand. */
const random = new Uint32Array(512);
let used = random.length;

function secureChance(): number {
  if (used === random.length) {
    crypto.getRandomValues(random);
    used = 0;
  }
  used += 1;
  return random[used - 1]! / 2 ** 32;
}

/** A new id that sorts by time: ULID. */
export const newId = (): string => ulid(Date.now(), secureChance);

/** The zone the device is set to, as a first guess for a new garden. */
export const deviceZone = (): string => new Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC';

/** What the demo remembers of its clock between visits. */
export interface ClockMemory {
  /** Demo time minus device time, milliseconds. */
  readonly offset: number;
  /** The demo time last shown. */
  readonly seen: number;
}

/** After this long away the demo takes up where it was left, rather than having lived on alone. */
const AWAY_MS = 30 * 60_000;

/**
 * A garden's clock. A real garden's is the device's. The demo's runs at the same pace from a moment of its
 * own; it can be moved forward, never back.
 */
export class Clock {
  #offset: number;

  private constructor(offset: number) {
    this.#offset = offset;
  }

  static real(): Clock {
    return new Clock(0);
  }

  /** @param start where the demo's time begins on the first visit, UTC milliseconds. */
  static demo(start: number, memory: ClockMemory | undefined): Clock {
    if (!memory) return new Clock(start - wallNow());
    const ahead = wallNow() + memory.offset - memory.seen;
    const resumed = ahead > AWAY_MS || ahead < 0 ? memory.seen - wallNow() : memory.offset;
    return new Clock(resumed);
  }

  now(): number {
    return wallNow() + this.#offset;
  }

  memory(): ClockMemory {
    return { offset: this.#offset, seen: this.now() };
  }

  /** Puts the demo forward to a moment; a moment that has passed changes nothing. */
  forwardTo(ms: number): void {
    if (ms > this.now()) this.#offset = ms - wallNow();
  }

  /** Takes over another tab's clock where that one is ahead. */
  follow({ offset }: Pick<ClockMemory, 'offset'>): void {
    if (offset > this.#offset) this.#offset = offset;
  }
}
