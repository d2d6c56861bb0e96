import { begin, type Phone } from '@testing/yard';
import type { Fact } from '../journal/entry';
import type { PickStop, PollinateStop, Stop } from '../journal/kinds/stops';
import type { Round } from '../journal/state';
import { roundsOf } from '../outing/outingDay';
import { toMs } from '../time/calendar';
import { fromPaper, paperReasons, readPaper, type PaperMark } from './fromPaper';
import { plansOnPaper } from './plansOnPaper';
import { stopsLeft } from './stopsLeft';

const DAY = '2026-07-19';
const EVENING = '2026-07-18T18:00:00Z';
const MORNING = '2026-07-19T05:00:00Z';
const ETA = '2026-07-19T05:10:00Z';

const covered = (plant: string, bloom: string, sex: 'female' | 'male'): Fact => ({
  kind: 'covered',
  body: { plant, day: DAY, method: 'tape', blooms: [{ bloom, sex, code: '' }] },
});
const pick = (plant: string, ...blooms: string[]): PickStop => ({
  ...{ stop: `pick-${blooms[0]}`, kind: 'pick', plant, variety: 'v', blooms, eta: MORNING },
});
const dab = (plant: string, bloom: string, ...males: string[]): PollinateStop => ({
  ...{ stop: `dab-${bloom}`, kind: 'pollinate', plant, variety: 'v', bloom, eta: ETA },
  donors: males.map((male) => ({ plant: `of-${male}`, bloom: male })),
});
const STOPS: Stop[] = [pick('of-m', 'm'), pick('of-n', 'n'), dab('p1', 'f', 'm', 'n'), dab('p2', 'g', 'm')];

/** Two males of two plants; one female gets both, the other the first alone. */
function yard(): Phone {
  const phone = begin([
    { variety: 'v', crop: 'pepo', purpose: 'seedToKeep', plants: ['p1', 'p2', 'of-m', 'of-n'] },
  ]);
  phone.say(EVENING, covered('p1', 'f', 'female'), covered('p2', 'g', 'female'));
  phone.say(EVENING, covered('of-m', 'm', 'male'), covered('of-n', 'n', 'male'));
  phone.say(MORNING, { kind: 'round.planned', body: { round: 'r', day: DAY, stops: STOPS } });
  return phone;
}
const roundOf = ({ journal }: Phone): Round => roundsOf(journal, { day: DAY, outing: 'morning' })[0]!;

/** Enters a paper as it was typed; what is unclear by its numbers. */
function enter(phone: Phone, typed: string): number[] {
  const round = roundOf(phone);
  const read = readPaper(typed, round.stops, (stop) => paperReasons(phone.journal, round, stop));
  if (!read.ok) throw new Error(`${read.why}: ${read.word}`);
  const marks = new Map(
    [...read.marks].map(([number, mark]): [string, PaperMark] => [round.stops[number - 1]!.stop, mark]),
  );
  const { facts, unclear } = fromPaper(phone.journal, round, marks);
  for (const fact of facts) phone.say(new Date(fact.at!).toISOString(), fact);
  return unclear.map((stop) => round.stops.indexOf(stop) + 1);
}
const bloom = (phone: Phone, id: string) => phone.journal.all('bloom').get(id)!;

test('all ticked is all as planned, at the planned times', () => {
  const phone = yard();
  expect(enter(phone, '1-4')).toEqual([]);
  expect(stopsLeft(roundOf(phone))).toEqual([]);
  expect(bloom(phone, 'f').pollination?.donors.map(({ bloom: male }) => male)).toEqual(['m', 'n']);
  expect(toMs(bloom(phone, 'f').pollination!.at)).toBe(toMs(ETA));
  expect(bloom(phone, 'f').pollination?.found).toBe('shut');
});

test('what is empty on the paper stays to be done', () => {
  const phone = yard();
  enter(phone, '1, 3');
  expect(stopsLeft(roundOf(phone)).map(({ stop }) => stop)).toEqual(['pick-n', 'dab-g']);
});

test('a letter passes over, a letter with a plus was done all the same, and is noted', () => {
  const phone = yard();
  enter(phone, '1 2 3h+ 4w');
  expect(bloom(phone, 'f').pollination?.found).toBe('hole');
  expect(bloom(phone, 'g').pollination).toBeUndefined();
  expect(bloom(phone, 'g').missed?.why).toBe('wilted');
});

test('a male that was no good gives nobody pollen; who was to get it alone is asked about', () => {
  const phone = yard();
  expect(enter(phone, '1i 2 3 4')).toEqual([4]);
  expect(bloom(phone, 'm').spoiled?.why).toBe('insect');
  expect(bloom(phone, 'f').pollination?.donors.map(({ bloom: male }) => male)).toEqual(['n']);
  expect(bloom(phone, 'g').pollination).toBeUndefined();
  expect(stopsLeft(roundOf(phone)).map(({ stop }) => stop)).toEqual(['dab-g']);
});

test('what another phone has entered meanwhile is not entered again', () => {
  const phone = yard();
  enter(phone, '1-3');
  const before = phone.journal.size;
  enter(phone, '1-3');
  expect(phone.journal.size).toBe(before);
});

test.each([
  ['1-3, 4', [1, 2, 3, 4]],
  ['1 – 2;4', [1, 2, 4]],
  ['', []],
])('typed %j', (typed, numbers) => {
  const read = readPaper(typed, STOPS, () => []);
  expect(read.ok && [...read.marks.keys()]).toEqual(numbers);
});

test.each([
  ['5', 'number'],
  ['0', 'number'],
  ['3-2', 'number'],
  ['1-3 2', 'twice'],
  ['3x', 'letter'],
  // Pollen is not brought by a wilted male, nor is a male picked all the same.
  ['1h+', 'letter'],
  ['3w', 'none'],
  ['3w+', 'none'],
  ['4b+', 'letter'],
  ['3+', 'letter'],
  ['three', 'word'],
  ['3hh', 'word'],
])('typed %j is refused as %s', (typed, why) => {
  const phone = yard();
  const round = roundOf(phone);
  const read = readPaper(typed, round.stops, (stop) => paperReasons(phone.journal, round, stop));
  expect(read.ok ? 'none' : read.why).toBe(why);
});

test('a round that was planned again has another list, and the old one keeps its numbers', () => {
  const phone = yard();
  const [before] = plansOnPaper(phone.journal, roundOf(phone));
  phone.say('2026-07-19T05:02:00Z', {
    kind: 'round.planned',
    body: { round: 'r', day: DAY, stops: [STOPS[1]!, STOPS[0]!, STOPS[3]!] },
  });
  const plans = plansOnPaper(phone.journal, roundOf(phone));
  expect(plans.map(({ stops }) => stops.map(({ stop }) => stop))).toEqual([
    ['pick-n', 'pick-m', 'dab-g'],
    ['pick-m', 'pick-n', 'dab-f', 'dab-g'],
  ]);
  expect(plans[1]).toEqual(before);
  expect(plans[0]!.list).not.toBe(before!.list);
  // On both phones the paper is called the same.
  const other = begin([], 'b');
  other.hear(phone);
  expect(plansOnPaper(other.journal, roundOf(other)).map(({ list }) => list)).toEqual(
    plans.map(({ list }) => list),
  );
});
