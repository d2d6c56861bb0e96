import type { Bloom, Plant } from '../journal/state';
import { fruitPurity } from './fruitPurity';
import type { PurityEvidence } from './chain';

const OPENS = Date.parse('2026-07-19T04:00:00Z');

const male = (flower: string, plant: string, change: Partial<Bloom> = {}): Bloom => ({
  bloom: flower,
  plant,
  sex: 'male',
  code: '',
  day: '2026-07-19',
  cover: { method: 'tape', at: '2026-07-18T18:00:00.000Z' },
  picked: { at: '2026-07-19T04:10:00.000Z', entry: 'p' },
  part: 'flower',
  role: 'hand',
  count: 1,
  countedBy: [],
  members: [],
  laterPollinations: [],
  reports: [],
  looks: [],
  conflicts: [],
  ...change,
});

const POLLINATION: NonNullable<Bloom['pollination']> = {
  at: '2026-07-19T04:20:00.000Z',
  donors: [{ plant: 'B', bloom: 'm1' }],
  found: 'shut',
  method: 'maleFlower',
  shutAgain: true,
  tagged: true,
  application: 1,
  device: 'd',
  entry: 'e',
};

const female = (change: Partial<Bloom> = {}): Bloom =>
  male('f1', 'A', { sex: 'female', code: 'K123', picked: undefined, pollination: POLLINATION, ...change });

const plant = (id: string, variety: string): [string, Plant] => [
  id,
  { plant: id, bed: 'b', row: 1, place: 1, count: 1, variety },
];

const judge = (flower: Bloom, change: Partial<PurityEvidence> = {}) =>
  fruitPurity({
    bloom: flower,
    variety: { variety: 'v' },
    males: new Map([['m1', male('m1', 'B')]]),
    plants: new Map([plant('A', 'v'), plant('B', 'v'), plant('X', 'w')]),
    father: 'v',
    seedSources: ['ownGuarded'],
    fatherSources: ['ownGuarded'],
    beside: [],
    controls: { looked: 0, set: 0 },
    sharesTag: false,
    guardsOf: () => [],
    opensOn: () => OPENS,
    insectsOn: () => OPENS + 3_600_000,
    carried: undefined,
    visitedBefore: [],
    receptiveUntil: '2026-07-19',
    pollenKeeps: 0,
    ...change,
  });

const harvested = (tagThere: boolean): Partial<Bloom> => ({
  harvest: { use: 'seed', tagThere, typical: true, at: '2026-09-10T09:00:00.000Z' },
});

const report = (why: 'hole' | 'insect' | 'open' | 'notFound') =>
  [{ why, at: '2026-07-19T04:30:00.000Z', device: 'other', entry: 'e2' }] as const;

test('covered, intact, clean, shut and tagged to the harvest is true to type', () => {
  const purity = judge(female(harvested(true)));
  expect(purity).toMatchObject({ grade: 'true', soFar: false });
  expect(purity.weakest).toBeUndefined();
});

test('before the harvest it is true so far, and the pending link is the tag', () => {
  const purity = judge(female());
  expect(purity).toMatchObject({ grade: 'true', soFar: true, weakest: { link: 'tag', state: 'pending' } });
});

// The chain of the trade: cover from bud to harvest (common practice, no source).
test.each([
  ['not covered', female({ cover: undefined }), 'cover', 'cover.none'],
  [
    'only marked',
    female({ cover: { method: 'none', at: '2026-07-18T18:00:00.000Z' } }),
    'cover',
    'cover.none',
  ],
  [
    'covered after opening',
    female({ cover: { method: 'bag', at: '2026-07-19T04:01:00.000Z' } }),
    'cover',
    'cover.late',
  ],
  ['a hole', female({ pollination: { ...POLLINATION, found: 'hole' } }), 'intact', 'intact.hole'],
  ['already open', female({ pollination: { ...POLLINATION, found: 'open' } }), 'intact', 'intact.open'],
  [
    'left open',
    female({ pollination: { ...POLLINATION, shutAgain: false } }),
    'closedAgain',
    'closed.leftOpen',
  ],
  ['never tagged', female({ pollination: { ...POLLINATION, tagged: false } }), 'tag', 'tag.never'],
  ['tag gone at harvest', female(harvested(false)), 'tag', 'tag.gone'],
])('one broken link and it is not for seed: %s', (_name, flower, link, code) => {
  const purity = judge(flower);
  expect(purity.grade).toBe('notForSeed');
  expect(purity.weakest).toMatchObject({ link, state: 'broken' });
  expect(purity.weakest!.reasons[0]!.code).toBe(code);
});

// What growers tell of tape that tears, and of tags that the rain has washed (common practice, no source).
test('a torn cover over whole petals, and a tag that is hard to read, leave the seed in doubt', () => {
  const torn = judge(female({ pollination: { ...POLLINATION, found: 'torn' }, ...harvested(true) }));
  expect(torn).toMatchObject({ grade: 'doubtful', weakest: { link: 'intact' } });
  const worse = judge(
    female({ pollination: { ...POLLINATION, found: 'torn' }, reports: report('hole'), ...harvested(true) }),
  );
  expect(worse.grade).toBe('notForSeed');
  const seen = (tag: 'there' | 'hardToRead', at: string): Bloom['looks'][number] => ({
    at,
    seen: 'growing',
    tag,
    entry: at,
  });
  const washed = female({ looks: [seen('hardToRead', '2026-08-01T09:00:00.000Z')], ...harvested(true) });
  expect(judge(washed)).toMatchObject({ grade: 'doubtful', weakest: { link: 'tag' } });
  const written = female({
    looks: [seen('hardToRead', '2026-08-01T09:00:00.000Z'), seen('there', '2026-08-02T09:00:00.000Z')],
    ...harvested(true),
  });
  // Who can read it now may have written it again: that heals nothing.
  expect(judge(written)).toMatchObject({ grade: 'doubtful', weakest: { link: 'tag' } });
});

test('how long a flower stood open matters once insects fly', () => {
  // Brushed twenty minutes after opening; insects fly an hour after it.
  const open = (openMinutes: number) =>
    judge(female({ pollination: { ...POLLINATION, openMinutes }, ...harvested(true) }));
  expect(open(15).grade).toBe('true');
  expect(open(15).chain.find(({ link }) => link === 'closedAgain')).toMatchObject({
    state: 'holds',
    reasons: [{ code: 'closed.beforeInsects', params: { minutes: 15 } }],
  });
  expect(open(45)).toMatchObject({
    grade: 'doubtful',
    weakest: { link: 'closedAgain', reasons: [{ code: 'closed.openFor', params: { minutes: 45 } }] },
  });
});

test('a brush from another variety: in doubt where it was not cleaned, “likely” where nobody noted it', () => {
  const after = (noted: boolean) => judge(female(harvested(true)), { carried: { variety: 'w', noted } });
  expect(after(true)).toMatchObject({
    grade: 'doubtful',
    weakest: { reasons: [{ code: 'pollen.brushCarried', params: { variety: 'w' } }] },
  });
  expect(after(false)).toMatchObject({
    grade: 'unproven',
    weakest: { reasons: [{ code: 'pollen.brushNotNoted' }] },
  });
});

test('males cut and kept in water are clean if they were cut before opening', () => {
  const cut = (at: string) =>
    judge(female(harvested(true)), {
      males: new Map([['m1', male('m1', 'B', { cover: { method: 'indoors', at } })]]),
    });
  const clean = cut('2026-07-18T18:00:00.000Z');
  expect(clean.grade).toBe('true');
  expect(clean.chain.flatMap(({ reasons }) => reasons.map(({ code }) => code))).toContain(
    'pollen.cutIndoors',
  );
  expect(cut('2026-07-19T04:05:00.000Z').weakest!.reasons[0]!.code).toBe('pollen.cutLate');
});

test('a parent noted in doubt leaves the seed in doubt; a mother found true at harvest no longer', () => {
  const doubted = (id: string, at: string, change: Partial<Bloom> = {}) =>
    judge(female(change), {
      plants: new Map([
        plant('A', 'v'),
        plant('B', 'v'),
        [id, { ...plant(id, 'v')[1], noted: { health: 'sound', trueness: 'doubtful', at } }],
      ]),
    });
  const inJuly = '2026-07-20T09:00:00.000Z';
  expect(doubted('A', inJuly)).toMatchObject({ grade: 'doubtful', weakest: { link: 'plants' } });
  expect(doubted('A', inJuly, harvested(true)).grade).toBe('true');
  expect(doubted('A', '2026-09-12T09:00:00.000Z', harvested(true)).grade).toBe('doubtful');
  expect(doubted('B', inJuly, harvested(true)).weakest!.reasons[0]!.code).toBe('plants.fatherInDoubt');
});

test('a male that was not covered, or was spoiled, breaks the chain', () => {
  expect(judge(female(), { males: new Map([['m1', male('m1', 'B', { cover: undefined })]]) })).toMatchObject({
    grade: 'notForSeed',
    weakest: { link: 'cleanPollen' },
  });
  const spoiled = male('m1', 'B', { spoiled: { why: 'hole', at: '2026-07-19T04:10:00.000Z', entry: 's' } });
  expect(judge(female(), { males: new Map([['m1', spoiled]]) }).weakest!.reasons[0]!.code).toBe(
    'pollen.spoiled',
  );
});

test('unnamed males leave it at “likely”', () => {
  const purity = judge(female({ ...harvested(true), pollination: { ...POLLINATION, donors: [] } }));
  expect(purity).toMatchObject({ grade: 'unproven', weakest: { link: 'cleanPollen', state: 'unknown' } });
});

test('covering does not repair seed that was crossed before it was sown', () => {
  const grades = (['ownGuarded', 'boughtLine', 'swapped', 'unknown', 'openGarden', 'f1'] as const).map(
    (seedSource) => judge(female(harvested(true)), { seedSources: [seedSource] }).grade,
  );
  expect(grades).toEqual(['true', 'true', 'unproven', 'unproven', 'doubtful', 'notForSeed']);
});

test('pollen of another variety makes a known cross, mother first', () => {
  const purity = judge(female({ pollination: { ...POLLINATION, donors: [{ plant: 'X', bloom: 'm9' }] } }));
  expect(purity).toMatchObject({ grade: 'notForSeed', cross: { mother: 'v', father: 'w' } });
});

test('pollen of a plant that the cross does not name is doubtful; of those it names, any will do', () => {
  const crossed = female();
  expect(judge(crossed, { fathers: ['X'] }).weakest).toMatchObject({
    link: 'cleanPollen',
    state: 'doubtful',
    reasons: [{ code: 'pollen.otherPlantThanMeant', params: { plant: 'B' } }],
  });
  expect(judge(crossed, { fathers: ['X', 'B'] }).grade).toBe('true');
});

test('a second pollination with foreign pollen counts as much as the first', () => {
  const later = { ...POLLINATION, donors: [{ plant: 'X', bloom: 'm9' }] };
  expect(judge(female({ laterPollinations: [later] })).grade).toBe('notForSeed');
});

test('her own plant’s pollen is true to type, and named', () => {
  const own = judge(female({ pollination: { ...POLLINATION, donors: [{ plant: 'A', bloom: 'm2' }] } }), {
    males: new Map([['m2', male('m2', 'A')]]),
  });
  expect(own.chain.find(({ link }) => link === 'cleanPollen')).toMatchObject({
    state: 'holds',
    reasons: [{ code: 'pollen.ownPlant' }],
  });
});

test('the worst that any phone found, and all pollen that any brought, decide', () => {
  for (const why of ['hole', 'insect', 'open'] as const) {
    expect(judge(female({ ...harvested(true), reports: report(why) }))).toMatchObject({
      grade: 'notForSeed',
      weakest: { link: 'intact', reasons: [{ code: `intact.${why}` }] },
    });
  }
  expect(judge(female({ ...harvested(true), reports: report('notFound') })).grade).toBe('true');
  const theirs = { ...POLLINATION, device: 'other', donors: [{ plant: 'X', bloom: 'm9' }] };
  expect(judge(female({ ...harvested(true), laterPollinations: [theirs] })).grade).toBe('notForSeed');
});

test('a second pollination that found an insect, or left the flower open, breaks the chain', () => {
  const again = (change: Partial<typeof POLLINATION>): Bloom =>
    female({ ...harvested(true), laterPollinations: [{ ...POLLINATION, ...change }] });
  expect(judge(again({})).grade).toBe('true');
  expect(judge(again({ found: 'insect' })).weakest!.reasons[0]!.code).toBe('intact.insect');
  expect(judge(again({ shutAgain: false })).weakest!.reasons[0]!.code).toBe('closed.leftOpen');
});

test('a male covered after the flowers open breaks the chain; one of another morning is old, and clean', () => {
  const having = (change: Partial<Bloom>) =>
    judge(female(harvested(true)), { males: new Map([['m1', male('m1', 'B', change)]]) });
  expect(having({ cover: { method: 'tape', at: '2026-07-19T04:01:00.000Z' } })).toMatchObject({
    grade: 'notForSeed',
    weakest: { link: 'cleanPollen', reasons: [{ code: 'pollen.coveredLate' }] },
  });
  expect(
    having({ day: '2026-07-18', cover: { method: 'tape', at: '2026-07-17T18:00:00.000Z' } }),
  ).toMatchObject({
    grade: 'true',
    chain: expect.arrayContaining([
      expect.objectContaining({
        link: 'cleanPollen',
        state: 'holds',
        reasons: [
          { code: 'pollen.clean', params: { fathers: 1 } },
          { code: 'pollen.otherMorning', params: {} },
        ],
      }),
    ]),
  });
  // Covered after it had opened, it was open to insects, whenever it was used.
  expect(
    having({ day: '2026-07-18', cover: { method: 'tape', at: '2026-07-19T18:00:00.000Z' } }),
  ).toMatchObject({
    grade: 'notForSeed',
    weakest: { link: 'cleanPollen', reasons: [{ code: 'pollen.coveredLate' }] },
  });
});

// Off-types are pulled out before they give pollen, and mothers for seed are chosen typical (common practice, no source).
test('seed of an off-type, or by one, is not true; one that only died was', () => {
  const removed = (id: string, why: 'offType' | 'died') =>
    judge(female(harvested(true)), {
      plants: new Map([
        plant('A', 'v'),
        plant('B', 'v'),
        [id, { ...plant(id, 'v')[1], removed: { why, at: '2026-08-01T09:00:00.000Z' } }],
      ]),
    });
  expect(removed('A', 'offType').weakest!.reasons[0]!.code).toBe('plants.motherOffType');
  expect(removed('B', 'offType')).toMatchObject({
    grade: 'notForSeed',
    weakest: { reasons: [{ code: 'plants.fatherOffType' }] },
  });
  expect(removed('B', 'died').grade).toBe('true');
  const odd = female({
    harvest: { use: 'seed', tagThere: true, typical: false, at: '2026-09-10T09:00:00.000Z' },
  });
  expect(judge(odd)).toMatchObject({
    grade: 'doubtful',
    weakest: { reasons: [{ code: 'plants.notTypical' }] },
  });
});
