import { createEmptyCard, fsrs, Rating } from 'ts-fsrs';
import { cropOf } from '../crops/catalogue';
import { SEEN_CROPS } from '../flowers/kindsOf';
import { answersTo, cardsOf, type Answer, type Card } from './cards';
import {
  afterAnswer,
  mistakesIn,
  NO_PROGRESS,
  nextInDays,
  SITTING,
  sittingOf,
  standingOf,
  type PracticeProgress,
} from './progress';
import { morningSteps } from './steps';

const NOW = Date.parse('2026-07-18T18:00:00Z');
const DAY = 86_400_000;
const pepo = cardsOf('pepo');
const wrong = (card: Card): Answer => answersTo(card).find((answer) => answer !== card.answer)!;

test.each(SEEN_CROPS.map(({ id }) => id))(
  '%s: each card is one of a kind, and its answer is one of those offered',
  (crop) => {
    const cards = cardsOf(crop);
    expect(cards.length).toBeGreaterThan(3);
    expect(new Set(cards.map(({ id }) => id)).size).toBe(cards.length);
    for (const card of cards) expect(answersTo(card)).toContain(card.answer);
  },
);

test('sex is asked where flowers differ in it only, use for seed where flowers are covered', () => {
  const exercises = (crop: Parameters<typeof cardsOf>[0]) =>
    new Set(cardsOf(crop).map(({ exercise }) => exercise));
  expect(exercises('pepo')).toEqual(new Set(['sex', 'age', 'seed', 'find', 'fate', 'steps']));
  expect(exercises('tomato')).toEqual(new Set(['age']));
});

// The shoot bag goes on before any silk shows; a tassel that sheds is shaken and bagged (common practice, no source).
test('of corn it is asked whether it is time for the bag', () => {
  const answers = (sex: string) =>
    Object.fromEntries(
      cardsOf('corn').flatMap((card) =>
        card.exercise === 'age' && card.kind.sex === sex ? [[card.kind.stage, card.answer]] : [],
      ),
    );
  expect(answers('female')).toEqual({ pin: 'later', green: 'now', eve: 'now', open: 'over', spent: 'over' });
  expect(answers('male')).toEqual({ pin: 'later', green: 'later', eve: 'now', open: 'now', spent: 'over' });
});

test('the first sittings ask of age what is taken for another: buds of tomorrow and of later', () => {
  for (const id of ['pepo', 'melon', 'tomato', 'aubergine'] as const) {
    const ages = sittingOf(cardsOf(id), NO_PROGRESS, NOW).filter((card) => card.exercise === 'age');
    const answers = ages.map(({ answer }) => answer);
    expect(answers.filter((answer) => answer === 'over').length).toBeLessThan(answers.length / 2);
    expect(new Set(answers).has('now') && new Set(answers).has('later')).toBe(true);
  }
});

// Handbook of the trade: common practice, no source.
test('for seed a flower must have been covered until then, whole, and not wilted', () => {
  const answers = Object.fromEntries(
    pepo.flatMap((card) =>
      card.exercise === 'seed' && card.kind.sex === 'female' ? [[card.finding, card.answer]] : [],
    ),
  );
  expect(answers).toEqual({ covered: 'yes', uncovered: 'no', hole: 'no', slipped: 'no', faded: 'no' });
});

test('what comes next, and when, is the package’s own', () => {
  const card = pepo[0]!;
  let progress: PracticeProgress = NO_PROGRESS;
  let own = createEmptyCard(NOW);
  let now = NOW;
  const reference = fsrs({ enable_fuzz: false });
  for (const right of [true, true, false, true, true, true]) {
    progress = afterAnswer(progress, card, right ? card.answer : wrong(card), now);
    own = reference.next(own, now, right ? Rating.Good : Rating.Again).card;
    const held = progress.cards[card.id]!;
    expect(held.due).toBe(own.due.getTime());
    expect(held.stability).toBe(own.stability);
    expect(held.difficulty).toBe(own.difficulty);
    now = held.due + 1000;
  }
});

test('what is stored survives being written as text', () => {
  let progress = afterAnswer(NO_PROGRESS, pepo[0]!, pepo[0]!.answer, NOW);
  progress = JSON.parse(JSON.stringify(progress)) as PracticeProgress;
  const [one, other] = [progress, afterAnswer(NO_PROGRESS, pepo[0]!, pepo[0]!.answer, NOW)].map((each) =>
    afterAnswer(each, pepo[0]!, pepo[0]!.answer, NOW + DAY),
  );
  expect(one).toEqual(other);
});

test('a sitting is short, begins with what is due, and does not ask the same answer twice in a row while there is another', () => {
  const first = sittingOf(pepo, NO_PROGRESS, NOW);
  expect(first.length).toBeLessThanOrEqual(SITTING);
  expect(first.slice(1).filter((card, i) => card.answer === first[i]!.answer).length).toBeLessThan(
    first.length / 2,
  );
  let progress = NO_PROGRESS;
  for (const card of first) progress = afterAnswer(progress, card, wrong(card), NOW);
  const next = sittingOf(pepo, progress, NOW + 2 * DAY);
  expect(next.map(({ id }) => id)).toEqual(expect.arrayContaining(first.map(({ id }) => id)));
});

test('everything is met within some weeks of five minutes a day, and then known', () => {
  let progress = NO_PROGRESS;
  for (let day = 0; day < 40; day += 1) {
    const now = NOW + day * DAY;
    for (const card of sittingOf(pepo, progress, now))
      progress = afterAnswer(progress, card, card.answer, now);
  }
  const standing = standingOf(pepo, progress, NOW + 40 * DAY);
  expect(standing.seen).toBe(standing.all);
  expect(standing.known).toBe(standing.all);
});

test('mistakes are counted by what was taken for what', () => {
  const [card] = pepo as [Card];
  let progress = afterAnswer(NO_PROGRESS, card, wrong(card), NOW);
  progress = afterAnswer(progress, card, wrong(card), NOW + DAY);
  progress = afterAnswer(progress, pepo[1]!, wrong(pepo[1]!), NOW);
  expect(mistakesIn(pepo, progress)[0]).toEqual({ card, answer: wrong(card), times: 2 });
  expect(mistakesIn(cardsOf('melon'), progress)).toEqual([]);
});

test('when the next card comes is known once one was seen', () => {
  expect(nextInDays(pepo, NO_PROGRESS, NOW)).toBeUndefined();
  const progress = afterAnswer(NO_PROGRESS, pepo[0]!, wrong(pepo[0]!), NOW);
  expect(nextInDays(pepo, progress, NOW)!).toBeLessThan(1);
  expect(nextInDays(pepo, progress, NOW + 3 * DAY)).toBe(0);
});

// Handbook of the trade: common practice, no source.
test('the morning in its order: pollen first, the female shut again at once, then her tag', () => {
  expect(morningSteps(cropOf('pepo'))).toEqual([
    'collect',
    'strip',
    'check',
    'uncover',
    'pollinate',
    'close',
    'tag',
  ]);
  expect(morningSteps(cropOf('corn'))).not.toContain('strip');
  expect(morningSteps(cropOf('tomato'))).toEqual([]);
});
