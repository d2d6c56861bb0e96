import fc from 'fast-check';
import { KINDS } from '@/core/journal/kinds/kinds';
import { entryOf } from '@testing/entries';
import { planFacts } from '@/core/records/planFacts';
import { PLAN_COLUMNS } from '@/core/records/planColumns';
import { heldPlan } from '@/core/records/planDraft';
import { guessSheet } from '@/core/records/sheet/guessSheet';
import { Journal } from '@/core/journal/journal';
import { readPlanTable } from '@/core/records/planTable';
import { faultOfEntry } from './entrySchema';

const CELLS = [
  ...[
    '',
    ' ',
    'A',
    'Kitchen bed',
    'Kitchen bed north',
    'x'.repeat(81),
    `${'x'.repeat(79)} y`,
    'corn',
    'pattypan',
  ],
  ...['1', '3', '12', '0', '-1', '0.5', '1e3', '2000', '20000', '1,5', 'NaN', 'Infinity', '181', '0.001'],
  ...['two dozen', '3 rows of 12', '20-25', '45 cm', '12. Mai', '5/6/26', 'sweet; tall', 'x'.repeat(2100)],
  ...['2026-05-12', '2026-02-30', '+275760-01-01', 'eat', 'seed to keep', 'own'],
];
const HEADER = [...PLAN_COLUMNS];
const usual = (column: string): string =>
  ({ bed: 'A', variety: 'One', kind: 'corn', plants: '3' })[column] ?? '';

test('whatever a table is read as can be recorded', () => {
  const odd = fc.tuple(fc.nat(HEADER.length - 1), fc.constantFrom(...CELLS));
  const line = fc
    .array(odd, { maxLength: 3 })
    .map((odds) => HEADER.map((column, i) => odds.find(([at]) => at === i)?.[1] ?? usual(column)));
  let imported = 0;
  fc.assert(
    fc.property(fc.array(line, { minLength: 1, maxLength: 4 }), (lines) => {
      const read = readPlanTable(
        guessSheet([HEADER, ...lines], { purpose: 'eat', unit: 'm' }),
        heldPlan(new Journal()),
        '2026-07-18',
      );
      if (!read.ok) return;
      imported += 1;
      let ids = 0;
      const facts = planFacts(read.draft, new Map(), () => `id-${(ids += 1)}`);
      for (const fact of facts) {
        const told = { id: 'e', lamport: 1, at: '2026-05-12T06:00:00.000Z', device: 'd', action: 'a' };
        expect(KINDS[fact.kind]).toBeDefined();
        expect(faultOfEntry({ ...entryOf(fact, told), garden: 'g' })).toBeUndefined();
      }
    }),
    { numRuns: 3_000 },
  );
  expect(imported).toBeGreaterThan(20);
});
