import { cardsOf } from '@/core/practice/cards';
import { afterAnswer, NO_PROGRESS } from '@/core/practice/progress';
import { progressOf } from './usePractice';

test('what was written is read again', () => {
  const [card] = cardsOf('pepo');
  const progress = afterAnswer(NO_PROGRESS, card!, 'male', 1_000_000);
  expect(progressOf(JSON.parse(JSON.stringify(progress)))).toEqual(progress);
});

test.each([[undefined], ['text'], [[]], [{ cards: 3 }], [{ cards: {}, mistakes: null }]])(
  'nonsense is no progress: %j',
  (stored) => expect(progressOf(stored)).toBe(NO_PROGRESS),
);

test('one broken card does not cost the others', () => {
  const [card] = cardsOf('pepo');
  const progress = afterAnswer(NO_PROGRESS, card!, card!.answer, 1_000_000);
  const stored = { cards: { ...progress.cards, broken: { due: 'soon' } }, mistakes: { a: 'b' } };
  expect(progressOf(stored)).toEqual(progress);
});
