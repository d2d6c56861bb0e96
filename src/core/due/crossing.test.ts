import { controlsOf } from '../fruit/controls';
import { cropOf, isCoveredBeforeOpening } from '../crops/catalogue';
import { purityOf } from '../purity/purityOf';
import { asPlanned } from '../round/asPlanned';
import { flowersDue } from './flowersDue';
import { outingsAt, plantsToWalk, walkAt, type WalkedPlant } from './outings';
import { outingRequest } from '../round/outingRequest';
import { planOuting } from '../round/planOuting';
import { walkFacts } from '../outing/walkFacts';
import { roundsOf, type OutingDay } from '../outing/outingDay';
import { stopsOf } from '../round/stops';
import { begin, YARD, type Phone } from '@testing/yard';

const MON = '2026-07-20';
const TUE = '2026-07-21';
const SERVICE: OutingDay = { day: MON, outing: 'morning' };

/** Two tomatoes grown to eat, one plant of each for a cross. */
function tomatoes(): Phone {
  const phone = begin([
    { variety: 'v', crop: 'tomato', purpose: 'eat', plants: ['v1', 'v2'] },
    { variety: 'w', crop: 'tomato', purpose: 'eat', plants: ['w1', 'w2'] },
  ]);
  phone.say('2026-07-18T10:00:00Z', {
    kind: 'mating.set',
    body: {
      mating: 'x',
      mother: 'v',
      father: 'w',
      purpose: 'seedToKeep',
      ownPollen: 'never',
      from: '2026-07-19',
      plants: ['v1'],
      fathers: ['w2'],
    },
  });
  return phone;
}

const walkOf = (phone: Phone): WalkedPlant[] => {
  const now = Date.parse('2026-07-19T16:00:00Z');
  return walkAt(phone.journal, outingsAt(phone.journal, YARD, now));
};

let count = 0;
function visit(
  phone: Phone,
  walked: WalkedPlant,
  seen: { female?: number; male?: number; controls?: number },
) {
  const { plant, variety, crop, day, roles } = walked;
  if (!isCoveredBeforeOpening(crop)) throw new Error('the walk leads to it');
  const { female = 0, male = 0, controls = 0 } = seen;
  phone.say(
    '2026-07-19T16:30:00Z',
    ...walkFacts(
      {
        plant: plant.plant,
        day,
        eve: { female, male },
        green: { female: 0, male: 0 },
        method: 'bag',
        controls,
      },
      {
        journal: phone.journal,
        variety,
        crop,
        emasculate: roles.emasculate,
        newId: () => `b${(count += 1)}`,
        tags: ['K1', 'K2', 'K3', 'K4'],
      },
    ),
  );
}

test('the walk leads to the two plants of the cross and to no other tomato', () => {
  const phone = tomatoes();
  expect(plantsToWalk(phone.journal).map(({ plant }) => plant)).toEqual(['v1', 'w2']);
  expect(walkOf(phone).map(({ plant, roles }) => [plant.plant, roles])).toMatchObject([
    ['v1', { bears: true, fathers: false, emasculate: true }],
    ['w2', { bears: false, fathers: true, emasculate: false }],
  ]);
  const plain = begin([{ variety: 'v', crop: 'tomato', plants: ['v1'] }]);
  expect(plantsToWalk(plain.journal)).toEqual([]);
});

test('emasculated and bagged, crossed on two days, with a control: the fruit is a true cross', () => {
  const phone = tomatoes();
  const { journal } = phone;
  const [mother, father] = walkOf(phone) as [WalkedPlant, WalkedPlant];
  visit(phone, mother, { female: 1, controls: 1 });
  visit(phone, father, { male: 2 });
  const [flower, control] = [...journal.all('bloom').values()].filter(({ plant }) => plant === 'v1');
  expect(flower).toMatchObject({ sex: 'perfect', code: 'K1', role: 'hand', cover: { method: 'bag' } });
  expect(flower!.emasculated).toBeDefined();
  expect(control).toMatchObject({ sex: 'perfect', code: 'K2', role: 'control' });

  for (const [day, application] of [
    [MON, 1],
    [TUE, 2],
  ] as const) {
    const service = { ...SERVICE, day };
    const due = flowersDue(journal, service);
    expect(due.females.map(({ bloom }) => bloom)).toEqual([flower!.bloom]);
    const from = Date.parse(`${day}T08:00:00Z`);
    const plan = planOuting(outingRequest(journal, YARD, service, from));
    const stops = stopsOf(plan.rounds[0]!);
    expect(plan.pairs).toMatchObject([
      { father: 'w', application, donors: [{ plant: 'w2' }, { plant: 'w2' }] },
    ]);
    phone.say(`${day}T08:00:00Z`, { kind: 'round.planned', body: { round: `r${application}`, day, stops } });
    for (const { stop } of stops) {
      const round = roundsOf(journal, service)[0]!;
      const now = round.stops.find((each) => each.stop === stop)!;
      phone.say(`${day}T09:30:00Z`, ...asPlanned(journal, round, now));
    }
  }
  expect(flowersDue(journal, { ...SERVICE, day: '2026-07-22' }).females).toEqual([]);
  const fruit = journal.all('bloom').get(flower!.bloom)!;
  expect(purityOf(journal, YARD, fruit)).toMatchObject({
    grade: 'true',
    cross: { mother: 'v', father: 'w' },
  });

  phone.say('2026-07-30T09:00:00Z', {
    kind: 'looked',
    body: { bloom: control!.bloom, seen: 'gone' },
  });
  expect(controlsOf(journal, 'v', YARD.zone)).toMatchObject({ looked: 1, set: 0 });
});

test('a visit that is put right takes the anthers’ entry back as well', () => {
  const phone = tomatoes();
  const { journal } = phone;
  const [mother] = walkOf(phone) as [WalkedPlant];
  visit(phone, mother, { female: 2, controls: 1 });
  const all = () => [...journal.all('bloom').values()].filter(({ plant }) => plant === 'v1');
  const [first] = all();
  visit(phone, mother, { female: 1, controls: 0 });
  expect(all().map(({ bloom, role }) => [bloom, role])).toEqual([[first!.bloom, 'hand']]);
  expect(all()[0]!.emasculated).toBeDefined();
  visit(phone, mother, {});
  expect(all()).toEqual([]);
  expect(flowersDue(journal, SERVICE).females).toEqual([]);
});

test('of a squash cross both sides are walked to, and nothing is emasculated', () => {
  const phone = begin([
    { variety: 'v', crop: 'pepo', purpose: 'eat', plants: ['v1'] },
    { variety: 'w', crop: 'pepo', purpose: 'eat', plants: ['w1'] },
  ]);
  phone.say('2026-07-18T10:00:00Z', {
    kind: 'mating.set',
    body: { mating: 'x', mother: 'v', father: 'w', purpose: 'seedToKeep', ownPollen: 'never', from: MON },
  });
  const walk = walkOf(phone);
  expect(walk.map(({ plant, roles }) => [plant.plant, roles.emasculate, roles.crosses.length])).toEqual([
    ['v1', false, 1],
    ['w1', false, 1],
  ]);
  expect(cropOf('pepo').protocols.cross).toBeUndefined();
});
