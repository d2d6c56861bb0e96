import { MS_PER_DAY } from '@/core/time/calendar';

/**
 * How long a browser keeps what is stored here. `kept`: until the grower deletes it. `week`: it clears what nobody has
 * visited for seven days. `room`: as long as the device has room. `unknown`: it does not say.
 */
export type Keeping = 'kept' | 'week' | 'room' | 'unknown';

/** How the app gets onto the home screen. `prompt`: the browser offers it by itself; `share` and `dock`: by a menu of it. */
export type HomeScreenWay = 'prompt' | 'share' | 'menu' | 'dock';

export interface BrowserFacts {
  readonly userAgent: string;
  readonly touchPoints: number;
  /** Was the app opened from the home screen? */
  readonly standalone: boolean;
  /** What the browser says of its storage; missing where it cannot be asked. */
  readonly persisted?: boolean;
}

/** Every browser of an iPhone or iPad is of one kind; an iPad calls itself a Mac. */
const isIos = ({ userAgent, touchPoints }: BrowserFacts): boolean =>
  /iPhone|iPad|iPod/.test(userAgent) || (/Macintosh/.test(userAgent) && touchPoints > 1);

const isSafari = ({ userAgent }: BrowserFacts): boolean =>
  /Macintosh/.test(userAgent) && /Safari\//.test(userAgent) && !/Chrom|Edg|OPR|Firefox/.test(userAgent);

/**
 * What a browser does with what is stored here when nobody comes, or when room is short.
 *
 * Sources: WebKit, "Full Third-Party Cookie Blocking and More" (2020): what scripts store is deleted after seven days of
 * use without a visit to the site, but not of an app on the home screen. WHATWG, Storage Standard: what is not
 * persistent may be cleared when room is short. Both from memory.
 *
 * @example keepingOf({ userAgent: 'Mozilla/5.0 (iPhone) … Safari/604.1', touchPoints: 5, standalone: false }) // 'week'
 */
export function keepingOf(browser: BrowserFacts): Keeping {
  if (isIos(browser) || isSafari(browser)) return browser.standalone ? 'kept' : 'week';
  if (browser.persisted) return 'kept';
  return browser.persisted === undefined ? 'unknown' : 'room';
}

/** How the app can be put on the home screen; `undefined` where it is there, or the browser has no way. */
export function homeScreenWay(browser: BrowserFacts, prompts: boolean): HomeScreenWay | undefined {
  if (browser.standalone) return undefined;
  if (prompts) return 'prompt';
  if (isIos(browser)) return 'share';
  if (isSafari(browser)) return 'dock';
  return /Android/.test(browser.userAgent) ? 'menu' : undefined;
}

/** An app on the home screen of these has a storage of its own: what the browser holds is not in it. */
export const hasOwnStorage = (way: HomeScreenWay): boolean => way === 'share' || way === 'dock';

/** Days of records that may be in one browser alone before a backup is due. Our defaults. */
const BACKUP_DAYS: Readonly<Record<Keeping, number>> = { kept: 30, week: 3, room: 7, unknown: 7 };

/**
 * Is it time for a backup?
 *
 * @param garden all in UTC milliseconds: its first and its newest record, and its last backup, if any.
 * @example isBackupDue('week', { begun: 0, newest: 5, lastBackup: undefined }, 2 * 24 * 3_600_000) // false
 */
export function isBackupDue(
  keeping: Keeping,
  garden: { readonly begun: number; readonly newest: number; readonly lastBackup: number | undefined },
  now: number,
): boolean {
  const { begun, newest, lastBackup } = garden;
  if (lastBackup !== undefined && newest <= lastBackup) return false;
  return now - (lastBackup ?? begun) >= BACKUP_DAYS[keeping] * MS_PER_DAY;
}
