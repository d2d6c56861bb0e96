import { DeviceLog, reportText } from './deviceLog';
import { MemoryStore } from '@testing/memoryStore';

test('stores the last hundred lines, cut to a maximum length', async () => {
  const store = new MemoryStore();
  const log = await DeviceLog.open(store);
  for (let i = 0; i < 120; i += 1) await log.note('error', `${i} ${'x'.repeat(1000)}`);
  const again = await DeviceLog.open(store);
  expect(again.lines).toHaveLength(100);
  expect(again.lines[0]!.detail).toMatch(/^20 x/);
  expect(again.lines.at(-1)!.detail).toHaveLength(300);
});

test('a full disk does not stop it', async () => {
  const store = new MemoryStore();
  const log = await DeviceLog.open(store);
  store.refuse = new Error('full');
  await log.note('refused', 'QuotaExceededError');
  expect(log.lines.map(({ detail }) => detail)).toEqual(['QuotaExceededError']);
  store.refuse = undefined;
  await log.note('error', 'later');
  expect((await DeviceLog.open(store)).lines).toHaveLength(2);
});

test('two tabs write to one log', async () => {
  const store = new MemoryStore();
  const [first, second] = [await DeviceLog.open(store), await DeviceLog.open(store)];
  await first.note('error', 'one');
  await second.note('error', 'two');
  await first.note('error', 'three');
  expect((await DeviceLog.open(store)).lines.map(({ detail }) => detail)).toEqual(['one', 'two', 'three']);
});

test('text that is no log reads as an empty one', async () => {
  const store = new MemoryStore();
  await store.setItem('log', '{"lines":3');
  expect((await DeviceLog.open(store)).lines).toEqual([]);
  await store.setItem('log', '"lines"');
  expect((await DeviceLog.open(store)).lines).toEqual([]);
});

test('the report names build, browser, counts and storage, then the log', () => {
  const text = reportText(
    {
      build: 'main-1',
      browser: 'A browser',
      language: 'en',
      online: false,
      screen: '390×844',
      zone: 'Europe/London',
      entries: 12,
      unsaved: 1,
      damaged: 0,
      bytesUsed: 1_500_000,
      bytesAllowed: undefined,
    },
    [{ at: '2026-07-18T05:00:00.000Z', what: 'refused', detail: 'full' }],
  );
  expect(text).toContain('Build: main-1');
  expect(text).toContain('network: no');
  expect(text).toContain('Entries: 12; not saved: 1; damaged parts: 0');
  expect(text).toContain('1.5 MB used of not told');
  expect(text).toMatch(/\n2026-07-18T05:00:00\.000Z refused: full$/);
});
