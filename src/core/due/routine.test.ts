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
  expect(routineOf(phone.journal, YARD, ms(10))).toBeUndefined();
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
  expect(routineOf(phone.journal, YARD, ms(13))).toMatchObject({ plants: 3, done: 0 });
  expect(routineOf(phone.journal, YARD, ms(25))).toBeUndefined();
});

test('a row is done when all of it is: the plant that waited longest speaks for it', () => {
  const phone = glasshouse();
  shake(phone, 10, 't1', 't2', 't3');
  shake(phone, 12, 't1', 't2');
  expect(states(phone, 12)['t']).toBe('due');
  shake(phone, 12, 't3');
  expect(states(phone, 12)['t']).toBe('done');
  expect(routineOf(phone.journal, YARD, ms(12))).toMatchObject({ plants: 3, done: 3 });
  // A plant added later was never done.
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
  expect(routineOf(phone.journal, YARD, ms(11))).toMatchObject({
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
  expect(routineOf(phone.journal, YARD, ms(15))).toBeUndefined();
});
