import { tz } from '@date-fns/tz';
import fc from 'fast-check';
import { format } from 'date-fns';
import { de, enGB, es, fr, it as italian, nl, pt } from 'date-fns/locale';
import { cropsCalled } from './kindCalled';
import { numbersIn, writtenCount } from './writtenCount';
import { writtenDay, type DayReading } from './writtenDay';
import { unitIn, writtenLength } from './writtenLength';
import { bedNamed, isBedTitle, splitPlace } from './writtenPlace';
import { readTraits, writeTraits } from './writtenTraits';

const UTC = { in: tz('UTC') };

const READING: DayReading = { order: undefined, year: undefined, today: '2026-07-18' };
const dayOf = (text: string, reading: Partial<DayReading> = {}): string => {
  const found = writtenDay(text, { ...READING, ...reading });
  return typeof found === 'string' ? found : found.day;
};

test.each([
  ['2026-05-12', '2026-05-12'],
  ['2026/5/12', '2026-05-12'],
  ['12.5.26', '2026-05-12'],
  ['12. 5. 2026', '2026-05-12'],
  ['05.06.2026', '2026-06-05'],
  ['13/5/2026', '2026-05-13'],
  ['5/13/2026', '2026-05-13'],
  ['5/5/2026', '2026-05-05'],
  ['12 May 2026', '2026-05-12'],
  ['May 12, 2026', '2026-05-12'],
  ['May 12th', '2026-05-12'],
  ['Tue 12 May 2026', '2026-05-12'],
  ['Dienstag, 12. Mai 2026', '2026-05-12'],
  ['12 août 26', '2026-08-12'],
  ['1er juin 2026', '2026-06-01'],
  ['12 de mayo de 2026', '2026-05-12'],
  ['12-Mai-2026', '2026-05-12'],
  ['about 12 May', '2026-05-12'],
  ['12 May (direct)', '2026-05-12'],
  ['~ 12.5.', '2026-05-12'],
  ['2026-05-12T00:00:00.000Z', '2026-05-12'],
  ['13/05/2026 14:30', '2026-05-13'],
])('“%s” is %s', (text, day) => {
  expect(dayOf(text)).toBe(day);
});

test('5/6 is in June where the day comes first, in May where the month does', () => {
  expect(dayOf('5/6/2026', { order: 'dayFirst' })).toBe('2026-06-05');
  expect(dayOf('5/6/2026', { order: 'monthFirst' })).toBe('2026-05-06');
  expect(dayOf('13/6/2026', { order: 'monthFirst' })).toBe('none');
});

test.each(['5/6/2026', '5/6', '1-2-26'])('“%s” may be two days, and is asked', (text) => {
  expect(dayOf(text)).toBe('whichOrder');
});

test.each([
  ...[
    '',
    'May',
    'soon',
    '31.2.2026',
    '30 Feb 2026',
    '2026',
    '12',
    '13/13/2026',
    '12 Jui 2026',
    '12 foo 2026',
  ],
  ...['12 May 202', '200-01-01', '3 rows', '2026-5'],
])('“%s” is no day', (text) => {
  expect(dayOf(text)).toBe('none');
});

test('a day without a year is the nearest one, or of the year that is given', () => {
  expect(dayOf('12 May')).toBe('2026-05-12');
  expect(dayOf('12 May', { today: '2026-12-20' })).toBe('2027-05-12');
  expect(dayOf('20 Dec', { today: '2026-01-05' })).toBe('2025-12-20');
  expect(dayOf('29 Feb', { today: '2027-06-01' })).toBe('2028-02-29');
  expect(dayOf('12 May', { year: 2024 })).toBe('2024-05-12');
});

// The serial number of 12 May 2026 in spreadsheets: 46154 days after 30 December 1899.
test('a day that a spreadsheet stores as a number is read', () => {
  expect(dayOf('46154')).toBe('2026-05-12');
});

test.each([
  ['English', enGB],
  ['German', de],
  ['French', fr],
  ['Spanish', es],
  ['Italian', italian],
  ['Dutch', nl],
  ['Portuguese', pt],
])('every day that date-fns writes in %s is read as it was', (_, locale) => {
  fc.assert(
    fc.property(
      fc.date({ min: new Date('2001-01-01'), max: new Date('2059-12-31'), noInvalidDate: true }),
      fc.constantFrom(
        'd MMMM yyyy',
        'd. MMMM yyyy',
        'd MMM yyyy',
        'dd.MM.yyyy',
        'yyyy-MM-dd',
        'EEEE, d MMMM yyyy',
      ),
      (date, pattern) => {
        expect(dayOf(format(date, pattern, { locale, ...UTC }))).toBe(format(date, 'yyyy-MM-dd', UTC));
      },
    ),
    { numRuns: 300 },
  );
});

test.each([
  ['12', 1, 12],
  ['12.0', 1, 12],
  ['12 plants', 1, 12],
  ['ca. 12', 1, 12],
  ['1,200', 1, 1200],
  ['1 200', 1, 1200],
  ['1.200', 1, 1200],
  ['two dozen', 1, 24],
  ['a dozen', 1, 12],
  ['half a dozen', 1, 6],
  ['2 doz', 1, 24],
  ['zwei Dutzend', 1, 24],
  ['une douzaine', 1, 12],
  ['seven', 1, 7],
  ['zwölf', 1, 12],
  ['3 rows of 12', 3, 12],
  ['three rows of a dozen', 3, 12],
  ['3 Reihen zu 12', 3, 12],
  ['3x12', 3, 12],
  ['3 × 12 plants', 3, 12],
  ['12 per row, 3 rows', 3, 12],
])('“%s” is %s row(s) of %s', (text, rows, each) => {
  expect(writtenCount(text)).toEqual({ rows, each });
});

test.each([
  '',
  '0',
  '1.5',
  '-3',
  '20-25',
  '20 to 25',
  'some',
  'a few',
  '12 (2 died)',
  '3 rows',
  'half',
  'dozen dozen',
])('“%s” is no count', (text) => {
  expect(writtenCount(text)).toBeUndefined();
});

test('what may have been meant by a count that is none', () => {
  expect(numbersIn('20 to 25')).toEqual([20, 25]);
  expect(numbersIn('12 (2 died)')).toEqual([12, 2]);
  expect(numbersIn('a few')).toEqual([]);
});

// The foot and the inch: NIST Special Publication 811, 2008, appendix B.8.
test.each([
  ['1.5 m', 1.5],
  ['1,5', 1.5],
  ['150cm', 1.5],
  ['45 cm', 0.45],
  ['500 mm', 0.5],
  ['18"', 0.457],
  ['18 in', 0.457],
  ['18 inches', 0.457],
  ['6 ft', 1.829],
  ['5 ft 6 in', 1.676],
  ['5′6″', 1.676],
  ['1 yd', 0.914],
  ['-2', -2],
])('“%s” is %s metres', (text, metres) => {
  expect(writtenLength(text, 'm')).toBeCloseTo(metres, 3);
});

test.each(['', 'wide', '1 to 2 m', '5 parsecs', 'm', '1 2', '1.5.2 m'])('“%s” is no length', (text) => {
  expect(writtenLength(text, 'm')).toBeUndefined();
});

test('the unit of a column is read from its name', () => {
  expect(unitIn('Spacing (cm)')).toBe('cm');
  expect(unitIn('Length, ft')).toBe('ft');
  expect(unitIn('Spacing')).toBeUndefined();
  expect(writtenLength('45', 'cm')).toBe(0.45);
});

test.each([
  ['Bed 3', '3'],
  ['bed no. 3', '3'],
  ['Beet 3', '3'],
  ['Top bed', 'Top bed'],
  [' Glasshouse ', 'Glasshouse'],
])('the bed “%s” is called %s', (text, name) => {
  expect(bedNamed(text)).toBe(name);
});

test.each([
  ['A/1', 'A', '1'],
  ['A-1', 'A', '1'],
  ['A1', 'A', '1'],
  ['Bed 2 row 3', 'Bed 2', '3'],
  ['Top bed, row 2', 'Top bed', '2'],
  ['Top bed', 'Top bed', ''],
  ['Bed 2', 'Bed 2', ''],
  ['7', '7', ''],
  ['Row 3', '', '3'],
])('“%s” is bed %s, row %s', (text, bed, row) => {
  expect(splitPlace(text)).toEqual({ bed, row });
});

test('a title names a bed, or it does not', () => {
  expect(
    ['Top bed', 'Polytunnel', 'Beet 4', 'Bed A:', 'Greenhouse 2', 'Bed by the wall'].every(isBedTitle),
  ).toBe(true);
  const others = [
    'SQUASH',
    'Bedding plants 2026',
    'sown late',
    'Greenhouse Wonder',
    'Tunnel Red',
    'Summer beds',
  ];
  others.push('Bed plan', 'Beet greens');
  expect(others.filter(isBedTitle)).toEqual([]);
});

test.each([
  ['Squash, winter', '', ['pepo', 'maxima', 'moschata', 'argyrosperma']],
  ['Squash', 'Old Butternut', ['moschata']],
  ['Squash - butternut', '', ['moschata']],
  ['Tomato (cherry)', '', ['tomato']],
  ['TOMATOES', '', ['tomato']],
  ['C. pepo', '', ['pepo']],
  ['Cucurbita maxima', '', ['maxima']],
  ['pepo', '', ['pepo']],
  ['Kürbis, Moschus-', '', ['moschata']],
  ['cherry toms', '', ['tomato']],
  ['pickling cukes', '', ['cucumber']],
  ['S. squash', '', ['pepo']],
  ['Musk melons', '', ['melon']],
  ['Bohnen', '', ['commonBean', 'runnerBean', 'limaBean', 'broadBean']],
  ['calabacines', '', ['pepo']],
  ['Courgette', '', ['pepo']],
  ['Tomaten', '', ['tomato']],
  ['Gurken', '', ['cucumber']],
  ['pomodori', '', ['tomato']],
  ['zucche', '', ['pepo', 'maxima', 'moschata', 'argyrosperma']],
])('the kind “%s” of “%s” may be %j', (kind, variety, crops) => {
  expect(cropsCalled(kind, variety)).toEqual(crops);
});

test('what no crop is called is known to be unknown', () => {
  expect(cropsCalled('dahlia', 'Red Star')).toBeUndefined();
  expect(cropsCalled('moonfruit', '')).toBeUndefined();
});

test('traits are read where the crop has them, the rest is kept', () => {
  expect(readTraits('corn', 'Sweet; tall', 'Traits')).toEqual({
    traits: { endosperm: 'sweet' },
    rest: 'tall',
  });
  expect(readTraits('cucumber', 'yes', 'Parthenocarpic')).toEqual({
    traits: { parthenocarpic: true },
    rest: '',
  });
  expect(readTraits('cucumber', 'no', 'Parthenocarpic')).toEqual({ traits: {}, rest: '' });
  expect(readTraits('tomato', 'parthenocarpic', 'Traits').rest).toBe('parthenocarpic');
  expect(readTraits('cucumber', 'gynoecious, parthenocarpic', 'x').traits).toEqual({
    gynoecious: true,
    parthenocarpic: true,
  });
});

test.each([
  ['corn', { endosperm: 'supersweet' }],
  ['tomato', { style: 'exserted' }],
  ['melon', { flowers: 'perfect', fruitShape: 'ribbed' }],
  ['cucumber', { parthenocarpic: false, gynoecious: true }],
  ['watermelon', { seedless: true, flowers: 'female', fruitShape: 'oval' }],
] as const)('traits of %s survive being written: %j', (crop, traits) => {
  expect(readTraits(crop, writeTraits(traits), 'traits')).toEqual({ traits, rest: '' });
});
