import type { Fact, StoredEntry } from '@/core/journal/entry';
import type { Journal } from '@/core/journal/journal';
import { tagsNamed } from '@/core/journal/tagsNamed';
import { knownEntry, upcast } from '@/core/journal/upcast';
import { addToGroup } from '@/core/text/groupBy';
import { freeDeviceLetter, tagCodesFrom } from '@/core/text/tagCode';
import { chance } from '../clock';

/** The tags that this device hands out in a garden: they begin with a letter of its own. */
export class Tags {
  readonly #journal: Journal;
  readonly #device: string;
  #letter: string | undefined;
  /** The blooms that were ever given a tag, by the tag. */
  readonly #named = new Map<string, string[]>();
  /** All tags of a letter with lower numbers are in use. */
  #from = 0;
  #fromOf = '';

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

  /** Learns of entries that the journal holds. */
  note(entries: readonly StoredEntry[]): void {
    for (const stored of entries) {
      // What is taken back or put right may free a tag.
      if (stored.kind === 'struck' || stored.kind === 'amended') this.#from = 0;
      const entry = knownEntry(stored);
      if (entry) for (const [code, bloom] of tagsNamed(upcast(entry))) addToGroup(this.#named, code, bloom);
    }
  }

  /** Tags for new flowers, none of them in use. */
  next(count: number): string[] {
    const { letter } = this;
    if (letter !== this.#fromOf) [this.#from, this.#fromOf] = [0, letter];
    const free: { readonly number: number; readonly code: string }[] = [];
    for (const tag of tagCodesFrom(letter, this.#from)) {
      if (free.length === count) break;
      if (!this.#isInUse(tag.code)) free.push(tag);
    }
    this.#from = free[0]?.number ?? this.#from;
    return free.map(({ code }) => code);
  }

  /** Only the blooms that were ever given the tag are folded: all of them would cost a tap its answer. */
  #isInUse(code: string): boolean {
    const blooms = this.#journal.all('bloom');
    return this.#named.get(code)?.some((bloom) => blooms.get(bloom)?.code === code) ?? false;
  }
}
