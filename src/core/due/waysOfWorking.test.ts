import { cropOf, isCoveredBeforeOpening } from '../crops/catalogue';
import { controlsOf } from '../fruit/controls';
import { fruitOf, fruitsOf } from '../fruit/fruits';
import { fruitSetRates } from '../fruit/setRates';
import { placesOfEach } from '../garden/places';
import { cohortId } from '../journal/cohort';
import type { Fact } from '../journal/entry';
import { withCohortHistory } from '../journal/withCohortHistory';
import { Journal } from '../journal/journal';
import type { Bodies } from '../journal/kinds/kinds';
import type { BloomSex } from '../journal/kinds/walk';
import { meantFor } from '../journal/matingOf';
import { fatherPlants, pollinationsOf } from '../journal/pollinations';
import { undoable } from '../journal/undo';
import { gardenPlan, varietyReports } from '../planning/gardenPlan';
import { isolationOf } from '../planning/isolationOf';
import { purityOf, type PurityOptions } from '../purity/purityOf';
import type { LinkName } from '../purity/chain';
import { seasonAt } from '../season/seasons';
import type { Day } from '../time/types';
import { flowersDue } from './flowersDue';
import { outingRequest } from '../round/outingRequest';
import { roundsOf } from '../outing/outingDay';
import { openNowOf } from './openNow';
import { openVisitFacts } from './openVisit';
import { outingsAt, walkAt } from './outings';
import { planOuting } from '../round/planOuting';
import { walkFacts } from '../outing/walkFacts';
import { stopsOf } from '../round/stops';
import { begin, lookedAround, Phone, statesOf, YARD } from '@testing/yard';
import { addDays } from '../time/calendar';

/** Fifteen ways in which growers work, each as what is recorded and what must follow. Times are UTC; clocks show +1 h. */

const MON = '2026-07-20';
const TUE = '2026-07-21';
const WED = '2026-07-22';

const cover = (
  plant: string,
  day: Day,
  bloom: string,
  change: Partial<Bodies['covered']> & {
    readonly sex?: BloomSex;
    readonly part?: 'ear' | 'tassel';
    readonly role?: 'control';
  } = {},
): Fact => {
  const { sex = 'female', part, role, ...rest } = change;
  const code = sex === 'male' ? '' : `K-${bloom}`;
  const named = { bloom, sex, code, ...(part && { part }), ...(role && { role }) };
  return { kind: 'covered', body: { plant, day, method: 'tape', blooms: [named], ...rest } };
};
const pollinate = (
  bloom: string,
  plant: string,
  donors: readonly string[],
  change: Partial<Bodies['pollinated']> = {},
): Fact => ({
  kind: 'pollinated',
  body: {
    bloom,
    plant,
    donors: donors.map((donor) => ({ plant: donor.split('/')[0]!, bloom: donor.split('/')[1] ?? '' })),
    found: 'shut',
    method: 'maleFlower',
    shutAgain: true,
    tagged: true,
    ...change,
  },
});
const look = (bloom: string, seen: Bodies['looked']['seen'], of?: readonly [number, number]): Fact => ({
  kind: 'looked',
  body: { bloom, seen, ...(of && { growing: of[0], of: of[1] }) },
});

/** What phones know together once they have met, whichever hears the other first. */
function together(...phones: readonly Phone[]): Journal {
  const [one, other] = [new Journal(), new Journal()];
  for (const phone of phones) one.add(phone.journal.entries());
  for (const phone of phones.toReversed()) other.add([...phone.journal.entries()].reverse());
  expect(statesOf(other)).toEqual(statesOf(one));
  return one;
}

const bloomOf = (journal: Journal, id: string) => journal.all('bloom').get(id)!;
const purity = (journal: Journal, id: string, options?: PurityOptions) =>
  purityOf(journal, YARD, bloomOf(journal, id), options)!;
/** How one link of the chain holds, and why. */
function link(journal: Journal, id: string, name: LinkName, options?: PurityOptions): string {
  const found = purity(journal, id, options).chain.find((each) => each.link === name)!;
  return `${found.state}: ${found.reasons[0]!.code}`;
}
const dueOn = (journal: Journal, day: Day, outing: 'morning' | 'dusk' = 'morning'): string[] =>
  flowersDue(journal, { day, outing }).buds.females.map(({ bloom }) => bloom);
const rates = (journal: Journal, today: Day) =>
  fruitSetRates(
    fruitsOf(journal, YARD, today, seasonAt(journal, today)).flatMap(({ histories }) => histories),
  );

test('1. a kitchen morning, and one of two fruitlets later tagged for seed', () => {
  const phone = begin([{ variety: 'v', crop: 'pepo', purpose: 'eat', plants: ['p1'] }]);
  const { journal } = phone;
  const [here] = openNowOf(journal, YARD, Date.parse(`${MON}T06:00:00Z`));
  phone.say(
    `${MON}T06:00:00Z`,
    ...openVisitFacts(journal, here!, {
      open: { female: 2, male: 3 },
      method: 'maleFlower',
      fathers: ['p1'],
    }),
  );
  const cohort = cohortId({ plant: 'p1', day: MON, part: 'flower', sex: 'female' });
  phone.say('2026-07-24T17:00:00Z', look(cohort, 'growing', [2, 2]));
  phone.say('2026-07-25T17:00:00Z', {
    kind: 'tagged',
    body: { bloom: 'b1', of: cohort, plant: 'p1', code: 'K1' },
  });
  phone.say('2026-07-28T17:00:00Z', look('b1', 'growing'), look(cohort, 'gone', [1, 2]));

  expect(bloomOf(journal, cohort)).toMatchObject({ count: 2, members: ['b1'] });
  // No round asks for them again.
  expect(dueOn(journal, MON)).toEqual([]);
  // It was pollinated as they all were, and was open to insects as they all were.
  expect(fatherPlants(withCohortHistory(journal, bloomOf(journal, 'b1')))).toEqual(['p1']);
  expect(purity(journal, 'b1').grade).toBe('notForSeed');
  expect(rates(journal, '2026-07-28').soFar).toMatchObject({ hits: 1, of: 2 });
});

test('2. taped squash with males kept overnight, one shared, one found with a hole after it was used', () => {
  const phone = begin([{ variety: 'v', crop: 'maxima', plants: ['p1', 'p2', 'p3', 'p4'] }]);
  const { journal } = phone;
  phone.say(
    '2026-07-19T18:00:00Z',
    cover('p1', MON, 'f1'),
    cover('p2', MON, 'f2'),
    cover('p3', MON, 'm1', { sex: 'male', method: 'indoors' }),
    cover('p4', MON, 'm2', { sex: 'male', method: 'indoors' }),
  );
  // They stand in water: nobody is sent to pick them.
  const service = { day: MON, outing: 'morning' } as const;
  const plan = planOuting(outingRequest(journal, YARD, service, Date.parse(`${MON}T03:00:00Z`)));
  // Each plant is looked over before its first pollination for seed.
  const kinds = stopsOf(plan.rounds[0]!).map(({ kind }) => kind);
  expect(kinds.filter((kind) => kind !== 'strip')).toEqual(['pollinate', 'pollinate']);

  phone.say(`${MON}T05:00:00Z`, pollinate('f1', 'p1', ['p3/m1', 'p4/m2']), pollinate('f2', 'p2', ['p3/m1']));
  expect(flowersDue(journal, service).buds.males).toMatchObject([
    { bloom: 'm1', used: 2 },
    { bloom: 'm2', used: 1 },
  ]);
  phone.say(`${MON}T05:10:00Z`, {
    kind: 'picked',
    body: { round: 'r', stop: 's', plant: 'p4', blooms: [], spoiled: [{ bloom: 'm2', why: 'hole' }] },
  });
  expect(flowersDue(journal, service).buds.males.map(({ bloom }) => bloom)).toEqual(['m1']);
  expect(link(journal, 'f1', 'cleanPollen')).toBe('broken: pollen.spoiled');
  expect(link(journal, 'f2', 'cleanPollen')).toBe('holds: pollen.clean');
});

test('3. a watermelon pollinated again an hour later by the other phone', () => {
  const a = begin([{ variety: 'v', crop: 'watermelon', plants: ['p1', 'p2', 'p3'] }]);
  a.say(
    '2026-07-19T18:00:00Z',
    cover('p1', MON, 'f', { method: 'bag' }),
    cover('p2', MON, 'm1', { sex: 'male', method: 'bag' }),
    cover('p3', MON, 'm2', { sex: 'male', method: 'bag' }),
  );
  const b = new Phone('b').hear(a);
  a.say(`${MON}T06:00:00Z`, pollinate('f', 'p1', ['p2/m1']));
  b.hear(a).say(`${MON}T07:00:00Z`, pollinate('f', 'p1', ['p3/m2'], { application: 2 }));

  const journal = together(a, b);
  expect(bloomOf(journal, 'f')).toMatchObject({
    pollination: { at: `${MON}T06:00:00.000Z` },
    laterPollinations: [{ application: 2 }],
    conflicts: [],
  });
  expect(fatherPlants(bloomOf(journal, 'f'))).toEqual(['p2', 'p3']);
  // It is one flower, and one fruit.
  expect(rates(journal, '2026-07-23').pollinated).toBe(1);
});

test('4. a melon cross with an emasculated mother and two unpollinated controls', () => {
  const phone = begin([
    { variety: 'v', crop: 'melon', traits: { flowers: 'perfect' }, plants: ['p1', 'p2'] },
    { variety: 'w', crop: 'melon', traits: { flowers: 'perfect' }, plants: ['q1'] },
  ]);
  const { journal } = phone;
  const emasculated = (blooms: Bodies['emasculated']['blooms']): Fact => ({
    kind: 'emasculated',
    body: { plant: 'p1', day: MON, blooms },
  });
  phone.say('2026-07-18T10:00:00Z', {
    kind: 'mating.set',
    body: {
      mating: 'x',
      mother: 'v',
      father: 'w',
      purpose: 'seedToKeep',
      ownPollen: 'never',
      from: MON,
      plants: ['p1'],
    },
  });
  const perfect = { sex: 'perfect', method: 'bag' } as const;
  phone.say(
    '2026-07-19T16:00:00Z',
    emasculated([
      { bloom: 'f', code: 'K1' },
      { bloom: 'c1', code: 'K2', role: 'control' },
      { bloom: 'c2', code: 'K3', role: 'control' },
    ]),
    cover('p1', MON, 'f', perfect),
    cover('p1', MON, 'c1', { ...perfect, role: 'control' }),
    cover('p1', MON, 'c2', { ...perfect, role: 'control' }),
    cover('p2', MON, 'line', perfect),
    cover('p2', MON, 'm2', { sex: 'male', method: 'bag' }),
    cover('q1', MON, 'm', { sex: 'male', method: 'bag' }),
  );

  // The cross takes the other variety, its sister plant her own; nobody is sent to the controls.
  const service = { day: MON, outing: 'morning' } as const;
  const plan = planOuting(outingRequest(journal, YARD, service, Date.parse(`${MON}T05:00:00Z`)));
  expect(
    plan.pairs.map(({ bloom, donors }) => [bloom, ...donors.map((donor) => donor.bloom)]).sort(),
  ).toEqual([
    ['f', 'm'],
    ['line', 'm2'],
  ]);
  phone.say(`${MON}T06:30:00Z`, pollinate('f', 'p1', ['q1/m'], { mating: 'x' }));
  phone.say('2026-07-28T17:00:00Z', look('c1', 'growing'), look('c2', 'gone'), look('f', 'growing'));

  // A control set: part of the seed of its batch may be of pollen that nobody brought.
  expect(purity(journal, 'f')).toMatchObject({ grade: 'doubtful', cross: { mother: 'v', father: 'w' } });
  expect(link(journal, 'f', 'cleanPollen')).toBe('doubtful: pollen.controlsSet');
  expect(controlsOf(journal, 'v', YARD.zone)).toMatchObject({ looked: 2, set: 1 });
  expect(rates(journal, '2026-07-28').pollinated).toBe(1);

  // A flower that kept its anthers may have fathered part of its seed itself.
  phone.say('2026-07-19T16:30:00Z', cover('p1', MON, 'g', perfect));
  phone.say(`${MON}T06:40:00Z`, pollinate('g', 'p1', ['q1/m']));
  expect(link(journal, 'g', 'cleanPollen')).toBe('doubtful: pollen.notEmasculated');
  // Pollen of her own line is now the wrong one.
  phone.say(`${MON}T06:50:00Z`, pollinate('f', 'p1', ['p2/m2'], { application: 2 }));
  expect(link(journal, 'f', 'cleanPollen')).toBe('broken: pollen.otherThanMeant');
});

test('5. corn over seven days, with a silk seen outside its bag', () => {
  const phone = begin([{ variety: 'v', crop: 'corn', ownPollen: 'never', plants: ['p1', 'p2', 'p3'] }]);
  const { journal } = phone;
  const bag = (plant: string, bloom: string): Fact =>
    cover(plant, TUE, bloom, { part: 'ear', method: 'shootBag', stage: 'green' });
  const tassel = (plant: string, day: Day, bloom: string): Fact =>
    cover(plant, day, bloom, { sex: 'male', part: 'tassel', method: 'tasselBag' });
  const ready = (plant: string, day: Day, bloom: string): Fact => ({
    kind: 'receptive',
    body: { plant, day, blooms: [bloom] },
  });
  phone.say(`${MON}T15:00:00Z`, bag('p1', 'e1'), bag('p1', 'e2'), bag('p2', 'e3'));
  // They wait under their bags, and nothing is asked of them.
  expect(journal.bloomsWaiting().map(({ bloom }) => bloom)).toEqual(['e1', 'e2', 'e3']);
  expect(dueOn(journal, TUE)).toEqual([]);

  phone.say(
    `${WED}T15:00:00Z`,
    ready('p1', '2026-07-23', 'e1'),
    ready('p2', '2026-07-23', 'e3'),
    tassel('p3', '2026-07-23', 't1'),
    { kind: 'missed', body: { bloom: 'e3', plant: 'p2', day: '2026-07-23', why: 'open' } },
  );
  expect(dueOn(journal, '2026-07-23')).toEqual(['e1']);
  phone.say('2026-07-23T07:30:00Z', pollinate('e1', 'p1', ['p3/t1'], { method: 'tasselBag' }));
  // The silk that was outside is lost on the days to come too.
  expect(dueOn(journal, '2026-07-24')).toEqual([]);

  phone.say('2026-07-24T15:00:00Z', ready('p1', '2026-07-25', 'e2'));
  phone.say('2026-07-25T08:00:00Z', {
    kind: 'missed',
    body: { bloom: 'e2', plant: 'p1', day: '2026-07-25', why: 'noPollen' },
  });
  // Silk is good for days: it comes up again, until it is too old.
  expect(dueOn(journal, '2026-07-25')).toEqual([]);
  expect(dueOn(journal, '2026-07-26')).toEqual(['e2']);
  expect(dueOn(journal, '2026-07-30')).toEqual([]);
  phone.say('2026-07-25T15:00:00Z', tassel('p2', '2026-07-26', 't2'));
  phone.say(
    '2026-07-26T07:30:00Z',
    pollinate('e2', 'p1', ['p2/t2'], { method: 'tasselBag', day: '2026-07-26' }),
  );
  for (const ear of ['e1', 'e2']) {
    expect(link(journal, ear, 'cover')).toBe('holds: cover.before');
    expect(link(journal, ear, 'cleanPollen')).toBe('holds: pollen.clean');
  }
});

test('6. gourds at dusk across midnight by two phones offline, one flower logged by both', () => {
  const a = begin([{ variety: 'v', crop: 'bottleGourd', plants: ['p1', 'p2', 'p3'] }]);
  a.say(
    `${MON}T16:00:00Z`,
    cover('p1', MON, 'f1'),
    cover('p2', MON, 'f2'),
    cover('p3', MON, 'm', { sex: 'male' }),
  );
  const service = { day: MON, outing: 'dusk' } as const;
  const plan = planOuting(outingRequest(a.journal, YARD, service, Date.parse(`${MON}T20:00:00Z`)));
  a.say(`${MON}T20:00:00Z`, {
    kind: 'round.planned',
    body: { round: 'r', ...service, stops: stopsOf(plan.rounds[0]!) },
  });
  const b = new Phone('b').hear(a);
  const at = (bloom: string) => ({ round: 'r', stop: `dab-${bloom}` });
  a.say(`${MON}T22:50:00Z`, pollinate('f1', 'p1', ['p3/m'], at('f1')));
  b.say(`${MON}T23:10:00Z`, pollinate('f1', 'p1', ['p3/m'], at('f1')));
  b.say(`${MON}T23:20:00Z`, pollinate('f2', 'p2', ['p3/m'], at('f2')));

  const journal = together(a, b);
  // Half past midnight by the clock: it is still Monday's round, and all females are done.
  const [dusk] = outingsAt(journal, YARD, Date.parse(`${MON}T23:30:00Z`));
  expect(dusk).toMatchObject({ outing: 'dusk', day: MON });
  expect(dueOn(journal, MON, 'dusk')).toEqual([]);
  const done = roundsOf(journal, service)[0]!.done;
  expect([done.has('dab-f1'), done.has('dab-f2')]).toEqual([true, true]);
  expect(bloomOf(journal, 'f1')).toMatchObject({
    pollination: { at: `${MON}T22:50:00.000Z`, device: 'a' },
    conflicts: [{}],
  });
  // The one use that both wrote down is one.
  expect(flowersDue(journal, service).buds.males).toMatchObject([{ bloom: 'm', used: 2 }]);
});

test('7. a row of tomato trusses, with visits that meet a flower twice', () => {
  const phone = begin([{ variety: 'v', crop: 'tomato', plants: ['p1', 'p2'] }]);
  const { journal } = phone;
  const truss = cohortId({ plant: 'p1', part: 'truss', sex: 'perfect', mark: '2' });
  const shake = { method: 'brush', found: 'open', shutAgain: false, tagged: false } as const;
  const [first] = phone.say(
    `${MON}T11:00:00Z`,
    pollinate(truss, 'p1', [], { ...shake, day: MON, count: 3, after: [] }),
  );
  // Four are open on Wednesday; two of them were on Monday.
  phone.say(
    `${WED}T11:00:00Z`,
    pollinate(truss, 'p1', [], { ...shake, day: WED, application: 2, count: 2, after: [first!.id] }),
  );

  const bloom = bloomOf(journal, truss);
  expect(bloom).toMatchObject({ part: 'truss', plant: 'p1', day: MON, count: 5, conflicts: [] });
  expect(bloom.countClash).toBeUndefined();
  expect(pollinationsOf(bloom)).toHaveLength(2);
  // Each is as old as its own first visit.
  const { histories } = fruitOf(journal, YARD, '2026-07-25', bloom)!;
  expect(histories.map(({ age }) => age)).toEqual([5, 5, 5, 3, 3]);
});

test('8. a strawberry row by count', () => {
  const phone = begin([{ variety: 'v', crop: 'strawberry', purpose: 'eat', plants: [] }]);
  const { journal } = phone;
  phone.say('2026-05-02T09:00:00Z', {
    kind: 'plants.set',
    body: { bed: 'bed-v', row: 1, variety: 'v', plants: [{ plant: 'row', place: 1, count: 24 }] },
  });
  const cohort = cohortId({ plant: 'row', day: '2026-05-20', part: 'flower', sex: 'perfect' });
  phone.say(
    '2026-05-20T11:00:00Z',
    { kind: 'counted', body: { plant: 'row', day: '2026-05-20', open: { female: 30, male: 0 } } },
    pollinate(cohort, 'row', [], { method: 'brush', found: 'open', tagged: false, count: 30, after: [] }),
  );
  phone.say('2026-06-02T11:00:00Z', look(cohort, 'growing', [24, 30]));

  expect(journal.all('plant').get('row')).toMatchObject({ count: 24 });
  expect(placesOfEach(journal.all('plant').values(), journal.all('bed')).get('row')).toHaveLength(24);
  expect(gardenPlan(journal, YARD, '2026-06-02').varieties[0]!.places).toHaveLength(24);
  expect(rates(journal, '2026-06-02').set).toMatchObject({ hits: 24, of: 30 });
});

test('9. a plant rogued after its males were used', () => {
  const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['p1', 'p2', 'p3'] }]);
  const { journal } = phone;
  phone.say(
    '2026-07-19T18:00:00Z',
    cover('p1', MON, 'f1'),
    cover('p2', MON, 'm1', { sex: 'male' }),
    cover('p3', MON, 'm2', { sex: 'male' }),
  );
  phone.say(`${MON}T05:00:00Z`, pollinate('f1', 'p1', ['p2/m1', 'p3/m2']));
  const removed = (plant: string, why: 'offType' | 'died'): Fact => ({
    kind: 'plant.removed',
    body: { plant, why },
  });
  phone.say('2026-08-01T09:00:00Z', removed('p2', 'died'));
  expect(link(journal, 'f1', 'plants')).toBe('pending: plants.untilHarvest');
  // What shows later was true on the day of the pollen.
  phone.say('2026-08-02T09:00:00Z', removed('p3', 'offType'));
  expect(link(journal, 'f1', 'plants')).toBe('broken: plants.fatherOffType');
  expect(flowersDue(journal, { day: MON, outing: 'morning' }).buds.males).toEqual([]);
});

test('10. one variety sown twice, and again next year from its own lot', () => {
  const phone = begin([{ variety: 'v', crop: 'corn', plants: [] }]);
  const { journal } = phone;
  const sow = (
    planting: string,
    day: Day,
    row: number,
    source: Partial<Bodies['planting.set']> = {},
  ): void => {
    const plants = [1, 2, 3].map((place) => ({ plant: `${planting}-${place}`, place }));
    phone.say(
      `${day}T09:00:00Z`,
      {
        kind: 'planting.set',
        body: { planting, variety: 'v', sowing: { how: 'sown', day }, seedSource: 'boughtLine', ...source },
      },
      { kind: 'plants.set', body: { bed: 'bed-v', row, variety: 'v', planting, plants } },
    );
  };
  sow('early', '2026-05-01', 1);
  sow('late', '2026-06-05', 2);
  phone.say('2026-07-15T09:00:00Z', {
    kind: 'flowering.seen',
    body: { variety: 'v', planting: 'early', day: '2026-07-15' },
  });

  const plan = gardenPlan(journal, YARD, '2026-07-16');
  expect(plan.varieties.map(({ planting, flowering }) => [planting, flowering?.by])).toEqual([
    ['early', 'seen'],
    ['late', 'degreeDays'],
  ]);
  const [early, late] = plan.varieties;
  expect(early!.flowering!.first).toBe('2026-07-15');
  expect(late!.flowering!.first > '2026-08-01').toBe(true);
  // They are no danger to each other, and keep the variety together.
  for (const { isolation, mothers } of varietyReports(plan)) {
    expect(isolation).toMatchObject({ verdict: 'noRisk', outcrossing: { share: 0 } });
    expect(mothers).toEqual(varietyReports(plan)[0]!.mothers);
  }

  for (let place = 1; place <= 3; place += 1)
    for (const planting of ['early', 'late'])
      phone.say('2026-10-20T09:00:00Z', {
        kind: 'plant.removed',
        body: { plant: `${planting}-${place}`, why: 'other' },
      });
  sow('again', '2027-05-03', 1, { seedSource: 'ownGuarded', lot: 'Corn 2026' });
  // Nothing that was seen last year speaks for this one.
  expect(gardenPlan(journal, YARD, '2027-07-16').varieties).toMatchObject([
    { planting: 'again', flowering: { by: 'degreeDays' } },
  ]);
  const ear = { part: 'ear', method: 'shootBag', stage: 'green' } as const;
  phone.say('2026-07-15T15:00:00Z', cover('early-1', '2026-07-16', 'old', ear));
  phone.say('2027-07-15T15:00:00Z', cover('again-1', '2027-07-16', 'new', ear));
  expect(link(journal, 'old', 'seedSource')).toBe('holds: seed.boughtLine');
  expect(link(journal, 'new', 'seedSource')).toBe('holds: seed.ownGuarded');
});

test('11. a cage opened on alternate days, and a flower guarded by distance only', () => {
  const phone = begin([
    { variety: 'v', crop: 'annuum', plants: ['p1', 'p2'] },
    { variety: 'w', crop: 'annuum', plants: ['q1'] },
    { variety: 'far', crop: 'okra', plants: ['o1'] },
  ]);
  const { journal } = phone;
  const cage = (id: string, plants: readonly string[]): Fact => ({
    kind: 'cage.set',
    body: { cage: id, name: id, plants },
  });
  const opened = (id: string, day: Day): Fact => ({ kind: 'cage.opened', body: { cage: id, day } });
  phone.say('2026-07-10T09:00:00Z', cage('A', ['p1', 'p2']), cage('B', ['q1']));
  phone.say(`${TUE}T07:00:00Z`, opened('A', TUE));
  // Its flowers take pollen for three days: what opens next day still lets it in.
  const [before, both] = [addDays(TUE, -3), addDays(TUE, 3)];
  phone.say(`${both}T07:00:00Z`, opened('A', both), opened('B', both));
  const uncovered = { found: 'open', shutAgain: false, method: 'brush' } as const;
  const flower = (plant: string, day: Day, bloom: string): void => {
    phone.say(`${day}T08:00:00Z`, cover(plant, day, bloom, { sex: 'perfect', method: 'none' }));
    phone.say(`${day}T08:00:00Z`, cover(plant, day, `${bloom}-pollen`, { sex: 'perfect', method: 'none' }));
    phone.say(`${day}T09:00:00Z`, pollinate(bloom, plant, [`${plant}/${bloom}-pollen`], uncovered));
  };
  flower('p1', before, 'shut');
  flower('p1', MON, 'dayBefore');
  flower('p1', TUE, 'inTurn');
  flower('p1', both, 'open');
  expect(link(journal, 'shut', 'cover')).toBe('holds: guard.cage');
  expect(link(journal, 'shut', 'intact')).toBe('holds: guard.cage');
  expect(link(journal, 'shut', 'closedAgain')).toBe('holds: guard.cage');
  expect(link(journal, 'shut', 'cleanPollen')).toBe('holds: pollen.ownPlant');
  expect(link(journal, 'dayBefore', 'cover')).toBe('doubtful: guard.cageInTurn');
  expect(purity(journal, 'inTurn').grade).toBe('doubtful');
  expect(link(journal, 'inTurn', 'cover')).toBe('doubtful: guard.cageInTurn');
  expect(link(journal, 'open', 'cover')).toBe('broken: cover.none');

  flower('o1', MON, 'alone');
  const on = { isolationOf: isolationOf(journal, YARD) };
  expect(link(journal, 'alone', 'cover')).toBe('broken: cover.none');
  expect(link(journal, 'alone', 'cover', on)).toBe('unknown: guard.notLooked');
  expect(purity(journal, 'alone', on).grade).toBe('unproven');
  phone.say(`${WED}T19:00:00Z`, ...lookedAround('okra', MON));
  on.isolationOf = isolationOf(journal, YARD);
  expect(link(journal, 'alone', 'cover', on)).toBe('holds: guard.distance');
  expect(purity(journal, 'alone', on).grade).toBe('true');
  // Distance is judged for each variety: where others stand next to it and flower, it guards nothing.
  expect(link(journal, 'open', 'cover', on)).toBe('unknown: guard.notNoted');
  const { variety } = journal.all('plant').get('q1')!;
  phone.say(`${both}T20:00:00Z`, { kind: 'flowering.seen', body: { variety, day: both } });
  on.isolationOf = isolationOf(journal, YARD);
  expect(link(journal, 'open', 'cover', on)).toBe('broken: cover.none');
});

test('12. yesterday’s count put right from three to two after one was tagged, and that undone', () => {
  const phone = begin([{ variety: 'v', crop: 'pepo', purpose: 'eat', plants: ['p1'] }]);
  const { journal } = phone;
  const [here] = openNowOf(journal, YARD, Date.parse(`${MON}T06:00:00Z`));
  const visit = (female: number): Fact[] =>
    openVisitFacts(journal, here!, { open: { female, male: 1 }, method: 'maleFlower', fathers: ['p1'] });
  phone.say(`${MON}T06:00:00Z`, ...visit(3));
  const cohort = cohortId({ plant: 'p1', day: MON, part: 'flower', sex: 'female' });
  phone.say(`${MON}T18:00:00Z`, {
    kind: 'tagged',
    body: { bloom: 'b1', of: cohort, plant: 'p1', code: 'K1' },
  });
  phone.say(`${TUE}T09:00:00Z`, ...visit(2));
  expect(bloomOf(journal, cohort)).toMatchObject({ count: 2, members: ['b1'] });
  expect(bloomOf(journal, cohort).countClash).toBeUndefined();

  // Two entries were amended; each is an action of its own here.
  for (let i = 0; i < 2; i += 1) {
    const last = undoable(journal, phone.own)!;
    phone.say(
      `${TUE}T09:01:00Z`,
      ...last.entries.map(({ id }): Fact => ({ kind: 'struck', body: { target: id } })),
    );
  }
  expect(bloomOf(journal, cohort)).toMatchObject({ count: 3, members: ['b1'] });
  // Fewer than are tagged cannot be: the count stays with them, and is flagged.
  phone.say(`${TUE}T09:02:00Z`, {
    kind: 'tagged',
    body: { bloom: 'b2', of: cohort, plant: 'p1', code: 'K2' },
  });
  phone.say(`${TUE}T09:03:00Z`, ...visit(1));
  expect(bloomOf(journal, cohort)).toMatchObject({ count: 2, members: ['b1', 'b2'], countClash: true });
});

test('13. a variety changed in mid-season from eating to seed', () => {
  const phone = begin([
    { variety: 'v', crop: 'pepo', purpose: 'eat', ownPollen: 'allowed', plants: ['p1', 'p2'] },
  ]);
  const { journal } = phone;
  phone.say(`${MON}T05:00:00Z`, cover('p1', MON, 'f1', { method: 'none' }));
  phone.say(`${MON}T06:00:00Z`, pollinate('f1', 'p1', ['p2'], { found: 'open', shutAgain: false }));
  const { flowered: _f, purposes: _p, ...before } = journal.all('variety').get('v')!;
  phone.say(`${MON}T17:00:00Z`, {
    kind: 'variety.described',
    body: { ...before, purpose: 'seedToKeep', ownPollen: 'never' },
  });
  phone.say(`${MON}T18:00:00Z`, cover('p1', TUE, 'f2'), cover('p1', TUE, 'm', { sex: 'male' }));

  expect(meantFor(journal, 'p1', MON)).toMatchObject({ purpose: 'eat', ownPollen: 'allowed' });
  expect(meantFor(journal, 'p1', TUE)).toMatchObject({ purpose: 'seedToKeep', ownPollen: 'never' });
  const due = flowersDue(journal, { day: TUE, outing: 'morning' });
  expect(due.buds.females).toMatchObject([{ bloom: 'f2', forSeed: true, ownPollen: 'never' }]);
  // Her own male was allowed when it was for the kitchen; now there is none for her.
  expect(due.shortages).toMatchObject([{ without: 1 }]);
  expect(openNowOf(journal, YARD, Date.parse(`${TUE}T06:00:00Z`))).toEqual([]);
});

test('14. open-set fruit stripped, one kept', () => {
  const phone = begin([{ variety: 'v', crop: 'maxima', plants: ['p1'] }]);
  const { journal } = phone;
  phone.say(`${MON}T17:00:00Z`, {
    kind: 'stripped',
    body: { plant: 'p1', day: MON, count: 3, kept: [{ bloom: 'k', code: 'K9' }] },
  });
  phone.say('2026-07-28T17:00:00Z', look('k', 'growing'));
  expect(journal.all('walk').get(`p1|${MON}`)).toMatchObject({ stripped: 3 });
  expect(bloomOf(journal, 'k')).toMatchObject({ plant: 'p1', role: 'open', code: 'K9' });
  // It had set when it was chosen: it says nothing of how many set, and nobody is sent to pollinate it.
  expect(rates(journal, '2026-07-28').pollinated).toBe(0);
  expect(dueOn(journal, MON)).toEqual([]);
  expect(link(journal, 'k', 'cleanPollen')).toBe('broken: pollen.open');
  expect(
    link(journal, 'k', 'cleanPollen', { isolationOf: () => ({ verdict: 'noRisk', requiredMetres: 100 }) }),
  ).toBe('holds: guard.distance');
});

test('15. an evening walk bed by bed, exceptions only, over sixty plants in at most 8 kB', () => {
  const ULID = '01K0ABCDEFGHJKMNPQRSTV';
  const plants = Array.from({ length: 60 }, (_, i) => `${ULID}${String(i).padStart(4, '0')}`);
  const phone = begin([{ variety: 'v', crop: 'pepo', plants }]);
  const { journal } = phone;
  const evening = Date.parse(`${MON}T18:30:00Z`);
  const walk = () => walkAt(journal, outingsAt(journal, YARD, evening));
  expect(walk()).toHaveLength(60);
  const before = phone.own.length;
  const crop = cropOf('pepo');
  if (!isCoveredBeforeOpening(crop)) throw new Error('squash is covered');
  const variety = journal.all('variety').get('v')!;
  [3, 17, 44].forEach((i) => {
    const eve = { female: 1, male: 1 };
    const visit = {
      plant: plants[i]!,
      day: TUE,
      eve,
      green: { female: 0, male: 0 },
      method: 'tape',
    } as const;
    let ids = 0;
    const newId = (): string => `${ULID}${i}${(ids += 1)}`;
    phone.say(`${MON}T18:30:00Z`, ...walkFacts(visit, { journal, variety, crop, newId, tags: ['K001'] }));
  });
  const rest = walk().filter(({ visited }) => !visited);
  phone.say(`${MON}T18:40:00Z`, {
    kind: 'swept',
    body: { day: TUE, plants: rest.map(({ plant }) => plant.plant) },
  });

  expect(walk().every(({ visited }) => visited)).toBe(true);
  expect(journal.all('walk').get(`${plants[0]}|${TUE}`)).toMatchObject({
    eve: { female: 0, male: 0 },
    blooms: [],
  });
  expect(dueOn(journal, TUE)).toHaveLength(3);
  const written = phone.own.slice(before);
  expect(written).toHaveLength(7);
  expect(new TextEncoder().encode(JSON.stringify(written)).length).toBeLessThanOrEqual(8 * 1024);
});
