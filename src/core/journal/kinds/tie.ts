import type { Day } from '../../time/types';
import type { KindDefinitions } from './definition';

/** Colours of twine, ribbon or tape that are easily told apart in the patch. */
export const TIE_COLOURS = ['red', 'orange', 'yellow', 'green', 'blue', 'violet', 'white', 'black'] as const;
export type TieColour = (typeof TIE_COLOURS)[number];

/** What a tie of a colour on a stalk means in this garden, from then on. */
export interface TieBodies {
  'tie.set': {
    readonly colour: TieColour;
    /** Missing where the colour means nothing any more. */
    readonly means?: TieMeaning;
  };
}

/** Flowers of a variety, of a cross (a mating), those of one day, or what the grower says in words. */
export type TieMeaning =
  | { readonly of: 'variety'; readonly id: string }
  | { readonly of: 'cross'; readonly id: string }
  | { readonly of: 'day'; readonly day: Day }
  | { readonly of: 'words'; readonly text: string };

/** The subjects that entries of each kind may name. */
export interface TieAbout {
  readonly 'tie.set': 'tie';
}

export const TIE_KINDS: KindDefinitions<TieBodies, TieAbout> = {
  'tie.set': {
    version: 1,
    structural: true,
    clockDays: false,
    subjects: ({ colour }, each) => each('tie', colour),
  },
};
