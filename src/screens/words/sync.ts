import type { Concerns } from '@/data/sync/exchange';
import type { SyncFailure, SyncView } from '@/data/sync/syncer';
import type { Format } from '../format/format';

/** Why an exchange did not come to its end, and what to do. */
export const SYNC_FAILURES: Readonly<Record<SyncFailure, string>> = {
  offline: 'No connection to the server. It goes on by itself once there is one.',
  noServer:
    'This page does not come from a server that syncs. Start one on a computer of yours with “npm start -- --share”, and open the app from there.',
  failing: 'The server answered with an error. Is its disk full?',
  full: 'This device refused to store what came. Is its disk full? It is tried again.',
  unknownGarden: 'The server does not know this garden.',
  unknownMember: 'The server does not know this phone. Stop syncing here, and join again.',
  removed:
    'This phone was removed from the garden by another one. What is on it stays, and is no longer shared.',
  wrongKey:
    'The key does not fit: it was changed since. Show a new code on a phone that syncs, and join with that.',
  exists: 'This was tried twice at once. Try again.',
  malformed: 'The server and this app are of different versions. Reload the app.',
  tooLarge: 'The server takes no block as large as this. Are the server and this app of different versions?',
  notThere:
    'No garden waits under this code. It holds for ten minutes and for one phone: make a new one, or check the letters.',
};

/** What came together, and what still has to. */
export function saySynced({ at, synced, waiting, failure }: SyncView, now: number, f: Format): string {
  const left =
    waiting === 0
      ? 'Nothing waits to be sent.'
      : `${f.count(waiting, 'entry waits', 'entries wait')} to be sent. They are safe on this device.`;
  if (at === 'working' && synced === undefined) return 'Syncing…';
  if (synced === undefined) return failure ? left : '';
  return `Synced ${sayAgo(now - synced, f)}. ${left}`;
}

const MINUTE_MS = 60_000;
const HOUR_MS = 60 * MINUTE_MS;
const DAY_MS = 24 * HOUR_MS;

/** How long ago, in the largest unit that fits. */
export function sayAgo(ms: number, f: Format): string {
  if (ms < MINUTE_MS) return 'just now';
  if (ms < HOUR_MS) return `${f.count(Math.floor(ms / MINUTE_MS), 'minute', 'minutes')} ago`;
  if (ms < DAY_MS) return `${f.count(Math.floor(ms / HOUR_MS), 'hour', 'hours')} ago`;
  return `${f.count(Math.floor(ms / DAY_MS), 'day', 'days')} ago`;
}

/** What does not come together by itself. */
export function sayConcerns({ missing, otherKey, newer, refused }: Concerns, f: Format): string[] {
  return [
    ...(missing > 0
      ? [
          `${f.count(missing, 'packet', 'packets')} of records that other phones have read cannot be had from the server: it lost or altered them, or keeps them back. They come once a phone that has them syncs.`,
        ]
      : []),
    ...(otherKey > 0
      ? [
          'The garden has a new key that this phone was not given. Stop syncing here, and join again with a new code.',
        ]
      : []),
    ...(newer > 0 ? ['Another phone has a newer version of this app. Reload the app here.'] : []),
    ...(refused.length > 0
      ? [
          `${f.count(refused.length, 'entry', 'entries')} from other phones cannot be right and ${refused.length === 1 ? 'was' : 'were'} left out: ${refused.slice(0, 5).join(', ')}${refused.length > 5 ? ' …' : ''}.`,
        ]
      : []),
  ];
}

/** A phone by the letter on its tags. */
export const sayPhone = (letter: string | undefined): string =>
  letter === undefined ? 'A phone without tags yet' : `Phone ${letter}`;

/** A spoken code in groups of four, as it is read aloud. */
export const saySpokenCode = (code: string): string => code.replace(/(.{4})(?=.)/g, '$1 ');

/** What the file says by which a garden is found again when all phones are lost. */
export const recoveryText = (garden: string, address: string, invitation: string): string =>
  [
    `Recovery of the garden “${garden}”`,
    '',
    'When every phone is lost, a new one gets the garden back from the server with the line below: open the app',
    `from the server (${address}), go to More, Several phones, Join a garden, and paste the line there.`,
    '',
    'Whoever has this line can read the garden. Store it where you store other keys, apart from the phones. It no',
    'longer fits after a phone was removed: save a new one then.',
    '',
    invitation,
    '',
  ].join('\n');
