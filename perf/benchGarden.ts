import { DEMO_GARDEN } from '../demo/phones';
import type { StoredEntry } from '../src/core/journal/entry';
import { KINDS, type Bodies, type Kind } from '../src/core/journal/kinds/kinds';

const AT = '2026-07-18T18:00:00.000Z';

/** A garden of its own in the place of the demo, written down on the evening on which the demo begins. */
export class BenchGarden {
  readonly entries: StoredEntry[] = [];

  constructor() {
    const site = { latitude: 52, longitude: 0, zone: 'Europe/London' };
    this.say('garden.described', { name: 'Large', place: 'Large', ...site });
  }

  say<K extends Kind>(kind: K, body: Bodies[K]): void {
    const n = this.entries.length + 1;
    const envelope = {
      at: AT,
      recorded: AT,
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
