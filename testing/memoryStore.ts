import type { Store } from '@/data/storage';

/** A store in memory for tests that must make it fail or look at what was written. Not a mock: it stores. */
export class MemoryStore implements Store {
  readonly texts = new Map<string, string>();
  /** When set, every write fails with it. */
  refuse: Error | undefined;
  /** When set, every reading of many fails with it. */
  refuseReading: Error | undefined;
  written = 0;

  #write(): void {
    if (this.refuse) throw this.refuse;
  }

  async getItem(key: string): Promise<string | null> {
    return this.texts.get(key) ?? null;
  }
  async setItem(key: string, value: string): Promise<void> {
    await this.setMany({ [key]: value });
  }
  async removeItem(key: string): Promise<void> {
    this.texts.delete(key);
  }
  async getMany(keys: string[]): Promise<Record<string, string | null>> {
    if (this.refuseReading) throw this.refuseReading;
    return Object.fromEntries(keys.map((key) => [key, this.texts.get(key) ?? null]));
  }
  async setMany(entries: Record<string, string>): Promise<void> {
    this.#write();
    for (const [key, value] of Object.entries(entries)) {
      this.texts.set(key, value);
      this.written += key.length + value.length;
    }
  }
  async removeMany(keys: string[]): Promise<void> {
    for (const key of keys) this.texts.delete(key);
  }
  async getAllKeys(): Promise<string[]> {
    return [...this.texts.keys()].sort();
  }
  async clear(): Promise<void> {
    this.texts.clear();
  }
}
