import type { Journal } from '../journal/journal';
import { TIE_COLOURS, type TieColour, type TieMeaning } from '../journal/kinds/tie';
import type { Day } from '../time/types';

/** A colour, and what it means in the garden. */
export interface Tie {
  readonly colour: TieColour;
  readonly means: TieMeaning | undefined;
}

/**
 * All colours with what each means, in their usual order.
 *
 * @example tiesOf(new Journal())[0] // { colour: 'red', means: undefined }
 */
export const tiesOf = (journal: Journal): Tie[] => {
  const ties = journal.all('tie');
  return TIE_COLOURS.map((colour) => ({ colour, means: ties.get(colour)?.means }));
};

/** A flower that is tied once it is pollinated. */
export interface TiedFlower {
  readonly variety: string;
  /** What it was mated for, where that is a cross. */
  readonly mating?: string | undefined;
  /** The day on which it is pollinated. */
  readonly day: Day;
}

/** What is said most exactly counts before what is said of more. */
const MOST_EXACT_FIRST: readonly TieMeaning['of'][] = ['cross', 'day', 'variety'];

/**
 * The colour with which a flower is tied; of several that fit the one of its cross, then of its day, then of its
 * variety. `undefined` where none was chosen.
 *
 * @example tieFor(new Journal(), { variety: 'v', day: '2026-07-19' }) // undefined
 */
export function tieFor(journal: Journal, { variety, mating, day }: TiedFlower): TieColour | undefined {
  const fits = ({ means }: Tie): boolean => {
    switch (means?.of) {
      case 'cross':
        return means.id === mating;
      case 'day':
        return means.day === day;
      case 'variety':
        return means.id === variety;
      case 'words':
      case undefined:
        return false;
    }
  };
  const fitting = tiesOf(journal).filter(fits);
  const [of] = MOST_EXACT_FIRST.filter((each) => fitting.some(({ means }) => means?.of === each));
  return fitting.find(({ means }) => means?.of === of)?.colour;
}
