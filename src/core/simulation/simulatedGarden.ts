import type { FlowersADay } from '../opening/flowersADay';
import type { CropId } from '../crops/catalogue';
import type { Span } from '../crops/crop';
import type { Outing } from '../crops/outing';
import type { Day } from '../time/types';
import type { Climate } from '../weather/climate';

/** A fruit that hangs on a plant when a season begins to be played. */
export interface HangingFruit {
  /** Which of its planting's plants, from 0. */
  readonly plant: number;
  /** Days since it was pollinated. */
  readonly age: number;
  /** Of the days it takes to be ripe, those that it has behind it. */
  readonly ripened: number;
  /** Day of its life on which it was last seen growing; 0 when nobody looked. */
  readonly grew: number;
  readonly covered: boolean;
}

/** One sowing of a variety, in numbers. */
export interface SimulatedPlanting {
  readonly variety: string;
  readonly crop: CropId;
  readonly forSeed: boolean;
  readonly glass: boolean;
  readonly plants: number;
  /** Mild days from the first day played to its first flower; 0 where it is in flower. */
  readonly startsIn: number;
  /** Days for which it flowers, from its first flower or, in flower, from the first day played. */
  readonly flowersFor: number;
  /** Days from the first males to the first that bear; none where these are there already. */
  readonly bearsAfter: Span;
  /** Flowers that a plant opens on a mild day, and on how many counts that stands. */
  readonly females: FlowersADay;
  readonly males: FlowersADay;
  /** Males for each female, and females that one serves. */
  readonly malesWanted: number;
  readonly serves: number;
  /** Are its flowers covered before they open? */
  readonly covered: boolean;
  /** For one female with its males, on the way from one to the next, minutes. */
  readonly takes: number;
  readonly outing: Outing;
  /** What a female is worth, each ten minutes from the first opening of its outing, as the best that is still to come, from 0 to 1; after the last nothing. */
  readonly worth: readonly number[];
  /** What may be the share of pollinated flowers that is kept, and of those left to insects: its quantiles in even steps. */
  readonly kept: readonly number[];
  readonly insects: readonly number[];
  readonly hanging: readonly HangingFruit[];
  /** Fruit picked already this season, and that of covered flowers among it. */
  readonly picked: number;
  readonly pickedCovered: number;
  /** Was it worked already on the first day played? Then its next flowers are those of the day after. */
  readonly doneToday: boolean;
  /** Days on the plant until it is ripe for what it is grown for, where it is mild and where it is cool. */
  readonly ripensIn: Span;
  /** Day by which what is not kept has dropped. */
  readonly dropsBy: number;
  /** Fruits that a plant ripens for seed; missing where that is no limit, or not known. */
  readonly most?: number;
}

/** A garden as it stands on the first day played. */
export interface SimulatedGarden {
  readonly from: Day;
  readonly latitude: number;
  readonly climate: Climate;
  /** Days from then to the frost that comes before it in one year of ten; missing where nobody said, and the climate decides. */
  readonly earlyFrost?: number;
  /** The last day of the season, where that is told; days from the first one. */
  readonly endsIn?: number;
  readonly plantings: readonly SimulatedPlanting[];
}

/** A way of working through a season. */
export interface WayOfSeason {
  readonly people: number;
  /** For one round and person; missing where nobody looks at the clock. */
  readonly minutes?: number;
  /** Begun so long after the first flower opens, hours. */
  readonly hoursLate: number;
  /** Days in a week on which there is a round, 1 to 7. */
  readonly days: number;
  /** Are flowers covered that are so by the plan? */
  readonly covers: boolean;
  /** Plants of one variety, where they are more or fewer than stand. */
  readonly plants?: { readonly variety: string; readonly count: number };
}

/** As one works who has time each morning. */
export const AS_PLANNED: WayOfSeason = { people: 1, hoursLate: 0, days: 7, covers: true };
