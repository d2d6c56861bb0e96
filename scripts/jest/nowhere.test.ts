const AT = Date.UTC(2026, 6, 18);

test.each<[string, () => unknown]>([
  ['new Date()', () => new Date()],
  ['parts of a date', () => new Date(2026, 6, 18)],
  ['a clock time without a zone', () => new Date('2026-07-18T05:00')],
  ['a clock time without a zone, parsed', () => Date.parse('2026-07-18 05:00')],
  ['the hour', () => new Date(AT).getHours()],
  ['a day set', () => new Date(AT).setDate(3)],
  ['the offset', () => new Date(AT).getTimezoneOffset()],
  ['a text', () => String(new Date(AT))],
  ['a local text', () => new Date(AT).toLocaleDateString('en')],
  ['a format without a zone', () => new Intl.DateTimeFormat('en', { month: 'long' })],
])('%s is refused: the machine has no time or zone here', (_name, ask) => {
  expect(ask).toThrow(/both are arguments/);
});

test('what names its zone, or is UTC by the standard, is answered', () => {
  expect(new Date(AT).toISOString()).toBe('2026-07-18T00:00:00.000Z');
  expect(Date.parse('2026-07-18')).toBe(AT);
  expect(Date.parse('2026-07-18T01:00+01:00')).toBe(AT);
  expect(new Date(AT).getUTCHours()).toBe(0);
  expect(new Intl.DateTimeFormat('en', { timeZone: 'UTC', month: 'long' }).format(AT)).toBe('July');
  expect(new Date(AT).toLocaleDateString('en', { timeZone: 'UTC', month: 'long' })).toBe('July');
});
