import { livedSeason } from '@testing/seasons';
import { cropOf, isCoveredBeforeOpening, type CropId } from '../crops/catalogue';
import { purityOf } from '../purity/purityOf';
import { rowsOf } from '../records/tables/tables';
import { plantLabel } from '../records/plantLabel';
import type { Fact, StoredEntry } from '../journal/entry';
import type { PollinateStop } from '../journal/kinds/stops';
import { Journal } from '../journal/journal';
import { entryOf } from '@testing/entries';
import { walkId } from '../journal/kinds/walk';
import type { Round } from '../journal/state';
import { planOuting, type OutingPlan } from './planOuting';
import { todayOf } from '../today/today';
import { flowersDue } from '../due/flowersDue';
import { outingRequest } from './outingRequest';
import { malesCarried, roundsBeside, roundsOf, type OutingDay } from '../outing/outingDay';
import { asPlanned } from './asPlanned';
import { donorsNow } from './donorsNow';
import { progressOf } from './progress';
import { replannedStops, stopsOf } from './stops';
import { plannedFlowers } from './stopsLeft';
import { walkFacts, type FoundOnWalk, type WalkContext } from '../outing/walkFacts';

const MORNING = '2026-07-19';
const SERVICE: OutingDay = { day: MORNING, outing: 'morning' };
const SEASON = livedSeason('demo');

/** The demo's evening, to go on from. */
class Evening {
  readonly journal = new Journal();
  #count = 0;
  #now = Date.parse('2026-07-18T18:30:00Z');
  constructor() {
    this.journal.add(SEASON);
  }

  say(...facts: readonly Fact[]): StoredEntry[] {
    const entries = facts.map((fact) => {
      this.#count += 1;
      this.#now += 1000;
      const id = `new-${this.#count}`;
      const lamport = this.journal.lamport + this.#count;
      const at = new Date(this.#now).toISOString();
      return entryOf(fact, { id, lamport, at, device: 'd', action: `a${this.#count}` });
    });
    this.journal.add(entries);
    return entries;
  }

  to(instant: string): void {
    this.#now = Date.parse(instant);
  }

  newId = (): string => `flower-${(this.#count += 1)}`;
}

const garden = (journal: Journal) => journal.all('garden').get('')!;

const visit = (plant: string, female: number, male: number): FoundOnWalk => ({
  plant,
  day: MORNING,
  eve: { female, male },
  green: { female: 0, male: 1 },
  method: 'tape',
});

function supplies(evening: Evening, plant: string, tags: readonly string[]): WalkContext {
  const { journal, newId } = evening;
  const variety = journal.all('variety').get(journal.all('plant').get(plant)!.variety)!;
  const crop = cropOf(variety.crop);
  if (!isCoveredBeforeOpening(crop)) throw new Error('the walk leads to it');
  return { journal, variety, crop, newId, tags };
}

function unseenPlant(journal: Journal, crop: CropId = 'moschata'): string {
  const walks = journal.all('walk');
  return [...journal.all('plant').values()].find(
    ({ plant, variety }) =>
      !walks.has(walkId(plant, MORNING)) && journal.all('variety').get(variety)!.crop === crop,
  )!.plant;
}

const planned = (journal: Journal, from = Date.parse('2026-07-19T03:30:00Z')): OutingPlan =>
  planOuting(outingRequest(journal, garden(journal), SERVICE, from));

test('a visit covers each eve bud and tags each female', () => {
  const evening = new Evening();
  const plant = unseenPlant(evening.journal);
  evening.say(...walkFacts(visit(plant, 2, 1), supplies(evening, plant, ['K001', 'K011', 'K021'])));
  const { blooms, eve } = evening.journal.all('walk').get(walkId(plant, MORNING))!;
  expect(eve).toEqual({ female: 2, male: 1 });
  expect(blooms.map((id) => evening.journal.all('bloom').get(id)!.code)).toEqual(['K001', 'K011', '']);
});

test('a corrected visit keeps the flowers and tags that stay', () => {
  const evening = new Evening();
  const plant = unseenPlant(evening.journal);
  evening.say(...walkFacts(visit(plant, 2, 1), supplies(evening, plant, ['K001', 'K011'])));
  const before = evening.journal.all('walk').get(walkId(plant, MORNING))!.blooms;
  const size = evening.journal.size;
  evening.say(...walkFacts(visit(plant, 1, 2), supplies(evening, plant, ['K099'])));
  const after = evening.journal.all('walk').get(walkId(plant, MORNING))!.blooms;
  expect(after).toHaveLength(3);
  expect(after).toEqual(expect.arrayContaining([before[0]!, before[2]!]));
  expect(evening.journal.all('bloom').has(before[1]!)).toBe(false);
  // Nothing stored was changed: two amendments were added, and what is covered only now by itself.
  expect(evening.journal.size).toBe(size + 3);
  evening.say(...walkFacts(visit(plant, 0, 0), supplies(evening, plant, [])));
  expect(evening.journal.all('walk').get(walkId(plant, MORNING))!.blooms).toEqual([]);
});

test('a visit that two phones made is put right as one, to two females and to none', () => {
  const evening = new Evening();
  const plant = unseenPlant(evening.journal);
  const one = walkFacts(visit(plant, 1, 0), supplies(evening, plant, ['K001']));
  // The other phone had not seen the first visit.
  const other = walkFacts(visit(plant, 1, 0), supplies(evening, plant, ['L001']));
  evening.say(...one);
  evening.say(...other);
  const seen = (): string[] => {
    const walk = evening.journal.all('walk').get(walkId(plant, MORNING))!;
    const named = [...evening.journal.all('bloom').values()].filter((flower) => flower.plant === plant);
    expect(
      named
        .filter(({ day }) => day === MORNING)
        .map(({ bloom }) => bloom)
        .sort(),
    ).toEqual([...walk.blooms].sort());
    return [...walk.blooms];
  };
  expect(seen()).toHaveLength(2);
  evening.say(...walkFacts(visit(plant, 2, 0), supplies(evening, plant, [])));
  expect(seen()).toHaveLength(2);
  expect(new Set(seen()).size).toBe(2);
  evening.say(...walkFacts(visit(plant, 0, 0), supplies(evening, plant, [])));
  expect(seen()).toEqual([]);
});

test('of two rounds that two phones planned the last holds, and what either did is done', () => {
  const evening = new Evening();
  const { journal, say } = { journal: evening.journal, say: evening.say.bind(evening) };
  const stops = stopsOf(planned(journal).rounds[0]!);
  const [first, second] = stops.filter((stop): stop is PollinateStop => stop.kind === 'pollinate');
  say({ kind: 'round.planned', body: { round: 'mine', day: MORNING, stops } });
  say({ kind: 'round.planned', body: { round: 'theirs', day: MORNING, stops: [...stops].reverse() } });
  const missed = (round: string, { bloom, plant, stop }: PollinateStop): void => {
    say({ kind: 'missed', body: { bloom, plant, round, stop, why: 'broke' } });
  };
  missed('mine', first!);
  missed('theirs', second!);
  const round = roundsOf(journal, SERVICE)[0]!;
  expect(round.round).toBe('theirs');
  expect([...round.done.keys()].sort()).toEqual([first!.stop, second!.stop].sort());
  const pick = stops.find(({ kind }) => kind === 'pick')!;
  if (pick.kind !== 'pick') throw new Error('a round begins with picking');
  say({
    kind: 'picked',
    body: { round: 'mine', stop: 'another-stop', plant: pick.plant, blooms: pick.blooms, spoiled: [] },
  });
  expect(roundsOf(journal, SERVICE)[0]!.done.has(pick.stop)).toBe(true);
});

test('work split between two is two rounds; each is done by whoever does it, and keeps what it carries', () => {
  const evening = new Evening();
  const { journal } = evening;
  const from = Date.parse('2026-07-19T03:30:00Z');
  const plan = planOuting(outingRequest(journal, garden(journal), SERVICE, from, { people: 2, beside: [] }));
  plan.rounds.forEach((each, i) => {
    const share = { split: 's', person: i + 1, people: 2 };
    evening.say({
      kind: 'round.planned',
      body: { round: `r${i + 1}`, day: MORNING, share, stops: stopsOf(each) },
    });
  });
  const rounds = (): readonly Round[] => roundsOf(journal, SERVICE);
  expect(rounds().map(({ round }) => round)).toEqual(['r1', 'r2']);
  const [mine, theirs] = rounds() as [Round, Round];
  expect(plannedFlowers(rounds()).size).toBe(plan.pairs.filter(({ donors }) => donors.length > 0).length);
  // What the other one picked takes no male's place here.
  const picked = theirs.stops.find((stop) => stop.kind === 'pick')!;
  evening.say(...asPlanned(journal, theirs, picked));
  const female = mine.stops.find((stop): stop is PollinateStop => stop.kind === 'pollinate')!;
  for (const { bloom } of female.donors)
    evening.say({
      kind: 'picked',
      body: {
        round: 'r1',
        stop: `pick-${bloom}`,
        plant: journal.all('bloom').get(bloom)!.plant,
        blooms: [],
        spoiled: [{ bloom, why: 'hole' }],
      },
    });
  expect(malesCarried([theirs])).toContain(picked.kind === 'pick' ? picked.blooms[0] : '');
  expect(donorsNow(female, mine, journal)).toEqual([]);
  // Planned again by one alone, the other's flowers are left to the other.
  const beside = roundsBeside(journal, mine);
  expect(beside.map(({ round }) => round)).toEqual(['r2']);
  const again = outingRequest(journal, garden(journal), SERVICE, from, { people: 1, beside });
  const theirFlowers = plannedFlowers([theirs]);
  expect(again.females.some(({ bloom }) => theirFlowers.has(bloom))).toBe(false);
  expect(again.females.length).toBeGreaterThan(0);
  const carried = malesCarried([theirs]);
  expect(again.males.some(({ bloom }) => carried.has(bloom))).toBe(false);
  // A round planned later by one person for all takes the place of the split.
  evening.say({ kind: 'round.planned', body: { round: 'alone', day: MORNING, stops: mine.stops } });
  expect(rounds().map(({ round }) => round)).toEqual(['alone']);
});

test('the two-day order (common practice, no source): what is covered in the evening is picked and brushed in the morning', () => {
  // Common practice, no source: evening before, then morning (handbook §2, §7).
  const { journal, say } = (() => {
    const evening = new Evening();
    evening.to('2026-07-19T04:10:00Z');
    return { journal: evening.journal, say: evening.say.bind(evening) };
  })();
  const stops = stopsOf(planned(journal).rounds[0]!);
  say({ kind: 'round.planned', body: { round: 'r', day: MORNING, stops } });
  const round = (): Round => roundsOf(journal, SERVICE)[0]!;
  expect(progressOf(round(), 0, { hours: new Map() })).toMatchObject({ at: 0, left: stops.length });
  for (const stop of stops) {
    if (stop.kind === 'pick') {
      say({
        kind: 'picked',
        body: { round: 'r', stop: stop.stop, plant: stop.plant, blooms: stop.blooms, spoiled: [] },
      });
    } else if (stop.kind !== 'pollinate') {
      say(...asPlanned(journal, round(), stop));
    } else {
      const donors = donorsNow(stop, round(), journal).map(({ plant, bloom }) => ({ plant, bloom }));
      say({
        kind: 'pollinated',
        body: {
          bloom: stop.bloom,
          plant: stop.plant,
          round: 'r',
          stop: stop.stop,
          donors,
          found: 'shut',
          method: 'maleFlower',
          shutAgain: true,
          tagged: true,
        },
      });
    }
  }
  expect(progressOf(round(), 0, { hours: new Map() }).left).toBe(0);
  const kept = stops.filter((stop): stop is PollinateStop => stop.kind === 'pollinate');
  const grades = kept.map(({ bloom, variety }) => [
    journal.all('variety').get(variety)!.seedSource,
    purityOf(journal, garden(journal), journal.all('bloom').get(bloom)!)!.grade,
  ]);
  for (const [source, grade] of grades) if (source === 'ownGuarded') expect(grade).toBe('true');
  expect(todayOf(journal, garden(journal), Date.parse('2026-07-19T06:00:00Z')).tasks.next.kind).not.toBe(
    'round',
  );
});

test('a spoiled male is replaced by one in hand of the same variety, from another plant', () => {
  const evening = new Evening();
  const { journal } = evening;
  evening.to('2026-07-19T04:10:00Z');
  const stops = stopsOf(planned(journal).rounds[0]!);
  evening.say({ kind: 'round.planned', body: { round: 'r', day: MORNING, stops } });
  const pollinating = stops.find(
    (stop): stop is PollinateStop => stop.kind === 'pollinate' && stop.donors.length > 1,
  )!;
  const [bad] = pollinating.donors;
  for (const stop of stops) {
    if (stop.kind !== 'pick') continue;
    const spoiled = stop.blooms.filter((flower) => flower === bad!.bloom);
    const flowers = stop.blooms.filter((flower) => flower !== bad!.bloom);
    evening.say({
      kind: 'picked',
      body: {
        round: 'r',
        stop: stop.stop,
        plant: stop.plant,
        blooms: flowers,
        spoiled: spoiled.map((bloom) => ({ bloom, why: 'hole' as const })),
      },
    });
  }
  const donors = donorsNow(pollinating, roundsOf(journal, SERVICE)[0]!, journal);
  expect(donors.map(({ bloom }) => bloom)).not.toContain(bad!.bloom);
  for (const { plant } of donors) expect(journal.all('plant').get(plant)!.variety).toBe(pollinating.variety);
});

test('the pace of the grower moves the end, and what comes too late is named', () => {
  const evening = new Evening();
  const { journal } = evening;
  const stops = stopsOf(planned(journal).rounds[0]!);
  evening.say({ kind: 'round.planned', body: { round: 'r', day: MORNING, stops } });
  const slow = Date.parse(stops[0]!.eta);
  stops.slice(0, 6).forEach((stop, i) => {
    evening.to(new Date(slow + i * 600_000).toISOString());
    const where = { round: 'r', stop: stop.stop, plant: stop.plant };
    if (stop.kind === 'pick')
      evening.say({ kind: 'picked', body: { ...where, blooms: stop.blooms, spoiled: [] } });
    else if (stop.kind === 'pollinate')
      evening.say({ kind: 'missed', body: { ...where, bloom: stop.bloom, why: 'broke' } });
    else evening.say({ kind: 'stop.left', body: where });
  });
  const round = roundsOf(journal, SERVICE)[0]!;
  const now = slow + 6 * 600_000;
  const plannedSpan = Date.parse(stops.at(-1)!.eta) - Date.parse(stops[6]?.eta ?? stops.at(-1)!.eta);
  const { finish, at } = progressOf(round, now, { hours: new Map() });
  expect(at).toBe(6);
  expect(finish - now).toBeGreaterThan(plannedSpan);
  const shut = new Map(stops.map(({ variety }) => [variety, { opens: slow, lastSafe: now }]));
  const late = progressOf(round, now, { hours: shut }).tooLate;
  expect(late).toEqual(
    stops
      .slice(7)
      .filter(({ kind }) => kind === 'pollinate')
      .map(({ stop }) => stop),
  );
});

test('a new plan has what is done first', () => {
  const evening = new Evening();
  const { journal } = evening;
  const stops = stopsOf(planned(journal).rounds[0]!);
  evening.say({ kind: 'round.planned', body: { round: 'r', day: MORNING, stops } });
  const first = stops[0]!;
  if (first.kind !== 'pick') throw new Error('a round begins with picking');
  evening.say({
    kind: 'picked',
    body: { round: 'r', stop: first.stop, plant: first.plant, blooms: first.blooms, spoiled: [] },
  });
  const again = replannedStops(roundsOf(journal, SERVICE)[0]!, [...stops].reverse());
  expect(again[0]).toEqual(first);
  expect(again.map(({ stop }) => stop).sort()).toEqual(stops.map(({ stop }) => stop).sort());
});

test('the table of flowers has a row for each flower', () => {
  const { journal } = new Evening();
  const rows = rowsOf('flowers', { journal, garden: garden(journal), today: '2026-07-18' });
  expect(rows).toHaveLength(journal.all('bloom').size);
  const pollinated = rows.filter((row) => row['pollinated_at'] !== undefined);
  expect(pollinated.length).toBeGreaterThan(100);
  expect(new Set(pollinated.map((row) => row['purity']))).toContain('notForSeed');
  // Of one flower of the summer before nobody noted the males.
  const named = pollinated.filter(({ fathers }) => fathers !== undefined);
  expect(named).toHaveLength(pollinated.length - 1);
  for (const row of named) expect(row['fathers']).toMatch(/^[A-FJ]\d·\d( [A-FJ]\d·\d)*$/);
  expect(plantLabel(journal, 'nobody')).toBe('?');
});

test('a melon’s fruit-bearing flowers are covered as what they are, and get pollen like any female', () => {
  const evening = new Evening();
  const plant = unseenPlant(evening.journal, 'melon');
  const context = supplies(evening, plant, ['K001']);
  evening.say(...walkFacts(visit(plant, 1, 2), context));
  const blooms = evening.journal.all('walk').get(walkId(plant, MORNING))!.blooms;
  expect(blooms.map((id) => evening.journal.all('bloom').get(id)!.sex)).toEqual(['perfect', 'male', 'male']);
  expect(flowersDue(evening.journal, SERVICE).females.map(({ bloom }) => bloom)).toContain(blooms[0]);
});
