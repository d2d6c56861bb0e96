import { begin, lookedAround, YARD, type Phone } from '@testing/yard';
import { looksDue, fruitsOf } from '../fruit/fruits';
import type { Fact } from '../journal/entry';
import { meantFor } from '../journal/matingOf';
import { gardenOn } from '../journal/past';
import { isolationOf } from '../planning/isolationOf';
import { purityOf } from '../purity/purityOf';
import { seasonAt } from '../season/seasons';
import { todayOf } from '../today/today';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import { closeSeason, seasonToClose, type Unpicked } from './closing';
import { grewTo, plantAgain, seedForNext } from './nextSeason';
import { seasonSummary } from './seasonSummary';
import { askFirst, questionsOf } from './seedQuestions';

let ids = 0;
const newId = (): string => `new-${(ids += 1)}`;

const flowered = (phone: Phone, bloom: string, plant: string, day: Day): void => {
  phone.say(`${addDays(day, -1)}T18:00:00Z`, {
    kind: 'covered',
    body: { plant, day, method: 'tape', blooms: [{ bloom, sex: 'female', code: `K${bloom}` }] },
  });
  phone.say(`${addDays(day, -1)}T18:05:00Z`, {
    kind: 'covered',
    body: { plant: 'v2', day, method: 'tape', blooms: [{ bloom: `m-${bloom}`, sex: 'male', code: '' }] },
  });
  phone.say(`${day}T04:30:00Z`, {
    kind: 'pollinated',
    body: {
      ...{ bloom, plant, donors: [{ plant: 'v2', bloom: `m-${bloom}` }] },
      ...({ found: 'shut', method: 'maleFlower', shutAgain: true, tagged: true } as const),
    },
  });
};
const growing = (phone: Phone, bloom: string, day: Day): void => {
  phone.say(`${day}T08:00:00Z`, { kind: 'looked', body: { bloom, seen: 'growing' } });
};

/** A squash, strawberries and a cross, with four fruits by September of which one was picked for seed. */
function season(): Phone {
  const phone = begin([
    { variety: 'v', crop: 'pepo', plants: ['v1', 'v2', 'v3'] },
    { variety: 's', crop: 'strawberry', purpose: 'eat', plants: ['s1'] },
  ]);
  phone.say('2026-07-01T09:00:00Z', {
    kind: 'mating.set',
    body: {
      ...{ mating: 'x', mother: 'v', father: 'w', purpose: 'seedForFun', ownPollen: 'never' },
      ...{ from: '2026-08-01', plants: ['v3'] },
    } as never,
  });
  for (const bloom of ['a', 'b', 'c', 'd']) flowered(phone, bloom, 'v1', '2026-07-20');
  growing(phone, 'a', '2026-07-31');
  growing(phone, 'b', '2026-07-31');
  growing(phone, 'c', '2026-07-24');
  phone.say('2026-09-20T09:00:00Z', {
    kind: 'harvested',
    body: { bloom: 'a', use: 'seed', tagThere: true, typical: true },
  });
  return phone;
}

const CLOSED: Day = '2026-10-20';
function close(phone: Phone, end: Unpicked = 'frosted', to: Day = CLOSED): void {
  const found = seasonToClose(phone.journal, YARD, to);
  const stays = new Set(found.standing.flatMap(({ variety, stays: stay }) => (stay ? variety.variety : [])));
  const facts = closeSeason(
    found,
    { season: { name: found.season.name, from: found.season.from, to }, stays, ends: () => end },
    newId,
  );
  phone.say(`${to}T15:00:00Z`, ...facts);
}

test('a season that is closed asks for nothing more; perennials stand on, what stood stays known', () => {
  const phone = season();
  const { journal } = phone;
  const found = seasonToClose(journal, YARD, CLOSED);
  expect(found.season).toMatchObject({ name: '2026', from: '2026-05-01', to: CLOSED });
  expect(found.standing.map(({ variety, stays }) => [variety.variety, stays])).toEqual([
    ['v', false],
    ['s', true],
  ]);
  expect(found.unpicked.map(({ bloom }) => bloom.bloom).sort()).toEqual(['b', 'c', 'd']);
  close(phone);
  expect(journal.all('plant').get('v1')).toMatchObject({ removed: { why: 'ended' } });
  expect(journal.all('plant').get('s1')?.removed).toBeUndefined();
  // Next summer nobody is sent to them.
  for (const day of ['2026-10-21', '2026-12-25', '2027-07-20'] as const) {
    const fruits = fruitsOf(journal, YARD, day, seasonAt(journal, day));
    expect(looksDue(fruits, YARD, day)).toEqual([]);
    const today = todayOf(journal, YARD, Date.parse(`${day}T18:00:00Z`));
    expect([today.looks, today.walk, today.tasks.next?.kind]).toEqual([[], [], 'rest']);
  }
  // A season of its own begins the day after.
  expect(seasonAt(journal, '2026-11-05').from).toBe('2026-10-21');
  // The plan as it was.
  expect([...gardenOn(journal, '2026-08-01').all('plant').values()].map(({ removed }) => removed)).toEqual(
    Array.from({ length: 4 }, () => undefined),
  );
  expect(gardenOn(journal, '2026-10-21').all('plant').get('v1')?.removed).toBeDefined();
  // Its crosses end with it.
  expect(meantFor(journal, 'v3', '2026-08-05')?.mating).toBe('x');
  expect(meantFor(journal, 'v3', '2027-08-05')?.mating).toBeUndefined();
});

test('closed in spring for last autumn, it ended then', () => {
  const phone = season();
  const found = seasonToClose(phone.journal, YARD, CLOSED);
  const facts = closeSeason(
    found,
    { season: { name: '2026', from: '2026-05-01', to: CLOSED }, stays: new Set(), ends: () => 'unseen' },
    newId,
  );
  phone.say('2027-03-20T09:00:00Z', ...facts);
  expect(gardenOn(phone.journal, CLOSED).all('plant').get('v1')?.removed).toBeUndefined();
  expect(gardenOn(phone.journal, '2026-10-21').all('plant').get('v1')?.removed).toBeDefined();
});

test('what became of fruit by the end of a season says what is known of its set, and no more', () => {
  const setOf = (end: Unpicked) => {
    const phone = season();
    close(phone, end);
    const { journal } = phone;
    const [of] = journal.all('season').values();
    const summary = seasonSummary(journal, YARD, {
      season: of!,
      today: '2026-11-05',
      isolationOf: isolationOf(journal, YARD),
    });
    const { set, picked, seed } = summary.varieties[0]!;
    return { hits: set.hits, of: set.of, lost: set.leftOut.lost, picked, seed: seed.picked };
  };
  const picked = { seed: 1, eat: 0 };
  const seed = { true: 1, unproven: 0, doubtful: 0, notForSeed: 0 };
  // Two were seen growing on the day of the look, of which one was picked.
  expect(setOf('unseen')).toEqual({ hits: 2, of: 2, lost: 2, picked, seed });
  expect(setOf('frosted')).toEqual({ hits: 4, of: 4, lost: 0, picked, seed });
  expect(setOf('eaten')).toEqual({ hits: 4, of: 4, lost: 0, picked, seed });
});

test('closing, and planting again, changes no grade', () => {
  const phone = season();
  phone.say('2026-07-21T09:00:00Z', ...lookedAround('pepo', '2026-07-20'));
  const grades = () =>
    ['a', 'b', 'c', 'd'].map((id) => {
      const { grade, chain } = purityOf(phone.journal, YARD, phone.journal.all('bloom').get(id)!, {
        isolationOf: isolationOf(phone.journal, YARD),
      })!;
      return [grade, chain];
    });
  const before = grades();
  close(phone);
  expect(grades()).toEqual(before);
  const { journal } = phone;
  const [of] = journal.all('season').values();
  phone.say(
    '2027-05-02T09:00:00Z',
    ...plantAgain(
      journal,
      {
        ...{ grew: grewTo(journal, of!), beds: [...journal.all('bed').values()], movedOn: true },
        seedOf: () => 'f1',
      },
      newId,
    ),
  );
  expect(grades()).toEqual(before);
});

describe('the next season from the old plan', () => {
  const stands = ({ journal }: Phone): string[] =>
    [...journal.all('plant').values()]
      .filter(({ removed }) => !removed)
      .map(
        ({ bed, row, place, variety, count }) =>
          `${bed} ${row}·${place} ${variety}${count > 1 ? ` ×${count}` : ''}`,
      )
      .sort();
  const again = (phone: Phone, movedOn: boolean): void => {
    const { journal } = phone;
    const [of] = journal.all('season').values();
    const grew = grewTo(journal, of!);
    const beds = [...journal.all('bed').values()];
    const facts: Fact[] = plantAgain(journal, { grew, beds, movedOn, seedOf: () => 'ownGuarded' }, newId);
    phone.say('2027-05-02T09:00:00Z', ...facts);
  };

  test('in the same places, with plants and a sowing of their own', () => {
    const phone = season();
    const before = stands(phone);
    close(phone);
    expect(stands(phone)).toEqual(['bed-s 1·1 s']);
    again(phone, false);
    expect(stands(phone)).toEqual(before);
    const planted = [...phone.journal.all('plant').values()].filter(({ removed }) => !removed);
    expect(planted.map(({ plant }) => plant)).not.toContain('v1');
    expect([...phone.journal.all('planting').values()]).toMatchObject([
      { variety: 'v', seedSource: 'ownGuarded' },
    ]);
    // It is worked like any other: what is closed next is the new one.
    close(phone, 'frosted', '2027-10-15');
    const named = [...phone.journal.all('season').values()].map(({ name, from, to }) => [name, from, to]);
    expect(named).toEqual([
      ['2026', '2026-05-01', CLOSED],
      ['2027', '2027-05-02', '2027-10-15'],
    ]);
  });

  test('moved on one bed, after what stands there', () => {
    const phone = season();
    close(phone);
    again(phone, true);
    expect(stands(phone)).toEqual(['bed-s 1·1 s', 'bed-s 1·2 v', 'bed-s 1·3 v', 'bed-s 1·4 v'].sort());
  });

  test('seed is what the season made of it', () => {
    const of = (more: object) =>
      seedForNext({ seedSource: 'swapped' }, { true: 0, unproven: 0, doubtful: 0, notForSeed: 0, ...more });
    expect(of({})).toBe('swapped');
    expect(of({ true: 2 })).toBe('ownGuarded');
    expect(of({ true: 2, unproven: 1 })).toBe('unknown');
    expect(of({ true: 2, doubtful: 1 })).toBe('openGarden');
  });
});

test('two seasons a year, and one over New Year', () => {
  const phone = begin([{ variety: 'v', crop: 'cucumber', plants: ['v1', 'v2'] }]);
  close(phone, 'frosted', '2026-08-10');
  phone.say('2026-08-20T09:00:00Z', {
    kind: 'plants.set',
    body: { bed: 'bed-v', row: 1, variety: 'v', plants: [{ plant: 'v3', place: 1 }] },
  });
  close(phone, 'frosted', '2026-11-20');
  phone.say('2026-12-20T09:00:00Z', {
    kind: 'plants.set',
    body: { bed: 'bed-v', row: 1, variety: 'v', plants: [{ plant: 'v4', place: 1 }] },
  });
  close(phone, 'frosted', '2027-03-20');
  const named = [...phone.journal.all('season').values()].map(({ name, from, to }) => [name, from, to]);
  expect(named).toEqual([
    ['2026', '2026-05-01', '2026-08-10'],
    ['2026, 2', '2026-08-20', '2026-11-20'],
    ['2026–27', '2026-12-20', '2027-03-20'],
  ]);
});

describe('what would settle most seed', () => {
  const asked = ({ journal }: Phone, day: Day) => {
    const fruits = fruitsOf(journal, YARD, day, seasonAt(journal, day));
    const isolation = isolationOf(journal, YARD);
    return askFirst(fruits.map((fruit) => questionsOf(journal, YARD, fruit, isolation)));
  };
  const inTheOpen = (phone: Phone, bloom: string, plant: string, day: Day): void => {
    phone.say(`${day}T08:00:00Z`, {
      kind: 'pollinated',
      body: {
        ...{ bloom, plant, day, donors: [{ plant, bloom: '' }], found: 'open', method: 'brush' },
        ...{ shutAgain: false, tagged: true },
      } as never,
    });
  };

  test('a look around, whether a neighbour was in flower, where the seed came from; most fruits first', () => {
    const phone = begin([
      { variety: 'v', crop: 'okra', plants: ['v1', 'v2'] },
      { variety: 'e', crop: 'okra', purpose: 'eat', plants: ['e1'] },
      { variety: 'c', crop: 'annuum', purpose: 'eat', plants: ['c1'] },
    ]);
    inTheOpen(phone, 'a', 'v1', '2026-07-20');
    inTheOpen(phone, 'b', 'v2', '2026-07-24');
    // Nobody waits for what is eaten.
    inTheOpen(phone, 'c', 'c1', '2026-07-24');
    const flowering = { asks: 'flowering', source: 'e', name: 'e', day: '2026-07-24', fruits: 2 };
    expect(asked(phone, '2026-08-01')).toEqual([flowering]);
    phone.say('2026-08-01T09:00:00Z', {
      kind: 'flowering.seen',
      body: { variety: 'e', day: '2026-08-01' },
    });
    const looked = { asks: 'lookedAround', crop: 'okra', fruits: 2, day: '2026-07-24' };
    expect(asked(phone, '2026-08-01')).toMatchObject([looked]);
    phone.say('2026-08-01T09:10:00Z', ...lookedAround('okra', '2026-07-24'));
    expect(asked(phone, '2026-08-01')).toEqual([]);
  });

  test('of seed of which nobody knows the source; not of fruit that is lost, or spoilt all the same', () => {
    const phone = season();
    expect(asked(phone, '2026-09-21')).toEqual([]);
    const described = (seedSource: string): Fact =>
      ({
        kind: 'variety.described',
        body: {
          ...{ variety: 'v', name: 'Butter', crop: 'pepo', purpose: 'seedToKeep', seedSource },
          ...{ ownPollen: 'lastResort', traits: {} },
        },
      }) as Fact;
    phone.say('2026-05-01T10:00:00Z', described('unknown'));
    const fruits = asked(phone, '2026-09-21');
    expect(fruits).toMatchObject([{ asks: 'seedSource', variety: 'v' }]);
    phone.say('2026-09-21T09:00:00Z', { kind: 'removed', body: { bloom: 'b', how: 'lost' } });
    expect(asked(phone, '2026-09-21')[0]!.fruits).toBe(fruits[0]!.fruits - 1);
    phone.say('2026-09-21T09:10:00Z', { kind: 'plant.removed', body: { plant: 'v1', why: 'offType' } });
    expect(asked(phone, '2026-09-21')).toEqual([]);
  });
});
