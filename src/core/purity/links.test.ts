import type { Bloom, Plant, Pollination } from '../journal/state';
import type { LinkName, PurityEvidence } from './chain';
import { fruitPurity } from './fruitPurity';

/** Each link at its edges: the minute on which it turns, what is missing, and what only one of several shows. */

const DAY = '2026-07-19';
const OPENS = Date.parse(`${DAY}T04:00:00Z`);
const at = (hhmm: string, day = DAY): string => `${day}T${hhmm}:00.000Z`;

const bloom = (id: string, plant: string, sex: Bloom['sex'], change: Partial<Bloom> = {}): Bloom => ({
  ...{ bloom: id, plant, sex, code: sex === 'male' ? '' : 'K123', day: DAY, part: 'flower', role: 'hand' },
  ...{ count: 1, countedBy: [], members: [], laterPollinations: [], reports: [], looks: [], conflicts: [] },
  cover: { method: 'tape', at: at('18:00', '2026-07-18') },
  ...change,
});
const given = (change: Partial<Pollination> = {}): Pollination => ({
  ...{ at: at('04:20'), donors: [{ plant: 'B', bloom: 'm1' }], found: 'shut', method: 'maleFlower' },
  ...{ shutAgain: true, tagged: true, application: 1, device: 'd', entry: 'e' },
  ...change,
});
const female = (change: Partial<Bloom> = {}): Bloom =>
  bloom('f1', 'A', 'female', { pollination: given(), ...change });
const male = (change: Partial<Bloom> = {}): Bloom => bloom('m1', 'B', 'male', change);
const plant = (id: string, variety: string, count = 1): [string, Plant] => [
  id,
  { plant: id, bed: 'b', row: 1, place: 1, count, variety },
];

const judge = (flower: Bloom, change: Partial<PurityEvidence> = {}) =>
  fruitPurity({
    ...{ bloom: flower, variety: { variety: 'v' }, father: 'v', beside: [], sharesTag: false },
    males: new Map([['m1', male()]]),
    plants: new Map([plant('A', 'v'), plant('B', 'v'), plant('C', 'v'), plant('X', 'w')]),
    ...{ seedSources: ['ownGuarded'], fatherSources: ['ownGuarded'], controls: { looked: 0, set: 0 } },
    ...{ guardsOf: () => [], opensOn: () => OPENS, insectsOn: () => OPENS + 3_600_000 },
    ...{ carried: undefined, visitedBefore: [], receptiveUntil: '2026-07-20', pollenKeeps: 0 },
    ...change,
  });
const link = (name: LinkName, flower: Bloom, change: Partial<PurityEvidence> = {}) => {
  const { state, reasons } = judge(flower, change).chain.find((each) => each.link === name)!;
  return { said: `${state}: ${reasons.map(({ code }) => code).join(' ')}`, params: reasons[0]!.params };
};
const said = (name: LinkName, flower: Bloom, change: Partial<PurityEvidence> = {}): string =>
  link(name, flower, change).said;
const withMale = (change: Partial<Bloom>): Partial<PurityEvidence> => ({
  males: new Map([['m1', male(change)]]),
});

test('what has no pollen yet is pending, but for what set by itself', () => {
  const open = female({ pollination: undefined });
  for (const name of ['intact', 'cleanPollen', 'closedAgain', 'tag'] as const)
    expect(said(name, open)).toBe('pending: pollination.notYet');
  const kept = female({ pollination: undefined, role: 'open' });
  expect(said('intact', kept)).toBe('broken: intact.open');
  expect(said('closedAgain', kept)).toBe('broken: closed.leftOpen');
  expect(said('cleanPollen', kept)).toBe('broken: pollen.open');
  expect(said('tag', kept)).toBe('pending: tag.untilHarvest');
  expect(said('tag', { ...kept, code: '' })).toBe('pending: pollination.notYet');
});

test('a cover counts to the minute before flowers open, and not once it came off', () => {
  const coveredAt = (hhmm: string): Bloom => female({ cover: { method: 'bag', at: at(hhmm) } });
  expect(link('cover', coveredAt('03:59'))).toEqual({
    said: 'holds: cover.before',
    params: { method: 'bag', at: at('03:59') },
  });
  expect(said('cover', coveredAt('04:00'))).toBe('broken: cover.late');
  expect(said('cover', coveredAt('03:59'), { opensOn: () => undefined })).toBe('unknown: cover.timeUnknown');
  const off = (hhmm: string): Bloom => female({ uncovered: { at: at(hhmm), found: 'torn', day: DAY } });
  expect(link('cover', off('04:19'))).toEqual({
    said: 'broken: cover.offBefore',
    params: { method: 'tape' },
  });
  // With the pollination itself it came off for that.
  expect(said('cover', off('04:20'))).toBe('holds: cover.before');
});

test('a male’s own cover: to the minute, and off before it gave pollen', () => {
  const coveredAt = (hhmm: string, method: 'bag' | 'indoors' = 'bag'): string =>
    said('cleanPollen', female(), withMale({ cover: { method, at: at(hhmm) } }));
  expect(coveredAt('03:59')).toBe('holds: pollen.clean');
  expect(coveredAt('04:00')).toBe('broken: pollen.coveredLate');
  expect(coveredAt('04:00', 'indoors')).toBe('broken: pollen.cutLate');
  const off = (hhmm: string, flower = female()): string =>
    said('cleanPollen', flower, withMale({ uncovered: { at: at(hhmm), found: 'off', day: DAY } }));
  expect(off('04:19')).toBe('broken: pollen.uncovered');
  expect(off('04:20')).toBe('holds: pollen.clean');
  // Off after its first female and before its second.
  const twice = female({ laterPollinations: [given({ at: at('05:00'), application: 2, entry: 'e2' })] });
  expect(off('04:40', twice)).toBe('broken: pollen.uncovered');
  // Only what this male gave: the second came of another.
  const other = given({ at: at('05:00'), application: 2, donors: [{ plant: 'C', bloom: 'm2' }] });
  const others = new Map([
    ['m1', male({ uncovered: { at: at('04:40'), found: 'off', day: DAY } })],
    ['m2', bloom('m2', 'C', 'male')],
  ]);
  expect(said('cleanPollen', female({ laterPollinations: [other] }), { males: others })).toBe(
    'holds: pollen.clean',
  );
});

test('anthers out to the minute before the flower opens; late or not at all part of the seed may be its own', () => {
  const cross = { father: 'w', plants: new Map([plant('A', 'v'), plant('B', 'w')]) };
  const crossed = (emasculated?: string): string =>
    said(
      'cleanPollen',
      female({ sex: 'perfect', ...(emasculated && { emasculated: { at: emasculated } }) }),
      cross,
    );
  expect(crossed(at('03:59'))).toBe('holds: pollen.cleanEmasculated');
  expect(crossed(at('04:00'))).toBe('doubtful: pollen.emasculatedLate');
  expect(crossed()).toBe('doubtful: pollen.notEmasculated');
  const late = female({ sex: 'perfect', emasculated: { at: at('09:00') } });
  expect(said('cleanPollen', late, { ...cross, opensOn: () => undefined })).toBe(
    'holds: pollen.cleanEmasculated',
  );
  expect(said('cleanPollen', { ...late, day: undefined }, cross)).toMatch(/^holds: pollen.cleanEmasculated/);
  // Of a line its own pollen is right.
  expect(said('cleanPollen', late)).toBe('holds: pollen.cleanEmasculated');
});

test('whose pollen: every donor counts, and a stand is other plants', () => {
  const two = (second: { plant: string; bloom: string }): Bloom =>
    female({ pollination: given({ donors: [{ plant: 'A', bloom: 'm1' }, second] }) });
  const males = new Map([
    ['m1', male({ plant: 'A' })],
    ['m2', bloom('m2', 'C', 'male', { cover: { method: 'indoors', at: at('18:00', '2026-07-18') } })],
  ]);
  expect(link('cleanPollen', two({ plant: 'C', bloom: 'm2' }), { males })).toEqual({
    said: 'holds: pollen.clean pollen.cutIndoors',
    params: { fathers: 2 },
  });
  const own = female({ pollination: given({ donors: [{ plant: 'A', bloom: 'm1' }] }) });
  expect(said('cleanPollen', own, { males })).toBe('holds: pollen.ownPlant');
  expect(said('cleanPollen', own, { males, plants: new Map([plant('A', 'v', 60)]) })).toBe(
    'holds: pollen.clean',
  );
  expect(said('cleanPollen', own, { males, plants: new Map() })).toBe('holds: pollen.ownPlant');
  expect(link('cleanPollen', two({ plant: 'X', bloom: 'm2' }), { males })).toMatchObject({
    said: 'broken: pollen.otherVariety',
    params: { plant: 'X' },
  });
  // A plant that nobody knows is no other variety.
  expect(said('cleanPollen', two({ plant: 'gone', bloom: 'm2' }), { males })).toMatch(/^holds/);
  const named = { males, fathers: ['A'] };
  expect(said('cleanPollen', two({ plant: 'C', bloom: 'm2' }), named)).toBe(
    'doubtful: pollen.otherPlantThanMeant',
  );
  expect(said('cleanPollen', own, named)).toMatch(/^holds/);
  expect(link('cleanPollen', female(), { controls: { looked: 3, set: 1 } })).toEqual({
    said: 'doubtful: pollen.controlsSet',
    params: { set: 1, of: 3 },
  });
});

test('pollen of another morning is told, and as long as it keeps it is fresh', () => {
  const of = (day: string | undefined, pollenKeeps: number): string =>
    said('cleanPollen', female(), { ...withMale({ day }), pollenKeeps });
  expect(of(DAY, 0)).toBe('holds: pollen.clean');
  expect(of('2026-07-18', 0)).toBe('holds: pollen.clean pollen.otherMorning');
  expect(of('2026-07-18', 1)).toBe('holds: pollen.clean');
  expect(of('2026-07-20', 1)).toMatch(/otherMorning/);
});

test('shut again: to the minute before insects fly, each time', () => {
  const exposed = (...minutes: readonly number[]): Bloom =>
    female({
      pollination: given({ openMinutes: minutes[0]! }),
      laterPollinations: minutes
        .slice(1)
        .map((openMinutes, i) => given({ openMinutes, at: at('04:30'), application: i + 2 })),
    });
  expect(said('closedAgain', exposed(40))).toBe('holds: closed.beforeInsects');
  expect(said('closedAgain', exposed(41))).toBe('doubtful: closed.openFor');
  expect(link('closedAgain', exposed(10, 31))).toEqual({
    said: 'doubtful: closed.openFor',
    params: { minutes: 31 },
  });
  expect(said('closedAgain', exposed(10), { insectsOn: () => undefined })).toBe('doubtful: closed.openFor');
  expect(said('closedAgain', female())).toBe('holds: closed.atOnce');
});

test('a cover that comes off: by how it was found, and until when the flower may take pollen', () => {
  const off = (uncovered: Bloom['uncovered'], change: Partial<PurityEvidence> = {}, flower = {}) =>
    link('closedAgain', female({ uncovered, ...flower }), change);
  const later = at('12:00', '2026-07-25');
  for (const [found, state] of [
    ['whole', 'broken'],
    ['off', 'broken'],
    ['loose', 'doubtful'],
    ['torn', 'doubtful'],
  ] as const)
    expect(off({ at: later, found, day: '2026-07-20' })).toEqual({
      said: `${state}: closed.offTooEarly`,
      params: { found, day: '2026-07-20' },
    });
  expect(off({ at: later, found: 'whole', day: '2026-07-21' }).said).toBe('holds: closed.offLater');
  expect(off({ at: later, found: 'loose' }).said).toBe('doubtful: closed.offUnknown');
  expect(off({ at: later, found: 'loose' }, { receptiveUntil: DAY }).said).toBe('unknown: closed.offUnknown');
  // From its last pollen on it is asked.
  const second = given({ at: at('05:00', '2026-07-20'), day: '2026-07-20', application: 2 });
  expect(off({ at: later, found: 'loose' }, {}, { laterPollinations: [second] }).said).toBe(
    'unknown: closed.offUnknown',
  );
  const unknown = { at: later, found: 'whole', day: '2026-07-25' } as const;
  expect(off(unknown, { receptiveUntil: undefined }).said).toBe('unknown: closed.offUnknown');
  expect(off(unknown, {}, { day: undefined }).said).toBe('unknown: closed.offUnknown');
});

test('the tag: tied by any pollination or as one of a group, and seen in the order of time', () => {
  const harvest = { use: 'seed', tagThere: true, typical: true, at: at('09:00', '2026-09-10') } as const;
  const untied = female({ pollination: given({ tagged: false }), harvest });
  expect(said('tag', untied)).toBe('doubtful: tag.backAgain');
  expect(said('tag', { ...untied, of: 'p|group' })).toBe('holds: tag.present');
  expect(said('tag', { ...untied, laterPollinations: [given({ application: 2 })] })).toBe(
    'holds: tag.present',
  );
  const look = (tag: 'there' | 'gone' | undefined, day: string): Bloom['looks'][number] => ({
    ...{ at: at('09:00', day), seen: 'growing', entry: day },
    ...(tag && { tag }),
  });
  const looks = [look('gone', '2026-07-25'), look(undefined, '2026-07-30')];
  expect(said('tag', female({ looks }))).toBe('broken: tag.gone');
  const retags = [{ at: at('09:00', '2026-07-22'), was: 'there', before: 'K1' }] as const;
  expect(said('tag', female({ looks, retags }))).toBe('broken: tag.gone');
  const after = [{ ...retags[0], at: at('09:00', '2026-07-28') }] as const;
  expect(said('tag', female({ looks, retags: after }))).toBe('doubtful: tag.backAgain');
});

test('an F1 parent is known in a cross, and spoils a line', () => {
  const cross = { father: 'w', plants: new Map([plant('A', 'v'), plant('B', 'w')]) };
  expect(said('seedSource', female(), { seedSources: ['f1'] })).toBe('broken: seed.f1');
  expect(said('seedSource', female(), { ...cross, seedSources: ['f1'] })).toBe('holds: seed.f1Parent');
  expect(said('seedSource', female(), { ...cross, fatherSources: ['f1'] })).toBe('holds: seed.ownGuarded');
  expect(said('seedSource', female(), { ...cross, seedSources: ['f1'], fatherSources: ['swapped'] })).toBe(
    'unknown: seed.father.swapped',
  );
  expect(said('seedSource', female(), { seedSources: [] })).toBe('unknown: seed.unknown');
});

test('whether parents are true: which of them, and that harvest asks again of the mother', () => {
  const off = (id: string, variety: string): [string, Plant] => [
    id,
    { ...plant(id, variety)[1], removed: { why: 'offType', at: at('09:00') } },
  ];
  const doubted = (id: string, when: string): [string, Plant] => [
    id,
    { ...plant(id, 'v')[1], noted: { health: 'sound', trueness: 'doubtful', at: when } },
  ];
  const with_ = (...plants: readonly [string, Plant][]): Partial<PurityEvidence> => ({
    plants: new Map([plant('A', 'v'), plant('B', 'v'), plant('C', 'v'), ...plants]),
  });
  expect(link('plants', female(), with_(off('B', 'v')))).toEqual({
    said: 'broken: plants.fatherOffType',
    params: { plant: 'B' },
  });
  expect(link('plants', female(), with_(doubted('B', at('09:00'))))).toEqual({
    said: 'doubtful: plants.fatherInDoubt',
    params: { plant: 'B' },
  });
  expect(link('plants', female(), { ...with_(off('C', 'v')), beside: ['C'] })).toEqual({
    said: 'doubtful: plants.besideOffType',
    params: { plant: 'C' },
  });
  const harvest = { use: 'seed', tagThere: true, typical: true, at: at('09:00', '2026-09-10') } as const;
  const mother = (when: string): string => said('plants', female({ harvest }), with_(doubted('A', when)));
  expect(mother(at('08:59', '2026-09-10'))).toBe('holds: plants.typical');
  expect(mother(harvest.at)).toBe('doubtful: plants.motherInDoubt');
  expect(said('plants', female(), { plants: new Map() })).toBe('pending: plants.untilHarvest');
});
