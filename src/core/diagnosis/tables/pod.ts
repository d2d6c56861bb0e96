import { failureTable } from './failureTable';

/** Why flowers of beans, peas and okra fall, or their pods fail: mostly heat, or pods that hang there already. */
export const POD_FAILURES = failureTable(
  ['wholeYellow', 'tapered', 'hole', 'broken', 'vineHurt', 'othersSwell'],
  ['grew', 'late', 'unfitPollen', 'rained', 'hotOrCold'],
  {
    neverPollinated: [25, [90, 5, 3, 2, 3, 30], [5, 30, 0.1, 25, 20]],
    partlyPollinated: [12, [10, 88, 3, 2, 3, 30], [85, 25, 0.1, 30, 30]],
    incompatiblePollen: [2, [90, 5, 3, 2, 3, 30], [5, 15, 90, 20, 20]],
    tooMuchFruit: [22, [80, 10, 3, 2, 3, 95], [30, 15, 0.1, 20, 20]],
    heatOrCold: [24, [88, 15, 3, 2, 5, 30], [20, 15, 0.1, 15, 92]],
    rain: [3, [85, 8, 3, 2, 3, 25], [8, 15, 0.1, 95, 15]],
    pest: [7, [25, 12, 90, 4, 8, 30], [60, 15, 0.1, 20, 20]],
    handled: [3, [40, 4, 3, 95, 5, 30], [20, 15, 0.1, 20, 20]],
    vineDamage: [4, [60, 8, 5, 4, 92, 30], [45, 15, 0.1, 20, 25]],
  },
);
