import { hasOwnStorage, homeScreenWay, isBackupDue, keepingOf, type BrowserFacts } from './keeping';

/** What browsers call themselves, in their usual form; from memory. */
const AGENTS = {
  iphone:
    'Mozilla/5.0 (iPhone; CPU iPhone OS 17_4 like Mac OS X) AppleWebKit/605.1.15 (KHTML, like Gecko) Version/17.4 Mobile/15E148 Safari/604.1',
  iphoneOther:
    'Mozilla/5.0 (iPhone; CPU iPhone OS 17_4 like Mac OS X) AppleWebKit/605.1.15 (KHTML, like Gecko) CriOS/123.0 Mobile/15E148 Safari/604.1',
  ipad: 'Mozilla/5.0 (Macintosh; Intel Mac OS X 10_15_7) AppleWebKit/605.1.15 (KHTML, like Gecko) Version/17.4 Safari/605.1.15',
  android:
    'Mozilla/5.0 (Linux; Android 14) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/123.0 Mobile Safari/537.36',
  macChrome:
    'Mozilla/5.0 (Macintosh; Intel Mac OS X 10_15_7) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/123.0 Safari/537.36',
  firefox: 'Mozilla/5.0 (X11; Linux x86_64; rv:124.0) Gecko/20100101 Firefox/124.0',
} as const;

const facts = (agent: keyof typeof AGENTS, more: Partial<BrowserFacts> = {}): BrowserFacts => ({
  userAgent: AGENTS[agent],
  touchPoints: agent === 'iphone' || agent === 'iphoneOther' || agent === 'android' ? 5 : 0,
  standalone: false,
  ...more,
});

test('an iPhone or iPad clears after seven days what is not on its home screen, whatever was granted', () => {
  for (const agent of ['iphone', 'iphoneOther'] as const) {
    expect(keepingOf(facts(agent))).toBe('week');
    expect(keepingOf(facts(agent, { persisted: true }))).toBe('week');
    expect(keepingOf(facts(agent, { standalone: true }))).toBe('kept');
  }
  expect(keepingOf(facts('ipad', { touchPoints: 5 }))).toBe('week');
  expect(homeScreenWay(facts('ipad', { touchPoints: 5 }), false)).toBe('share');
  // A Mac without a touch screen.
  expect(homeScreenWay(facts('ipad'), false)).toBe('dock');
  expect(hasOwnStorage('share') && hasOwnStorage('dock')).toBe(true);
});

test('others keep what they have granted, else as long as there is room; some do not say', () => {
  for (const agent of ['android', 'macChrome', 'firefox'] as const) {
    expect(keepingOf(facts(agent, { persisted: true }))).toBe('kept');
    expect(keepingOf(facts(agent, { persisted: false }))).toBe('room');
    expect(keepingOf(facts(agent))).toBe('unknown');
  }
});

test('the way to the home screen is that of the browser; none where it is there or cannot be', () => {
  expect(homeScreenWay(facts('macChrome'), true)).toBe('prompt');
  expect(homeScreenWay(facts('android'), false)).toBe('menu');
  expect(homeScreenWay(facts('firefox'), false)).toBeUndefined();
  for (const agent of ['iphone', 'android', 'macChrome'] as const)
    expect(homeScreenWay(facts(agent, { standalone: true }), true)).toBeUndefined();
  expect(hasOwnStorage('prompt') || hasOwnStorage('menu')).toBe(false);
});

test('a backup is due after days that fit how long the browser keeps, and only when there is something new', () => {
  const day = 24 * 3_600_000;
  const garden = { begun: 0, newest: 1, lastBackup: undefined };
  const due = (['week', 'room', 'unknown', 'kept'] as const).map((keeping) =>
    [2, 3, 6, 7, 29, 30].filter((days) => isBackupDue(keeping, garden, days * day)),
  );
  expect(due).toEqual([[3, 6, 7, 29, 30], [7, 29, 30], [7, 29, 30], [30]]);
  expect(isBackupDue('week', { ...garden, lastBackup: 10 * day }, 90 * day)).toBe(false);
  expect(isBackupDue('week', { ...garden, newest: 11 * day, lastBackup: 10 * day }, 12 * day)).toBe(false);
  expect(isBackupDue('week', { ...garden, newest: 11 * day, lastBackup: 10 * day }, 13 * day)).toBe(true);
});
