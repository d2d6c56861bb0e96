import { createEmptyCard, fsrs, Rating, type Card as Schedule } from 'ts-fsrs';
import { MS_PER_DAY } from '../time/calendar';
import type { Answer, Card } from './cards';

/** How well a card is known, as it is stored: instants in UTC milliseconds. */
export interface CardMemory extends Omit<Schedule, 'due' | 'last_review' | 'elapsed_days'> {
  readonly due: number;
  readonly last_review?: number;
}

/** All that was learnt on a device. */
export interface PracticeProgress {
  /** By the id of the card. */
  readonly cards: Readonly<Record<string, CardMemory>>;
  /** What was answered wrongly, by `card>answer`, and how often. */
  readonly mistakes: Readonly<Record<string, number>>;
}

export const NO_PROGRESS: PracticeProgress = { cards: {}, mistakes: {} };

/** The package's own intervals, without chance, so that a device always plans the same. */
const scheduler = fsrs({ enable_fuzz: false });

/**
 * What is known after an answer: right is `Good`, wrong `Again` of the package `ts-fsrs`, which says when the card comes
 * next.
 *
 * @param now UTC milliseconds.
 * @example afterAnswer(NO_PROGRESS, card, card.answer, now).cards[card.id]!.reps // 1
 */
export function afterAnswer(
  progress: PracticeProgress,
  card: Card,
  answer: Answer,
  now: number,
): PracticeProgress {
  const right = answer === card.answer;
  const held = progress.cards[card.id];
  const before = held ? { ...held, elapsed_days: 0 } : createEmptyCard(now);
  const {
    due,
    last_review,
    elapsed_days: _,
    ...rest
  } = scheduler.next(before, now, right ? Rating.Good : Rating.Again).card;
  const key = `${card.id}>${answer}`;
  return {
    cards: {
      ...progress.cards,
      [card.id]: { ...rest, due: due.getTime(), ...(last_review && { last_review: last_review.getTime() }) },
    },
    mistakes: right ? progress.mistakes : { ...progress.mistakes, [key]: (progress.mistakes[key] ?? 0) + 1 },
  };
}

/** So many new things at most in one sitting. Our default. */
const MAX_NEW = 6;
/** About five minutes. Our default. */
export const SITTING = 14;

/**
 * The cards of one sitting: those that are due, the longest overdue first, then new ones; the same thing never twice in a
 * row where it can be helped.
 *
 * @param cards all there is to learn, in the order in which it is learnt.
 * @example sittingOf(cards, NO_PROGRESS, now).length // 6 at first
 */
export function sittingOf(cards: readonly Card[], progress: PracticeProgress, now: number): Card[] {
  const due = cards
    .filter(({ id }) => (progress.cards[id]?.due ?? Infinity) <= now)
    .toSorted((a, b) => progress.cards[a.id]!.due - progress.cards[b.id]!.due || (a.id < b.id ? -1 : 1))
    .slice(0, SITTING);
  const fresh = cards.filter(({ id }) => progress.cards[id] === undefined);
  return mixed([...due, ...fresh.slice(0, Math.min(MAX_NEW, SITTING - due.length))]);
}

/** So that neighbours ask for different answers where there are others. */
function mixed(cards: readonly Card[]): Card[] {
  const left = [...cards];
  const order: Card[] = [];
  while (left.length > 0) {
    const last = order.at(-1);
    const other = left.findIndex((card) => card.answer !== last?.answer);
    order.push(...left.splice(Math.max(0, other), 1));
  }
  return order;
}

/** How far somebody is with some cards. */
export interface Standing {
  readonly all: number;
  readonly seen: number;
  /** Remembered for a week or more, by the package's own estimate. */
  readonly known: number;
  readonly due: number;
}

const WEEK_DAYS = 7;

/**
 * How far somebody is.
 *
 * @example standingOf(cards, NO_PROGRESS, now).seen // 0
 */
export function standingOf(cards: readonly Card[], progress: PracticeProgress, now: number): Standing {
  const held = cards.flatMap(({ id }) => progress.cards[id] ?? []);
  return {
    all: cards.length,
    seen: held.length,
    known: held.filter(({ stability }) => stability >= WEEK_DAYS).length,
    due: held.filter(({ due }) => due <= now).length,
  };
}

export interface Mistake {
  readonly card: Card;
  readonly answer: Answer;
  readonly times: number;
}

/**
 * What was mistaken for what, the most frequent first.
 *
 * @example mistakesIn(cards, NO_PROGRESS) // []
 */
export const mistakesIn = (cards: readonly Card[], { mistakes }: PracticeProgress): Mistake[] =>
  cards
    .flatMap((card) =>
      Object.entries(mistakes)
        .filter(([key]) => key.startsWith(`${card.id}>`))
        .map(([key, times]) => ({ card, answer: key.slice(card.id.length + 1) as Answer, times })),
    )
    .toSorted((a, b) => b.times - a.times || (a.card.id < b.card.id ? -1 : 1));

/** When the next card comes, in days from now; 0 where one is due; `undefined` before any was seen. */
export function nextInDays(
  cards: readonly Card[],
  progress: PracticeProgress,
  now: number,
): number | undefined {
  const due = cards.flatMap(({ id }) => progress.cards[id]?.due ?? []);
  return due.length === 0 ? undefined : Math.max(0, (Math.min(...due) - now) / MS_PER_DAY);
}
