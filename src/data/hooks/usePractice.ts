import { useMemo } from 'react';
import { NO_PROGRESS, type CardMemory, type PracticeProgress } from '@/core/practice/progress';
import { useDeviceDraft } from './useDraft';

/**
 * What was learnt on this device, whatever garden is open; `undefined` until it has been read. What cannot be read is
 * left out: it is learnt again.
 */
export function usePractice(): [PracticeProgress | undefined, (progress: PracticeProgress) => void] {
  const [stored, write] = useDeviceDraft<unknown>('practice', NO_PROGRESS);
  const progress = useMemo(() => (stored === undefined ? undefined : progressOf(stored)), [stored]);
  return [progress, write];
}

const NUMBERS = [
  'due',
  'stability',
  'difficulty',
  'scheduled_days',
  'learning_steps',
  'reps',
  'lapses',
  'state',
];

const isRecord = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * What is sound in what was stored.
 *
 * @example progressOf('nonsense') // NO_PROGRESS
 */
export function progressOf(stored: unknown): PracticeProgress {
  if (!isRecord(stored) || !isRecord(stored['cards']) || !isRecord(stored['mistakes'])) return NO_PROGRESS;
  const sound = (card: unknown): card is CardMemory =>
    isRecord(card) && NUMBERS.every((name) => Number.isFinite(card[name]));
  const { cards, mistakes } = stored;
  return {
    cards: Object.fromEntries(
      Object.entries(cards).filter((each): each is [string, CardMemory] => sound(each[1])),
    ),
    mistakes: Object.fromEntries(
      Object.entries(mistakes).filter((each): each is [string, number] => Number.isSafeInteger(each[1])),
    ),
  };
}
