import { toInstant } from '@/core/time/calendar';
import { wallNow } from '../clock';
import { readJson } from '../readJson';
import type { Store } from '../storage';

/** One line of the device's log. */
export interface LogLine {
  /** UTC. */
  readonly at: string;
  /** What kind of trouble, or `opened`. */
  readonly what: 'opened' | 'error' | 'refused' | 'damage';
  readonly detail: string;
}

const KEY = 'log';
const MAX_LINES = 100;
const LONGEST_DETAIL = 300;

/**
 * The last things that went wrong on this device, for a report that the grower may copy and send to somebody
 * who can help. It is bounded, holds nothing of what grows where, and is sent nowhere by itself.
 */
export class DeviceLog {
  readonly #store: Store;
  #held: readonly LogLine[];
  #waiting: readonly LogLine[] = [];
  #writing: Promise<void> = Promise.resolve();

  private constructor(store: Store, held: readonly LogLine[]) {
    this.#store = store;
    this.#held = held;
  }

  static async open(store: Store): Promise<DeviceLog> {
    return new DeviceLog(store, await readLines(store));
  }

  /** Oldest first. */
  get lines(): readonly LogLine[] {
    return [...this.#held, ...this.#waiting].slice(-MAX_LINES);
  }

  /**
   * Notes something. Resolves when it is on disk, or when the disk has refused it; then it waits for the next.
   */
  note(what: LogLine['what'], detail: string): Promise<void> {
    const line: LogLine = { at: toInstant(wallNow()), what, detail: detail.slice(0, LONGEST_DETAIL) };
    this.#waiting = [...this.#waiting, line].slice(-MAX_LINES);
    this.#writing = this.#writing.then(() => this.#write()).catch(() => undefined);
    return this.#writing;
  }

  /** Adds what waits to what is there by now: other tabs write to the same log. */
  async #write(): Promise<void> {
    const adding = this.#waiting;
    const lines = [...(await readLines(this.#store)), ...adding].slice(-MAX_LINES);
    await this.#store.setItem(KEY, JSON.stringify(lines));
    this.#held = lines;
    this.#waiting = this.#waiting.filter((line) => !adding.includes(line));
  }
}

async function readLines(store: Store): Promise<readonly LogLine[]> {
  const held = await readJson<readonly LogLine[]>(store, KEY).catch(() => undefined);
  return Array.isArray(held) ? held : [];
}

/** What a report says of the device and the program, with the log. */
export interface ReportFacts {
  readonly build: string;
  readonly browser: string;
  readonly language: string;
  readonly online: boolean;
  readonly screen: string;
  readonly zone: string;
  readonly entries: number;
  readonly unsaved: number;
  readonly damaged: number;
  readonly bytesUsed: number | undefined;
  readonly bytesAllowed: number | undefined;
}

const inMb = (bytes: number | undefined): string =>
  bytes === undefined ? 'not told' : `${(bytes / 1e6).toFixed(1)} MB`;

/** The report as text. */
export function reportText(facts: ReportFacts, lines: readonly LogLine[]): string {
  const { build, browser, language, online, screen, zone, entries, unsaved, damaged } = facts;
  return [
    'Steady Trowel, report of a device',
    `Build: ${build}`,
    `Browser: ${browser}`,
    `Language: ${language}; screen: ${screen}; zone: ${zone}; network: ${online ? 'yes' : 'no'}`,
    `Entries: ${entries}; not saved: ${unsaved}; damaged parts: ${damaged}`,
    `Storage: ${inMb(facts.bytesUsed)} used of ${inMb(facts.bytesAllowed)}`,
    '',
    ...lines.map(({ at, what, detail }) => `${at} ${what}: ${detail}`),
  ].join('\n');
}
