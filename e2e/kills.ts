import { chromium, type Page } from '@playwright/test';
import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { seeded } from '@testing/mutations';
import { decodeRecord } from '../src/data/log/record';

/** A browser of its own, whose processes can be killed all at once, as when a battery fails. */
interface Killable {
  readonly page: Page;
  readonly kill: () => Promise<void>;
}

async function launch(profile: string): Promise<Killable> {
  const executable = process.env['CHROMIUM'] ?? '/usr/bin/chromium-headless-shell';
  const browser: ChildProcess = spawn(
    executable,
    [
      ...['--headless=new', '--no-sandbox', '--disable-gpu', '--no-first-run', '--disable-sync'],
      ...['--disable-background-networking', '--disable-component-update', '--remote-debugging-port=0'],
      `--user-data-dir=${profile}`,
      'about:blank',
    ],
    // A group of its own, so that none of its processes outlives it.
    { detached: true, stdio: ['ignore', 'ignore', 'pipe'] },
  );
  const address = await new Promise<string>((resolve, reject) => {
    let said = '';
    browser.stderr!.on('data', (data: Buffer) => {
      said += data.toString();
      const found = /listening on (ws:\S+)/.exec(said);
      if (found) resolve(found[1]!);
    });
    browser.once('exit', () => reject(new Error(`the browser did not start: ${said}`)));
  });
  const connection = await chromium.connectOverCDP(address);
  const page = connection.contexts()[0]!.pages()[0]!;
  const kill = async (): Promise<void> => {
    const gone = once(browser, 'exit');
    process.kill(-browser.pid!, 'SIGKILL');
    await gone;
  };
  return { page, kill };
}

/** Runs in the page before anything else: tells each record once the browser says that it is stored. */
function tellStored(): void {
  const { put } = IDBObjectStore.prototype;
  IDBObjectStore.prototype.put = function (this: IDBObjectStore, value: unknown, key?: IDBValidKey) {
    const request = put.call(this, value, key);
    if (/^(log|seg)\//.test(String(key)))
      this.transaction.addEventListener('complete', () =>
        console.log(`stored ${String(key).slice(0, 3)} ${String(value)}`),
      );
    return request;
  };
}

/**
 * Runs in the page: taps what may be tapped in a walk or at a fruit, again and again, without waiting for anything. Every
 * other tap is one that writes.
 */
async function tapAway(seed: number): Promise<void> {
  let state = seed;
  const random = (most: number): number => (state = (state * 16_807) % 2_147_483_647) % most;
  const named = (may: RegExp): HTMLElement[] =>
    [...document.querySelectorAll<HTMLElement>('[role=button], button')].filter((button) =>
      may.test(button.getAttribute('aria-label') ?? button.textContent),
    );
  for (;;) {
    const buttons = named(random(2) === 0 ? /next$|Cannot tell yet/ : /more$|fewer$|Undo/);
    buttons[random(Math.max(1, buttons.length))]?.click();
    await new Promise((resolve) => setTimeout(resolve, 2 + random(12)));
  }
}

/** Runs in the page: all records on the disk. */
async function recordsOnDisk(): Promise<string[]> {
  const records: string[] = [];
  for (const { name } of await indexedDB.databases()) {
    if (!name?.startsWith('steady-trowel-demo')) continue;
    const opening = indexedDB.open(name);
    const database = await new Promise<IDBDatabase>((resolve) => {
      opening.onsuccess = () => resolve(opening.result);
    });
    for (const table of database.objectStoreNames) {
      const store = database.transaction(table).objectStore(table);
      const [keys, texts] = [store.getAllKeys(), store.getAll()];
      await new Promise((resolve) => {
        texts.onsuccess = resolve;
      });
      keys.result.forEach((key, i) => {
        if (/^(log|seg)\//.test(String(key))) records.push(String(texts.result[i]));
      });
    }
    database.close();
  }
  return records;
}

const idsIn = (record: string): string[] => decodeRecord(record).entries.map(({ id }) => id);

export interface Killed {
  readonly kills: number;
  /** Entries of which the browser had said that they are stored. */
  readonly stored: number;
  /** Those of them that were written by taps; the others came with the demo. */
  readonly tapped: number;
  /** Those of them that were not there after a kill. */
  readonly lost: readonly string[];
  /** Openings at which the app told of damage. */
  readonly damaged: number;
}

/**
 * Kills the browser in mid-tap, opens it again with the same profile, and asks the disk for what had been stored.
 *
 * @param address of the app.
 * @param more whether to go on, with the number of kills so far.
 */
export async function killInMidTap(
  address: string,
  more: (kills: number) => boolean,
  seed: number,
): Promise<Killed> {
  const profile = mkdtempSync(path.join(tmpdir(), 'kills-'));
  const random = seeded(seed);
  const stored = new Set<string>();
  const tapped = new Set<string>();
  const lost = new Set<string>();
  let kills = 0;
  let damaged = 0;
  try {
    for (;;) {
      const { page, kill } = await launch(profile);
      let tapStored: () => void = () => undefined;
      const firstTap = new Promise<void>((resolve) => {
        tapStored = resolve;
      });
      page.on('console', (message) => {
        const [, kind, record] = /^stored (log|seg) ([^]*)$/.exec(message.text()) ?? [];
        for (const id of record === undefined ? [] : idsIn(record)) {
          // A tap's record is loose at first; the demo's were packed when they shipped.
          if (kind === 'log') tapped.add(id);
          stored.add(id);
        }
        if (kind === 'log') tapStored();
      });
      await page.addInitScript(tellStored);
      await page.goto(kills % 2 === 0 ? `${address}/walk` : `${address}/fruit`);
      await page.getByText('Demo,').waitFor({ timeout: 60_000 });
      if (kills % 2 === 1)
        await page
          .getByText(/growing on day \d+/)
          .first()
          .click();
      const onDisk = new Set((await page.evaluate(recordsOnDisk)).flatMap(idsIn));
      for (const id of stored) if (!onDisk.has(id)) lost.add(id);
      if ((await page.getByRole('region', { name: 'Damage found' }).count()) > 0) damaged += 1;
      if (!more(kills)) {
        await kill();
        return { kills, stored: stored.size, tapped: tapped.size, lost: [...lost], damaged };
      }
      // It never ends by itself, and the browser's death ends it.
      let killed = false;
      const tapping = page.evaluate(tapAway, 1 + Math.floor(random() * 1e6)).catch((error: unknown) => {
        if (!killed) throw error;
      });
      // However slow the machine: something was written in this life of the browser, and more is on its way.
      await Promise.race([tapping, firstTap]);
      await Promise.race([tapping, new Promise((resolve) => setTimeout(resolve, random() * 600))]);
      killed = true;
      await kill();
      kills += 1;
    }
  } finally {
    rmSync(profile, { recursive: true, force: true, maxRetries: 5 });
  }
}
