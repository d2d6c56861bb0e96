import { ulid } from 'ulid';
import { KINDS, type Bodies, type Kind } from '../src/core/journal/kinds/kinds';
import type { Entry, Fact } from '../src/core/journal/entry';
import { Journal } from '../src/core/journal/journal';
import { atClock, MS_PER_MINUTE, toInstant } from '../src/core/time/calendar';
import type { Chance } from './chance';
import { ESTATE } from './estate';

export const FIRST_PHONE = '00000000000000000000DEMQ01';
export const SECOND_PHONE = '00000000000000000000DEMQ02';
export const DEMO_GARDEN = '00000000000000000000DEMQ00';

/** A fact as it is said: its kind and body. */
export type Said = { [K in Kind]: readonly [K, Bodies[K]] }[Kind];

/** The two phones of the demo garden and their time: what is tapped on them becomes ordinary entries. */
export class Phones {
  readonly entries: Entry[] = [];
  readonly journal = new Journal();
  /** UTC milliseconds; it only goes forward. */
  clock = 0;
  /** The phone in hand. */
  device = FIRST_PHONE;
  /** Ids have their own chance: what else is planted changes nothing of what happens to the flowers. */
  readonly #ids: Chance;
  #action = '';

  /** @param before what other phones wrote down before these. */
  constructor(ids: Chance, before: readonly Entry[] = []) {
    this.#ids = ids;
    this.entries.push(...before);
    this.journal.add(before);
  }

  /** Goes to an hour of a day, unless it has passed. */
  goTo(day: string, hour: number): void {
    this.clock = Math.max(this.clock, atClock(day, hour, ESTATE.zone));
  }

  wait(minutes: number): void {
    this.clock += minutes * MS_PER_MINUTE;
  }

  id(): string {
    return ulid(Math.floor(this.clock), () => this.#ids.next());
  }

  /** Writes down facts that a screen would record. */
  record(facts: readonly Fact[]): void {
    this.tap(...facts.map(({ kind, body }) => [kind, body] as Said));
  }

  /** Writes down the facts of one tap. */
  tap(...said: readonly Said[]): void {
    this.#action = this.id();
    const fresh = said.map(([kind, body], i) => this.#entry(kind, body, i));
    this.entries.push(...fresh);
    this.journal.add(fresh);
  }

  #entry(kind: Kind, body: Said[1], i: number): Entry {
    const at = toInstant(Math.floor(this.clock));
    return {
      id: this.id(),
      kind,
      v: KINDS[kind].version,
      at,
      recorded: at,
      lamport: this.journal.lamport + 1 + i,
      garden: DEMO_GARDEN,
      device: this.device,
      action: this.#action,
      body,
    } as Entry;
  }
}
