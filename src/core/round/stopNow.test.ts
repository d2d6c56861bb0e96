import { begin, type Phone } from '@testing/yard';
import type { Fact } from '../journal/entry';
import type { Bodies } from '../journal/kinds/kinds';
import type { PollinateStop, Stop } from '../journal/kinds/stops';
import type { Round } from '../journal/state';
import { roundsOf } from '../outing/outingDay';
import { asItShouldBe, asPlanned } from './asPlanned';
import { plannedFacts } from './plannedFacts';
import type { RoundPlan } from './planRound';
import { roundResult } from './roundResult';
import { pollinationNow, stopNow } from './stopNow';

const DAY = '2026-07-19';
const EVENING = '2026-07-18T18:00:00Z';
const MORNING = '2026-07-19T05:00:00Z';
const SERVICE = { day: DAY, outing: 'morning' } as const;

type Covered = Bodies['covered'];
const covered = (plant: string, bloom: string, sex: 'female' | 'male', method: Covered['method']): Fact => ({
  kind: 'covered',
  body: { plant, day: DAY, method, blooms: [{ bloom, sex, code: '' }] },
});

const pollinate = (plant: string, bloom: string, male: string, father?: string): PollinateStop => ({
  ...{ stop: `dab-${bloom}`, kind: 'pollinate' as const, plant, variety: 'v', bloom, eta: MORNING },
  ...{ donors: [{ plant: male === 'm' ? 'p2' : 'w1', bloom: male }], ...(father && { father }) },
});
const [OWN, CROSSED] = [pollinate('p1', 'f', 'm'), pollinate('p3', 'f3', 'n', 'w')];

/** Squash of one species: a female with her own variety's pollen, and another that is crossed, with seed wanted of it alone. */
function crossing(): Phone {
  const phone = begin([
    { variety: 'v', crop: 'pepo', purpose: 'eat', plants: ['p1', 'p2', 'p3'] },
    { variety: 'w', crop: 'pepo', plants: ['w1'] },
  ]);
  phone.say(EVENING, covered('p1', 'f', 'female', 'tape'), covered('p2', 'm', 'male', 'tape'));
  phone.say(EVENING, covered('p3', 'f3', 'female', 'tape'), covered('w1', 'n', 'male', 'tape'));
  phone.say(EVENING, {
    kind: 'mating.set',
    body: {
      ...{ mating: 'x', mother: 'v', father: 'w', purpose: 'seedToKeep', ownPollen: 'never' },
      ...{ from: DAY, plants: ['p3'] },
    },
  });
  phone.say(MORNING, { kind: 'round.planned', body: { round: 'r', day: DAY, stops: [OWN, CROSSED] } });
  return phone;
}
/** A round that is not planned yet. */
const ROUND = { round: 'r', day: DAY, stops: [], done: new Map() } as unknown as Round;
const roundOf = ({ journal }: Phone): Round => roundsOf(journal, SERVICE)[0]!;

test('what a female is wanted for is that of her pollination, not of her variety', () => {
  const phone = crossing();
  const [own, crossed] = [OWN, CROSSED].map((stop) => pollinationNow(phone.journal, roundOf(phone), stop));
  expect([own!.forSeed, crossed!.forSeed]).toEqual([false, true]);
});

test('hands are cleaned between varieties that cross, a brush too where one is used, and nothing before the first', () => {
  const phone = crossing();
  const clean = () => [OWN, CROSSED].map((stop) => pollinationNow(phone.journal, roundOf(phone), stop).clean);
  expect(clean()).toEqual(['nothing', 'hands']);
  phone.say(MORNING, { kind: 'ways.set', body: { of: 'x', method: 'brush' } });
  expect(clean()).toEqual(['nothing', 'handsAndBrush']);
  // Without pollen no brush touches her.
  phone.say(MORNING, {
    kind: 'picked',
    body: { round: 'r', stop: 'pick-n', plant: 'w1', blooms: [], spoiled: [{ bloom: 'n', why: 'hole' }] },
  });
  expect(clean()).toEqual(['nothing', 'hands']);
});

test('what is recorded of a stop where all is well is what its card records', () => {
  const phone = crossing();
  const now = pollinationNow(phone.journal, roundOf(phone), OWN);
  expect(now.covered).toBe(true);
  expect([now.pollinated(asItShouldBe(now.covered))]).toEqual(asPlanned(phone.journal, roundOf(phone), OWN));
});

test('a flower may not be open yet, covered or not; a tassel gives when it sheds, and is not known to open', () => {
  const phone = begin([{ variety: 'c', crop: 'corn', plants: ['p1'] }]);
  phone.say(EVENING, {
    kind: 'covered',
    body: {
      plant: 'p1',
      day: DAY,
      method: 'bag',
      blooms: [{ bloom: 't', sex: 'male', code: '', part: 'tassel' }],
    },
  } as Fact);
  const pick: Stop = { stop: 'pick-t', kind: 'pick', plant: 'p1', variety: 'c', blooms: ['t'], eta: MORNING };
  expect(stopNow(phone.journal, ROUND, pick)).toMatchObject({ part: 'tassel', covered: true });
  expect(stopNow(phone.journal, ROUND, pick).wrong).not.toContain('notYet');
  expect(stopNow(crossing().journal, ROUND, OWN).wrong[0]).toBe('notYet');
});

test('a flower whose own pollen was taken from it the evening before needs not open by itself', () => {
  const phone = begin([{ variety: 't', crop: 'tomato', plants: ['p1'] }]);
  const stop = { ...pollinate('p1', 'f', 'm'), variety: 't' };
  phone.say(EVENING, {
    kind: 'emasculated',
    body: { plant: 'p1', day: DAY, blooms: [{ bloom: 'f', code: '' }] },
  });
  expect(stopNow(phone.journal, ROUND, stop).blooms).toHaveLength(1);
  expect(stopNow(phone.journal, ROUND, stop).wrong).not.toContain('notYet');
});

describe('what came of a round', () => {
  test('the first look is due of what was pollinated, and of nothing where nothing was', () => {
    const phone = crossing();
    expect(roundResult(phone.journal, roundOf(phone))).toEqual({
      ...{ females: 2, pollinated: 0, missed: [], fruits: [] },
      // Nobody used them: two to eat.
      malesLeft: [
        { plant: 'p2', count: 1 },
        { plant: 'w1', count: 1 },
      ],
    });
    phone.say(MORNING, pollinationNow(phone.journal, roundOf(phone), OWN).missed('wilted'));
    expect(roundResult(phone.journal, roundOf(phone))).toMatchObject({
      pollinated: 0,
      missed: [{ why: 'wilted' }],
    });
    const second = pollinationNow(phone.journal, roundOf(phone), CROSSED);
    phone.say(MORNING, second.pollinated({ found: 'shut', shutAgain: true }));
    // A gourd's fruitlet is looked at from the third day on (common practice, no source).
    expect(roundResult(phone.journal, roundOf(phone))).toMatchObject({
      ...{ females: 2, pollinated: 1, fruits: [{ variety: 'v', blooms: ['f3'], look: '2026-07-22' }] },
      missed: [{ stop: OWN, why: 'wilted' }],
    });
  });
});

describe('a plan as it is recorded', () => {
  const planOf = (...stops: readonly object[][]) => ({
    rounds: stops.map((each) => ({ stops: each }) as unknown as RoundPlan),
  });
  const female = {
    kind: 'pollinate',
    plant: 'p1',
    variety: 'v',
    father: 'v',
    bloom: 'f',
    application: 1,
    donors: [],
    eta: Date.parse(MORNING),
  };
  const ids = () => {
    let count = 0;
    return () => `id-${(count += 1)}`;
  };

  test('for one person no share; for two one split, and who has nothing to do has no round', () => {
    const [one] = plannedFacts(SERVICE, planOf([female]), undefined, ids());
    expect(one!.body).toMatchObject({ round: 'id-1', day: DAY });
    expect(one!.body).not.toHaveProperty('share');
    expect(one!.body).not.toHaveProperty('outing');
    const two = plannedFacts(SERVICE, planOf([female], [], [{ ...female, bloom: 'g' }]), undefined, ids());
    expect(two.map(({ body }) => body.share)).toEqual([
      { split: 'id-1', person: 1, people: 2 },
      { split: 'id-1', person: 2, people: 2 },
    ]);
    expect(new Set(two.map(({ body }) => body.round)).size).toBe(2);
  });

  test('planned again, it is the same round of the same person, what is done in front', () => {
    const phone = crossing();
    phone.say(MORNING, pollinationNow(phone.journal, roundOf(phone), CROSSED).missed('wilted'));
    const round = { ...roundOf(phone), share: { split: 's', person: 2, people: 2 } };
    const [again] = plannedFacts({ ...SERVICE, outing: 'dusk' }, planOf([female]), round, ids());
    expect(again!.body).toMatchObject({ round: 'r', outing: 'dusk', share: round.share });
    expect(again!.body.stops.map(({ stop }) => stop)).toEqual(['dab-f3', 'dab-f']);
  });
});
