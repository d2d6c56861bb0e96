import type { KindDefinitions } from './definition';
import type { CarryingMethod } from '../../crops/crop';
import type { CoverMethod } from './walk';

/** How a grower works a variety or a cross, where that is not as usual; what is left out is as usual. */
export interface WaysBodies {
  'ways.set': {
    /** A variety, or a mating. */
    readonly of: string;
    /** Males for each female. */
    readonly males?: number;
    readonly method?: CarryingMethod;
    readonly cover?: CoverMethod;
    /** How often each female is pollinated. */
    readonly times?: number;
    /** Is that within one day, where days apart are usual? */
    readonly sameDay?: true;
    /** Of a variety that can be: is its seed got from bagged flowers that are kept to their own pollen? */
    readonly selfed?: true;
  };
}

/** The subjects that entries of each kind may name. */
export interface WaysAbout {
  readonly 'ways.set': 'ways';
}

export const WAYS_KINDS: KindDefinitions<WaysBodies, WaysAbout> = {
  'ways.set': {
    // Version 2: the father's anthers, several times within a day.
    version: 2,
    structural: true,
    clockDays: false,
    subjects: ({ of }, each) => each('ways', of),
  },
};
