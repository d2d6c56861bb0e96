import type { CellFault } from '@/core/records/planTable';
import { sayFault, sayMissingColumns } from './planFaults';

const FAULTS: readonly [CellFault, string][] = [
  [{ line: 2, column: 'bed', why: 'missing', found: '' }, 'Line 2, bed: is empty; please fill it in.'],
  [
    { line: 3, column: 'plants', why: 'noNumber', found: 'two dozen' },
    'Line 3, plants: should be a number, but is “two dozen”.',
  ],
  [
    { line: 3, column: 'row', why: 'noWholeNumber', found: '1.5' },
    'Line 3, row: should be a whole number from 1 up, but is “1.5”.',
  ],
  [
    { line: 9, column: 'plants', why: 'tooMany', found: '70000' },
    'Line 9, plants: is more than a row can hold: 70000.',
  ],
  [
    { line: 4, column: 'sown', why: 'noDay', found: 'May' },
    'Line 4, sown: should be a day such as 2026-05-12, but is “May”.',
  ],
  [
    { line: 5, column: 'kind', why: 'unknownKind', found: 'moonfruit' },
    'Line 5, kind: “moonfruit” is not known here; you can also write the botanical name.',
  ],
  [
    { line: 5, column: 'kind', why: 'ambiguousKind', found: 'gourd', crops: ['pepo', 'maxima'] },
    'Line 5, kind: “gourd” can be several species: write one of Cucurbita pepo, Cucurbita maxima.',
  ],
  [
    { line: 5, column: 'kind', why: 'ambiguousKind', found: '', crops: ['pepo'] },
    'Line 5, kind: “the name” can be several species: write one of Cucurbita pepo.',
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
    'Line 7, kind: differs from an earlier line for the same variety.',
  ],
  [
    { line: 7, column: 'kind', why: 'otherKindOnPlan', found: 'hubbard' },
    'Line 7, kind: differs from what the plan has for this variety.',
  ],
];

test.each(FAULTS)('names a wrong cell by its line and column: %#', (fault, words) => {
  expect(sayFault(fault)).toBe(words);
});

test('a table without its columns names those that are missing and those there are', () => {
  expect(sayMissingColumns(['bed', 'plants'])).toMatch(
    /^The first line should name the columns. These are missing: bed, plants. Known columns: bed, row, variety/,
  );
});
