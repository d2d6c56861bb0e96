import { createContext, useContext, useSyncExternalStore } from 'react';
import { Trouble, type Failure } from '../trouble';

export const TroubleContext = createContext(new Trouble());

/** What went wrong and has not been read yet, and the way to say that it was. */
export function useTrouble(): { readonly failures: readonly Failure[]; readonly clear: () => void } {
  const trouble = useContext(TroubleContext);
  const failures = useSyncExternalStore(trouble.subscribe, trouble.failures, trouble.failures);
  return { failures, clear: () => trouble.clear() };
}
