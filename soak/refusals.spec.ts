import type { Locator, Page } from '@playwright/test';
import { expect, fruitAddress, seen, test } from '../e2e/app';
import { routes } from '../e2e/routes';

/**
 * Every button of every page is tapped once on a full disk, forms filled in before: where something is written, the page
 * must say that it is not saved, and hold it until there is room. What a sheet asks first is answered with each of its
 * buttons. Pages that a tap leads to are gone through too.
 */

interface Target {
  /** Role and name of what is tapped, and which of those of one name; in a sheet the second. */
  readonly steps: readonly {
    readonly role: 'button' | 'radio' | 'switch' | 'checkbox';
    readonly name: string;
  }[];
}

interface Finding {
  readonly address: string;
  readonly tapped: string;
  readonly what: string;
}

/**
 * They lead elsewhere, change the clock of the demo, or put it back: as it ships it is served with the app, and no loss.
 */
const PASSED = /^(Today|Garden|Fruit|More|Undo|Redo|Cancel|Close|Back|Reset the demo)$|the demo’s clock/;
/** Of one page so many addresses are gone through. */
const MOST_OF_A_PAGE = 2;
const MOST_TARGETS = 24;

type Counting = Window & { refused?: number };

/** Counts what is refused; what a device keeps of drafts alone is none of it. */
const countRefusals = (page: Page): Promise<void> =>
  page.evaluate(() => {
    const w = window as Counting;
    w.refused = 0;
    const { put } = IDBObjectStore.prototype;
    IDBObjectStore.prototype.put = function (this: IDBObjectStore, ...args: [unknown, IDBValidKey?]) {
      if (this.transaction.db.name.includes('device')) return put.apply(this, args);
      w.refused = (w.refused ?? 0) + 1;
      throw new DOMException('the disk is full', 'QuotaExceededError');
    };
    Object.assign(window, { allowWrites: () => Object.assign(IDBObjectStore.prototype, { put }) });
  });

const refused = (page: Page): Promise<number> => page.evaluate(() => (window as Counting).refused ?? 0);

async function namesOf(within: Page | Locator): Promise<Target['steps'][number][]> {
  const found: Target['steps'][number][] = [];
  for (const role of ['button', 'radio', 'switch', 'checkbox'] as const) {
    for (const each of await within.getByRole(role).all()) {
      if (!(await each.isVisible()) || (await each.getAttribute('aria-disabled')) === 'true') continue;
      const name = ((await each.getAttribute('aria-label')) ?? (await each.innerText())).trim();
      if (name && !PASSED.test(name)) found.push({ role, name });
    }
  }
  // Of twenty plants the first is enough.
  const alike = new Map(found.map((each) => [`${each.role} ${each.name.replace(/[\d·]+/g, '0')}`, each]));
  return [...alike.values()].slice(0, MOST_TARGETS);
}

/** Whatever is empty gets something, and of whatever is to be chosen the first. */
async function fillIn(page: Page): Promise<void> {
  for (const box of await page.getByRole('textbox').all()) {
    if (!(await box.isEditable()) || (await box.inputValue()) !== '') continue;
    const kind = `${await box.getAttribute('inputmode')} ${await box.getAttribute('type')}`;
    await box.fill(/numeric|decimal|number/.test(kind) ? '2' : /date/.test(kind) ? '2026-07-18' : 'Wren 2');
  }
  for (const group of await page.getByRole('radiogroup').all()) {
    if ((await group.getByRole('radio', { checked: true }).count()) > 0) continue;
    const first = group.getByRole('radio').first();
    if (await first.isVisible()) await first.click();
  }
}

const target = (page: Page, { role, name }: Target['steps'][number]): Locator =>
  page.getByRole(role, { name, exact: true }).first();

async function open(page: Page, address: string): Promise<boolean> {
  await page.goto(address);
  await page.getByText('Demo,').waitFor();
  const heading = page.getByRole('heading', { level: 1 }).first();
  await heading.waitFor({ timeout: 10_000 }).catch(() => undefined);
  await page.getByText('Loading…').waitFor({ state: 'hidden' });
  // What is drawn a moment later.
  await page.waitForTimeout(300);
  return heading.isVisible();
}

const allow = (page: Page): Promise<void> =>
  page.evaluate(() => (window as Window & { allowWrites?: () => void }).allowWrites?.());

/** Taps, with nothing allowed to be written, and says what is wrong with what the page then says. */
async function tapRefused(page: Page, { steps }: Target): Promise<string | undefined> {
  await countRefusals(page);
  for (const step of steps) {
    await target(page, step)
      .click({ timeout: 2_000 })
      .catch(() => undefined);
    await page.waitForTimeout(250);
  }
  if ((await refused(page)) === 0) {
    await allow(page);
    return undefined;
  }
  const region = page.getByRole('region', { name: 'Not saved', exact: true });
  const said = await region.waitFor({ timeout: 4_000 }).then(
    () => true,
    () => false,
  );
  const told = /device (refused|has not taken)|not saved/i.test(await page.locator('body').innerText());
  if (!said && !told) return 'was refused, and nothing is said';
  await allow(page);
  if (!said) return undefined;
  await region.getByRole('button', { name: 'Try now' }).click();
  await region.waitFor({ state: 'hidden', timeout: 5_000 }).catch(() => undefined);
  return (await region.isVisible()) ? 'there is room, and it is not taken' : undefined;
}

const PARTS = 4;
for (let part = 0; part < PARTS; part += 1) {
  test(`every tap refused once, part ${part + 1}`, async ({ app, page }) => {
    await app.openDemo();
    const fruit = (await fruitAddress(app)).split('/').at(-1)!;
    const queue = routes()
      .filter((_, i) => i % PARTS === part)
      .map((route) => route.replace('[id]', fruit));
    const seenOf = new Map<string, number>();
    const findings: Finding[] = [];
    let [taps, writes] = [0, 0];
    for (const address of queue) {
      if (!(await open(page, address))) continue;
      const names = (await namesOf(page)).map((step): Target => ({ steps: [step] }));
      let isChanged = false;
      for (let i = 0; i < names.length; i += 1) {
        const each = names[i]!;
        // What changed nothing is tapped past.
        if (isChanged && !(await open(page, address))) break;
        await fillIn(page);
        const before = page.url();
        const wrong = await tapRefused(page, each);
        taps += 1;
        const wrote = (await refused(page).catch(() => 0)) > 0;
        writes += Number(wrote);
        if (wrong)
          findings.push({ address, tapped: each.steps.map(({ name }) => name).join(' › '), what: wrong });
        const sheet = page.getByRole('dialog').first();
        if (!wrote && each.steps.length === 1 && (await sheet.isVisible())) {
          for (const inner of await namesOf(sheet)) names.push({ steps: [...each.steps, inner] });
        }
        isChanged = wrote || page.url() !== before || (await sheet.isVisible()) || each.steps.length > 1;
        const { pathname } = new URL(page.url());
        const known = seenOf.get(pathname) ?? 0;
        if (page.url() !== before && !queue.includes(page.url()) && known < MOST_OF_A_PAGE) {
          seenOf.set(pathname, known + 1);
          queue.push(page.url());
        }
      }
      console.log(`${address}: ${taps} taps so far, ${writes} writes, ${findings.length} findings`);
    }
    console.log(JSON.stringify(findings, undefined, 1));
    await seen(page.locator('body'));
    expect(findings).toEqual([]);
    expect(writes).toBeGreaterThan(0);
  });
}
