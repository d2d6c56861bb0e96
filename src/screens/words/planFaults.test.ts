import type { CellFault } from '@/core/records/planTable';
import { faultInWords, missingColumns } from './planFaults';

const FAULTS: readonly [CellFault, string][] = [
  [{ line: 2, column: 'bed', why: 'missing', found: '' }, 'Line 2, bed: is empty and must be filled.'],
  [
    { line: 3, column: 'plants', why: 'noNumber', found: 'two dozen' },
    'Line 3, plants: should be a number, and is “two dozen”.',
  ],
  [
    { line: 3, column: 'row', why: 'noWholeNumber', found: '1.5' },
    'Line 3, row: should be a whole number of 1 or more, and is “1.5”.',
  ],
  [
    { line: 9, column: 'plants', why: 'tooMany', found: '70000' },
    'Line 9, plants: is more than a row can hold: 70000.',
  ],
  [
    { line: 4, column: 'sown', why: 'noDay', found: 'May' },
    'Line 4, sown: should be a day such as 2026-05-12, and is “May”.',
  ],
  [
    { line: 5, column: 'kind', why: 'unknownKind', found: 'moonfruit' },
    'Line 5, kind: “moonfruit” is no kind that is known here; a botanical name will do too.',
  ],
  [
    { line: 5, column: 'kind', why: 'kindDoesNotTell', found: 'gourd', crops: ['pepo', 'maxima'] },
    'Line 5, kind: “gourd” does not tell: write one of Cucurbita pepo, Cucurbita maxima.',
  ],
  [
    { line: 5, column: 'kind', why: 'kindDoesNotTell', found: '', crops: ['pepo'] },
    'Line 5, kind: “the name” does not tell: write one of Cucurbita pepo.',
  ],
  [
    { line: 6, column: 'purpose', why: 'unknownPurpose', found: 'show' },
    'Line 6, purpose: “show” should be eat, seed for fun, seed to keep or rare or sold.',
  ],
  [
    { line: 6, column: 'seed', why: 'unknownSeed', found: 'found' },
    'Line 6, seed: “found” should be own, bought, swapped, open, f1, or nothing.',
  ],
  [
    { line: 7, column: 'kind', why: 'otherKindBefore', found: 'hubbard' },
    'Line 7, kind: is another than further up for the same variety.',
  ],
  [
    { line: 7, column: 'kind', why: 'otherKindOnPlan', found: 'hubbard' },
    'Line 7, kind: is another than the plan has for this variety.',
  ],
];

test.each(FAULTS)('a wrong cell is told by its line and column: %#', (fault, words) => {
  expect(faultInWords(fault)).toBe(words);
});

test('a table without its columns names those that lack and those there are', () => {
  expect(missingColumns(['bed', 'plants'])).toMatch(
    /^The first line should name the columns. These are missing: bed, plants. Known columns: bed, row, variety/,
  );
});
