import type { KindDefinitions } from './definition';

/** Entries about entries. They name no subject of their own: they act on the subjects of their target. */
export interface CorrectionBodies {
  /** Replaces the whole body of another entry. `of` is the kind of the target. */
  amended: { readonly target: string; readonly of: string; readonly body: object };
  /** Takes another entry back; striking a strike brings it again. */
  struck: { readonly target: string };
  /**
   * The clock was wrong when the targets were written. The last correction in force counts: from what is stored, times
   * move by so many minutes, and the days in bodies by so many days. Their order stays.
   *
   * `cohorts`: those first counted under the wrong clock, by the ids under which they are stored: the day in these ids
   * moves. A later look at one of them, under a right clock, is a target too, and moves by 0 minutes.
   */
  'times.corrected': {
    readonly targets: readonly string[];
    readonly by: number;
    readonly days: number;
    readonly cohorts?: readonly string[];
  };
}

/** The subjects that entries of each kind may name. */
export interface CorrectionAbout {
  readonly amended: never;
  readonly struck: never;
  readonly 'times.corrected': never;
}

export const CORRECTION_KINDS: KindDefinitions<CorrectionBodies, CorrectionAbout> = {
  amended: { version: 1, structural: false, clockDays: false, subjects: () => undefined },
  struck: { version: 1, structural: false, clockDays: false, subjects: () => undefined },
  'times.corrected': { version: 1, structural: false, clockDays: false, subjects: () => undefined },
};
