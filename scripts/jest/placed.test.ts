const PLACES: Readonly<Record<string, { readonly month: number; readonly offsetMinutes: number }>> = {
  'Europe/London': { month: 3, offsetMinutes: 0 },
  'Pacific/Auckland': { month: 7, offsetMinutes: -720 },
};

test('the machine’s zone and date are those of the project', () => {
  const zone = new Intl.DateTimeFormat().resolvedOptions().timeZone;
  const place = PLACES[zone];
  if (!place) {
    expect(zone).toBe('UTC');
    return;
  }
  const now = new Date();
  expect(now.getUTCMonth() + 1).toBe(place.month);
  expect(now.getTimezoneOffset()).toBe(place.offsetMinutes);
});

test('in London the clocks go forward while the tests run', () => {
  if (new Intl.DateTimeFormat().resolvedOptions().timeZone !== 'Europe/London') return;
  const [before, after] = [new Date(), new Date(Date.now() + 60_000)];
  expect(before.getHours()).toBe(0);
  expect(after.getHours()).toBe(2);
});
