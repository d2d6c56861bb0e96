import {
  test as base,
  expect,
  type Browser,
  type BrowserContext,
  type Locator,
  type Page,
} from '@playwright/test';

export interface Options {
  /** The machine's date, which must not matter: the demo has its own. */
  readonly now: string | undefined;
  /**
   * With it the browser keeps the whole app on the first visit, which takes as long as a short test: only where a test
   * is about what is kept, or lives a day. Without it the app is as in a browser that has none.
   */
  readonly serviceWorker: boolean;
}

/** What a browser has stored after the evening walk, for `test.use({ storageState: EVENING })`. */
export const EVENING = 'test-results/evening.json';

/** A test that fails on any error of the page, and counts what the finger does. */
export const test = base.extend<Options & { app: App }>({
  now: [undefined, { option: true }],
  serviceWorker: [false, { option: true }],
  context: async ({ context, serviceWorker }, use) => {
    if (!serviceWorker)
      await context.addInitScript(() => void Reflect.deleteProperty(Navigator.prototype, 'serviceWorker'));
    await context.addInitScript(countStored);
    await use(context);
  },
  app: async ({ page, now }, use) => {
    if (now) await page.clock.install({ time: new Date(now) });
    const app = new App(page);
    await use(app);
    expect(app.errors).toEqual([]);
  },
});

export { expect };

/** Writes to the database of a page: how many it holds, and how many are on their way. */
interface Writes {
  stored: number;
  begun: number;
}

/** In the page: counts its writes, as `window.writes`. */
function countStored(): void {
  const writes: Writes = { stored: 0, begun: 0 };
  Object.assign(window, { writes });
  const { transaction } = IDBDatabase.prototype;
  IDBDatabase.prototype.transaction = function (...args) {
    const begun = transaction.apply(this, args);
    if (begun.mode !== 'readwrite') return begun;
    writes.begun += 1;
    let isOpen = true;
    const over = (): void => {
      if (isOpen) writes.begun -= 1;
      isOpen = false;
    };
    // One that the browser's clearing cuts short ends with an error alone.
    for (const end of ['complete', 'abort', 'error']) begun.addEventListener(end, over);
    begun.addEventListener('complete', () => (writes.stored += 1));
    return begun;
  };
}

const NO_WRITES: Writes = { stored: 0, begun: 0 };

const writesOf = async (page: Page): Promise<Writes> =>
  (await page.evaluate(() => (window as unknown as { writes?: Writes }).writes)) ?? NO_WRITES;

/** What is recorded shows at once: a page is left once it is on disk, by a hurried machine too. */
function leaveOnceStored(page: Page): void {
  const { goto, reload } = page;
  const stored = async (): Promise<void> => {
    for (let quiet = 0; quiet < 2; quiet += 1) {
      // A page that is going by itself has no more to write.
      if ((await writesOf(page).catch(() => NO_WRITES)).begun > 0) quiet = -1;
      await new Promise((resolve) => setTimeout(resolve, LOOK_AGAIN_MS));
    }
  };
  page.goto = (...args) => stored().then(() => goto.apply(page, args));
  page.reload = (...args) => stored().then(() => reload.apply(page, args));
}

/** Between two looks at first, milliseconds: waiting of the library itself looks again after up to half a second. */
const LOOK_AGAIN_MS = 25;
/** And at most: each look takes time from what is waited for. */
const LOOK_AGAIN_AT_LAST_MS = 200;
const LONGEST_WAIT_MS = 60_000;

/** Waits until it shows. */
export async function seen(what: Locator): Promise<void> {
  const until = Date.now() + LONGEST_WAIT_MS;
  for (let rest = LOOK_AGAIN_MS; Date.now() < until; rest = Math.min(1.5 * rest, LOOK_AGAIN_AT_LAST_MS)) {
    if (await what.isVisible()) return;
    await new Promise((resolve) => setTimeout(resolve, rest));
  }
  // Says what was looked for.
  await what.waitFor({ timeout: 1 });
}

/** The string of pegs of a round. */
const STOP = /^Stop \d+ of \d+/;

/** The app as a grower uses it. */
export class App {
  readonly errors: string[] = [];
  activations = 0;

  constructor(readonly page: Page) {
    page.on('pageerror', (error) => this.errors.push(error.message));
    leaveOnceStored(page);
  }

  /** Opens the demo garden on the evening on which it begins. */
  async openDemo(): Promise<void> {
    await this.page.goto('/');
    await seen(this.page.getByRole('heading', { name: 'Evening walk' }));
  }

  /** Waits until the browser keeps the whole app, and opens what it keeps. */
  async keptByBrowser(): Promise<void> {
    const { page } = this;
    await page.evaluate(() => navigator.serviceWorker.ready);
    await page.reload();
    await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
  }

  /** Takes the network away once the browser keeps the whole app. */
  async goOffline(context: BrowserContext): Promise<void> {
    await this.keptByBrowser();
    await context.setOffline(true);
  }

  /**
   * Leads the open app to an address, as Back and Forward do, which takes half as long as to load it anew. It is loaded
   * where it is not open yet, or there already. After the machine's clock was set, and where what is on disk is asked
   * for, a page is loaded.
   */
  async lead(address: string): Promise<void> {
    const { page } = this;
    const led = await page.evaluate((to) => {
      if (!document.documentElement.dataset['laid'] || location.pathname + location.search === to)
        return false;
      for (const heading of document.querySelectorAll('h1')) heading.setAttribute('data-left', '');
      history.pushState(null, '', to);
      return dispatchEvent(new PopStateEvent('popstate'));
    }, address);
    if (!led) {
      await page.goto(address);
      await page.locator('html[data-laid]').waitFor({ state: 'attached' });
    }
    await expect(page.locator('h1[data-left]'), address).toHaveCount(0);
    await seen(page.getByRole('heading', { level: 1 }).first());
    await expect(page.getByText(/^(Loading|Opening the garden)…$/)).toHaveCount(0);
  }

  /** A garden of one's own, Wren Cottage, with four plants. */
  async beginGarden(): Promise<void> {
    await this.page.goto('/start');
    for (const [label, text] of [
      ['Name of the garden', 'Wren Cottage'],
      ['Variety', 'Pale Heron'],
    ] as const) {
      await this.page.getByRole('textbox', { name: label }).fill(text);
    }
    await this.placeAt('52, 1');
    await this.tap('Moschata squash');
    await this.tap('Seed, to keep the variety');
    await this.tap('Create garden');
    await expect(this.page.getByText('Demo,')).toHaveCount(0);
  }

  /** Where a new garden is: what is typed, and the first place that is found for it. */
  async placeAt(text: string, found: string | RegExp = /^Near /): Promise<void> {
    await this.page.getByRole('textbox', { name: 'Nearest town, or coordinates' }).fill(text);
    await this.tap(found);
  }

  /** The morning after the evening walk that the browser has stored, at the first stop of the round. */
  async startRound(): Promise<void> {
    await this.page.goto('/');
    await this.tap('Set the demo’s clock to the morning');
    await this.tap('Start the round');
    await this.tap('Start the round');
    await seen(this.page.getByRole('img', { name: /^Stop 1 of/ }));
  }

  /** A variety's page, from the garden's list, whose order changes once it is known what is most at risk. */
  async openVariety(name: string): Promise<void> {
    await expect(async () => {
      await this.lead('/garden');
      await this.page.getByText(name, { exact: true }).last().click({ timeout: 10_000 });
      await expect(this.page.getByRole('heading', { name, level: 1 })).toBeVisible({ timeout: 10_000 });
    }).toPass();
  }

  /** One activation of a pointer, on a button, a link or an option. */
  async tap(name: string | RegExp, { exact = true } = {}): Promise<void> {
    const options = typeof name === 'string' ? { name, exact } : { name };
    const any = this.page
      .getByRole('button', options)
      .or(this.page.getByRole('link', options))
      .or(this.page.getByRole('radio', options));
    await any.first().click();
    this.activations += 1;
  }

  /** Taps what stores and shows nothing new that could be waited for; waits until it is on disk. */
  async tapToStore(name: string): Promise<void> {
    const stored = async (): Promise<number> => (await writesOf(this.page)).stored;
    const before = await stored();
    await this.tap(name);
    await expect.poll(stored).toBeGreaterThan(before);
  }

  /** Saves a form, which closes once it is on disk. */
  async save(): Promise<void> {
    await this.tap('Save');
    await expect(this.button('Save')).toHaveCount(0);
  }

  /** Taps what leads on to the next plant of a walk, which comes up once it is on disk. */
  async nextPlant(name: string | RegExp): Promise<void> {
    const before = await this.page.getByRole('img', { name: /^Plant \d+ of/ }).getAttribute('aria-label');
    await this.tap(name);
    await expect(this.page.getByRole('img', { name: before!, exact: true })).toHaveCount(0);
  }

  button(name: string | RegExp): ReturnType<Page['getByRole']> {
    return this.page.getByRole('button', typeof name === 'string' ? { name, exact: true } : { name }).first();
  }

  /** Where one is on the round: `Stop 2 of 9`, and of several things at one plant `, step 1 of 3`. */
  async stopAt(): Promise<string> {
    return (await this.page.getByRole('img', { name: STOP }).getAttribute('aria-label')) ?? '';
  }

  /** Presses Done and waits for the next step, or the end. */
  async done(): Promise<void> {
    const before = await this.stopAt();
    await this.stopTakesTaps();
    await this.button(/^(Done|None, continue|Leave it)$/).click();
    this.activations += 1;
    await this.leavesStop(before);
  }

  /** Waits until another step, or the end, comes up. */
  async leavesStop(before: string): Promise<void> {
    await expect(this.page.getByRole('img', { name: before, exact: true })).toHaveCount(0);
    await seen(
      this.page
        .getByRole('heading', { name: 'Round done' })
        .or(this.page.getByRole('img', { name: STOP }))
        .first(),
    );
  }

  /** Waits for a step to come up. */
  atStop(stop: string): Promise<void> {
    return seen(this.page.getByRole('img', { name: stop, exact: true }));
  }

  /** For a moment after it has come up, a stop takes none. */
  stopTakesTaps(): Promise<void> {
    return seen(this.page.locator('[aria-label="What was done"]:not([aria-disabled="true"])'));
  }

  /** Walks the rest of the evening; every `every`th plant has a female and each a male. */
  async finishWalk(every = 3): Promise<void> {
    for (let i = 0; ; i += 1) {
      const next = this.button(/(^|, )next$/i);
      const over = this.page.getByRole('heading', { name: 'Walk done' });
      await seen(next.or(over).first());
      if (await over.isVisible()) return;
      const place = await this.page
        .getByRole('img', { name: /^Plant \d+ of \d+$/ })
        .getAttribute('aria-label');
      if (i % every === 0) await this.tap('One female more');
      await this.tap('One male more');
      await this.tap(/^(Cover|Mark) \d+, next$/);
      await expect(this.page.getByRole('img', { name: place!, exact: true })).toHaveCount(0);
    }
  }

  /**
   * Makes the browser's database refuse every write, as a full disk does, until it is allowed again.
   *
   * @param named only databases whose names hold this.
   */
  async refuseWrites(named = ''): Promise<{ readonly allow: () => Promise<void> }> {
    await this.page.evaluate((part) => {
      const { put } = IDBObjectStore.prototype;
      IDBObjectStore.prototype.put = function (this: IDBObjectStore, ...args: [unknown, IDBValidKey?]) {
        if (!this.transaction.db.name.includes(part)) return put.apply(this, args);
        throw new DOMException('the disk is full', 'QuotaExceededError');
      };
      Object.assign(window, { allowWrites: () => Object.assign(IDBObjectStore.prototype, { put }) });
    }, named);
    return {
      allow: () => this.page.evaluate(() => (window as unknown as { allowWrites: () => void }).allowWrites()),
    };
  }

  async readDownload(act: () => Promise<void>): Promise<{ name: string; text: string; path: string }> {
    const waiting = this.page.waitForEvent('download');
    await act();
    const download = await waiting;
    const path = await download.path();
    const { readFileSync } = await import('node:fs');
    return { name: download.suggestedFilename(), text: readFileSync(path, 'utf8'), path };
  }

  async chooseFile(
    act: () => Promise<void>,
    file: { name: string } & ({ text: string } | { bytes: Buffer }),
  ): Promise<void> {
    const waiting = this.page.waitForEvent('filechooser');
    await act();
    const chooser = await waiting;
    const buffer = 'bytes' in file ? file.bytes : Buffer.from(file.text);
    await chooser.setFiles({ name: file.name, mimeType: 'application/octet-stream', buffer });
  }
}

/** A phone, and the finger on it. */
export interface Phone {
  readonly app: App;
  readonly page: Page;
}

export const exportFrom = async ({ app }: Phone): Promise<{ name: string; text: string }> => {
  await app.lead('/more/files');
  return app.readDownload(() => app.tap('Export the garden'));
};

export async function importInto(
  { app, page }: Phone,
  file: { readonly name: string; readonly text: string },
): Promise<void> {
  await app.lead('/more/files');
  await app.chooseFile(() => app.tap('Import a backup'), file);
  await app.tap('Import');
  // A garden that is new to the phone is opened at once.
  await expect
    .poll(
      async () =>
        new URL(page.url()).pathname === '/' || (await page.getByText(/entries imported/).count()) > 0,
    )
    .toBe(true);
}

/** Another phone at that time, with the garden of a file. */
export async function secondPhone(
  browser: Browser,
  at: string,
  file: { readonly name: string; readonly text: string },
): Promise<Phone> {
  const context = await browser.newContext();
  await context.addInitScript(countStored);
  const page = await context.newPage();
  await page.clock.install({ time: new Date(at) });
  const phone = { app: new App(page), page };
  await importInto(phone, file);
  return phone;
}

interface BackupFile {
  readonly entries: readonly { readonly id: string; readonly kind: string }[];
}

/** The entries of a backup, in the order of their ids. */
export const entriesOf = (text: string): BackupFile['entries'] =>
  [...(JSON.parse(text) as BackupFile).entries].sort((a, b) => (a.id < b.id ? -1 : 1));

/** The address of a fruit that is growing. */
export const fruitAddress = async (app: App): Promise<string> => (await fruitAddresses(app, 1))[0]!;

/** The addresses of some fruits with tags that are growing. */
export async function fruitAddresses(app: App, many: number): Promise<string[]> {
  const { page } = app;
  const addresses: string[] = [];
  for (let i = 0; i < many; i += 1) {
    await app.lead('/fruit');
    // The newest come first, of which nobody has looked at any: those that grow alone.
    await page.getByRole('button', { name: 'Show: all', exact: true }).click();
    await page.getByRole('radio', { name: 'Growing or picked', exact: true }).click();
    // One fruit has a day, flowers that are counted have a number of them before it.
    await page
      .getByText(/, growing on day \d+/)
      .nth(i)
      .click();
    await seen(page.getByRole('heading', { name: 'Look now' }));
    const url = new URL(page.url());
    const chosen = url.searchParams.get('chosen');
    addresses.push(chosen ? `/fruit/${chosen}` : url.pathname);
  }
  return addresses;
}
