import fc from 'fast-check';
import { begin, statesOf, type Phone } from '@testing/yard';
import { gardensOf } from '../journal/past';
import { planLines } from './planLines';
import {
  cellText,
  EDITED_COLUMNS,
  planChanges,
  typeOver,
  type EditedColumn,
  type PlanEdits,
} from './planEdits';

const TODAY = '2026-07-20';
const AT = '2026-07-20T12:00:00Z';

/** Two varieties, one of them in two rows and by two sowings. */
function garden(): Phone {
  const phone = begin([
    { variety: 'heron', crop: 'moschata', plants: ['h1', 'h2', 'h3'] },
    { variety: 'button', crop: 'pepo', purpose: 'eat', plants: ['b1', 'b2'] },
  ]);
  phone.say(
    '2026-05-01T10:00:00Z',
    {
      kind: 'bed.laid',
      body: { bed: 'bed-heron', name: 'Arbour', x: 1, y: 0, length: 8, width: 1, rows: 2, turn: 0 },
    },
    {
      kind: 'planting.set',
      body: {
        planting: 'late',
        variety: 'heron',
        sowing: { how: 'sown', day: '2026-06-01' },
        seedSource: 'swapped',
        lot: 'packet 7',
      },
    },
    {
      kind: 'plants.set',
      body: {
        bed: 'bed-heron',
        row: 2,
        variety: 'heron',
        planting: 'late',
        plants: [{ plant: 'h4', place: 1 }],
      },
    },
  );
  return phone;
}

let minted = 0;
const newId = (): string => `new-${(minted += 1)}`;

const changesOf = (phone: Phone, edits: PlanEdits) =>
  planChanges(phone.journal, planLines(phone.journal), edits, { order: undefined, today: TODAY, newId });

type Cells = Readonly<Partial<Record<EditedColumn, string>>>;

/** Types over cells of one line, each by itself. */
const typed = (phone: Phone, line: number, cells: Cells, edits: PlanEdits = {}): PlanEdits =>
  (Object.entries(cells) as [EditedColumn, string][]).reduce(
    (before, [column, text]) => typeOver(planLines(phone.journal), before, [{ line, column, text }]).edits,
    edits,
  );

function save(phone: Phone, edits: PlanEdits): void {
  const { described, facts, faults } = changesOf(phone, edits);
  expect(faults).toEqual([]);
  phone.say(AT, ...described.map(({ kind, body }) => ({ kind, body }) as never), ...facts);
}

const shown = (phone: Phone, line: number, ...columns: EditedColumn[]): string[] =>
  columns.map((column) => planLines(phone.journal)[line]!.cells[column]);

test('the lines are in walking order: a bed’s rows, and each sowing', () => {
  expect(
    planLines(garden().journal).map(({ cells }) => [cells.bed, cells.row, cells.variety, cells.plants]),
  ).toEqual([
    ['Arbour', '1', 'heron', '3'],
    ['Arbour', '2', 'heron', '1'],
    ['button', '1', 'button', '2'],
  ]);
});

test('what is typed in one line of a variety stands in all of them, and is recorded once', () => {
  const phone = garden();
  const edits = typed(phone, 1, {
    variety: 'Pale Heron',
    purpose: 'rare or sold',
    days_to_flower: '62',
    note: 'tall',
  });
  const lines = planLines(phone.journal);
  expect(lines.map((line) => cellText(line, 'variety', edits))).toEqual([
    'Pale Heron',
    'Pale Heron',
    'button',
  ]);
  const { described } = changesOf(phone, edits);
  expect(described.map(({ id, matters }) => [id, matters])).toEqual([['heron', true]]);
  save(phone, edits);
  expect(shown(phone, 0, 'variety', 'purpose', 'days_to_flower', 'note')).toEqual([
    'Pale Heron',
    'rare or sold',
    '62',
    'tall',
  ]);
  // What nobody typed is as it was.
  expect(phone.journal.all('variety').get('heron')).toMatchObject({
    seedSource: 'ownGuarded',
    crop: 'moschata',
  });
});

test('a sowing is of its own lines: the variety’s, or one of several', () => {
  const phone = garden();
  save(phone, typed(phone, 1, { sown: '2 June 2026' }, typed(phone, 0, { planted_out: '12.5.2026' })));
  expect(phone.journal.all('variety').get('heron')!.sowing).toEqual({ how: 'plantedOut', day: '2026-05-12' });
  expect(phone.journal.all('planting').get('late')).toMatchObject({
    sowing: { how: 'sown', day: '2026-06-02' },
    seedSource: 'swapped',
    lot: 'packet 7',
  });
  save(phone, typed(phone, 0, { planted_out: '' }));
  expect(phone.journal.all('variety').get('heron')!.sowing).toBeUndefined();
});

test('a bed gets another name and stays where it lies; fruit is judged by none of it', () => {
  const phone = garden();
  const edits = typed(phone, 0, { bed: 'By the wall' });
  expect(changesOf(phone, edits).described.map(({ matters }) => matters)).toEqual([false]);
  save(phone, edits);
  expect(phone.journal.all('bed').get('bed-heron')).toMatchObject({
    name: 'By the wall',
    rows: 2,
    length: 8,
  });
});

test('more plants stand after those that are there; fewer, and stands, are not taken from a number', () => {
  const phone = garden();
  save(phone, typed(phone, 1, { plants: '3' }, typed(phone, 0, { plants: '5' })));
  const inRow = (row: number) =>
    [...phone.journal.all('plant').values()].filter(
      (plant) => plant.bed === 'bed-heron' && plant.row === row,
    );
  expect(inRow(1).map(({ place }) => place)).toEqual([1, 2, 3, 4, 5]);
  expect(inRow(2).map(({ place, planting }) => [place, planting])).toEqual([
    [1, 'late'],
    [2, 'late'],
    [3, 'late'],
  ]);
  expect(changesOf(phone, typed(phone, 0, { plants: '4' })).faults[0]).toMatchObject({
    why: 'fewerPlants',
    line: 0,
  });
});

test.each<[Cells, string]>([
  [{ variety: '' }, 'missing'],
  [{ variety: 'Button' }, 'nameTaken'],
  [{ variety: 'x'.repeat(81) }, 'tooLong'],
  [{ bed: 'BUTTON' }, 'nameTaken'],
  [{ purpose: 'perhaps' }, 'unknownPurpose'],
  [{ seed: 'from the moon' }, 'unknownSeed'],
  [{ sown: 'soon' }, 'noDay'],
  [{ sown: '5/6/2026' }, 'whichDay'],
  [{ sown: '2026-05-01', planted_out: '2026-06-01' }, 'twoDays'],
  [{ days_to_flower: '6o' }, 'noWholeNumber'],
  [{ days_to_flower: '900' }, 'tooHigh'],
  [{ plants: '' }, 'missing'],
  [{ plants: '2001' }, 'tooHigh'],
])('%j: %s, and nothing is recorded', (cells, why) => {
  const phone = garden();
  const found = changesOf(phone, typed(phone, 0, { ...cells, note: 'fine by itself' }));
  expect(found.faults.map((fault) => fault.why)).toEqual([why]);
  expect([found.described, found.facts]).toEqual([[], []]);
});

test('two varieties that would bear one name are told', () => {
  const phone = garden();
  const edits = typed(phone, 2, { variety: 'Wren' }, typed(phone, 0, { variety: 'wren' }));
  expect(changesOf(phone, edits).faults.map(({ why }) => why)).toEqual(['nameTaken', 'nameTaken']);
  // Changed round, each has one of its own.
  save(phone, typed(phone, 2, { variety: 'Heron' }, typed(phone, 0, { variety: 'Wren' })));
  expect([...phone.journal.all('variety').values()].map(({ name }) => name).sort()).toEqual([
    'Heron',
    'Wren',
  ]);
});

test('what a pasted block says of one thing in two ways is not taken', () => {
  const phone = garden();
  const lines = planLines(phone.journal);
  const block = [
    { line: 0, column: 'purpose', text: 'eat' },
    { line: 1, column: 'purpose', text: 'seed to keep' },
    { line: 2, column: 'purpose', text: 'rare or sold' },
  ] as const;
  const { edits, unlike } = typeOver(lines, {}, block);
  expect(unlike).toEqual(block.slice(0, 2));
  expect(lines.map((line) => cellText(line, 'purpose', edits))).toEqual([
    'seed to keep',
    'seed to keep',
    'rare or sold',
  ]);
});

test('what is typed back is no change', () => {
  const phone = garden();
  expect(typed(phone, 0, { purpose: 'seed to keep ' }, typed(phone, 1, { purpose: 'eat' }))).toEqual({});
});

test('seed told otherwise from today judges no earlier flower; a name in the same breath neither', () => {
  const phone = garden();
  const before = gardensOf(phone.journal, '2026-07-10').map(
    (then) => then.all('variety').get('button')!.purpose,
  );
  save(phone, typed(phone, 2, { variety: 'Marsh Button' }));
  expect(
    gardensOf(phone.journal, '2026-07-10').map((then) => then.all('variety').get('button')!.purpose),
  ).toEqual(expect.arrayContaining(before));
});

const TEXTS: { readonly [C in EditedColumn]: fc.Arbitrary<string> } = {
  bed: fc.constantFrom('Arbour', 'North', 'By the wall'),
  variety: fc.constantFrom('heron', 'Pale Heron', 'Wren Loaf'),
  plants: fc.integer({ min: 3, max: 9 }).map(String),
  purpose: fc.constantFrom('eat', 'seed for fun', 'seed to keep', 'rare or sold'),
  seed: fc.constantFrom('', 'own', 'bought', 'swapped', 'open', 'f1'),
  sown: fc.constantFrom('', '2026-05-12', '2026-06-30'),
  planted_out: fc.constantFrom(''),
  days_to_flower: fc.constantFrom('', '40', '66'),
  fruit_wanted: fc.constantFrom('', '2', '12'),
  note: fc.constantFrom('', 'tall', 'by the gate, shaded'),
};

test('whatever is typed is what the plan says afterwards, and all else is as it was', () => {
  fc.assert(
    fc.property(
      fc.array(
        fc
          .constantFrom(...EDITED_COLUMNS)
          .chain((column) => fc.record({ column: fc.constant(column), text: TEXTS[column] })),
        { maxLength: 8 },
      ),
      (cells) => {
        const phone = garden();
        const before = planLines(phone.journal);
        const [other, states] = [before[2]!.cells, statesOf(phone.journal)];
        // A bed of another name may stand elsewhere in the order.
        const cellsNow = (variety: string, row: string) =>
          planLines(phone.journal).find((line) => line.variety.variety === variety && line.cells.row === row)!
            .cells;
        const edits = cells.reduce<PlanEdits>(
          (held, { column, text }) => typed(phone, 0, { [column]: text }, held),
          {},
        );
        save(phone, edits);
        for (const column of EDITED_COLUMNS)
          expect(cellsNow('heron', '1')[column]).toBe(cellText(before[0]!, column, edits));
        expect(cellsNow('button', '1')).toEqual(other);
        if (Object.keys(edits).length === 0) expect(statesOf(phone.journal)).toEqual(states);
      },
    ),
    { numRuns: 100 },
  );
});
