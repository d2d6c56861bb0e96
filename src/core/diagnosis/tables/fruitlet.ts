import { failureTable } from './failureTable';

/** Why the fruitlet below a gourd's flower fails. */
export const FRUITLET_FAILURES = failureTable(
  ['wholeYellow', 'tapered', 'softTip', 'darkPatch', 'petalRot', 'hole', 'broken', 'vineHurt', 'othersSwell'],
  ['grew', 'fewMales', 'late', 'unfitPollen', 'rained', 'hotOrCold'],
  {
    neverPollinated: [35, [90, 3, 10, 0.02, 3, 3, 1, 3, 30], [5, 35, 40, 0.1, 20, 20]],
    partlyPollinated: [20, [15, 75, 50, 1, 5, 3, 1, 3, 30], [80, 50, 35, 0.1, 25, 20]],
    incompatiblePollen: [1, [88, 5, 10, 0.02, 3, 3, 1, 3, 30], [8, 20, 15, 90, 20, 20]],
    blossomEndRot: [8, [10, 8, 10, 95, 3, 3, 1, 3, 35], [92, 20, 15, 0.1, 20, 30]],
    tooMuchFruit: [14, [85, 10, 10, 0.1, 3, 3, 1, 3, 95], [50, 20, 15, 0.1, 20, 20]],
    heatOrCold: [7, [80, 15, 10, 0.1, 3, 3, 1, 5, 25], [35, 20, 15, 0.1, 15, 90]],
    rain: [6, [85, 12, 15, 0.1, 15, 3, 1, 3, 25], [10, 20, 15, 0.1, 95, 15]],
    wetRot: [4, [20, 10, 70, 10, 92, 3, 1, 3, 30], [60, 20, 15, 0.1, 60, 15]],
    pest: [4, [15, 8, 15, 3, 4, 88, 5, 10, 30], [70, 20, 15, 0.1, 20, 20]],
    handled: [2, [15, 3, 5, 1, 3, 3, 95, 5, 30], [35, 20, 15, 0.1, 20, 20]],
    vineDamage: [2, [60, 5, 15, 0.5, 5, 5, 5, 92, 30], [50, 20, 15, 0.1, 20, 25]],
  },
);
