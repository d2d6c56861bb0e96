import type { Donor, PollinateStop, Stop } from '../journal/kinds/stops';
import type { Fact } from '../journal/entry';
import type { OwnPollenRule } from '../crops/variety';
import { Journal } from '../journal/journal';
import { entryOf } from '@testing/entries';
import { USUAL_HANDLING } from '../outing/handling';
import { roundsOf } from '../outing/outingDay';
import { donorsNow } from './donorsNow';
import { progressOf } from './progress';

const MORNING = '2026-07-19';
const START = Date.parse('2026-07-19T04:00:00Z');
const MINUTE = 60_000;
const instant = (ms: number): string => new Date(ms).toISOString();

/** A morning with one variety on plants p1 to p4, a male on each, a female to brush on p1. */
class Morning {
  readonly journal = new Journal();
  #count = 0;

  constructor(ownPollen: OwnPollenRule, donors: readonly string[], more: readonly Stop[] = []) {
    const plants = ['p1', 'p2', 'p3', 'p4'];
    this.say(START - 12 * 60 * MINUTE, {
      kind: 'variety.described',
      body: {
        variety: 'v',
        name: 'Ember Loaf',
        crop: 'pepo',
        purpose: 'eat',
        seedSource: 'unknown',
        ownPollen,
        traits: {},
      },
    });
    this.say(START - 12 * 60 * MINUTE, {
      kind: 'plants.set',
      body: { bed: 'b', row: 1, variety: 'v', plants: plants.map((plant, i) => ({ plant, place: i + 1 })) },
    });
    for (const plant of plants) {
      this.say(START - 12 * 60 * MINUTE, {
        kind: 'covered',
        body: {
          plant,
          day: MORNING,
          method: 'tape',
          blooms: [
            { bloom: `male-${plant}`, sex: 'male', code: '' },
            ...(plant === 'p1' ? [{ bloom: 'female', sex: 'female' as const, code: 'K001' }] : []),
          ],
        },
      });
    }
    this.pollinating = pollinating('female', 'p1', donors);
    this.say(START, {
      kind: 'round.planned',
      body: { round: 'r', day: MORNING, stops: [this.pollinating, ...more] },
    });
  }

  readonly pollinating: PollinateStop;

  say(at: number, fact: Fact): void {
    this.#count += 1;
    const id = `e${String(this.#count).padStart(4, '0')}`;
    this.journal.add([entryOf(fact, { id, lamport: this.#count, at: instant(at), device: 'd', action: id })]);
  }

  pick(plant: string, spoiled = false): void {
    const flower = `male-${plant}`;
    this.say(START, {
      kind: 'picked',
      body: {
        round: 'r',
        stop: `pick-${flower}`,
        plant,
        blooms: spoiled ? [] : [flower],
        spoiled: spoiled ? [{ bloom: flower, why: 'insect' }] : [],
      },
    });
  }

  donors(): string[] {
    return donorsNow(this.pollinating, this.round, this.journal).map(
      ({ plant, state }) => `${plant} ${state}`,
    );
  }

  get round() {
    return roundsOf(this.journal, { day: MORNING, outing: 'morning' })[0]!;
  }
}

const male = (plant: string): Donor => ({ plant, bloom: `male-${plant}` });
const pollinating = (
  flower: string,
  plant: string,
  donors: readonly string[],
  eta = START,
): PollinateStop => ({
  stop: `dab-${flower}`,
  kind: 'pollinate',
  plant,
  variety: 'v',
  bloom: flower,
  donors: donors.map(male),
  eta: instant(eta),
});

test('planned males that are fit stay, also before they were picked', () => {
  expect(new Morning('lastResort', ['p2', 'p3']).donors()).toEqual(['p2 planned', 'p3 planned']);
});

test('an unfit male is replaced by the one in hand that is used least', () => {
  const more = [pollinating('another', 'p3', ['p4'])];
  const morning = new Morning('lastResort', ['p2'], more);
  morning.pick('p2', true);
  expect(morning.donors()).toEqual([]);
  morning.pick('p4');
  expect(morning.donors()).toEqual(['p4 instead']);
  // The male of p3 goes to nobody else.
  morning.pick('p3');
  expect(morning.donors()).toEqual(['p3 instead']);
});

test('her own plant only where there is nothing else, and never where that is never allowed', () => {
  const last = new Morning('lastResort', ['p2', 'p3']);
  const never = new Morning('never', ['p2', 'p3']);
  for (const morning of [last, never]) {
    morning.pick('p2', true);
    morning.pick('p3', true);
    morning.pick('p1');
  }
  // One of her own plant is enough: a second brings no other father.
  expect(last.donors()).toEqual(['p1 instead']);
  expect(never.donors()).toEqual([]);
  for (const morning of [last, never]) morning.pick('p4');
  expect(last.donors()).toEqual(['p4 instead']);
  expect(never.donors()).toEqual(['p4 instead']);
});

test('a pace needs five stops in a row; a pause in between does not count', () => {
  const PLANNED = 2 * MINUTE;
  const later = Array.from({ length: 9 }, (_, i) =>
    pollinating(`f${i}`, 'p3', ['p4'], START + (i + 1) * PLANNED),
  );
  /** Minutes left after stops that took so many times as long as was planned. */
  const paced = (times: readonly number[]): number => {
    const morning = new Morning('lastResort', ['p2'], later);
    let at = START;
    times.forEach((each, i) => {
      at += each * PLANNED;
      const { stop, bloom, plant } = [morning.pollinating, ...later][i]!;
      morning.say(at, { kind: 'missed', body: { bloom, plant, round: 'r', stop, why: 'broke' } });
    });
    return (progressOf(morning.round, at, { hours: new Map() }).finish - at) / MINUTE;
  };
  const calculated = paced([0, 1, 1, 1]);
  // Six are left, and five ways between them, of two minutes each but for the way to the first.
  expect(calculated).toBeCloseTo(5 * 2 + USUAL_HANDLING.pollinate / MINUTE, 6);
  // Four stops are three ways: too few to tell, however slow.
  expect(paced([0, 2, 2, 2])).toBeCloseTo(calculated, 6);
  const [asReckoned, twice, paused] = [
    paced([0, 1, 1, 1, 1]),
    paced([0, 2, 2, 2, 2]),
    paced([0, 1, 1, 30, 1]),
  ];
  expect(twice).toBeCloseTo(2 * asReckoned, 6);
  expect(paused).toBeCloseTo(asReckoned, 6);
  // Nobody is taken to be slower than three times, or faster than half the planned time.
  expect(paced([0, 9, 9, 9, 9])).toBeCloseTo(3 * asReckoned, 6);
  expect(paced([0, 0.1, 0.1, 0.1, 0.1])).toBeCloseTo(asReckoned / 2, 6);
});

test('a wait that was planned and has passed is not waited for again', () => {
  const opens = START + 90 * MINUTE;
  const later = [pollinating('late', 'p2', ['p3'], opens)];
  const { round } = new Morning('lastResort', ['p2'], later);
  const hours = new Map([['v', { opens, lastSafe: opens + 60 * MINUTE }]]);
  const walkingMs = (): number => MINUTE;
  const work = (2 * USUAL_HANDLING.pollinate) / MINUTE + 1;
  const now = opens + 20 * MINUTE;
  expect((progressOf(round, now, { hours, walkingMs }).finish - now) / MINUTE).toBeCloseTo(work, 6);
  // Before it opens it is waited for.
  const early = progressOf(round, START, { hours, walkingMs });
  expect((early.finish - opens) / MINUTE).toBeCloseTo(work, 6);
});

test('the pace of an even count of stops is the mean of the two in the middle', () => {
  const PLANNED = 2 * MINUTE;
  const later = Array.from({ length: 8 }, (_, i) =>
    pollinating(`f${i}`, 'p3', ['p4'], START + (i + 1) * PLANNED),
  );
  const morning = new Morning('lastResort', ['p2'], later);
  let at = START;
  [0, 1, 1, 2, 2].forEach((times, i) => {
    at += times * PLANNED;
    const { stop, bloom, plant } = [morning.pollinating, ...later][i]!;
    morning.say(at, { kind: 'missed', body: { bloom, plant, round: 'r', stop, why: 'broke' } });
  });
  const left = 3 * 2 + USUAL_HANDLING.pollinate / MINUTE;
  const { finish } = progressOf(morning.round, at, { hours: new Map() });
  expect((finish - at) / MINUTE).toBeCloseTo(1.5 * left, 6);
});
