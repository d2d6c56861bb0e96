import { useMutation } from '@tanstack/react-query';
import type { StoredEntry } from '@/core/journal/entry';
import type { Work } from '@/core/journal/undo';
import { useGarden } from './useGarden';

export interface Undo {
  readonly undo: () => void;
  readonly redo: () => void;
  readonly canRedo: boolean;
  /** What was taken back just now. */
  readonly undone: readonly StoredEntry[] | undefined;
}

/** Undo and redo of this device's own actions: of some work, or of all. */
export function useUndo(work?: Work): Undo {
  const { store } = useGarden();
  const meta = { what: 'record' };
  const { mutate: undo } = useMutation({ meta, mutationFn: () => store.undo(work) });
  const { mutate: redo } = useMutation({ meta, mutationFn: () => store.redo(work) });
  return { undo, redo, canRedo: store.own.redoable(work) !== undefined, undone: store.undone };
}
