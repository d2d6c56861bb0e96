import { Journal } from '../journal/journal';
import { liveSeason } from '../../../demo/season';
import { lastPlaces } from '../garden/places';
import { planRows, PLAN_COLUMNS } from './planRows';
import { readPlanTable, type ReadPlan } from './planTable';

const EMPTY = { beds: [], varieties: [], lastPlaces: new Map<string, number>() };
const table = (text: string): string[][] => text.split('\n').map((line) => line.split(','));
const read = (text: string): ReadPlan => readPlanTable(table(text), EMPTY);
const draftOf = (text: string) => {
  const found = read(text);
  if (!found.ok) throw new Error(JSON.stringify(found));
  return found.draft;
};

test('beds, varieties and rows come out of one table', () => {
  const { beds, varieties, rows } = draftOf(
    'Bed,Row,Variety,Kind,Plants,Purpose,Sown\nA,1,Marsh Button,pattypan,6,seed to keep,2026-05-12\nA,2,Pale Heron,Butternut,4,,\nB,,marsh button,,3,,',
  );
  expect(beds.map(({ name, rows: count }) => [name, count])).toEqual([
    ['A', 2],
    ['B', 1],
  ]);
  expect(varieties).toMatchObject([
    { name: 'Marsh Button', crop: 'pepo', purpose: 'seedToKeep', sowing: { how: 'sown', day: '2026-05-12' } },
    { name: 'Pale Heron', crop: 'moschata', purpose: 'eat' },
  ]);
  expect(rows).toEqual([
    { bed: 0, row: 1, variety: 0, plants: 6 },
    { bed: 0, row: 2, variety: 1, plants: 4 },
    { bed: 1, row: 1, variety: 0, plants: 3 },
  ]);
});

test('beds that the table does not place lie apart and are long enough', () => {
  const { beds } = draftOf('bed,variety,kind,plants\nA,One,corn,30\nB,Two,corn,8');
  expect(beds[0]!.length).toBeGreaterThanOrEqual(15);
  expect(beds[1]!.y).toBeGreaterThan(beds[0]!.y + beds[0]!.width);
});

test.each([
  ['A,One,pumpkin,4', 'kind', 'ambiguousKind'],
  ['A,One,dahlia,4', 'kind', 'unknownKind'],
  ['A,Nameless,,4', 'kind', 'missing'],
  ['A,One,corn,four', 'plants', 'noNumber'],
  ['A,One,corn,1.5', 'plants', 'noWholeNumber'],
  ['A,One,corn,0', 'plants', 'noWholeNumber'],
  ['A,One,corn,99999', 'plants', 'tooMany'],
  ['A,One,corn,', 'plants', 'missing'],
  [',One,corn,4', 'bed', 'missing'],
  ['A,,corn,4', 'variety', 'missing'],
  ['Kitchen bed north,One,corn,4', 'bed', 'tooLong'],
  [`A,${'Long '.repeat(17)},corn,4`, 'variety', 'tooLong'],
])('“%s” is refused by row and column: %s, %s', (line, column, why) => {
  const found = read(`bed,variety,kind,plants\nB,Good,corn,3\n${line}`);
  expect(found).toMatchObject({ ok: false, faults: [{ line: 3, column, why }] });
});

test.each([
  ['bed_x', '20000', 'tooHigh'],
  ['bed_y', '-10001', 'tooLow'],
  ['bed_length', '0', 'tooLow'],
  ['bed_width', '1001', 'tooHigh'],
  ['bed_turn', '181', 'tooHigh'],
  ['spacing', '0', 'tooLow'],
])('%s of %s is refused in its cell: %s', (column, value, why) => {
  const found = read(`bed,variety,kind,plants,${column}\nA,One,corn,4,${value}`);
  expect(found).toMatchObject({ ok: false, faults: [{ line: 2, column, why, found: value }] });
});

test('a row takes no more plants than it can hold, those of other lines and those there counted', () => {
  const full = read('bed,variety,kind,plants\nA,One,corn,1500\nA,One,,501');
  expect(full).toMatchObject({ faults: [{ line: 3, column: 'plants', why: 'rowFull', limit: 2000 }] });
  const plan = heldBy(demo());
  const { bed, name } = plan.beds[0]!;
  const held = { ...plan, lastPlaces: new Map([[`${bed}|1`, 1999]]) };
  expect(readPlanTable(table(`bed,variety,kind,plants\n${name},New,corn,2`), held)).toMatchObject({
    faults: [{ why: 'rowFull' }],
  });
});

test('a bed that would be longer than any can be is told of, at the line that named it', () => {
  const found = read('bed,variety,kind,plants,spacing\nB,One,corn,4,\nA,One,,2000,2');
  expect(found).toMatchObject({ ok: false, faults: [{ line: 3, column: 'bed', why: 'noRoom', found: 'A' }] });
});

test('every fault of a table is reported at once, and nothing of it is imported', () => {
  const found = read('bed,variety,kind,plants,sown,purpose\nA,One,dahlia,x,12.5.26,war\nA,Two,corn,3,,');
  expect(found.ok).toBe(false);
  expect(!found.ok && found.faults.map(({ column }) => column).sort()).toEqual([
    'kind',
    'plants',
    'purpose',
    'sown',
  ]);
});

test('one name cannot be two species, in the table or on the plan', () => {
  const twice = read('bed,variety,kind,plants\nA,One,corn,3\nA,one,tomato,3');
  expect(twice).toMatchObject({ faults: [{ line: 3, why: 'otherKindBefore' }] });
  const journal = demo();
  const held = heldBy(journal);
  const against = readPlanTable(table('bed,variety,kind,plants\nA,Marsh Button,butternut,3'), held);
  expect(against).toMatchObject({ faults: [{ why: 'otherKindOnPlan' }] });
  const known = readPlanTable(table('bed,variety,kind,plants\nA,Marsh Button,pumpkin,3'), held);
  expect(known).toMatchObject({ ok: true, draft: { varieties: [{ crop: 'pepo' }] } });
});

test('missing columns are named, and empty lines do not matter', () => {
  expect(read('variety,kind')).toEqual({ ok: false, missing: ['bed', 'plants'], faults: [] });
  expect(readPlanTable([], EMPTY)).toMatchObject({ ok: false, missing: ['bed', 'variety', 'plants'] });
  expect(draftOf('bed,variety,kind,plants\n\nA,One,corn,3\n,,,').rows).toHaveLength(1);
});

function demo(): Journal {
  const journal = new Journal();
  journal.add(liveSeason());
  return journal;
}
const heldBy = (journal: Journal) => ({
  beds: [...journal.all('bed').values()],
  varieties: [...journal.all('variety').values()],
  lastPlaces: lastPlaces(journal.all('plant').values()),
});

test('a plan exported as a table is imported as it was', () => {
  const journal = demo();
  const { beds } = heldBy(journal);
  const plants = [...journal.all('plant').values()];
  const rows = planRows(beds, plants, journal.all('variety'));
  const found = readPlanTable(
    [[...PLAN_COLUMNS], ...rows.map((row) => PLAN_COLUMNS.map((c) => row[c]))],
    EMPTY,
  );
  if (!found.ok) throw new Error(JSON.stringify(found));
  const { draft } = found;
  expect(draft.beds).toHaveLength(new Set(plants.map(({ bed }) => bed)).size);
  for (const bed of draft.beds) {
    const { bed: _id, ...was } = beds.find(({ name }) => name === bed.name)!;
    expect({ ...bed, every: was.every }).toEqual({ ...was, every: was.every });
  }
  expect(draft.rows.reduce((sum, row) => sum + row.plants, 0)).toBe(plants.length);
  for (const { name, crop, purpose, sowing } of draft.varieties) {
    const was = [...journal.all('variety').values()].find((variety) => variety.name === name)!;
    expect({ crop, purpose, sowing }).toEqual({ crop: was.crop, purpose: was.purpose, sowing: was.sowing });
  }
});
