import type { Fact } from '@/core/journal/entry';
import type { Journal } from '@/core/journal/journal';
import { freeDeviceLetter, nextTagCodes } from '@/core/text/tagCode';
import { chance } from '../clock';

/** The tags that this device hands out in a garden: they begin with a letter of its own. */
export class Tags {
  readonly #journal: Journal;
  readonly #device: string;
  #letter: string | undefined;

  constructor(journal: Journal, device: string) {
    this.#journal = journal;
    this.#device = device;
  }

  /** This device's letter in the garden; it is written down with the first entry that needs it. */
  get letter(): string {
    const devices = this.#journal.all('device');
    const named = devices.get(this.#device)?.letter;
    if (named) return named;
    const taken = new Set(Array.from(devices.values(), ({ letter }) => letter));
    if (!this.#letter || taken.has(this.#letter)) this.#letter = freeDeviceLetter(taken, chance());
    return this.#letter;
  }

  /** The fact that gives this device its letter, when none has yet. */
  ensureLetter(): Fact[] {
    if (this.#journal.all('device').has(this.#device)) return [];
    const { letter } = this;
    return [{ kind: 'device.named', body: { letter, name: `Device ${letter}` } }];
  }

  /** Tags for new flowers, none of them in use. */
  next(count: number): string[] {
    const used = new Set(Array.from(this.#journal.all('bloom').values(), ({ code }) => code));
    return nextTagCodes(this.letter, used, count);
  }
}
