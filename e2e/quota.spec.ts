import type { Page } from '@playwright/test';
import { EVENING, expect, test, seen } from './app';

test.use({ storageState: EVENING });

const SMALL_DISK = 8_000_000;

/**
 * Gives the app a small disk. To be called before the first page: the browser goes by the room it found then
 * for half a minute.
 */
async function smallDisk(page: Page): Promise<{ fill: () => Promise<void>; makeRoom: () => Promise<void> }> {
  const cdp = await page.context().newCDPSession(page);
  const origin = 'http://127.0.0.1:4318';
  await cdp.send('Storage.overrideQuotaForOrigin', { origin, quotaSize: SMALL_DISK });
  return {
    fill: () => fillDisk(page),
    makeRoom: async () => {
      await page.evaluate(() => void indexedDB.deleteDatabase('filler'));
      await cdp.send('Storage.overrideQuotaForOrigin', { origin });
    },
  };
}

/** Fills what room there is, to the last bytes that an entry would need. */
async function fillDisk(page: Page): Promise<void> {
  await page.evaluate(async () => {
    const database = await new Promise<IDBDatabase>((resolve, reject) => {
      const request = indexedDB.open('filler', 1);
      request.onupgradeneeded = () => request.result.createObjectStore('bytes', { autoIncrement: true });
      request.onsuccess = () => resolve(request.result);
      request.onerror = () => reject(request.error ?? new Error('no database'));
    });
    const put = (size: number): Promise<boolean> =>
      new Promise((resolve) => {
        const bytes = new Uint8Array(size);
        for (let at = 0; at < size; at += 65_536) crypto.getRandomValues(bytes.subarray(at, at + 65_536));
        const transaction = database.transaction('bytes', 'readwrite');
        transaction.objectStore('bytes').add(bytes);
        transaction.oncomplete = () => resolve(true);
        transaction.onabort = () => resolve(false);
      });
    for (const size of [1_000_000, 100_000, 10_000, 1_000, 100]) {
      for (let i = 0; i < 200 && (await put(size)); i += 1);
    }
    database.close();
  });
}

// How full a disk is that the browser calls full is left to chance: not part of `npm test`.
test('a disk that is really full does not stop the walk', { tag: '@quota' }, async ({ app, page }) => {
  const disk = await smallDisk(page);
  await app.startRound();
  await disk.fill();
  const at = await app.stopAt();
  await app.done();
  expect(await app.stopAt()).not.toBe(at);
  await seen(page.getByText(/not saved: the device refused/));
  await disk.makeRoom();
  await app.tap('Try now');
  await expect(page.getByText(/not saved: the device refused/)).toHaveCount(0);
});
