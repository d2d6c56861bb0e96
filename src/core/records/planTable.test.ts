import { Journal } from '../journal/journal';
import { livedSeason } from '@testing/seasons';
import { PLAN_COLUMNS } from './planColumns';
import { heldPlan, type HeldPlan, type ReadPlan } from './planDraft';
import { planFacts } from './planFacts';
import { planRows } from './planLines';
import { readPlanTable } from './planTable';
import { guessSheet } from './sheet/guessSheet';
import { withCells, type Sheet } from './sheet/sheet';
import { entryOf } from '@testing/entries';

const EMPTY = heldPlan(new Journal());
const TODAY = '2026-07-18';
const DEFAULTS = { purpose: 'eat', unit: 'm' } as const;
const sheetOf = (text: string): Sheet =>
  guessSheet(
    text.split('\n').map((line) => line.split(',')),
    DEFAULTS,
  );
const read = (text: string, held: HeldPlan = EMPTY, changes: Partial<Sheet> = {}): ReadPlan =>
  readPlanTable({ ...sheetOf(text), ...changes }, held, TODAY);
const readOk = (text: string, held: HeldPlan = EMPTY, changes: Partial<Sheet> = {}) => {
  const found = read(text, held, changes);
  if (!found.ok) throw new Error(JSON.stringify(found));
  return found;
};
const draftOf = (text: string) => readOk(text).draft;
const assumedOf = (text: string) => readOk(text).assumed;

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

test('beds that the table does not place lie apart, are long enough, and are known to have no place', () => {
  const { beds } = draftOf('bed,variety,kind,plants\nA,One,corn,30\nB,Two,corn,8');
  expect(beds[0]!.length).toBeGreaterThanOrEqual(15);
  expect(beds[1]!.y).toBeGreaterThan(beds[0]!.y + beds[0]!.width);
  expect(beds.map(({ unplaced }) => unplaced)).toEqual([true, true]);
  expect(draftOf('bed,variety,kind,plants,bed_x,bed_y\nA,One,corn,30,2,3').beds[0]!.unplaced).toBeUndefined();
});

test.each([
  ['A,One,pumpkin,4', 'kind', 'ambiguousKind'],
  ['A,One,dahlia,4', 'kind', 'unknownKind'],
  ['A,Nameless,,4', 'kind', 'missing'],
  ['A,One,corn,some', 'plants', 'noCount'],
  ['A,One,corn,1.5', 'plants', 'noWholeNumber'],
  ['A,One,corn,0', 'plants', 'noWholeNumber'],
  ['A,One,corn,99999', 'plants', 'tooMany'],
  ['A,One,corn,', 'plants', 'missing'],
  ['A,,,4', 'variety', 'missing'],
  [`${'Kitchen '.repeat(8)},One,corn,4`, 'bed', 'tooLong'],
  [`A,${'Long '.repeat(17)},corn,4`, 'variety', 'tooLong'],
])('“%s” is refused by row and column: %s, %s', (line, column, why) => {
  const found = read(`bed,variety,kind,plants\nB,Good,corn,3\n${line}`);
  expect(found).toMatchObject({ ok: false, faults: [{ line: 2, column, why }] });
});

test.each([
  ['bed_x', '20000', 'tooHigh'],
  ['bed_y', '-10001', 'tooLow'],
  ['bed_length', '0', 'tooLow'],
  ['bed_width', '1001', 'tooHigh'],
  ['bed_width', 'broad', 'noLength'],
  ['bed_turn', '181', 'tooHigh'],
  ['bed_turn', 'east', 'noNumber'],
  ['spacing', '0', 'tooLow'],
  ['spacing', '250000', 'tooHigh'],
  ['row', '0', 'noWholeNumber'],
  ['row', '201', 'tooHigh'],
  ['days_to_flower', '401', 'tooHigh'],
  ['fruit_wanted', 'many', 'noWholeNumber'],
])('%s of %s is refused in its cell: %s', (column, value, why) => {
  const found = read(`bed,variety,kind,plants,${column}\nA,One,corn,4,${value}`);
  expect(found).toMatchObject({ ok: false, faults: [{ line: 1, column, why, found: value }] });
});

test.each([
  ['45', {}, 'cm', 0.45],
  ['45,18"', {}, 'in', 1.143],
  ['45,18"', { small: 'cm' }, 'cm', 0.45],
  ['1.5', {}, undefined, 1.5],
] as const)(
  '%s from plant to plant without a unit, %j: %s, which is told and can be changed',
  (cells, changed, unit, metres) => {
    const rows = [['bed', 'variety', 'kind', 'plants', 'spacing']];
    cells.split(',').forEach((cell, i) => rows.push([`Bed ${i}`, `V${i}`, 'corn', '4', cell]));
    const guessed = guessSheet(rows, { purpose: 'eat', unit: 'm' });
    const found = readPlanTable({ ...guessed, ...changed }, heldPlan(new Journal()), '2026-05-01');
    expect(found.assumed.find(({ code }) => code === 'smallUnit')?.params).toEqual(
      unit && { unit, found: '45', lines: 1 },
    );
    expect(found.ok && found.draft.beds[0]!.every).toBeCloseTo(metres, 9);
  },
);

test('a row takes no more plants than it can hold, those of other lines and those there counted', () => {
  const full = read('bed,variety,kind,plants\nA,One,corn,1500\nA,One,,501');
  expect(full).toMatchObject({ faults: [{ line: 2, column: 'plants', why: 'rowFull', limit: 2000 }] });
  const plan = heldPlan(demo());
  const { bed, name } = plan.beds[0]!;
  const held = { ...plan, lastPlaces: new Map([[`${bed}|1`, 1999]]) };
  expect(read(`bed,variety,kind,plants\n${name},New,corn,2`, held)).toMatchObject({
    faults: [{ why: 'rowFull' }],
  });
});

test('a bed that would be longer than any can be is told of, at the line that named it', () => {
  const found = read('bed,variety,kind,plants,spacing\nB,One,corn,4,\nA,One,,2000,2');
  expect(found).toMatchObject({ ok: false, faults: [{ line: 2, column: 'bed', why: 'noRoom', found: 'A' }] });
});

test('every fault of a table is reported at once, and nothing of it is imported', () => {
  const found = read('bed,variety,kind,plants,sown,purpose\nA,One,dahlia,x,31.2.26,war\nA,Two,corn,3,,');
  expect(found.ok).toBe(false);
  expect(!found.ok && found.faults.map(({ column }) => column).sort()).toEqual([
    'kind',
    'plants',
    'purpose',
    'sown',
  ]);
});

test('one name cannot be two species, in the table or on the plan; another name is offered', () => {
  const twice = read('bed,variety,kind,plants\nA,One,corn,3\nA,one,tomato,3');
  expect(twice).toMatchObject({ faults: [{ line: 2, why: 'otherKindBefore', offers: ['one (tomato)'] }] });
  const held = heldPlan(demo());
  expect(read('bed,variety,kind,plants\nA,Marsh Button,butternut,3', held)).toMatchObject({
    faults: [{ why: 'otherKindOnPlan' }],
  });
  expect(read('bed,variety,kind,plants\nA,Marsh Button,pumpkin,3', held)).toMatchObject({
    ok: true,
    draft: { varieties: [{ crop: 'pepo' }] },
  });
});

test('a table needs a column that tells what grows; empty lines do not matter', () => {
  expect(read('bed,plants\nA,3')).toMatchObject({ ok: false, missing: ['variety', 'kind'] });
  expect(readPlanTable(guessSheet([], DEFAULTS), EMPTY, TODAY)).toMatchObject({ ok: false });
  expect(draftOf('bed,variety,kind,plants\n\nA,One,corn,3\n,,,').rows).toHaveLength(1);
});

test('an empty bed is the one above, and that is said', () => {
  const { draft, assumed } = readOk(
    'bed,variety,kind,plants\nTop bed,One,corn,3\n,Two,melon,2\n,Three,okra,2',
  );
  expect(draft.rows.map(({ bed }) => draft.beds[bed]!.name)).toEqual(['Top bed', 'Top bed', 'Top bed']);
  expect(assumed).toContainEqual({ code: 'bedAsAbove', params: { lines: 2 } });
  expect(read('bed,variety,kind,plants\n,One,corn,3')).toMatchObject({
    faults: [{ column: 'bed', why: 'missing' }],
  });
});

test('a table without beds, numbers or names of varieties is read as most mean it, and that is said', () => {
  const { draft, assumed } = readOk('Crop,Qty\nTomatoes,6\nCucumber,2');
  expect(draft.beds).toMatchObject([{ name: 'Garden', unplaced: true }]);
  expect(draft.varieties.map(({ name, crop }) => [name, crop])).toEqual([
    ['Tomatoes', 'tomato'],
    ['Cucumber', 'cucumber'],
  ]);
  expect(assumed.map(({ code }) => code)).toEqual(['oneBed', 'varietyByKind', 'purposeGiven']);
  expect(assumedOf('Bed,Variety,Kind\nA,One,corn')).toContainEqual({
    code: 'onePlantEach',
    params: { lines: 1 },
  });
});

test('titles between the lines name the kind or the bed of what follows; totals and other words are passed over', () => {
  const { draft, assumed } = readOk(
    'Variety,Plants,Bed\nSQUASH,,\nOld Butternut,4,A\nTOMATOES,,\nRed Ox,6,\nLong Acorn Squash,2,\nTotal,12,\n,,Top bed\nRed Ox,1,\n,(water daily),',
  );
  expect(draft.varieties.map(({ name, crop }) => [name, crop])).toEqual([
    ['Old Butternut', 'moschata'],
    ['Red Ox', 'tomato'],
    ['Long Acorn Squash', 'pepo'],
  ]);
  expect(draft.rows.map(({ bed, plants }) => [draft.beds[bed]!.name, plants])).toEqual([
    ['A', 4],
    ['A', 6],
    ['A', 2],
    ['Top bed', 1],
  ]);
  expect(assumed).toContainEqual({ code: 'passedOver', params: { texts: ['Total 12', '(water daily)'] } });
});

test('a variety is not mistaken for a title or a total', () => {
  const eclipse = draftOf('Bed,Variety,Kind,Plants\nA,Total Eclipse,tomato,3');
  expect(eclipse.varieties.map(({ name }) => name)).toEqual(['Total Eclipse']);
  // A line without its number is asked about, not read as a title.
  const asked = read('Bed,Variety,Kind,Plants\n,Cucumber,,\nA,Red Ox,tomato,3');
  expect(asked).toMatchObject({ ok: false });
  expect(draftOf('Bed,Variety\nA,Tomato\n,Cucumber').varieties.map(({ name }) => name)).toEqual([
    'Tomato',
    'Cucumber',
  ]);
  // A title under which nothing stands is told of.
  const { assumed } = readOk('Variety,Plants\nSQUASH,\nTOMATOES,\nRed Ox,6');
  expect(assumed).toContainEqual({ code: 'passedOver', params: { texts: ['SQUASH'] } });
});

test('several rows in one cell are several rows', () => {
  expect(draftOf('Bed,Row,Variety,Kind,Plants\nA,2,One,corn,3 rows of 12').rows).toEqual(
    [2, 3, 4].map((row) => ({ bed: 0, row, variety: 0, plants: 12 })),
  );
});

test('bed and row in one cell', () => {
  const { beds, rows } = draftOf(
    'Bed/row,Variety,Kind,Plants\nA/1,One,corn,3\nA/2,Two,melon,2\nTop bed,Two,,2',
  );
  expect(beds.map(({ name }) => name)).toEqual(['A', 'Top bed']);
  expect(rows.map(({ bed, row }) => [bed, row])).toEqual([
    [0, 1],
    [0, 2],
    [1, 1],
  ]);
});

test('a variety that is sown twice has two sowings, and no day of it is lost', () => {
  const { varieties, sowings, rows } = draftOf(
    'Bed,Variety,Kind,Plants,Sown\nA,One,corn,12,2026-05-01\nB,One,,12,2026-05-21\nC,One,,6,2026-05-21\nD,One,,6,',
  );
  expect(varieties[0]!.sowing).toEqual({ how: 'sown', day: '2026-05-01' });
  expect(sowings).toEqual([{ variety: 0, sowing: { how: 'sown', day: '2026-05-21' } }]);
  expect(rows.map(({ sowing }) => sowing)).toEqual([undefined, 0, 0, undefined]);
});

test('a sowing that is on the plan already is that one', () => {
  const journal = imported('Bed,Variety,Kind,Plants,Sown\nA,One,corn,12,2026-05-01\nB,One,,12,2026-05-21');
  const { draft } = readOk('Bed,Variety,Kind,Plants,Sown\nC,One,corn,3,2026-05-21', heldPlan(journal));
  const [planting] = [...journal.all('planting').keys()];
  expect(draft.sowings).toMatchObject([{ held: planting }]);
});

test('whether day or month comes first is asked once, where no day of the table tells', () => {
  const text = 'Bed,Variety,Kind,Plants,Sown\nA,One,corn,12,5/6/2026\nB,Two,corn,12,7/6/2026';
  expect(read(text)).toMatchObject({ faults: [{ why: 'whichDay' }, { why: 'whichDay' }] });
  expect(readOk(text, EMPTY, { dates: 'dayFirst' }).draft.varieties[0]!.sowing?.day).toBe('2026-06-05');
  expect(readOk(text, EMPTY, { dates: 'monthFirst' }).draft.varieties[0]!.sowing?.day).toBe('2026-05-06');
});

test('the year of days without one is said, and can be given', () => {
  const text = 'Bed,Variety,Kind,Plants,Sown\nA,One,corn,12,12 May';
  expect(assumedOf(text)).toContainEqual({ code: 'yearGiven', params: { first: '2026-05-12', days: 1 } });
  expect(readOk(text, EMPTY, { year: 2027 }).draft.varieties[0]!.sowing?.day).toBe('2027-05-12');
});

test('traits and notes: what no column has room for is kept with the variety', () => {
  const { varieties } = draftOf(
    'Bed,Variety,Kind,Plants,Parthenocarpic,Traits,Colour,Notes\nA,Green Pipe,cucumber,3,yes,climbs,green,\nA,Dusk,popcorn,3,,,blue,from Ida\nB,Dusk,,3,,,blue,late',
  );
  expect(varieties[0]).toMatchObject({ traits: { parthenocarpic: true }, note: 'climbs; Colour: green' });
  expect(varieties[1]).toMatchObject({
    traits: { endosperm: 'pop' },
    note: 'A 1: Colour: blue; from Ida\nB 1: Colour: blue; late',
  });
});

test('where seed came from is read where it says how pure it is, else kept as a note', () => {
  const { varieties } = draftOf(
    'Bed,Variety,Kind,Plants,From whom\nA,One,corn,3,Ida\nA,Two,melon,3,swap table',
  );
  expect(varieties).toMatchObject([
    { seedSource: 'unknown', note: 'From whom: Ida' },
    { seedSource: 'swapped' },
  ]);
  expect(varieties[1]!.note).toBeUndefined();
});

test('a note of a variety that is on the plan already is added to its own', () => {
  const journal = imported('Bed,Variety,Kind,Plants,Colour\nA,One,corn,12,blue');
  const { draft } = readOk('Bed,Variety,Kind,Plants,Taste\nB,One,,12,sweet', heldPlan(journal));
  const after = importInto(journal, draft);
  expect([...after.all('variety').values()].map(({ note }) => note)).toEqual(['Colour: blue\nTaste: sweet']);
});

test('plants that stand on the plan already are said to', () => {
  const text = 'Bed,Variety,Kind,Plants\nA,One,corn,12\nB,Two,corn,3';
  const again = readOk(text, heldPlan(imported(text)));
  expect(again.assumed).toContainEqual({ code: 'standsAlready', params: { plants: 15 } });
  expect(assumedOf(text).map(({ code }) => code)).not.toContain('standsAlready');
});

test('lines that the grower leaves out are not read', () => {
  const text = 'Bed,Variety,Kind,Plants\nA,One,corn,12\nB,Two,dahlia,3';
  expect(readOk(text, EMPTY, { left: [2] }).draft.rows).toHaveLength(1);
});

test('a line that repeats the names of the columns is none', () => {
  expect(
    draftOf('Bed,Variety,Kind,Plants\nA,One,corn,12\nBed,Variety,Kind,Plants\nB,Two,corn,3').rows,
  ).toHaveLength(2);
});

let lived: Journal | undefined;

/** The demo's garden, to look at: it is not added to. */
function demo(): Journal {
  if (!lived) {
    lived = new Journal();
    lived.add(livedSeason('demo'));
  }
  return lived;
}

function importInto(journal: Journal, draft: Parameters<typeof planFacts>[0]): Journal {
  let ids = journal.all('plant').size;
  const facts = planFacts(draft, heldPlan(journal).lastPlaces, () => `id-${(ids += 1)}`);
  journal.add(
    facts.map((fact, i) => {
      const lamport = 1 + ids + i;
      return entryOf(fact, {
        id: `e${lamport}`,
        lamport,
        at: '2026-05-12T06:00:00.000Z',
        device: 'd',
        action: 'a',
      });
    }),
  );
  return journal;
}
const imported = (text: string): Journal => importInto(new Journal(), draftOf(text));

test('a plan exported as a table is imported as it was', () => {
  const journal = demo();
  const rows = planRows(journal);
  const sheet = guessSheet(
    [[...PLAN_COLUMNS], ...rows.map((row) => PLAN_COLUMNS.map((c) => row[c]))],
    DEFAULTS,
  );
  expect(sheet.uses).toEqual(PLAN_COLUMNS);
  const found = readPlanTable(sheet, EMPTY, TODAY);
  if (!found.ok) throw new Error(JSON.stringify(found));
  const again = importInto(new Journal(), found.draft);
  expect(planRows(again)).toEqual(rows);
  const described = (of: Journal) =>
    [...of.all('variety').values()]
      .filter(({ name }) => rows.some((row) => row.variety === name))
      .map(({ name, crop, purpose, sowing, traits, daysToFlower, seedSource }) => ({
        name,
        crop,
        purpose,
        sowing,
        traits,
        daysToFlower,
        seedSource,
      }))
      .sort((a, b) => (a.name < b.name ? -1 : 1));
  expect(described(again)).toEqual(described(journal));
});

test('a whole list as a grower keeps it: only what nobody could know is asked', () => {
  const rows = [
    'Location|Crop|Variety|No.|Row sp.|Sow|Plant out|Harvest|Seed co|Save?',
    'GH|Tomato|Brass Lantern|6|18"|Mar 5|May 10|July|own|y',
    'GH|Chillies|Ash Ember|4|18"|Feb 20|May 15|Aug|swap|y',
    '1|Carrots|Long Orange|100|1"|Apr 1||July||',
    "2|W. squash|Grey Drum|3|4'|Apr 25|May 25|Sept|own|y",
    '3|Cukes|Green Otter|4|18"|Apr 25|May 25|July||y',
    '3|Musk melons|Wren Honey|two|18"|Apr 25|May 25|July||n',
    '5|Runner beans|Scarlet Rung|24|6"||May 15 (direct)|Aug||y',
    '5|Peas|Low Whistle|80|2"|3/20||June||y',
  ].map((line) => line.split('|'));
  const sheet = guessSheet(rows, { purpose: 'eat', unit: 'ft' });
  const asked = readPlanTable(sheet, EMPTY, TODAY);
  expect(!asked.ok && asked.faults.map(({ line, column, why }) => [line, column, why])).toEqual([
    [2, 'kind', 'ambiguousKind'],
    [3, 'kind', 'unknownKind'],
    [4, 'kind', 'ambiguousKind'],
  ]);
  const settled = withCells(
    withCells({ ...sheet, left: [3] }, [2], 'kind', 'Capsicum annuum'),
    [4],
    'kind',
    'maxima',
  );
  const found = readPlanTable(settled, EMPTY, TODAY);
  expect(
    found.ok &&
      found.draft.varieties.map(({ name, crop, purpose, sowing }) => [name, crop, purpose, sowing?.day]),
  ).toEqual([
    ['Brass Lantern', 'tomato', 'seedToKeep', '2026-05-10'],
    ['Ash Ember', 'annuum', 'seedToKeep', '2026-05-15'],
    ['Grey Drum', 'maxima', 'seedToKeep', '2026-05-25'],
    ['Green Otter', 'cucumber', 'seedToKeep', '2026-05-25'],
    ['Wren Honey', 'melon', 'eat', '2026-05-25'],
    ['Scarlet Rung', 'runnerBean', 'seedToKeep', '2026-05-15'],
    ['Low Whistle', 'pea', 'seedToKeep', '2026-03-20'],
  ]);
  expect(found.ok && found.draft.varieties[5]!.note).toMatch(/May 15 \(direct\)/);
});
