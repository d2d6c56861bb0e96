import fc from 'fast-check';
import { Journal } from '../../journal/journal';
import { heldPlan } from '../planDraft';
import { readPlanTable } from '../planTable';
import { guessSheet } from './guessSheet';

test('no text in any cell makes it throw, or imports a thing that nobody wrote', () => {
  const cell = fc.oneof(
    fc.string(),
    fc.constantFrom(
      '',
      'A',
      'corn',
      '12',
      '2 rows of',
      '31/31/2026',
      '=1+1',
      '\u0000',
      '１２',
      '٣',
      '1e9',
      '-0',
      'Total',
    ),
  );
  fc.assert(
    fc.property(fc.array(fc.array(cell, { maxLength: 6 }), { maxLength: 12 }), (rows) => {
      const sheet = guessSheet(rows, { purpose: 'eat', unit: 'm' });
      const found = readPlanTable(sheet, heldPlan(new Journal()), '2026-07-18');
      if (!found.ok) return;
      const texts = new Set(rows.flat().map((text) => text.trim()));
      for (const { name } of found.draft.varieties) expect(texts.has(name)).toBe(true);
    }),
    { numRuns: 2_000 },
  );
});
