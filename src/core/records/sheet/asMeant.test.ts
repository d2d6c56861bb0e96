import { Journal } from '../../journal/journal';
import { heldPlan } from '../planDraft';
import { readPlanTable } from '../planTable';
import { cropsCalled } from './kindCalled';
import { guessSheet } from './guessSheet';
import type { Sheet } from './sheet';
import { writtenDay } from './writtenDay';
import { unitIn } from './writtenLength';

/** What was read wrongly without a word: each is read as it is meant, or asked. */

const TODAY = '2026-04-20';
const sheetOf = (table: string, unit: Sheet['unit'] = 'm'): Sheet =>
  guessSheet(
    table.split(' / ').map((line) => line.split('|').map((cell) => cell.trim())),
    { purpose: 'eat', unit },
  );
const readSheet = (sheet: Sheet) => {
  const found = readPlanTable(sheet, heldPlan(new Journal()), TODAY);
  if (!found.ok) throw new Error(JSON.stringify(found.faults));
  return { ...found.draft, assumed: found.assumed };
};
const read = (table: string, unit?: Sheet['unit']) => readSheet(sheetOf(table, unit));
const codes = ({ assumed }: ReturnType<typeof read>): string[] => assumed.map(({ code }) => code);

test.each([
  ['Abstand in cm', 'cm'],
  ['Spacing in cm', 'cm'],
  ['In-row spacing', undefined],
  ['In-row spacing (cm)', 'cm'],
  ['Spacing cm (in row)', 'cm'],
  ['Länge in m', 'm'],
  ['Spacing in', 'in'],
  ['Spacing (in)', 'in'],
  ['Spacing, inches', 'inches'],
])('%s is in %s', (header, unit) => {
  expect(unitIn(header)).toBe(unit);
});

describe('distances without a unit', () => {
  const every = (table: string, unit?: Sheet['unit']) => read(table, unit).beds.map((bed) => bed.every);

  test('in a garden in feet twelve are inches, and three are feet', () => {
    expect(every('Bed|Crop|Qty|Spacing / A|corn|3|12', 'ft')).toEqual([0.305]);
    expect(every('Bed|Crop|Qty|Spacing / A|pumpkin pepo|3|3', 'ft')).toEqual([0.914]);
  });

  test('one that can only be centimetres makes all of its column so', () => {
    expect(every('Bed|Crop|Qty|Spacing / A|corn|3|45 / B|pea|9|4')).toEqual([0.45, 0.04]);
    expect(every('Bed|Crop|Qty|Spacing / A|corn|3|0.45 / B|pea|9|4')).toEqual([0.45, 4]);
  });

  test('two distances in one bed are told', () => {
    const found = read('Bed|Crop|Qty|Spacing (cm) / A|corn|3|45 / A|tomato|9|60');
    expect(found.beds.map((bed) => bed.every)).toEqual([0.45]);
    expect(found.assumed).toContainEqual({ code: 'otherSpacing', params: { beds: ['A'] } });
  });
});

test.each([
  ...[
    'sweet potato',
    'Sweet potatoes',
    'Potato, sweet',
    'Radish (watermelon)',
    'corn salad',
    'lamb’s lettuce',
  ],
  ...['tree tomato', 'husk tomato', 'black-eyed peas', 'pigeon pea', 'chick pea', 'sweet pea', 'broom corn'],
  ...['potato onion', 'West Indian gherkin', 'black pepper', 'corn poppy', 'cucumber tree', 'bean sprouts'],
])('%s is none of the crops here', (kind) => {
  expect(cropsCalled(kind, '')).toBeUndefined();
});

test.each([
  ['pumpkin pepo', ['pepo']],
  ['acorn', ['pepo']],
  ['Hokkaido', ['maxima']],
  ['winter melon', ['waxGourd', 'melon']],
  ['Slicing tomatoes', ['tomato']],
  ['Pickling cukes', ['cucumber']],
  ['melon charentais', ['melon']],
  ['Heirloom tomato (indeterminate)', ['tomato']],
])('%s is %j', (kind, crops) => {
  expect(cropsCalled(kind, '')).toEqual(crops);
});

describe('days', () => {
  const day = (text: string) => writtenDay(text, { order: undefined, year: undefined, today: TODAY });

  test.each(['10-15 May', '15-20 April', '1.-5. Mai', 'May 10-15', '10 to 15 May', '10/15 May'])(
    '%s is no day of another year',
    (text) => {
      expect(day(text)).toBe('none');
    },
  );

  test.each([
    ['12 May 26', '2026-05-12'],
    ['12-May-26', '2026-05-12'],
    ['May 12, 26', '2026-05-12'],
    ['12 May ’26', '2026-05-12'],
    ['26-05-12', '2026-05-12'],
  ])('%s is %s', (text, meant) => {
    expect(day(text)).toEqual({ day: meant, yearless: false });
  });

  test('20/2 tells what 1/3 is', () => {
    const { varieties } = read('Crop|Qty|Sown / tomato|3|20/2 / pea|9|1/3');
    expect(varieties.map(({ sowing }) => sowing?.day)).toEqual(['2026-02-20', '2026-03-01']);
  });

  test('what was set out later than it was sown grows here from then on; the sowing is noted', () => {
    const { varieties } = read(
      'Crop|Qty|Sown|Planted out / tomato|3|2026-03-10|2026-05-20 / pea|9|2026-03-20|',
    );
    expect(varieties.map(({ sowing }) => sowing)).toEqual([
      { how: 'plantedOut', day: '2026-05-20' },
      { how: 'sown', day: '2026-03-20' },
    ]);
    expect(varieties.map(({ note }) => note)).toEqual(['Sown: 2026-03-10', undefined]);
  });
});

describe('rows', () => {
  const rowsOf = (found: ReturnType<typeof read>) => found.rows.map(({ row, plants }) => [row, plants]);

  test('a number of rows is none of a row: what is counted is told, and can be said', () => {
    const sheet = sheetOf('Bed|Crop|Plants|No of rows / A|corn|11|2');
    const found = readSheet(sheet);
    expect(rowsOf(found)).toEqual([
      [1, 11],
      [2, 11],
    ]);
    expect(codes(found)).toContain('plantsPerRow');
    expect(rowsOf(readSheet({ ...sheet, inAll: true }))).toEqual([
      [1, 6],
      [2, 5],
    ]);
  });

  test('plants per row say it by themselves', () => {
    const found = read('Bed|Crop|Rows|Plants per row|Bed length / A|corn|2|10|30', 'ft');
    expect(rowsOf(found)).toEqual([
      [1, 10],
      [2, 10],
    ]);
    expect(codes(found)).not.toContain('plantsPerRow');
    expect(found.beds[0]!.length).toBeCloseTo(9.144, 3);
  });

  test('numbered 1, 2, 3 within their beds they are rows', () => {
    const found = read('Bed|Crop|Plants|Rows / A|corn|10|1 / A|pea|10|2 / B|pea|4|1');
    expect(rowsOf(found)).toEqual([
      [1, 10],
      [2, 10],
      [1, 4],
    ]);
  });
});

test('Sort beside Variety is the kind', () => {
  expect(sheetOf('Sort|Variety|Qty / tomato|Lofty|3').uses).toEqual(['kind', 'variety', 'plants']);
  expect(sheetOf('Sort|Antal|Crop / Lofty|3|tomato').uses[0]).toBe('variety');
});

test('a line said twice counts once, and is told; in another bed it is another', () => {
  const found = read('Bed|Crop|Variety|Qty / A|corn|Lofty|12 / A|corn|Lofty|12 / B|corn|Lofty|12');
  expect(found.rows.map(({ bed, plants }) => [bed, plants])).toEqual([
    [0, 12],
    [1, 12],
  ]);
  expect(found.assumed).toContainEqual({ code: 'sameLine', params: { line: 2, lines: 1 } });
  const short = read('Bed|Crop|Qty|Sown / A|corn|12| / A|corn|12');
  expect(short.rows).toHaveLength(1);
});

test('a bed that stands above the names of the columns is the bed of what follows', () => {
  expect(read('North bed / Crop|Qty / corn|12').beds.map(({ name }) => name)).toEqual(['North bed']);
});

test.each([
  ['North|Lofty|12|corn / North|Curly|3|corn / South|Round|4|pea', ['bed', 'variety', 'plants', 'kind']],
  ['Bed 1|Lofty|tomato|3 / Bed 2|Curly|corn|4', ['bed', 'variety', 'kind', 'plants']],
  ['1|tomato|Lofty / 1|corn|Curly / 2|pea|Round', ['bed', 'kind', 'variety']],
])('without names of columns, %s', (table, uses) => {
  expect(sheetOf(table).uses).toEqual(uses);
});

test('our own words for eating', () => {
  const { varieties } = read('Crop|Qty|For / corn|3|to eat / pea|9|for eating / bell pepper|2|seed');
  expect(varieties.map(({ purpose }) => purpose)).toEqual(['eat', 'eat', 'seedToKeep']);
});
