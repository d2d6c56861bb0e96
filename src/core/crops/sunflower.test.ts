import { begin, YARD, type Phone } from '@testing/yard';
import { walkAt, outingsAt } from '../due/outings';
import { flowersDue } from '../due/flowersDue';
import { fruitsOf } from '../fruit/fruits';
import { seasonAt } from '../season/seasons';
import { walkFacts } from '../outing/walkFacts';
import { roundsOf } from '../outing/outingDay';
import { purityOf } from '../purity/purityOf';
import { asPlanned, missedAt, pickedAt, pollinatedAt } from '../round/asPlanned';
import { outingRequest } from '../round/outingRequest';
import { planOuting } from '../round/planOuting';
import { donorsNow } from '../round/donorsNow';
import { stopsOf } from '../round/stops';
import { gardenPlan, varietyReports } from '../planning/gardenPlan';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import type { PickStop, PollinateStop } from '../journal/kinds/stops';
import { cropOf, type CoveredCrop } from './catalogue';

// How heads are worked [common practice, no source]: all bagged before the rays unfold, brushed each morning or every
// other one while florets open (five to ten days), bagged until the back of the head is yellow.

const D: Day = '2026-07-20';
const on = (after: number): Day => addDays(D, after);
const at = (day: Day, clock: string): string => `${day}T${clock}:00Z`;
const PLANTS = ['p1', 'p2', 'p3', 'p4'];
const crop = cropOf('sunflower') as CoveredCrop;

const begun = (): Phone => begin([{ variety: 'v', crop: 'sunflower', ownPollen: 'never', plants: PLANTS }]);

/** What the walk for a day finds at each plant: heads that begin, and green ones that get their bag. */
function walk(
  phone: Phone,
  day: Day,
  { begins, green }: { readonly begins: number; readonly green: number },
): void {
  const variety = phone.journal.all('variety').get('v')!;
  PLANTS.forEach((plant, i) => {
    const facts = walkFacts(
      {
        plant,
        day,
        eve: { female: begins, male: 0 },
        green: { female: green, male: 0 },
        method: 'bag',
      },
      {
        journal: phone.journal,
        variety,
        crop,
        newId: () => `head-${plant}`,
        tags: [`K10${i}`],
      },
    );
    phone.say(at(addDays(day, -1), '17:00'), ...facts);
  });
}

/** Four heads in their bags, whose first florets open on D. */
function bagged(): Phone {
  const phone = begun();
  walk(phone, on(-5), { begins: 0, green: 1 });
  walk(phone, D, { begins: 1, green: 0 });
  return phone;
}

const due = (phone: Phone, day: Day) => flowersDue(phone.journal, { day, outing: 'morning' });
const roundOn = (phone: Phone, day: Day) => roundsOf(phone.journal, { day, outing: 'morning' })[0]!;

/** Plans a morning and walks it as planned. */
function goRound(phone: Phone, day: Day): void {
  const begins = at(day, '06:00');
  const request = outingRequest(phone.journal, YARD, { day, outing: 'morning' }, Date.parse(begins));
  const stops = stopsOf(planOuting(request).rounds[0]!);
  phone.say(begins, { kind: 'round.planned', body: { round: `round ${day}`, day, stops } });
  for (const stop of stops) phone.say(begins, ...asPlanned(phone.journal, roundOn(phone, day), stop));
}

test('the walk leads to it, bags every head green, and asks for no males', () => {
  const phone = begun();
  const outings = outingsAt(phone.journal, YARD, Date.parse(at(on(-6), '17:00')));
  const walked = walkAt(phone.journal, outings);
  expect(walked.map(({ plant, roles }) => [plant.plant, roles.bears, roles.emasculate])).toEqual(
    PLANTS.map((plant) => [plant, true, false]),
  );
  walk(phone, on(-5), { begins: 0, green: 1 });
  const head = phone.journal.all('bloom').get('head-p1')!;
  expect(head).toMatchObject({ part: 'head', sex: 'perfect', code: 'K100', cover: { method: 'bag' } });
  expect(head.day).toBeUndefined();
  expect(due(phone, D).females).toEqual([]);
});

test('on the first morning each gets pollen of three others, brushed where they stand, and nothing is short', () => {
  const phone = bagged();
  const { females, males, shortages } = due(phone, D);
  expect([females.length, males.length, shortages]).toEqual([4, 4, []]);
  goRound(phone, D);
  const { stops, done } = roundOn(phone, D);
  const given = stops.filter((stop): stop is PollinateStop => stop.kind === 'pollinate');
  expect(given).toHaveLength(4);
  for (const { bloom, plant, donors } of given) {
    expect(donors.map((donor) => donor.plant).sort()).toEqual(PLANTS.filter((other) => other !== plant));
    expect(donors.some((donor) => donor.bloom === bloom)).toBe(false);
  }
  // Pollen of a head is on the brush before it is needed.
  const at = (test: (stop: (typeof stops)[number]) => boolean): number => stops.findIndex(test);
  for (const { stop, donors } of given)
    for (const { bloom } of donors)
      expect(at((each) => each.kind === 'pick' && each.blooms.includes(bloom))).toBeLessThan(
        at((each) => each.stop === stop),
      );
  expect(stops.every(({ stop }) => done.get(stop)?.outcome === 'done')).toBe(true);
});

test('it is gone to every other morning, five times in all, and gives its pollen afresh each time', () => {
  const phone = bagged();
  const worked: number[] = [];
  for (let after = 0; after <= 14; after += 1) {
    const { buds, males } = due(phone, on(after));
    if (buds.females.length === 0) continue;
    expect(males).toHaveLength(4);
    expect(buds.males.every(({ used }) => used === 0)).toBe(true);
    worked.push(after);
    goRound(phone, on(after));
    expect(roundOn(phone, on(after)).done.size).toBe(roundOn(phone, on(after)).stops.length);
  }
  expect(worked).toEqual([0, 2, 4, 6, 8]);
  expect(phone.journal.all('bloom').get('head-p1')!.laterPollinations).toHaveLength(4);
});

test('a morning that was missed is made up for on the next; one whose florets are over is left', () => {
  const phone = bagged();
  goRound(phone, D);
  expect(due(phone, on(1)).females).toEqual([]);
  expect(due(phone, on(3)).females).toHaveLength(4);
  goRound(phone, on(3));
  const morning = on(5);
  const stop: PollinateStop = {
    ...{ stop: 's', kind: 'pollinate', plant: 'p1', variety: 'v', bloom: 'head-p1', application: 3 },
    donors: [],
    eta: at(morning, '06:00') as `${string}Z`,
  };
  phone.say(at(morning, '05:00'), {
    kind: 'round.planned',
    body: { round: 'r', day: morning, stops: [stop] },
  });
  phone.say(at(morning, '06:00'), missedAt(phone.journal, roundOn(phone, morning), stop, 'wilted'));
  for (const day of [morning, on(6), on(7)]) {
    expect(due(phone, day).females.map(({ plant }) => plant)).not.toContain('p1');
    expect(due(phone, day).males.map(({ plant }) => plant)).not.toContain('p1');
  }
});

test('a head found with a torn bag as its pollen is taken bears nothing to keep, and gives none', () => {
  const phone = bagged();
  const stops: readonly [PickStop, PollinateStop] = [
    {
      ...{ stop: 'take', kind: 'pick', plant: 'p2', variety: 'v', blooms: ['head-p2'] },
      eta: at(D, '06:00') as `${string}Z`,
    },
    {
      ...{ stop: 'give', kind: 'pollinate', plant: 'p1', variety: 'v', bloom: 'head-p1' },
      donors: [{ plant: 'p2', bloom: 'head-p2' }],
      eta: at(D, '06:05') as `${string}Z`,
    },
  ];
  phone.say(at(D, '05:00'), { kind: 'round.planned', body: { round: 'r', day: D, stops } });
  const round = () => roundOn(phone, D);
  phone.say(at(D, '06:00'), pickedAt(phone.journal, round(), stops[0], [{ bloom: 'head-p2', why: 'hole' }]));
  expect(round().done.get('take')?.outcome).toBe('hole');
  expect(due(phone, D).females.map(({ plant }) => plant)).toEqual(['p1', 'p3', 'p4']);
  expect(donorsNow(stops[1], round(), phone.journal)).toEqual([]);
});

test('its own plant’s pollen goes to it only where that is allowed', () => {
  for (const [ownPollen, reached] of [
    ['never', 0],
    ['lastResort', 1],
  ] as const) {
    const phone = begin([{ variety: 'v', crop: 'sunflower', ownPollen, plants: ['p1'] }]);
    const [variety, plant] = [phone.journal.all('variety').get('v')!, 'p1'];
    const visit = (day: Day, begins: number, green: number) =>
      phone.say(
        at(addDays(day, -1), '17:00'),
        ...walkFacts(
          { plant, day, eve: { female: begins, male: 0 }, green: { female: green, male: 0 }, method: 'bag' },
          { journal: phone.journal, variety, crop, newId: () => 'h', tags: ['K1'] },
        ),
      );
    visit(on(-3), 0, 1);
    visit(D, 1, 0);
    const request = outingRequest(
      phone.journal,
      YARD,
      { day: D, outing: 'morning' },
      Date.parse(at(D, '06:00')),
    );
    const given = planOuting(request)
      .rounds.flatMap(stopsOf)
      .filter(({ kind }) => kind === 'pollinate');
    expect(given).toHaveLength(reached);
  }
});

test('bagged, brushed with its own variety and shut again, the head is harvested true to type', () => {
  const phone = bagged();
  for (const after of [0, 2, 4, 6, 8]) goRound(phone, on(after));
  const harvest = on(45);
  const season = seasonAt(phone.journal, harvest);
  const fruits = () => fruitsOf(phone.journal, YARD, harvest, season);
  expect(
    fruits()
      .map(({ bloom }) => bloom.bloom)
      .sort(),
  ).toEqual(PLANTS.map((plant) => `head-${plant}`));
  phone.say(at(harvest, '12:00'), {
    kind: 'harvested',
    body: { bloom: 'head-p1', use: 'seed', tagThere: true, typical: true },
  });
  const purity = purityOf(phone.journal, YARD, phone.journal.all('bloom').get('head-p1')!)!;
  expect(purity.chain.map(({ link, state }) => [link, state])).toEqual(
    ['seedSource', 'cover', 'intact', 'cleanPollen', 'closedAgain', 'tag', 'plants'].map((link) => [
      link,
      'holds',
    ]),
  );
  expect(purity.grade).toBe('true');
});

test('an insect in the bag on any morning spoils the seed, and so does a bag that was left off', () => {
  const spoilt = [
    { found: 'insect', shutAgain: true },
    { found: 'shut', shutAgain: false },
  ] as const;
  for (const how of spoilt) {
    const phone = bagged();
    for (const after of [0, 2]) goRound(phone, on(after));
    const stop: PollinateStop = {
      ...{ stop: 's', kind: 'pollinate', plant: 'p1', variety: 'v', bloom: 'head-p1', application: 3 },
      donors: [],
      eta: at(on(4), '06:00') as `${string}Z`,
    };
    phone.say(at(on(4), '05:00'), { kind: 'round.planned', body: { round: 'r', day: on(4), stops: [stop] } });
    const donors = [{ plant: 'p2', bloom: 'head-p2', state: 'planned' as const }];
    phone.say(
      at(on(4), '06:00'),
      pollinatedAt(phone.journal, roundOn(phone, on(4)), stop, { donors, ...how }),
    );
    const bloom = phone.journal.all('bloom').get('head-p1')!;
    expect(purityOf(phone.journal, YARD, bloom)!.grade).toBe('notForSeed');
  }
});

test('on the plan two sunflowers in one garden are too close, and bagging with work by hand is what helps', () => {
  const phone = begin([
    { variety: 'v', crop: 'sunflower', plants: PLANTS },
    { variety: 'w', crop: 'sunflower', plants: ['q1'] },
  ]);
  const reports = varietyReports(gardenPlan(phone.journal, YARD, D));
  expect(reports.length).toBe(2);
  const [first] = reports;
  expect(JSON.stringify(first)).toContain('tooClose');
  expect(JSON.stringify(first)).toContain('coverAndHandPollinate');
});
