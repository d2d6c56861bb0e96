import type { Entry } from './entry';
import type { SubjectType } from './kinds/definition';
import { reduceBloom } from './folds/bloom';
import type { EntryAbout } from './taking';
import type { States } from './state';
import { latest, type Reducer } from './folds/reducer';
import { reduceMating, reducePlanting, reduceVariety } from './folds/variety';
import {
  reduceBarrier,
  reduceBed,
  reduceCage,
  reduceDevice,
  reduceGarden,
  reduceOutside,
  reducePlant,
  reducePollen,
  reduceSurroundings,
} from './folds/plan';
import { reduceHours, reduceReadings } from './folds/weather';
import { reduceWalk } from './folds/walk';
import { reduceRound } from './folds/round';
import { reduceTrial } from './folds/trial';
import { reduceLot } from './folds/lot';

/** How each type of subject is folded from its entries, given in their total order. */
const REDUCERS: { readonly [T in SubjectType]: Reducer<T> } = {
  garden: reduceGarden,
  device: reduceDevice,
  season: latest<'season'>,
  surroundings: reduceSurroundings,
  bed: reduceBed,
  variety: reduceVariety,
  planting: reducePlanting,
  mating: reduceMating,
  cage: reduceCage,
  barrier: reduceBarrier,
  outside: reduceOutside,
  plant: reducePlant,
  walk: reduceWalk,
  bloom: reduceBloom,
  pollen: reducePollen,
  round: reduceRound,
  weather: latest<'weather'>,
  readings: reduceReadings,
  hours: reduceHours,
  tie: latest<'tie'>,
  ways: latest<'ways'>,
  trial: reduceTrial,
  lot: reduceLot,
  blossoms: latest<'blossoms'>,
  blossomPrice: latest<'blossomPrice'>,
};

/**
 * The state of a subject.
 *
 * @param entries all that name it, in their total order.
 */
export const foldSubject = <T extends SubjectType>(
  type: T,
  id: string,
  entries: readonly Entry[],
): States[T] | undefined => (REDUCERS[type] as Reducer<T>)(id, entries as readonly EntryAbout<T>[]);
