import { useEffect, useRef } from 'react';

/** How long until a press is a hold, and how often it repeats then, ms. */
const HOLD_AFTER_MS = 400;
const REPEAT_MS = 90;

/**
 * What repeats a job while a button is held.
 *
 * @param job as it is at each repetition; without it nothing repeats.
 */
export function useHold(job: (() => void) | undefined): {
  readonly delayLongPress?: number;
  readonly onLongPress?: () => void;
  readonly onPressOut?: () => void;
} {
  const latest = useRef(job);
  const timer = useRef<ReturnType<typeof setInterval>>(undefined);
  useEffect(() => {
    latest.current = job;
    // A button that can do no more may never hear that it was let go.
    if (!job) clearInterval(timer.current);
  });
  useEffect(() => () => clearInterval(timer.current), []);
  if (!job) return {};
  return {
    delayLongPress: HOLD_AFTER_MS,
    onLongPress: () => {
      latest.current?.();
      clearInterval(timer.current);
      timer.current = setInterval(() => latest.current?.(), REPEAT_MS);
    },
    onPressOut: () => clearInterval(timer.current),
  };
}
