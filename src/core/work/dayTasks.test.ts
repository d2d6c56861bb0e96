import { dayTasks, type DaySituation } from './dayTasks';

const at = (clock: string): number => Date.parse(`2026-07-18T${clock}:00Z`);
const QUIET: DaySituation = {
  now: at('12:00'),
  sunset: at('20:20'),
  round: { stopsLeft: 0, waiting: 0, opens: at('04:10'), lastSafe: at('09:00'), minutes: 0 },
  open: { plants: 0, visited: 0, until: undefined },
  walk: { plants: 30, visited: 0 },
  looks: { due: 0 },
};
const kinds = (situation: DaySituation): string[] => {
  const { next, then } = dayTasks(situation);
  return [next, ...then].map(({ kind }) => kind);
};

test('in the morning the round comes first, then the fruit, then the walk of the evening', () => {
  const round = { ...QUIET.round, waiting: 12, minutes: 30 };
  expect(kinds({ ...QUIET, now: at('04:30'), round, looks: { due: 3 } })).toEqual(['round', 'looks', 'walk']);
});

test('a round under way counts its stops and can be continued', () => {
  const round = { ...QUIET.round, stopsLeft: 5, waiting: 0, minutes: 8 };
  expect(dayTasks({ ...QUIET, now: at('06:00'), round }).next).toMatchObject({
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
    stopsLeft: 0,
    waiting: 9,
    opens: at('04:10') + 86_400_000,
    lastSafe: at('09:00') + 86_400_000,
    minutes: 20,
  };
  expect(kinds({ ...QUIET, now: at('19:00'), round, walk: { plants: 30, visited: 12 } })).toEqual([
    'walk',
    'round',
  ]);
});

test('without a sunset the walk can be made at any hour', () => {
  expect(kinds({ ...QUIET, sunset: null })).toEqual(['walk']);
});

test('with all plants seen and nothing waiting, nothing is due', () => {
  expect(kinds({ ...QUIET, walk: { plants: 30, visited: 30 } })).toEqual(['rest']);
});

test('what is open now comes after the round and before all else, and only while it is open', () => {
  const open = { plants: 6, visited: 2, until: at('09:00') };
  const round = { ...QUIET.round, waiting: 12, minutes: 30 };
  const morning = { ...QUIET, now: at('06:00'), open, round, looks: { due: 3 } };
  expect(kinds(morning)).toEqual(['round', 'open', 'looks', 'walk']);
  expect(dayTasks({ ...morning, round: QUIET.round }).next).toMatchObject({
    kind: 'open',
    size: 4,
    started: true,
    by: at('09:00'),
  });
});
