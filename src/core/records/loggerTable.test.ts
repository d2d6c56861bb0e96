import { standardZone, type LoggerMapping } from './loggerMapping';
import { guessMapping, readLogger } from './loggerTable';

const ROWS = [
  ['Station', 'Hilltop'],
  ['Exported', '2026-08-01'],
  ['Time', 'Outdoor Temp (°F)', 'Dew Point (°F)', 'RH (%)', 'Rain (in)', 'Wind (mph)', 'Wind Direction'],
  ['2026-07-18 05:10', '50.0', '48', '96', '0.01', '2.0', 'NW'],
  ['2026-07-18 05:40', '59.0', '48', '90', '0.03', '4.0', 'NW'],
  ['2026-07-18 06:10', '68.0', '50', '--', '0', '', 'N'],
];

const read = (table: readonly (readonly string[])[], change: Partial<LoggerMapping> = {}) => {
  const mapping = { ...guessMapping(table, 'Europe/Berlin'), ...change };
  return readLogger(table, { ...mapping, dates: mapping.dates ?? 'dayFirst' });
};

test('finds the columns by their names, whatever stands above them, and puts readings together by the hour', () => {
  const mapping = guessMapping(ROWS, 'Europe/Berlin');
  expect(mapping).toEqual({
    header: 2,
    columns: { time: 0, tempC: 1, humidity: 3, rainMm: 4, wind: 5 },
    temperature: 'F',
    rain: 'in',
    wind: 'mph',
    dates: 'yearFirst',
    zone: 'Europe/Berlin',
  });
  const { readings, rows, faults } = read(ROWS);
  expect([rows, faults]).toEqual([3, []]);
  expect(readings).toEqual([
    // 50 °F is 10 °C and 59 °F is 15 °C; an inch is 25.4 mm and a mile an hour 0.44704 m/s, both exactly.
    { ms: Date.parse('2026-07-18T03:00:00Z'), tempC: 12.5, humidity: 93, rainMm: 1.02, wind: 1.34 },
    { ms: Date.parse('2026-07-18T04:00:00Z'), tempC: 20, rainMm: 0 },
  ]);
});

test.each([
  ['18.07.2026 05:00', 'dayFirst'],
  ['18/07/26 5:00:00', 'dayFirst'],
  ['7/18/2026 5:00 am', 'monthFirst'],
  ['07-18-2026 05:00:00', 'monthFirst'],
  ['2026/07/18 05:00', 'yearFirst'],
  ['2026-07-18T05:00:00', 'yearFirst'],
  ['2026-07-18T03:00:00Z', 'yearFirst'],
  ['2026-07-18T05:00:00.000+02:00', 'yearFirst'],
])('%s is five in the morning', (time, dates) => {
  const table = [
    ['Timestamp', 'Temperature'],
    [time, '9,5'],
  ];
  expect(guessMapping(table, 'Europe/Berlin').dates).toBe(dates);
  expect(read(table).readings).toEqual([{ ms: Date.parse('2026-07-18T03:00:00Z'), tempC: 9.5 }]);
});

test('a day that may be in May or in June is asked, unless another row tells', () => {
  const head = ['Date', 'Time', 'Temp C'];
  const unsure = [head, ['5/6/2026', '7:00', '11']];
  expect(guessMapping(unsure, 'UTC').dates).toBeUndefined();
  expect(guessMapping([...unsure, ['25/6/2026', '7:00', '11']], 'UTC').dates).toBe('dayFirst');
  expect(guessMapping(unsure, 'UTC').columns).toEqual({ time: 0, clock: 1, tempC: 2 });
  expect(read(unsure, { dates: 'dayFirst', zone: 'UTC' }).readings[0]!.ms).toBe(
    Date.parse('2026-06-05T07:00Z'),
  );
  expect(read(unsure, { dates: 'monthFirst', zone: 'UTC' }).readings[0]!.ms).toBe(
    Date.parse('2026-05-06T07:00Z'),
  );
});

test('what is not right is named by line and left out, and the rest is read', () => {
  const table = [
    ['Time', 'Temp', 'Humidity'],
    ['2026-07-18 05:00', '9', '130'],
    ['soon', '9', '80'],
    ['2026-02-30 05:00', '9', '80'],
    ['2026-07-18 06:00', 'warm', '80'],
    ['', '', ''],
    ['2026-07-18 07:00', '', '80'],
    ['2026-07-18 08:00', '12 °C', '75 %'],
  ];
  const { readings, rows, faults } = read(table, { zone: 'UTC' });
  expect(rows).toBe(2);
  expect(readings.map(({ tempC, humidity }) => [tempC, humidity])).toEqual([
    [9, undefined],
    [12, 75],
  ]);
  expect(faults).toEqual([
    { line: 2, column: 'humidity', found: '130' },
    { line: 3, column: 'time', found: 'soon' },
    { line: 4, column: 'time', found: '2026-02-30 05:00' },
    { line: 5, column: 'tempC', found: 'warm' },
    { line: 7, column: 'tempC', found: '' },
  ]);
});

test('a file in which no time can be read ends soon', () => {
  const table = [['Time', 'Temp'], ...Array.from({ length: 20_000 }, () => ['1x', '9'])];
  expect(read(table).faults).toHaveLength(20_000);
  expect(guessMapping([], 'UTC').columns).toEqual({});
  expect(guessMapping([['a', 'b']], 'UTC').columns).toEqual({});
});

test('the hour that the clocks skip and the one they repeat, and loggers that keep winter time', () => {
  const rows = ['02:30', '03:30'].map((clock) => [`2026-03-29 ${clock}`, '5']);
  const table = [['Time', 'Temp'], ...rows];
  // 29 March 2026, one o'clock UTC: clocks in Berlin go from two to three.
  expect(read(table, { zone: 'Europe/Berlin' }).readings.at(-1)!.ms).toBe(Date.parse('2026-03-29T01:00Z'));
  expect(standardZone('Europe/Berlin', 2026)).toBe('Etc/GMT-1');
  expect(standardZone('Europe/London', 2026)).toBe('UTC');
  expect(standardZone('America/New_York', 2026)).toBe('Etc/GMT+5');
  expect(standardZone('Pacific/Auckland', 2026)).toBe('Etc/GMT-12');
  expect(standardZone('Asia/Kolkata', 2026)).toBeUndefined();
  expect(standardZone('Australia/Adelaide', 2026)).toBeUndefined();
  expect(read(table, { zone: 'Etc/GMT-1' }).readings.map(({ ms }) => ms)).toEqual([
    Date.parse('2026-03-29T01:00Z'),
    Date.parse('2026-03-29T02:00Z'),
  ]);
});
