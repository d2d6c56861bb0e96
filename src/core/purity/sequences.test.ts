import fc from 'fast-check';
import { entryOf } from '@testing/entries';
import { begin, YARD } from '@testing/yard';
import type { Entry, Fact } from '../journal/entry';
import { Journal } from '../journal/journal';
import type { LinkName, LinkState } from './chain';
import { isolationOf } from '../planning/isolationOf';
import { purityOf } from './purityOf';

/**
 * Every way to say up to five things of one flower, its male and what stands beside it, on one and on two phones, in
 * every order: against a second reading of the table in `docs/purity.md`, which shares no code with the first. A sample
 * in `npm test`; `SEQUENCES` sets how many, and `npm run soak` takes many.
 */

const DAY = '2026-07-19';
/** England in July: squash opens before five o'clock UTC, and insects fly by half past seven. */
const EVE = '2026-07-18T18:00:00Z';
const LATE = `${DAY}T07:00:00Z`;
const WORK = `${DAY}T07:30:00Z`;

/** The crop, in which a flower takes pollen for two days; `k` its female on the plant v1, `m` a male on v2. */
const GROWN = [
  { variety: 'v', crop: 'pepo', plants: ['v1', 'v2', 'v3'] },
  { variety: 'w', crop: 'pepo', plants: ['w1', 'w2'] },
] as const;

const covered = (plant: string, bloom: string, sex: string, method = 'bag', role?: string): Fact =>
  ({
    kind: 'covered',
    body: {
      ...{ plant, day: DAY, method },
      blooms: [{ bloom, sex, code: sex === 'male' ? '' : `K${bloom}`, ...(role && { role }) }],
    },
  }) as Fact;
const pollinated = (more: object = {}): Fact =>
  ({
    kind: 'pollinated',
    body: {
      ...{ bloom: 'k', plant: 'v1', day: DAY, donors: [{ plant: 'v2', bloom: 'm' }], found: 'shut' },
      ...{ method: 'maleFlower', shutAgain: true, tagged: true, ...more },
    },
  }) as Fact;
const missed = (why: string): Fact =>
  ({ kind: 'missed', body: { bloom: 'k', plant: 'v1', day: DAY, why } }) as Fact;
const picked = (spoiled?: string): Fact =>
  ({
    kind: 'picked',
    body: {
      ...{ round: 'r', stop: 's', plant: 'v2', blooms: spoiled ? [] : ['m'] },
      spoiled: spoiled ? [{ bloom: 'm', why: spoiled }] : [],
    },
  }) as Fact;
const uncovered = (found: string, day?: string): Fact =>
  ({ kind: 'uncovered', body: { bloom: 'k', plant: 'v1', found, ...(day && { day }) } }) as Fact;
const looked = (tag: string): Fact =>
  ({ kind: 'looked', body: { bloom: 'k', seen: 'growing', tag } }) as Fact;
const harvested = (tagThere: boolean, typical: boolean): Fact =>
  ({ kind: 'harvested', body: { bloom: 'k', use: 'seed', tagThere, typical } }) as Fact;
const removed = (plant: string, why: string): Fact =>
  ({ kind: 'plant.removed', body: { plant, why } }) as Fact;
const noted = (plant: string, trueness: string): Fact =>
  ({ kind: 'plant.noted', body: { plant, health: 'sound', trueness } }) as Fact;
const described = (seedSource: string, since?: string): Fact =>
  ({
    kind: 'variety.described',
    body: {
      ...{ variety: 'v', name: 'v', crop: 'pepo', purpose: 'seedToKeep', seedSource },
      ...{ ownPollen: 'lastResort', traits: {}, ...(since && { since }) },
    },
  }) as Fact;
const crossed = (mating: string, from: string): Fact => ({
  kind: 'mating.set',
  body: { mating, mother: 'v', father: 'w', purpose: 'seedToKeep', ownPollen: 'never', from },
});
const caged: Fact = { kind: 'cage.set', body: { cage: 'c', name: 'c', plants: ['v1', 'v2'] } };

interface Statement {
  readonly at: string;
  readonly fact: Fact;
}
const say = (at: string, fact: Fact): Statement => ({ at, fact });

/** What can be said, by a name. Each pollination is of its own minute. */
const STATEMENTS = {
  coverEve: say(EVE, covered('v1', 'k', 'female')),
  coverEveAgain: say('2026-07-18T19:00:00Z', covered('v1', 'k', 'female', 'tape')),
  coverLate: say(LATE, covered('v1', 'k', 'female')),
  markEve: say('2026-07-18T18:30:00Z', covered('v1', 'k', 'female', 'none')),
  maleEve: say('2026-07-18T18:05:00Z', covered('v2', 'm', 'male')),
  maleCut: say('2026-07-18T18:10:00Z', covered('v2', 'm', 'male', 'indoors')),
  maleLate: say(LATE, covered('v2', 'm', 'male')),
  maleMark: say('2026-07-18T18:40:00Z', covered('v2', 'm', 'male', 'none')),
  foreignEve: say('2026-07-18T18:15:00Z', covered('w1', 'x', 'male')),
  pickOk: say(`${DAY}T07:10:00Z`, picked()),
  pickHole: say(`${DAY}T07:11:00Z`, picked('hole')),
  pickNotFound: say(`${DAY}T07:12:00Z`, picked('notFound')),
  polGood: say(WORK, pollinated()),
  polAgain: say(`${DAY}T07:31:00Z`, pollinated({ application: 2 })),
  polHole: say(`${DAY}T07:32:00Z`, pollinated({ found: 'hole' })),
  polInsect: say(`${DAY}T07:33:00Z`, pollinated({ found: 'insect' })),
  polOpen: say(`${DAY}T07:34:00Z`, pollinated({ found: 'open' })),
  polTorn: say(`${DAY}T07:35:00Z`, pollinated({ found: 'torn' })),
  polWilted: say(`${DAY}T07:36:00Z`, pollinated({ found: 'wilted' })),
  polLeftOpen: say(`${DAY}T07:37:00Z`, pollinated({ shutAgain: false })),
  polOpenLong: say(`${DAY}T07:38:00Z`, pollinated({ openMinutes: 10 })),
  polUnnamed: say(`${DAY}T07:39:00Z`, pollinated({ donors: [] })),
  polForeign: say(`${DAY}T07:40:00Z`, pollinated({ donors: [{ plant: 'w1', bloom: 'x' }] })),
  polUntagged: say(`${DAY}T07:41:00Z`, pollinated({ tagged: false })),
  missHole: say(`${DAY}T07:20:00Z`, missed('hole')),
  missTorn: say(`${DAY}T07:21:00Z`, missed('torn')),
  missNotFound: say(`${DAY}T07:22:00Z`, missed('notFound')),
  offBefore: say(`${DAY}T07:05:00Z`, uncovered('torn', DAY)),
  offSameDay: say(`${DAY}T12:00:00Z`, uncovered('whole', DAY)),
  tornSameDay: say(`${DAY}T12:10:00Z`, uncovered('torn', DAY)),
  looseUnknown: say('2026-07-24T12:00:00Z', uncovered('loose')),
  offLater: say('2026-07-24T12:10:00Z', uncovered('whole', '2026-07-24')),
  tagThere: say('2026-07-26T12:00:00Z', looked('there')),
  tagHard: say('2026-07-27T12:00:00Z', looked('hardToRead')),
  tagGone: say('2026-07-28T12:00:00Z', looked('gone')),
  harvestFine: say('2026-09-20T12:00:00Z', harvested(true, true)),
  harvestNoTag: say('2026-09-20T12:10:00Z', harvested(false, true)),
  harvestOdd: say('2026-09-20T12:20:00Z', harvested(true, false)),
  motherOff: say('2026-08-01T12:00:00Z', removed('v1', 'offType')),
  fatherOff: say('2026-08-01T12:01:00Z', removed('v2', 'offType')),
  fatherDied: say('2026-08-01T12:02:00Z', removed('v2', 'died')),
  sisterOff: say('2026-08-01T12:03:00Z', removed('v3', 'offType')),
  motherDoubt: say('2026-08-02T12:00:00Z', noted('v1', 'doubtful')),
  fatherDoubt: say('2026-08-02T12:01:00Z', noted('v2', 'doubtful')),
  controlSet: say('2026-07-18T18:20:00Z', covered('v1', 'c', 'female', 'bag', 'control')),
  controlSeen: say('2026-07-26T12:05:00Z', { kind: 'looked', body: { bloom: 'c', seen: 'growing' } }),
  cage: say('2026-07-16T12:00:00Z', caged),
  crossSet: say('2026-07-01T12:00:00Z', crossed('x', '2026-07-02')),
  crossSetLater: say('2026-08-20T12:00:00Z', crossed('y', '2026-08-21')),
  seedOpenAfterAll: say('2026-08-03T12:00:00Z', described('openGarden')),
  seedOpenNext: say('2026-10-03T12:00:00Z', described('openGarden', '2026-10-03')),
  maleVisited: say(
    `${DAY}T07:25:00Z`,
    pollinated({ bloom: 'o', plant: 'w2', found: 'open', shutAgain: false, tagged: false }),
  ),
  // Its target is put in where the sequence has one.
  holeStruck: say('2026-09-21T12:00:00Z', { kind: 'struck', body: { target: 'none' } }),
  plantedNext: say('2027-05-20T12:00:00Z', {
    kind: 'plants.set',
    body: { bed: 'bed-v', row: 1, variety: 'w', plants: [{ plant: 'n1', place: 7 }] },
  }),
} as const satisfies Readonly<Record<string, Statement>>;
type Name = keyof typeof STATEMENTS;
const NAMES = Object.keys(STATEMENTS) as Name[];
const POLLINATIONS = NAMES.filter((name) => name.startsWith('pol'));

type Chain = Readonly<Record<LinkName, LinkState>>;

const WORST_FIRST: readonly LinkState[] = ['broken', 'doubtful', 'unknown', 'pending'];
const worst = (...states: readonly LinkState[]): LinkState =>
  WORST_FIRST.find((state) => states.includes(state)) ?? 'holds';

/** The table, read once more. */
function secondReading(everSaid: ReadonlySet<Name>): Chain {
  const said = new Set(everSaid);
  // What was taken back was never said.
  if (said.has('holeStruck')) said.delete('polHole');
  const is = (...names: readonly Name[]): boolean => names.some((name) => said.has(name));
  const coversEve = is('coverEve', 'coverEveAgain');
  const isCovered = coversEve || is('coverLate');
  const gave = POLLINATIONS.filter((name) => said.has(name));
  const isCross = is('crossSet');
  const usesMale = gave.some((name) => name !== 'polUnnamed' && name !== 'polForeign');
  // An insect in it, or a hole: somebody got in, cage or not.
  const insectIn = is('polHole', 'polInsect', 'missHole');

  const offBefore = is('offBefore');
  const cover = is('cage') || (coversEve && !offBefore) ? 'holds' : 'broken';

  const found = worst(
    ...(is('polHole', 'polInsect', 'polOpen', 'missHole') ? (['broken'] as const) : []),
    ...(is('polTorn', 'polWilted', 'missTorn') ? (['doubtful'] as const) : []),
  );
  const intact = is('cage') && !insectIn ? 'holds' : found;

  const maleKnown = is('maleEve', 'maleCut', 'maleLate', 'maleMark', 'pickOk', 'pickHole', 'pickNotFound');
  const maleCovered = is('maleEve', 'maleCut');
  // Of one that was only picked nobody noted the day.
  const maleCaged = is('cage') && is('maleEve', 'maleCut', 'maleLate', 'maleMark');
  const cleanPollen = worst(
    // Where a cross was meant the own male is the wrong one, unless all is of her own variety.
    ...(is('polForeign') && (!isCross || usesMale) ? (['broken'] as const) : []),
    ...(usesMale && is('maleVisited') ? (['doubtful'] as const) : []),
    ...(is('polUnnamed') ? (['unknown'] as const) : []),
    ...(is('polForeign') && !is('foreignEve') ? (['unknown'] as const) : []),
    ...(usesMale && !maleKnown ? (['unknown'] as const) : []),
    ...(usesMale && maleKnown && !maleCovered && !maleCaged ? (['broken'] as const) : []),
    ...(usesMale && is('pickHole') ? (['broken'] as const) : []),
    ...(is('controlSet') && is('controlSeen') ? (['doubtful'] as const) : []),
  );

  // What came off before any pollen came is the cover's matter.
  const off = worst(
    ...(is('offSameDay') ? (['broken'] as const) : []),
    ...(is('tornSameDay', 'looseUnknown') ? (['doubtful'] as const) : []),
  );
  const closed = worst(
    ...(is('polLeftOpen') ? (['broken'] as const) : []),
    ...(is('polOpenLong') ? (['doubtful'] as const) : []),
    off,
  );
  const closedAgain = is('cage') ? 'holds' : closed;

  const isTied = gave.some((name) => name !== 'polUntagged');
  const harvest = is('harvestFine', 'harvestNoTag', 'harvestOdd');
  // The worse counts of what several found at harvest.
  const thereLast = harvest && !is('harvestNoTag');
  const isGone = is('tagGone', 'harvestNoTag');
  const isThere = is('tagThere') || thereLast;
  const tag = worst(
    ...(isGone ? [thereLast && is('tagGone') ? ('doubtful' as const) : ('broken' as const)] : []),
    ...(isTied ? [] : [isThere ? ('doubtful' as const) : ('broken' as const)]),
    ...(is('tagHard') ? (['doubtful'] as const) : []),
    ...(harvest ? [] : (['pending'] as const)),
  );

  const foundTrue = harvest && !is('harvestOdd');
  const plants = worst(
    ...(is('motherOff') || (usesMale && is('fatherOff')) ? (['broken'] as const) : []),
    ...(usesMale && is('fatherDoubt') ? (['doubtful'] as const) : []),
    ...(is('motherDoubt') && !harvest ? (['doubtful'] as const) : []),
    ...(harvest && !foundTrue ? (['doubtful'] as const) : []),
    ...(!isCovered && is('sisterOff', 'fatherOff', 'fatherDoubt') ? (['doubtful'] as const) : []),
    ...(harvest ? [] : (['pending'] as const)),
  );
  const seedSource = is('seedOpenAfterAll') ? 'doubtful' : 'holds';
  return { seedSource, cover, intact, cleanPollen, closedAgain, tag, plants };
}

/** What the app says, of the entries in some order; each by one of two phones. */
function firstReading(names: readonly Name[], phones: number, order: readonly number[]): Chain {
  const entries = names.map((name, i): Entry => {
    const { at, fact } = STATEMENTS[name];
    // Two phones offline: each counts on by itself.
    const device = (phones >> i) & 1 ? 'b' : 'a';
    const before = names.slice(0, i).filter((_, j) => ((phones >> j) & 1) === ((phones >> i) & 1)).length;
    const id = `${device}-${String(i).padStart(3, '0')}`;
    const hole = names.indexOf('polHole');
    const target = `${(phones >> hole) & 1 ? 'b' : 'a'}-${String(hole).padStart(3, '0')}`;
    const strikes = name === 'holeStruck' && hole >= 0;
    return entryOf(strikes ? { kind: 'struck', body: { target } } : fact, {
      id,
      device,
      action: id,
      // Who takes something back has heard of it.
      lamport: BASE.lamport + 1 + before + (strikes ? 10 : 0),
      at: new Date(at).toISOString(),
    });
  });
  const journal = new Journal();
  journal.add(BASE.entries());
  journal.add(entries.map((_, i) => entries[order[i]!]!));
  const { chain } = purityOf(journal, YARD, journal.all('bloom').get('k')!)!;
  return Object.fromEntries(chain.map(({ link, state }) => [link, state])) as unknown as Chain;
}
const BASE = begin([...GROWN.map((each) => ({ ...each, plants: [...each.plants] }))]).journal;

const RUNS = Number(process.env['SEQUENCES'] ?? 1_500);
const seed = process.env['PROPERTY_SEED'] === 'any' ? {} : { seed: 20260719 };

test('both readings agree on every link, on one and two phones, in any order', () => {
  const sequence = fc
    .tuple(fc.constantFrom(...POLLINATIONS), fc.uniqueArray(fc.constantFrom(...NAMES), { maxLength: 4 }))
    .map(([pollination, others]) => [pollination, ...others.filter((name) => name !== pollination)])
    // One pollination at least is left.
    .filter((names) =>
      names.some(
        (name) => POLLINATIONS.includes(name) && (name !== 'polHole' || !names.includes('holeStruck')),
      ),
    )
    .chain((names) =>
      fc.tuple(
        fc.shuffledSubarray(names, { minLength: names.length }),
        fc.integer({ min: 0, max: 2 ** names.length - 1 }),
        fc.shuffledSubarray(
          names.map((_, i) => i),
          { minLength: names.length },
        ),
      ),
    );
  fc.assert(
    fc.property(sequence, ([names, phones, order]) => {
      expect({ names, ...firstReading(names, phones, order) }).toEqual({
        names,
        ...secondReading(new Set(names)),
      });
    }),
    { numRuns: RUNS, ...seed },
  );
});

/** The neighbour: what is said of another variety of the crop that may stand near, of its flowers, and of looks around. */
const seenOpen = (day: string): Fact =>
  ({ kind: 'counted', body: { plant: 'w1', day, open: { female: 0, male: 2 } } }) as Fact;
const first = (day: string): Fact => ({ kind: 'flowering.seen', body: { variety: 'w', day } });
const over = (day: string): Fact => ({ kind: 'flowering.over', body: { variety: 'w', day } });
const lookedFar = (metres: number, day: string, crop = 'pepo'): Fact =>
  ({ kind: 'surroundings.looked', body: { crops: [crop], metres, day } }) as Fact;

const AROUND = {
  planted: say('2026-06-01T12:00:00Z', {
    kind: 'plants.set',
    body: { bed: 'bed-w', row: 1, variety: 'w', plants: [{ plant: 'w1', place: 1 }] },
  }),
  plantedNextYear: say('2027-06-01T12:00:00Z', {
    kind: 'plants.set',
    body: { bed: 'bed-w', row: 1, variety: 'w', plants: [{ plant: 'w2', place: 2 }] },
  }),
  pulledBefore: say('2026-07-10T12:00:00Z', removed('w1', 'other')),
  pulledAfter: say('2026-07-25T12:00:00Z', removed('w1', 'other')),
  varietyGone: say('2026-10-02T12:00:00Z', {
    kind: 'plan.removed',
    body: { what: 'variety', id: 'w' },
  }),
  openThatDay: say(`${DAY}T08:00:00Z`, seenOpen(DAY)),
  openBefore: say('2026-07-08T08:00:00Z', seenOpen('2026-07-08')),
  openNextDay: say('2026-07-22T08:00:00Z', seenOpen('2026-07-22')),
  openLong: say('2026-09-25T08:00:00Z', seenOpen('2026-09-25')),
  firstBefore: say('2026-07-05T08:00:00Z', first('2026-07-05')),
  firstAfter: say('2026-08-05T08:00:00Z', first('2026-08-05')),
  overBefore: say('2026-07-12T08:00:00Z', over('2026-07-12')),
  overAfter: say('2026-08-20T08:00:00Z', over('2026-08-20')),
  lookedFar: say(`${DAY}T12:00:00Z`, lookedFar(20_000, DAY)),
  lookedLater: say('2026-08-28T12:00:00Z', lookedFar(20_000, '2026-08-28')),
  lookedNear: say(`${DAY}T12:01:00Z`, lookedFar(50, DAY)),
  lookedLongAgo: say('2026-05-01T12:00:00Z', lookedFar(20_000, '2026-05-01')),
  lookedForOther: say(`${DAY}T12:02:00Z`, lookedFar(20_000, DAY, 'tomato')),
} as const satisfies Readonly<Record<string, Statement>>;
type Around = keyof typeof AROUND;
const AROUND_NAMES = Object.keys(AROUND) as Around[];

/** What stands in for a cover, by the table; a flower that nothing guards is not covered, and that is broken. */
function secondReadingAround(said: ReadonlySet<Around>): LinkState {
  const is = (...names: readonly Around[]): boolean => names.some((name) => said.has(name));
  const days = [
    ...(is('openThatDay') ? [19] : []),
    ...(is('openBefore') ? [8] : []),
    ...(is('openNextDay') ? [22] : []),
    ...(is('firstBefore') ? [5] : []),
    ...(is('firstAfter') ? [31 + 5] : []),
    ...(is('openLong') ? [31 + 31 + 25] : []),
  ];
  // It may take pollen on the 19th and the 20th of July.
  const inFlower = [19, 20].map((day): boolean | undefined => {
    if (days.includes(day)) return true;
    const before = days.filter((each) => each < day).sort((a, b) => b - a)[0];
    const after = days.filter((each) => each > day).sort((a, b) => a - b)[0];
    const overOn = 12;
    // Who said too early that it was over was mistaken.
    const wentOn = after !== undefined && after - overOn <= 60;
    if (is('overBefore') && (before ?? 0) <= overOn && !wentOn) return false;
    if (before === undefined) return is('firstAfter') ? false : undefined;
    return after !== undefined && after - before <= 60 ? true : undefined;
  });
  const stands = is('planted') && !is('pulledBefore');
  if (stands && inFlower.includes(true)) return 'broken';
  if (stands && inFlower.includes(undefined)) return 'unknown';
  return is('lookedFar', 'lookedLater') ? 'holds' : 'unknown';
}

const ALONE = begin([
  { variety: 'v', crop: 'pepo', plants: ['v1', 'v2'] },
  { variety: 'w', crop: 'pepo', purpose: 'eat', plants: [] },
]).journal;

test('both readings agree on what distance and time hold, in any order', () => {
  const sequence = fc
    .uniqueArray(fc.constantFrom(...AROUND_NAMES), { maxLength: 6 })
    .chain((names) =>
      fc.tuple(
        fc.constant(names),
        fc.integer({ min: 0, max: 2 ** names.length - 1 }),
        fc.shuffledSubarray(names, { minLength: names.length }),
      ),
    );
  fc.assert(
    fc.property(sequence, ([names, phones, order]) => {
      const journal = new Journal();
      journal.add(ALONE.entries());
      const lamportOf = new Map<string, number>();
      const entries = new Map(
        ['flower', ...names.toSorted((a, b) => (AROUND[a].at < AROUND[b].at ? -1 : 1))].map((name, i) => {
          const { at, fact } =
            name === 'flower' ? say(EVE, covered('v1', 'k', 'female', 'none')) : AROUND[name as Around];
          const device = (phones >> i) & 1 ? 'b' : 'a';
          const lamport = (lamportOf.get(device) ?? ALONE.lamport) + 1;
          lamportOf.set(device, lamport);
          const told = { id: `${device}-${i}`, device, action: `${device}-${i}`, lamport };
          return [name, entryOf(fact, { ...told, at: new Date(at).toISOString() })];
        }),
      );
      journal.add(['flower', ...order].map((name) => entries.get(name)!));
      const isolation = { isolationOf: isolationOf(journal, YARD) };
      const { chain } = purityOf(journal, YARD, journal.all('bloom').get('k')!, isolation)!;
      const { state } = chain.find(({ link }) => link === 'cover')!;
      expect({ names, cover: state }).toEqual({ names, cover: secondReadingAround(new Set(names)) });
    }),
    { numRuns: Math.ceil(RUNS / 3), ...seed },
  );
});
