import { dayTasks, type DaySituation, type RoundSituation } from './dayTasks';

const at = (clock: string): number => Date.parse(`2026-07-18T${clock}:00Z`);
const QUIET: DaySituation = {
  now: at('12:00'),
  sunset: at('20:20'),
  rounds: [],
  chores: [],
  open: { plants: 0, visited: 0, until: undefined },
  walks: [{ plants: 30, visited: 0, from: at('17:20') }],
  looks: { due: 0 },
};
const NO_ROUND: RoundSituation = {
  outing: 'morning',
  plantsLeft: 0,
  waiting: 0,
  opens: at('04:10'),
  lastSafe: at('09:00'),
  minutes: 0,
};
const kinds = (situation: DaySituation): string[] => {
  const { next, then } = dayTasks(situation);
  return [next, ...then].map(({ kind }) => kind);
};

test('in the morning the round comes first, then the fruit, then the walk of the evening', () => {
  const round = { ...NO_ROUND, waiting: 12, minutes: 30 };
  expect(kinds({ ...QUIET, now: at('04:30'), rounds: [round], looks: { due: 3 } })).toEqual([
    'round',
    'looks',
    'walk',
  ]);
});

test('a round under way counts its stops and can be continued', () => {
  const round = { ...NO_ROUND, plantsLeft: 5, waiting: 0, minutes: 8 };
  expect(dayTasks({ ...QUIET, now: at('06:00'), rounds: [round] }).next).toMatchObject({
    kind: 'round',
    size: 5,
    started: true,
  });
});

test('by day there is fruit to look at, and the walk waits for the eve buds to show', () => {
  const { next, then } = dayTasks({ ...QUIET, looks: { due: 4 } });
  expect(next.kind).toBe('looks');
  // Common practice, no source: eve buds show by the later afternoon.
  expect(then[0]).toMatchObject({ kind: 'walk', from: at('17:20') });
});

test('in the evening the walk comes first, and tomorrow’s round waits', () => {
  const round = {
    ...NO_ROUND,
    waiting: 9,
    opens: at('04:10') + 86_400_000,
    lastSafe: at('09:00') + 86_400_000,
    minutes: 20,
  };
  expect(
    kinds({
      ...QUIET,
      now: at('19:00'),
      rounds: [round],
      walks: [{ plants: 30, visited: 12, from: at('17:20') }],
    }),
  ).toEqual(['walk', 'round']);
});

test('without a sunset the walk can be made at any hour', () => {
  expect(kinds({ ...QUIET, sunset: null, walks: [{ plants: 30, visited: 0 }] })).toEqual(['walk']);
});

test('with all plants seen and nothing waiting, nothing is due', () => {
  expect(kinds({ ...QUIET, walks: [{ plants: 30, visited: 30, from: at('17:20') }] })).toEqual(['rest']);
});

test('what is open now comes after the round and before all else, and only while it is open', () => {
  const open = { plants: 6, visited: 2, until: at('09:00') };
  const round = { ...NO_ROUND, waiting: 12, minutes: 30 };
  const morning = { ...QUIET, now: at('06:00'), open, rounds: [round], looks: { due: 3 } };
  expect(kinds(morning)).toEqual(['round', 'open', 'looks', 'walk']);
  expect(dayTasks({ ...morning, rounds: [NO_ROUND] }).next).toMatchObject({
    kind: 'open',
    size: 4,
    started: true,
    by: at('09:00'),
  });
});

test('rounds of several outings are tasks of their own, each at its hours', () => {
  const dusk = {
    ...NO_ROUND,
    outing: 'dusk',
    waiting: 3,
    opens: at('19:20'),
    lastSafe: at('23:00'),
  } as const;
  const morning = { ...NO_ROUND, waiting: 9, opens: at('23:59'), lastSafe: at('23:59') };
  const { next, then } = dayTasks({ ...QUIET, now: at('18:00'), rounds: [dusk, morning] });
  expect(next).toMatchObject({ kind: 'round', outing: 'dusk', size: 3 });
  expect(then.map(({ kind, outing }) => [kind, outing])).toEqual([
    ['walk', undefined],
    ['round', 'morning'],
  ]);
});

test('walks that may begin are one; one that may not yet begin is another, and of the afternoon if it is early', () => {
  const walks = [
    { plants: 36, visited: 2, from: at('14:20') },
    { plants: 3, visited: 0, from: at('15:20') },
    { plants: 30, visited: 0, from: at('17:20') },
  ];
  const { next, then } = dayTasks({ ...QUIET, now: at('15:30'), walks });
  expect(next).toMatchObject({ kind: 'walk', period: 'afternoon', size: 37, started: true });
  expect(then).toEqual([
    expect.objectContaining({ kind: 'walk', period: 'evening', size: 30, from: at('17:20') }),
  ]);
});
