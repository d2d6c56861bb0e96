import { act, cleanup, configure, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { expose, type Endpoint } from 'comlink';
import { ExpoRoot } from 'expo-router';
import requireContext from 'expo-router/build/testing-library/require-context-ponyfill';
import Head from 'expo-router/head';
import path from 'node:path';
import type { ComponentProps } from 'react';
import { livedSeason } from './seasons';
import type { StoredEntry } from '@/core/journal/entry';
import { SHEET_READER } from '@/data/files/readSheetFile';
import { TABLE_FILES } from '@/data/files/tables/makeTables';
import { checkBackup } from '@/data/files/checkBackup';
import { faultOfEntry } from '@/data/schema/entrySchema';
import { opener } from '@/data/hooks/opening';
import { placeFinder } from '@/data/places/answerPlaces';
import { EntryLog, recordsOf } from '@/data/log/entryLog';
import { DEMO_STORE, DEVICE_STORE, openStore } from '@/data/storage';
import { COMPUTE } from '@/worker/compute';

/**
 * The whole app in a browser-like world: its real routes, store, journal and handlers of the workers. What is
 * simulated is the browser's own: width, workers, downloads, and the server with the demo's file. Each test has a
 * browser of its own, with nothing stored.
 */

const ROUTES = requireContext(
  path.resolve(__dirname, '../src/app'),
  true,
  /^\.\/(?!\+html).*\.tsx$/,
) as unknown as ComponentProps<typeof ExpoRoot>['context'];

configure({
  // Whether an element is hidden is computed from its styles and takes most of a test; the browser's own tests see it.
  defaultHidden: true,
  // A whole page in each failure helps nobody.
  getElementError: (message) => new Error(message?.split('\n')[0] ?? 'not found'),
  // A busy machine takes its time; what never comes still fails.
  asyncUtilTimeout: 15_000,
});

export const DEMO: readonly StoredEntry[] = livedSeason('demo');

/** Texts that the app handed to the browser to save, newest last. */
export const downloads: string[] = [];
/** What the file is that the next chooser gives. */
export const chosen: { text: string | Uint8Array } = { text: '' };

beforeEach(async () => {
  await Promise.all([DEVICE_STORE, DEMO_STORE].map((name) => openStore(name).clear()));
  localStorage.clear();
  downloads.length = 0;
});

const handlerAt = ({ href }: URL): object =>
  href.includes('backup')
    ? checkBackup(faultOfEntry)
    : href.includes('places')
      ? placeFinder(Promise.reject(new Error('no network')))
      : href.includes('sheet')
        ? SHEET_READER
        : href.includes('tables')
          ? TABLE_FILES
          : COMPUTE;

/** A worker in this thread: the same handlers, behind the same messages. */
class WorkerHere extends EventTarget {
  readonly #inside = new EventTarget();

  constructor(url: URL) {
    super();
    const endpoint = Object.assign(this.#inside, {
      postMessage: (data: unknown) => tell(this, data),
    }) as unknown as Endpoint;
    expose(handlerAt(url), endpoint);
  }

  postMessage(data: unknown): void {
    tell(this.#inside, data);
  }

  terminate(): void {}
}

/** One end of a channel in this thread: jsdom has none. */
class PortHere extends EventTarget {
  other: EventTarget | undefined;

  postMessage(data: unknown): void {
    if (this.other) tell(this.other, data);
  }

  start(): void {}

  close(): void {}
}

class ChannelHere {
  readonly port1 = new PortHere();
  readonly port2 = new PortHere();

  constructor() {
    this.port1.other = this.port2;
    this.port2.other = this.port1;
  }
}

const tell = (target: EventTarget, data: unknown): void =>
  void setTimeout(() => target.dispatchEvent(new MessageEvent('message', { data })), 0);

function simulateBrowser(wide: boolean, entries: readonly StoredEntry[]): void {
  window.matchMedia = (query: string) =>
    ({
      matches: query.includes('min-width') && wide,
      addEventListener: () => undefined,
      removeEventListener: () => undefined,
    }) as unknown as MediaQueryList;
  Object.defineProperty(navigator, 'language', { configurable: true, value: 'en-GB' });
  Object.defineProperty(HTMLElement.prototype, 'offsetWidth', { configurable: true, value: 390 });
  window.scrollTo = () => undefined;
  Element.prototype.scrollIntoView = () => undefined;
  Object.assign(globalThis, {
    Worker: WorkerHere,
    MessageChannel: ChannelHere,
    fetch: async () => ({
      ok: true,
      json: async () => recordsOf(entries),
    }),
  });
  const blobs = new Map<string, Blob>();
  URL.createObjectURL = (blob: Blob) => {
    blobs.set('blob:made', blob);
    return 'blob:made';
  };
  URL.revokeObjectURL = () => undefined;
  HTMLAnchorElement.prototype.click = function click(this: HTMLAnchorElement) {
    const blob = blobs.get(this.href);
    if (!blob) return;
    const reader = new FileReader();
    reader.onload = () => downloads.push(String(reader.result));
    reader.readAsText(blob);
  };
  HTMLInputElement.prototype.click = function choose(this: HTMLInputElement) {
    if (this.type !== 'file') return;
    const bytes = typeof chosen.text === 'string' ? new TextEncoder().encode(chosen.text) : chosen.text;
    const file = {
      name: 'chosen.json',
      text: async () => new TextDecoder().decode(bytes),
      arrayBuffer: async () => bytes.slice().buffer,
    };
    Object.defineProperty(this, 'files', { value: [file] });
    this.dispatchEvent(new Event('change'));
  };
}

interface Opened {
  readonly wide?: boolean;
  /** What the garden comes with. */
  readonly entries?: readonly StoredEntry[];
}

/** Opens the app at an address and waits until the garden is open. */
export async function openApp(address: string, { wide = false, entries = DEMO }: Opened = {}): Promise<void> {
  simulateBrowser(wide, entries);
  opener.begin();
  render(
    <Head.Provider>
      <ExpoRoot context={ROUTES} location={address} />
    </Head.Provider>,
  );
  await waitFor(() => expect(screen.queryByText(/^(Opening the garden|Loading)…$/)).toBeNull(), {
    timeout: 20_000,
  });
  await screen.findAllByRole('heading', undefined, { timeout: 20_000 });
}

/** Closes the app and opens it again, with what it has stored. */
export async function reopenApp(address: string, options: Opened = {}): Promise<void> {
  cleanup();
  await openApp(address, options);
}

const PRESSABLE = 'button, a, [role="button"], [role="link"], [role="radio"]';

/**
 * Presses a button, link or option by its name. The name is its label or its text: computing it by all the rules of
 * accessibility takes seconds on a long page here, and is done in the browser's own tests.
 */
export async function tap(name: string | RegExp): Promise<void> {
  const fits = (element: HTMLElement): boolean => {
    const own = element.getAttribute('aria-label') ?? element.textContent ?? '';
    return typeof name === 'string' ? own === name : name.test(own);
  };
  const target = await waitFor(() => {
    const found = Array.from(document.querySelectorAll<HTMLElement>(PRESSABLE)).find(fits);
    if (found?.matches('[disabled], [aria-disabled="true"]'))
      throw new Error(`${String(name)} does not accept input yet`);
    if (!found) throw new Error(`nothing to tap is called ${String(name)}`);
    return found;
  });
  await act(async () => {
    target.click();
    // Entries are checked, folded and written before the next step.
    await new Promise((resolve) => setTimeout(resolve, 20));
  });
}

/** Types into a field by its name. */
export function type(name: string, text: string): void {
  const field = Array.from(document.querySelectorAll('input, textarea')).find(
    (each) => each.getAttribute('aria-label') === name,
  );
  if (!field) throw new Error(`no field is called ${name}`);
  fireEvent.change(field, { target: { value: text } });
}

/** Waits for a text anywhere on the page. */
export const see = (text: string | RegExp): Promise<HTMLElement[]> =>
  screen.findAllByText(text, undefined, { timeout: 10_000 });

/** Every entry on disk, in the order in which they were recorded. */
export async function stored(): Promise<StoredEntry[]> {
  const entries: StoredEntry[] = [];
  for await (const part of new EntryLog(openStore(DEMO_STORE), async () => () => undefined).read(''))
    entries.push(...part.entries);
  return entries.sort((a, b) => a.lamport - b.lamport);
}

/** Waits until that many entries beyond the demo's own are on disk, and gives them. */
export async function recorded(count: number): Promise<StoredEntry[]> {
  return waitFor(async () => {
    const fresh = (await stored()).slice(DEMO.length);
    expect(fresh).toHaveLength(count);
    return fresh;
  });
}

export { screen };
