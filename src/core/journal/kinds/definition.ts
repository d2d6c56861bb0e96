import type { Day } from '../../time/types';

/** The things an entry can be about. The state of each is folded on its own. */
export const SUBJECT_TYPES = [
  'garden',
  'device',
  'season',
  'surroundings',
  'bed',
  'variety',
  'planting',
  'mating',
  'cage',
  'barrier',
  'outside',
  'plant',
  'walk',
  'bloom',
  'pollen',
  'round',
  'weather',
  'readings',
  'hours',
  'tie',
  'ways',
  'trial',
  'lot',
  'blossoms',
  'blossomPrice',
] as const;

export type SubjectType = (typeof SUBJECT_TYPES)[number];

/**
 * Called with each subject in turn.
 *
 * @param day of subjects that are of one day, as the id says too: they are filed day by day.
 */
export type SubjectCallback<T extends SubjectType = SubjectType> = (type: T, id: string, day?: Day) => void;

/** All there is to know of one kind of entry, but for what its body means to the state. */
export interface KindDefinition<Body, T extends SubjectType = SubjectType> {
  /** Present version of the body. */
  readonly version: number;
  /** Does every view need it, however old it is? Such entries are packed apart and read first. */
  readonly structural: boolean;
  /**
   * Do the days and times in its body follow the clock of the device that wrote it? They move with it when its times are
   * corrected; what the grower read from a calendar, such as a day of sowing, stays.
   */
  readonly clockDays: boolean;
  /**
   * Brings a body of any earlier version up to the present one. Pure, and changes nothing when applied again: an
   * amendment does not say which version its body has. Those of frequent kinds are written out field by field, which is
   * several times quicker than to copy: every entry of an old journal passes here. What is stored stays as it is.
   */
  readonly upcast?: (body: object) => Body;
  /** Names the subjects of an entry: a late arrival refolds these and no others. */
  readonly subjects: (body: Body, each: SubjectCallback<T>, device: string) => void;
}

/**
 * The definitions of a family of kinds; one that is missing does not compile.
 *
 * @typeParam About the subjects that entries of each kind may name: one that is named and not listed does not compile,
 * and neither does a fold of a subject that leaves out a kind listed for it (`taking.ts`).
 */
export type KindDefinitions<Bodies, About extends { readonly [K in keyof Bodies]: SubjectType }> = {
  readonly [K in keyof Bodies]: KindDefinition<Bodies[K], About[K]>;
};
