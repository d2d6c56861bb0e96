import { unsafeUniformIntDistribution, xoroshiro128plus } from 'pure-rand';
import { bloomingCropOf } from '../crops/catalogue';
import { Journal } from '../journal/journal';
import type { SEEN_HOURS } from '../journal/kinds/weather';
import { entryOf } from '@testing/entries';
import type { Garden } from '../journal/state';
import { addDays, MS_PER_HOUR, MS_PER_MINUTE } from '../time/calendar';
import { isOpeningWindow, openingWindow, type OpeningWindow } from './openingWindow';
import { ownHours } from './ownHours';
import { windowsOf } from './windowsOf';

const GARDEN: Garden = {
  id: 'g',
  name: 'Yard',
  place: '',
  latitude: 52.2,
  longitude: -1.7,
  zone: 'Europe/London',
};
const SQUASH = bloomingCropOf('pepo')!;
const DAY = '2026-07-19';

const usual = (day: string): OpeningWindow => {
  const window = openingWindow(SQUASH, GARDEN, day);
  if (!isOpeningWindow(window)) throw new Error('the sun rises');
  return window;
};
const lastShuts = (day: string): number => usual(day).shuts[1];

interface Note {
  readonly day: string;
  readonly ms: number;
  readonly seen: (typeof SEEN_HOURS)[number];
}

function journalOf(notes: readonly Note[]): Journal {
  const journal = new Journal();
  journal.add(
    notes.map(({ day, ms, seen }, i) =>
      entryOf(
        { kind: 'hours.seen', body: { crop: 'pepo', day, seen } },
        { id: `n${i}`, lamport: i + 1, at: new Date(ms).toISOString(), device: 'a', action: `n${i}` },
      ),
    ),
  );
  return journal;
}

const own = (notes: readonly Note[], until = DAY) => ownHours(journalOf(notes), GARDEN, SQUASH, { until });

/** Found shut so many hours after they were expected to shut, and open an hour before that. */
const shutAfter = (day: string, hours: number): Note[] => {
  const at = lastShuts(day) + hours * MS_PER_HOUR;
  return [
    { day, ms: at - MS_PER_HOUR, seen: 'open' },
    { day, ms: at, seen: 'shut' },
  ];
};

test('without notes the hours are the crop’s own', () => {
  expect(own([])).toBeUndefined();
  expect(windowsOf(new Journal(), GARDEN, DAY, ['pepo']).get('pepo')).toEqual(usual(DAY));
});

test('one day moves little, many days that agree nearly all the way', () => {
  const early = (days: number) =>
    own(Array.from({ length: days }, (_, i) => shutAfter(addDays(DAY, -i), -1)).flat())!;
  const [one, five, many] = [early(1), early(5), early(30)];
  // They shut between two hours and one hour early: on average one and a half.
  expect(one.shutsH).toBeLessThan(-0.2);
  expect(one.shutsH).toBeGreaterThan(-0.75);
  expect(five.shutsH).toBeLessThan(one.shutsH);
  expect(many.shutsH).toBeLessThan(five.shutsH);
  expect(many.shutsH).toBeGreaterThan(-1.6);
  expect(many.shutsH).toBeLessThan(-1.25);
  expect(many.days).toBe(30);
});

test('the window of the day moves with it, says so, and never shuts before it opens', () => {
  const notes = Array.from({ length: 20 }, (_, i) => shutAfter(addDays(DAY, -i), -1)).flat();
  const window = windowsOf(journalOf(notes), GARDEN, DAY, ['pepo']).get('pepo')!;
  expect((window.shuts[0] - usual(DAY).shuts[0]) / MS_PER_MINUTE).toBeLessThan(-60);
  expect(window.lastSafe).toBeLessThanOrEqual(usual(DAY).lastSafe);
  expect(window.lastSafe).toBeGreaterThanOrEqual(window.opens[0]);
  expect(window.shuts[0]).toBeGreaterThanOrEqual(window.opens[1]);
  expect(window.reasons.map(({ code }) => code)).toContain('ownHours');
  // What is noted later says nothing of an earlier day.
  expect(windowsOf(journalOf(notes), GARDEN, addDays(DAY, -40), ['pepo']).get('pepo')).toEqual(
    usual(addDays(DAY, -40)),
  );
});

test('what contradicts itself, or could never be, breaks nothing', () => {
  const { opens, shuts } = usual(DAY);
  const wild: Note[] = [
    { day: DAY, ms: shuts[1] + 9 * MS_PER_HOUR, seen: 'notYet' },
    { day: DAY, ms: opens[0] - 9 * MS_PER_HOUR, seen: 'shut' },
    { day: DAY, ms: opens[0], seen: 'open' },
    { day: addDays(DAY, -1), ms: 0, seen: 'open' },
  ];
  const { opensH, shutsH } = own(wild)!;
  expect(Number.isFinite(opensH) && Math.abs(opensH) <= 3).toBe(true);
  expect(Number.isFinite(shutsH) && Math.abs(shutsH) <= 3).toBe(true);
});

test('the move is the one that sampling gives: 200,000 gardens, those kept that fit what was seen', () => {
  // Prior and daily scatter as they are stated: normal, 20 minutes, and logistic, 30 minutes.
  const generator = xoroshiro128plus(7);
  const uniform = (): number => (unsafeUniformIntDistribution(1, 0x3fffffff, generator) - 0.5) / 0x3fffffff;
  const normal = (): number => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
  const logistic = (): number => {
    const u = uniform();
    return ((0.5 * Math.sqrt(3)) / Math.PI) * Math.log(u / (1 - u));
  };
  const seen: readonly (readonly [number, number])[] = [
    [-2, -0.5],
    [-1, 0.25],
  ];
  let [sum, kept] = [0, 0];
  for (let i = 0; i < 200_000; i += 1) {
    const move = normal() / 3;
    const fits = seen.every(([after, by]) => {
      const at = move + logistic();
      return after < at && at <= by;
    });
    if (fits) [sum, kept] = [sum + move, kept + 1];
  }
  const notes = seen.flatMap(([after, by], i): Note[] => {
    const day = addDays(DAY, -i);
    const shuts = lastShuts(day);
    return [
      { day, ms: shuts + after * MS_PER_HOUR, seen: 'open' },
      { day, ms: shuts + by * MS_PER_HOUR, seen: 'shut' },
    ];
  });
  expect(kept).toBeGreaterThan(5_000);
  expect(own(notes)!.shutsH).toBeCloseTo(sum / kept, 1);
});
