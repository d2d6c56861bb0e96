import ICAL from 'ical.js';
import { encodeCalendar, type CalendarToWrite } from './calendar';

// Read back by another library of the registry than the one that writes it.
const read = (text: string): ICAL.Event[] =>
  new ICAL.Component(ICAL.parse(text) as unknown[] as never)
    .getAllSubcomponents('vevent')
    .map((each) => new ICAL.Event(each));

const NOW = Date.UTC(2026, 6, 18, 17);
const ROUND = {
  uid: 'round-morning-2026-07-19',
  time: { from: Date.UTC(2026, 6, 19, 3, 58), to: Date.UTC(2026, 6, 19, 9, 0) },
  about: { kind: 'round', outing: 'morning', again: false, size: 12 },
  title: 'Morning round; bed A, B',
  note: 'First line\nsecond, with a comma; and a semicolon',
} as const;
const LOOKS = {
  uid: 'looks-2026-10-25',
  time: { day: '2026-10-25' },
  about: { kind: 'looks', size: 3 },
  title: '3 fruits to look at',
  note: 'Ü × ✓ '.repeat(40),
} as const;
const written = (change: Partial<CalendarToWrite> = {}): string =>
  encodeCalendar({ id: '01J', name: 'Wren Cottage', events: [ROUND, LOOKS], gone: [], now: NOW, ...change });

test('events come back as they were, whatever is in their words', () => {
  const [round, looks] = read(written());
  expect(round!.summary).toBe(ROUND.title);
  expect(round!.description).toBe(ROUND.note);
  expect(looks!.description).toBe(LOOKS.note);
  // Lines of at most 75 octets, each ended by CRLF [RFC 5545, 3.1].
  const lines = written().split('\r\n');
  for (const line of lines) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
  expect(lines.join('')).not.toMatch(/[\r\n]/);
});

test('an instant is that instant in any zone; a whole day is that date, also where clocks change', () => {
  const [round, looks] = read(written());
  expect(round!.startDate.toUnixTime()).toBe(ROUND.time.from / 1000);
  expect(round!.endDate.toUnixTime()).toBe(ROUND.time.to / 1000);
  expect(looks!.startDate.toString()).toBe('2026-10-25');
  expect(looks!.endDate.toString()).toBe('2026-10-26');
  expect(looks!.startDate.isDate).toBe(true);
});

test('the same thing keeps its id, and what is written later is newer', () => {
  const [before] = read(written());
  const [after] = read(written({ now: NOW + 60_000, events: [{ ...ROUND, title: 'Later' }] }));
  expect(after!.uid).toBe(before!.uid);
  expect(after!.sequence).toBeGreaterThan(before!.sequence);
  expect(after!.sequence).toBeLessThan(2 ** 31);
  const [other] = read(written({ id: '02K' }));
  expect(other!.uid).not.toBe(before!.uid);
});

test('what is not due any more is cancelled', () => {
  const [gone] = read(written({ events: [], gone: [{ uid: ROUND.uid, time: ROUND.time }] }));
  expect(gone!.component.getFirstPropertyValue('status')).toBe('CANCELLED');
  expect(gone!.uid).toContain(ROUND.uid);
  expect(gone!.startDate.toUnixTime()).toBe(ROUND.time.from / 1000);
});

test('an empty calendar is one', () => {
  expect(read(written({ events: [] }))).toEqual([]);
});
