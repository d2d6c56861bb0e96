import type { SubjectType } from '../kinds/definition';
import type { EntryAbout } from '../taking';
import type { States } from '../state';

export type Reducer<T extends SubjectType> = (
  id: string,
  entries: readonly EntryAbout<T>[],
) => States[T] | undefined;

/** A subject that a single kind names, whose state is the last body recorded of it. */
export const latest = <T extends 'season' | 'weather' | 'tie' | 'ways' | 'blossoms' | 'blossomPrice'>(
  _id: string,
  entries: readonly EntryAbout<T>[],
): States[T] | undefined => entries.at(-1)?.body as States[T] | undefined;
