import { MS_PER_DAY } from '@/core/time/calendar';
import type { HomeScreenWay, Keeping } from '@/data/device/keeping';

/** What a browser does with the records when nobody comes, or when space is short. */
export const KEEPING: Readonly<Record<Keeping, string>> = {
  kept: 'This browser keeps the records until you delete them. They are on this device only, and are lost with it.',
  week: 'This browser deletes the records of a page that was not visited for seven days.',
  room: 'This browser may delete the records when the device runs short of space.',
  unknown: 'This browser does not say how long it keeps the records.',
};

/** How the app gets onto the home screen, where records are kept. */
export const HOME_SCREEN_WAYS: Readonly<Record<HomeScreenWay, string>> = {
  prompt: 'On the home screen the app is kept, and opens like any other.',
  menu: 'On the home screen the app is kept: open the browser’s menu and choose “Add to Home screen” or “Install app”.',
  share:
    'On the home screen they are kept: tap Share (the square with an arrow), then “Add to Home Screen”, and open the app from there.',
  dock: 'In the Dock they are kept: choose File, then “Add to Dock”, and open the app from there.',
};

export const OWN_STORAGE =
  'It begins empty there: export the garden here first, then import that file there.';

export function sayBackupAge(at: number | undefined, now: number, number: (n: number) => string): string {
  if (at === undefined) return 'Never exported from this device. The records are in this browser only.';
  const days = Math.floor((now - at) / MS_PER_DAY);
  if (days <= 0) return 'Last exported today.';
  return days === 1 ? 'Last exported yesterday.' : `Last exported ${number(days)} days ago.`;
}
