import { CAUSES, FRUIT_SIGNS, type Cause, type FruitSign } from '../journal/kinds/fruit';

/** What can be named as a cause: all but not knowing. */
export type NamedCause = Exclude<Cause, 'unknown'>;
export const NAMED_CAUSES = CAUSES.filter((cause): cause is NamedCause => cause !== 'unknown');

/** What the records say of a flower, besides what is seen at its fruit. */
const CIRCUMSTANCES = ['grew', 'fewMales', 'late', 'rained', 'hotOrCold'] as const;
type Circumstance = (typeof CIRCUMSTANCES)[number];

/** What speaks for one cause or another. */
export const EVIDENCE = [...FRUIT_SIGNS, ...CIRCUMSTANCES] as const;
export type EvidenceName = FruitSign | Circumstance;

/**
 * How often each is so, of a hundred fruits that failed for a cause; `prior`: how often that is the cause at all. What
 * goes with what is common practice, no source; the numbers are our defaults, none is published. Signs are taken to be
 * independent of each other once the cause is known.
 */
export const LIKELIHOODS: Readonly<Record<NamedCause, Readonly<Record<EvidenceName | 'prior', number>>>> = {
  neverPollinated: {
    ...{
      prior: 35,
      wholeYellow: 90,
      tapered: 3,
      softTip: 10,
      darkPatch: 0.02,
      petalRot: 3,
      hole: 3,
      broken: 1,
    },
    ...{ othersSwell: 30, grew: 5, fewMales: 35, late: 40, rained: 20, hotOrCold: 20 },
  },
  partlyPollinated: {
    ...{
      prior: 20,
      wholeYellow: 15,
      tapered: 75,
      softTip: 50,
      darkPatch: 1,
      petalRot: 5,
      hole: 3,
      broken: 1,
    },
    ...{ othersSwell: 30, grew: 80, fewMales: 50, late: 35, rained: 25, hotOrCold: 20 },
  },
  blossomEndRot: {
    ...{ prior: 8, wholeYellow: 10, tapered: 8, softTip: 10, darkPatch: 95, petalRot: 3, hole: 3, broken: 1 },
    ...{ othersSwell: 35, grew: 92, fewMales: 20, late: 15, rained: 20, hotOrCold: 30 },
  },
  tooMuchFruit: {
    ...{
      prior: 14,
      wholeYellow: 85,
      tapered: 10,
      softTip: 10,
      darkPatch: 0.1,
      petalRot: 3,
      hole: 3,
      broken: 1,
    },
    ...{ othersSwell: 95, grew: 50, fewMales: 20, late: 15, rained: 20, hotOrCold: 20 },
  },
  heatOrCold: {
    ...{
      prior: 7,
      wholeYellow: 80,
      tapered: 15,
      softTip: 10,
      darkPatch: 0.1,
      petalRot: 3,
      hole: 3,
      broken: 1,
    },
    ...{ othersSwell: 25, grew: 35, fewMales: 20, late: 15, rained: 15, hotOrCold: 90 },
  },
  rain: {
    ...{
      prior: 6,
      wholeYellow: 85,
      tapered: 12,
      softTip: 15,
      darkPatch: 0.1,
      petalRot: 15,
      hole: 3,
      broken: 1,
    },
    ...{ othersSwell: 25, grew: 10, fewMales: 20, late: 15, rained: 95, hotOrCold: 15 },
  },
  wetRot: {
    ...{
      prior: 4,
      wholeYellow: 20,
      tapered: 10,
      softTip: 70,
      darkPatch: 10,
      petalRot: 92,
      hole: 3,
      broken: 1,
    },
    ...{ othersSwell: 30, grew: 60, fewMales: 20, late: 15, rained: 60, hotOrCold: 15 },
  },
  pest: {
    ...{ prior: 4, wholeYellow: 15, tapered: 8, softTip: 15, darkPatch: 3, petalRot: 4, hole: 88, broken: 5 },
    ...{ othersSwell: 30, grew: 70, fewMales: 20, late: 15, rained: 20, hotOrCold: 20 },
  },
  handled: {
    ...{ prior: 2, wholeYellow: 15, tapered: 3, softTip: 5, darkPatch: 1, petalRot: 3, hole: 3, broken: 95 },
    ...{ othersSwell: 30, grew: 35, fewMales: 20, late: 15, rained: 20, hotOrCold: 20 },
  },
};
