import type { Entry } from '@/core/journal/entry';
import type { FaultOf } from '../log/entryLog';
import type * as Schema from '../schema/entrySchema';

/** What was to be recorded does not fit its schema. */
class Refused extends Error {}

const UNCHECKED: Schema.Fault = { field: 'entry', expected: 'checked first', found: 'not checked yet' };

/** The check of a garden's entries: large, and fetched when it is first asked for. */
export class EntryCheck {
  readonly #garden: string;
  #schema: typeof Schema | undefined;

  constructor(garden: string) {
    this.#garden = garden;
  }

  /** Once fetched it is at hand, so that a tap is judged and shown before the next one comes. */
  get ready(): boolean {
    return this.#schema !== undefined;
  }

  async fetch(): Promise<void> {
    this.#schema ??= await import('../schema/entrySchema').catch(() => undefined);
  }

  /**
   * Where the check cannot be had (a first visit cut off half-way), what the grower did still counts.
   *
   * @throws Refused when an entry does not fit its schema.
   */
  mustFit(entries: readonly Entry[]): void {
    for (const entry of entries) {
      const fault = this.#schema?.faultOfEntry(entry);
      if (fault)
        throw new Refused(`${entry.kind}: ${fault.field} should be ${fault.expected}, is ${fault.found}`);
    }
  }

  /** For what is recovered from a damaged record; where the check cannot be had, nothing of that is believed. */
  async ofRecovered(): Promise<FaultOf> {
    await this.fetch();
    const schema = this.#schema;
    return (entry) => {
      if (!schema) return UNCHECKED;
      const fault = schema.faultOfEntry(entry);
      if (fault || entry.garden === this.#garden) return fault;
      return { field: 'garden', expected: this.#garden, found: JSON.stringify(entry.garden) };
    };
  }
}
