import type { CellFault, SheetAssumption } from '@/core/records/planDraft';
import { formatFor } from '../format/format';
import { sayAssumed, sayFault } from './sheet';

const f = formatFor('Europe/London', 'metric', 'h24', 'en-GB');
const say = (fault: Omit<CellFault, 'line' | 'variety'>, lines = [3]): string => {
  const { title, note } = sayFault(
    { fault: { line: lines[0]!, variety: 'Marsh Button', ...fault }, lines },
    f,
  );
  return `${title} ${note}`;
};

const FAULTS: readonly [Omit<CellFault, 'line' | 'variety'>, string][] = [
  [{ column: 'kind', why: 'missing', found: '' }, 'What is Marsh Button? No cell says its kind. Line 4.'],
  [{ column: 'bed', why: 'missing', found: '' }, 'Bed? The cell is empty. Line 4.'],
  [
    { column: 'kind', why: 'ambiguousKind', found: 'gourd', crops: ['pepo', 'luffa'] },
    'Which kind is Marsh Button? “gourd” can be Cucurbita pepo, Luffa aegyptiaca. Line 4.',
  ],
  [
    { column: 'kind', why: 'unknownKind', found: 'moonfruit' },
    'What is “moonfruit”? The kind of Marsh Button. No crop is known here by that name. Line 4.',
  ],
  [
    { column: 'plants', why: 'noCount', found: 'some' },
    'How many is “some”? Plants of Marsh Button. Line 4.',
  ],
  [
    { column: 'sown', why: 'noDay', found: 'spring' },
    'Which day is “spring”? Sown on: Marsh Button. Write it as 12 May 2026, or leave it empty. Line 4.',
  ],
  [
    { column: 'plants', why: 'rowFull', found: '1500', limit: 2000 },
    '1500 more plants in this row? Together with those in the same row they are more than 2,000. Give them another row. Line 4.',
  ],
  [
    { column: 'kind', why: 'otherKindBefore', found: 'tomato' },
    'Two kinds called Marsh Button? An earlier line says another kind for the same name. Give one of them another name. Line 4.',
  ],
];

test.each(FAULTS)('a cell is asked about in the grower’s words: %#', (fault, words) => {
  expect(say(fault)).toBe(words);
});

test('what one answer settles is asked once, and long texts are cut', () => {
  const fault = { column: 'purpose', why: 'unknownPurpose', found: 'x'.repeat(90) } as const;
  expect(say(fault, [3, 9, 11])).toMatch(/^What for is “x{39}…”\? .* 3 lines, the first is line 4\.$/);
});

const ASSUMED: readonly [SheetAssumption, string][] = [
  [
    { code: 'smallUnit', params: { unit: 'cm', found: '45', lines: 3 } },
    '3 distances from plant to plant without a unit: 45 is read as centimetres.',
  ],
  [
    { code: 'plantsPerRow', params: { inAll: false, rows: 2, plants: 20, lines: 1 } },
    'How many plants is read as the plants of each row, in 1 line with several rows: the first has 2 rows and 20 plants.',
  ],
  [
    { code: 'otherSpacing', params: { beds: ['A', 'Top bed'] } },
    'In bed A, Top bed plants stand at several distances: the first that is told counts for the whole bed.',
  ],
  [
    { code: 'sameLine', params: { line: 2, lines: 1 } },
    'Line 3 says the same as one before it: its plants count once.',
  ],
  [{ code: 'bedAsAbove', params: { lines: 1 } }, '1 line names no bed: it is the bed above.'],
  [
    { code: 'oneBed', params: { bed: 'Garden' } },
    'No column names beds: everything stands in one, called Garden.',
  ],
  [
    { code: 'onePlantEach', params: { lines: 3 } },
    'No column says how many plants: each of the 3 lines is one plant.',
  ],
  [{ code: 'purposeGiven', params: { purpose: 'eat' } }, 'Where nothing is said, it is grown for: to eat.'],
  [
    { code: 'yearGiven', params: { first: '2026-05-12', days: 2 } },
    '2 days have no year: the first is 12 May 2026.',
  ],
  [
    { code: 'passedOver', params: { texts: ['Total 12', 'a', 'b', 'c'] } },
    '4 lines were passed over: “Total 12”, “a”, “b” …',
  ],
];

test.each(ASSUMED)('what was made of it is said: %#', (assumed, words) => {
  expect(sayAssumed(assumed, f)).toBe(words);
});
