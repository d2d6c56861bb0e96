import { begin, type Phone, YARD } from '@testing/yard';
import type { CropId } from '../crops/catalogue';
import type { Fact } from '../journal/entry';
import { roundsOf } from '../outing/outingDay';
import { asPlanned } from '../round/asPlanned';
import { outingRequest } from '../round/outingRequest';
import { planOuting } from '../round/planOuting';
import { stopsOf } from '../round/stops';
import { dayTasks, type Task } from './dayTasks';
import { outingStatesAt } from '../today/outingStates';
import { toMs } from '../time/calendar';
import { flowersDue } from './flowersDue';
import { openNowOf } from './openNow';
import { openVisitFacts } from './openVisit';

const DAY = '2026-07-19';
const NEXT = '2026-07-20';

/** A covered female and two covered males of other plants; `times`: how often the grower chose to go to each. */
function covered(crop: CropId, times?: number, cross = false): Phone {
  const phone = begin([
    {
      variety: 'v',
      crop,
      plants: ['p1', 'p2', 'p3'],
      traits: crop === 'melon' ? { flowers: 'perfect' } : {},
    },
    { variety: 'w', crop, plants: ['q1', 'q2'], traits: crop === 'melon' ? { flowers: 'perfect' } : {} },
  ]);
  if (cross)
    phone.say('2026-07-10T09:00:00Z', {
      kind: 'mating.set',
      body: {
        ...{ mating: 'x', mother: 'v', father: 'w', purpose: 'seedToKeep', ownPollen: 'never' },
        from: '2026-07-11',
      },
    });
  if (times) phone.say('2026-07-10T09:00:00Z', { kind: 'ways.set', body: { of: cross ? 'x' : 'v', times } });
  const cover = (plant: string, bloom: string, sex: 'female' | 'perfect' | 'male'): Fact => ({
    kind: 'covered',
    body: {
      ...{ plant, day: DAY, method: 'bag' },
      blooms: [{ bloom, sex, code: sex === 'male' ? '' : bloom }],
    },
  });
  const fathers = cross ? ['q1', 'q2'] : ['p2', 'p3'];
  phone.say('2026-07-18T17:00:00Z', cover('p1', 'K001', crop === 'melon' ? 'perfect' : 'female'));
  for (const father of fathers) phone.say('2026-07-18T17:00:00Z', cover(father, `m-${father}`, 'male'));
  if (cross)
    phone.say('2026-07-18T17:01:00Z', {
      kind: 'emasculated',
      body: { plant: 'p1', day: DAY, blooms: [{ bloom: 'K001' }] },
    } as never);
  return phone;
}

const dueOn = ({ journal }: Phone, day: string) => flowersDue(journal, { day, outing: 'morning' });

/** Walks the round of a day as planned, from a time on. */
function walkRound(phone: Phone, round: string, from: string): number[] {
  const service = { day: DAY, outing: 'morning' } as const;
  const plan = planOuting(outingRequest(phone.journal, YARD, service, toMs(from)));
  phone.say(from, { kind: 'round.planned', body: { round, day: DAY, stops: stopsOf(plan.rounds[0]!) } });
  const etas: number[] = [];
  for (const { stop } of roundsOf(phone.journal, service)[0]!.stops) {
    const now = roundsOf(phone.journal, service)[0]!;
    const here = now.stops.find((each) => each.stop === stop)!;
    if (here.kind === 'pollinate') etas.push(toMs(here.eta));
    phone.say(from, ...asPlanned(phone.journal, now, here));
  }
  return etas;
}

const tasks = (phone: Phone, now: string): Task | undefined => {
  const { rounds } = outingStatesAt(phone.journal, YARD, toMs(now));
  const rest = { sunset: null, chores: [], walks: [], looks: { due: 0 } };
  const open = { plants: 0, visited: 0, until: undefined };
  const { next } = dayTasks({
    ...rest,
    open,
    now: toMs(now),
    rounds: rounds.map(({ situation }) => situation),
  });
  return next.kind === 'round' ? next : undefined;
};

test('a covered watermelon gets pollen again an hour later where the grower chose so, and once where not', () => {
  const once = covered('watermelon');
  expect(dueOn(once, DAY).buds.females).toMatchObject([{ bloom: 'K001', application: 1 }]);
  walkRound(once, 'r1', '2026-07-19T06:30:00Z');
  expect(dueOn(once, DAY).females).toEqual([]);
  expect(tasks(once, '2026-07-19T06:40:00Z')).toBeUndefined();

  const phone = covered('watermelon', 2);
  walkRound(phone, 'r1', '2026-07-19T06:30:00Z');
  const again = toMs('2026-07-19T07:30:00Z');
  expect(dueOn(phone, DAY).buds.females).toMatchObject([{ bloom: 'K001', application: 2, from: again }]);
  expect(tasks(phone, '2026-07-19T06:40:00Z')).toMatchObject({ again: true, size: 1, from: again });
  // A plan that is made too early waits for the hour.
  const [eta] = walkRound(phone, 'r2', '2026-07-19T06:45:00Z');
  expect(eta).toBeGreaterThanOrEqual(again);
  expect(phone.journal.all('bloom').get('K001')).toMatchObject({
    pollination: { application: 1, shutAgain: true },
    laterPollinations: [{ application: 2, shutAgain: true }],
  });
  expect(dueOn(phone, DAY).females).toEqual([]);
  expect(dueOn(phone, NEXT).females).toEqual([]);
});

test('whoever grows melons to eat and chose so is led to their open flowers once more', () => {
  for (const times of [undefined, 2]) {
    const phone = begin([{ variety: 'v', crop: 'melon', purpose: 'eat', plants: ['p1', 'p2'] }]);
    if (times) phone.say('2026-07-10T09:00:00Z', { kind: 'ways.set', body: { of: 'v', times } });
    const at = (now: string) => openNowOf(phone.journal, YARD, toMs(now));
    const [here] = at('2026-07-19T07:00:00Z');
    const visit = { open: { female: 1, male: 2 }, method: 'maleFlower', fathers: ['p2'] } as const;
    phone.say('2026-07-19T07:00:00Z', ...openVisitFacts(phone.journal, here!, visit));
    const again = at('2026-07-19T08:10:00Z').flatMap((plant) => plant.again ?? []);
    expect(again.map(({ females, from }) => [females, from])).toEqual(
      times ? [[1, toMs('2026-07-19T08:00:00Z')]] : [],
    );
  }
});

test('what was closing already is not opened again', () => {
  const phone = covered('watermelon', 2);
  phone.say('2026-07-19T06:30:00Z', {
    kind: 'pollinated',
    body: {
      ...{ bloom: 'K001', plant: 'p1', donors: [{ plant: 'p2', bloom: 'm-p2' }], found: 'wilted' },
      ...{ method: 'maleFlower', shutAgain: true, tagged: true },
    },
  });
  expect(dueOn(phone, DAY).females).toEqual([]);
});

test('the flower of a melon cross is due the next morning as well where the grower chose so', () => {
  for (const times of [undefined, 2]) {
    const phone = covered('melon', times, true);
    expect(dueOn(phone, DAY).buds.females).toMatchObject([{ father: 'w', application: 1 }]);
    walkRound(phone, 'r1', '2026-07-19T07:30:00Z');
    expect(dueOn(phone, DAY).females).toEqual([]);
    expect(dueOn(phone, NEXT).buds.females.map(({ application }) => application)).toEqual(times ? [2] : []);
  }
});
