import type { SetEffect } from '@/core/analysis/betterSet';
import { formatFor } from '../format/format';
import { sayEffect, sayLevel, sayNotTold } from './setFactors';

const f = formatFor('Europe/London', 'metric', 'h24', 'en-GB');
const nameOf = (id: string): string => `name of ${id}`;
const effect = (change: Partial<SetEffect>): SetEffect => ({
  factor: 'hour',
  less: { from: -0.2, to: 0.5, hits: 71, of: 100, unseen: 0 },
  more: { from: 2.2, to: 4, hits: 48, of: 100, unseen: 0 },
  difference: -0.21,
  low: -0.33,
  high: -0.08,
  evidence: 'strong',
  ...change,
});

test('a difference is said as counted, all else alike, with its range, how sure it is, and what follows', () => {
  expect(sayEffect(effect({}), f, nameOf)).toEqual({
    title: 'Hour',
    counts: 'Within 30 min of opening: 71 of 100 set. More than 2.2 h after opening: 48 of 100.',
    text: 'All else alike, of the second 21 in 100 fewer set (8 to 33). Strong evidence.',
    advice: 'Begin earlier, or share the round.',
  });
});

test('where nothing is shown nothing follows, and it is said how many more would show it', () => {
  const words = sayEffect(effect({ low: -0.4, high: 0.05, evidence: 'none', flowersMore: 120 }), f, nameOf);
  expect(words.text).toBe(
    'All else alike, of the second 21 in 100 fewer set (from 40 fewer to 5 more). Not shown. If a difference of this size is real, about 120 flowers more would show it.',
  );
  expect(words.advice).toBe('');
});

test('where of some it is not known, the counts say so', () => {
  const { less, more } = effect({});
  expect(sayEffect(effect({ less: { ...less, unseen: 12 }, more }), f, nameOf).counts).toBe(
    'Within 30 min of opening: 71 of 100 set (12 not known). More than 2.2 h after opening: 48 of 100.',
  );
});

test('counts, names and either-or in words', () => {
  const males = effect({
    factor: 'males',
    less: { from: 1, to: 1, hits: 3, of: 9, unseen: 0 },
    more: { from: 2, to: 3, hits: 8, of: 9, unseen: 0 },
    difference: 0.5,
    low: 0.1,
    high: 0.8,
    evidence: 'some',
  });
  expect(sayEffect(males, f, nameOf)).toMatchObject({
    counts: '1 male: 3 of 9 set. 2 to 3 males: 8 of 9.',
    text: 'All else alike, of the second 50 in 100 more set (10 to 80). Some evidence.',
    advice: 'Use more males a flower, where there are enough.',
  });
  const load = effect({
    factor: 'load',
    less: { from: 0, to: 0, hits: 1, of: 2, unseen: 0 },
    more: { from: 4, to: 4, hits: 1, of: 2, unseen: 0 },
  });
  expect(sayEffect(load, f, nameOf).counts).toBe('No fruit growing: 1 of 2 set. 4 fruits growing: 1 of 2.');
  expect(sayLevel('males', 3, f, nameOf)).toBe('3 or more males');
  expect(sayLevel('hour', 4, f, nameOf)).toBe('Later than 4 h');
  expect(sayLevel('cover', 1, f, nameOf)).toBe('Covered');
  expect(sayLevel('method', 'brush', f, nameOf)).toBe('A soft, dry brush');
  expect(sayLevel('plant', 'p1', f, nameOf)).toBe('name of p1');
});

test('what is always the same is passed over; what cannot be told apart is said', () => {
  expect(
    sayNotTold([
      { factor: 'again', why: 'alwaysSame' },
      { factor: 'hour', why: 'together', with: 'variety' },
      { factor: 'rain', why: 'notNoted' },
      { factor: 'cover', why: 'together', with: 'method' },
    ]),
  ).toEqual([
    'Hour: it goes with the variety, and cannot be told apart from that.',
    'Rain: not known for most of these flowers.',
    'Covered or not: it goes with “tool”, and cannot be told apart from that.',
  ]);
});
