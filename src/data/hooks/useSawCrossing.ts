import { useEffect } from 'react';
import { useDraft } from './useDraft';

const KEY = 'saw-crossing';

/** Was the page of crossing risks of this garden opened on this device? `undefined` until that has been read. */
export const useSawCrossing = (): boolean | undefined => useDraft(KEY, false)[0];

/** For the page of crossing risks: it was opened. */
export function useSeesCrossing(): void {
  const [saw, write] = useDraft(KEY, false);
  useEffect(() => {
    if (saw === false) write(true);
  });
}
