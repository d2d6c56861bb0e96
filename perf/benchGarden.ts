import { DEMO_GARDEN } from '../demo/phones';
import type { StoredEntry } from '../src/core/journal/entry';
import type { Day } from '../src/core/time/types';
import { KINDS, type Bodies, type Kind } from '../src/core/journal/kinds/kinds';

/** The evening on which the demo begins. */
const AT = '2026-07-18T18:00:00.000Z';

/** A garden of its own in the place of the demo, written down on the evening on which that begins, or before. */
export class BenchGarden {
  readonly entries: StoredEntry[] = [];
  #at = AT;

  constructor() {
    const site = { latitude: 52, longitude: 0, zone: 'Europe/London' };
    this.say('garden.described', { name: 'Large', place: 'Large', ...site });
  }

  /** What is said from here on was said at noon of a day. */
  on(day: Day): void {
    this.#at = `${day}T12:00:00.000Z`;
  }

  say<K extends Kind>(kind: K, body: Bodies[K]): void {
    const n = this.entries.length + 1;
    const envelope = {
      at: this.#at,
      recorded: this.#at,
      garden: DEMO_GARDEN,
      device: 'bench',
      action: `a${n}`,
      lamport: n,
    };
    this.entries.push({ ...envelope, id: `e${n}`, kind, v: KINDS[kind].version, body });
  }

  /** A squash grown for seed; the species takes turns. */
  sayVariety(variety: string, n: number): void {
    this.say('variety.described', {
      variety,
      name: `Variety ${n}`,
      crop: (['pepo', 'maxima', 'moschata'] as const)[n % 3]!,
      purpose: 'seedToKeep',
      seedSource: 'unknown',
      ownPollen: 'lastResort',
      traits: {},
    });
  }
}
