import { routineOf, routineRows } from './routine';
import { begin, YARD, type Phone } from '@testing/yard';

const at = (day: number, hour = 12): string => `2026-07-${String(day).padStart(2, '0')}T${hour}:00:00Z`;
const ms = (day: number, hour = 9): number => Date.parse(at(day, hour).replace('T9', 'T09'));

function glasshouse(): Phone {
  return begin([
    { variety: 't', crop: 'tomato', purpose: 'eat', plants: ['t1', 't2', 't3'] },
    { variety: 's', crop: 'strawberry', purpose: 'eat', plants: ['s1'] },
    { variety: 'q', crop: 'pepo', plants: ['q1'] },
  ]);
}

const shake = (phone: Phone, day: number, ...plants: string[]): void => {
  phone.say(at(day), {
    kind: 'rowPollinated',
    body: { day: at(day).slice(0, 10), plants, method: 'vibrate' },
  });
};

const states = (phone: Phone, day: number) =>
  Object.fromEntries(
    routineRows(phone.journal, YARD, ms(day)).map(({ variety, state }) => [variety.variety, state]),
  );

test('rows of perfect flowers wait for somebody to begin; others are not among them', () => {
  const phone = glasshouse();
  expect(states(phone, 10)).toEqual({ t: 'begin', s: 'begin' });
  // There is no task where nobody keeps it up.
  expect(routineOf(phone.journal, YARD, ms(10), true)).toBeUndefined();
});

test('every one or two days (common practice, no source), then some have passed', () => {
  const phone = glasshouse();
  shake(phone, 10, 't1', 't2', 't3');
  expect(states(phone, 10)['t']).toBe('done');
  expect(states(phone, 11)['t']).toBe('due');
  expect(states(phone, 12)['t']).toBe('due');
  expect(states(phone, 13)['t']).toBe('late');
  expect(states(phone, 24)['t']).toBe('late');
  // After two weeks it is no longer a routine.
  expect(states(phone, 25)['t']).toBe('begin');
  expect(routineOf(phone.journal, YARD, ms(13), true)).toMatchObject({ plants: 3, done: 0 });
  expect(routineOf(phone.journal, YARD, ms(25), true)).toBeUndefined();
});

test('a row is done when all of it is: the plant that waited longest speaks for it', () => {
  const phone = glasshouse();
  shake(phone, 10, 't1', 't2', 't3');
  shake(phone, 12, 't1', 't2');
  expect(states(phone, 12)['t']).toBe('due');
  shake(phone, 12, 't3');
  expect(states(phone, 12)['t']).toBe('done');
  expect(routineOf(phone.journal, YARD, ms(12), true)).toMatchObject({ plants: 3, done: 3 });
  phone.say(at(12), {
    kind: 'plants.set',
    body: { bed: 'bed-t', row: 1, variety: 't', plants: [{ plant: 't4', place: 4 }] },
  });
  // One more plant does not make the row one that was never shaken.
  expect(states(phone, 12)['t']).toBe('done');
});

test('the best hours are those of the crops that are kept up, by the clock of the garden', () => {
  const phone = glasshouse();
  shake(phone, 10, 't1', 't2', 't3');
  // 10 to 15 o'clock in British summer time (common practice, no source).
  expect(routineOf(phone.journal, YARD, ms(11), true)).toMatchObject({
    from: Date.parse('2026-07-11T09:00:00Z'),
    by: Date.parse('2026-07-11T14:00:00Z'),
  });
});

// Tassel pollen shaken on the silks daily for three to five days (common practice, no source).
test('corn to eat is shaken daily, and after five days it is enough; corn for seed is not in it', () => {
  const phone = begin([
    { variety: 'eaten', crop: 'corn', purpose: 'eat', plants: ['c1', 'c2'] },
    { variety: 'kept', crop: 'corn', plants: ['k1'] },
  ]);
  expect(states(phone, 9)).toEqual({ eaten: 'begin' });
  for (const day of [10, 11, 12, 13, 14]) {
    shake(phone, day, 'c1', 'c2');
    expect(states(phone, day)).toEqual({ eaten: 'done' });
    if (day < 14) expect(states(phone, day + 1)).toEqual({ eaten: 'due' });
  }
  expect(states(phone, 15)).toEqual({ eaten: 'enough' });
  expect(routineOf(phone.journal, YARD, ms(15), true)).toBeUndefined();
});

/** The same in a bed under glass. */
function underGlass(): Phone {
  const phone = glasshouse();
  const bed = phone.journal.all('bed').get('bed-t')!;
  const { x, y, length, width, rows, name, turn } = bed as typeof bed & { rows: number };
  phone.say(at(1), {
    kind: 'bed.laid',
    body: { ...{ bed: 'bed-t', name, x, y, length, width, rows, turn }, glass: true } as never,
  });
  return phone;
}

test('under glass it stands on Today before anybody began, once something can flower', () => {
  const { journal } = underGlass();
  expect(routineOf(journal, YARD, ms(10), true)).toMatchObject({ plants: 3, done: 0, brushed: false });
  expect(routineOf(journal, YARD, ms(10), false)).toBeUndefined();
});

// Damp pollen stays in its anthers (common practice, no source).
test('pollen that sticks does not count as done; what flew may be told a moment later', () => {
  const phone = underGlass();
  shake(phone, 10, 't1', 't2', 't3');
  const flew = (how: 'cloud' | 'sticks'): void => {
    phone.say(at(10, 13), {
      kind: 'rowPollinated',
      body: { day: '2026-07-10', plants: ['t1', 't2', 't3'], method: 'vibrate', flew: how },
    });
  };
  flew('sticks');
  const row = () => routineRows(phone.journal, YARD, ms(10)).find(({ variety }) => variety.variety === 't')!;
  expect(row()).toMatchObject({ state: 'begin', today: { flew: 'sticks' } });
  flew('cloud');
  expect(row()).toMatchObject({ state: 'done', today: { flew: 'cloud' } });
});

test('a stand counts as the plants it stands for', () => {
  const phone = begin([{ variety: 's', crop: 'strawberry', purpose: 'eat', plants: [] }]);
  phone.say(at(9), {
    kind: 'plants.set',
    body: { bed: 'bed-s', row: 1, variety: 's', plants: [{ plant: 's1', place: 1, count: 60 }] },
  });
  phone.say(at(10), {
    kind: 'rowPollinated',
    body: { day: '2026-07-10', plants: ['s1'], method: 'brush' },
  });
  expect(routineOf(phone.journal, YARD, ms(11), true)).toMatchObject({ plants: 60, done: 0, brushed: true });
});
