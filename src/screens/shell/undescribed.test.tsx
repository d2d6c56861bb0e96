import { DEMO_GARDEN } from '../../../demo/phones';
import type { StoredEntry } from '@/core/journal/entry';
import { EntryLog } from '@/data/log/entryLog';
import { DEMO_STORE, openStore } from '@/data/storage';
import { DEMO, downloads, openApp, reopenApp, see, stored, tap } from '@testing/app';
import { waitFor } from '@testing-library/react';

/** The demo's description, taken back by another device: this one cannot redo it. */
async function takeBack(): Promise<void> {
  const described = DEMO.find(({ kind }) => kind === 'garden.described')!;
  const strike = {
    ...described,
    id: 'taken-back',
    kind: 'struck',
    v: 1,
    lamport: 1_000_000,
    device: 'another',
    body: { target: described.id },
  } as StoredEntry;
  expect(strike.garden).toBe(DEMO_GARDEN);
  await new EntryLog(openStore(DEMO_STORE), async () => () => undefined).append([strike]);
}

test('a garden whose description was taken back is no blank page: its records can be saved', async () => {
  await openApp('/');
  expect(await stored()).toHaveLength(DEMO.length);
  await takeBack();
  for (const address of ['/', '/garden']) {
    await reopenApp(address);
    await see('This garden has no description');
  }
  await tap('Save the records');
  await waitFor(() => expect(downloads.at(-1)).toContain('garden.described'));
  await reopenApp('/more/files');
  await see('Import');
}, 60_000);
