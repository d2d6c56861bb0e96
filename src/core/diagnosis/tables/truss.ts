import { failureTable, without } from './failureTable';

/**
 * Why a flower of the tomato's family falls, or its fruit fails: mostly pollen that was not shaken loose, or nights and
 * days too hot or too cold. Below anthers that stand above it a short style takes no pollen.
 */
export const VARIOUS_STYLES_FAILURES = failureTable(
  [
    'wholeYellow',
    'tapered',
    'darkPatch',
    'petalRot',
    'hole',
    'broken',
    'vineHurt',
    'shortStyle',
    'othersSwell',
  ],
  ['grew', 'late', 'unfitPollen', 'rained', 'hotOrCold'],
  {
    neverPollinated: [28, [90, 5, 0.05, 3, 3, 1, 3, 20, 30], [5, 30, 0.1, 20, 20]],
    partlyPollinated: [10, [12, 85, 1, 3, 3, 1, 3, 15, 30], [85, 25, 0.1, 25, 40]],
    incompatiblePollen: [3, [90, 5, 0.05, 3, 3, 1, 3, 15, 30], [5, 15, 90, 20, 20]],
    shortStyle: [25, [92, 5, 0.05, 3, 3, 1, 3, 96, 45], [4, 20, 0.1, 20, 20]],
    blossomEndRot: [10, [3, 8, 95, 3, 3, 1, 4, 12, 35], [95, 15, 0.1, 20, 30]],
    tooMuchFruit: [10, [80, 10, 0.1, 3, 3, 1, 3, 15, 95], [30, 15, 0.1, 20, 20]],
    heatOrCold: [24, [88, 12, 0.1, 3, 3, 1, 5, 20, 30], [15, 15, 0.1, 15, 92]],
    wetRot: [4, [30, 8, 8, 92, 3, 1, 4, 15, 30], [45, 15, 0.1, 55, 15]],
    pest: [5, [25, 8, 2, 5, 88, 5, 8, 15, 30], [60, 15, 0.1, 20, 20]],
    handled: [5, [60, 8, 0.1, 3, 3, 80, 5, 15, 30], [20, 15, 0.1, 20, 20]],
    vineDamage: [3, [60, 8, 1, 5, 5, 4, 92, 15, 30], [45, 15, 0.1, 20, 25]],
  },
);

/** Of those of which all styles are alike. */
export const TRUSS_FAILURES = without(VARIOUS_STYLES_FAILURES, ['shortStyle'], ['shortStyle']);
