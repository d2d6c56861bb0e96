import { useMemo } from 'react';
import { useOpened } from './opening';

/** Undo and redo of this device's own actions. */
export function useUndo(): { undo: () => Promise<boolean>; redo: () => Promise<boolean> } {
  const { session } = useOpened();
  return useMemo(() => ({ undo: () => session.garden.undo(), redo: () => session.garden.redo() }), [session]);
}
