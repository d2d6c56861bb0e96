import { failureTable } from './failureTable';

/**
 * Why an ear of corn stays empty, or has gaps: silk that got no pollen bears no kernel, so where the gaps are tells which
 * silk got none. The silk of the tip comes last; heat and drought let the kernels of the tip die too.
 */
export const EAR_FAILURES = failureTable(
  ['empty', 'scattered', 'oneSide', 'emptyTip', 'hole', 'broken', 'othersSwell'],
  ['grew', 'late', 'oneDay', 'unfitPollen', 'rained', 'hotOrCold'],
  {
    neverPollinated: [28, [85, 20, 5, 20, 3, 2, 10], [3, 40, 80, 0.1, 25, 25]],
    partlyPollinated: [25, [4, 80, 40, 45, 3, 2, 10], [85, 35, 75, 0.1, 30, 30]],
    notAllOpen: [20, [1, 6, 25, 92, 3, 2, 10], [90, 15, 92, 0.1, 20, 20]],
    incompatiblePollen: [1, [70, 60, 5, 30, 3, 2, 10], [10, 20, 75, 90, 20, 20]],
    tooMuchFruit: [8, [55, 20, 5, 60, 3, 2, 95], [40, 20, 75, 0.1, 20, 25]],
    heatOrCold: [10, [20, 50, 8, 70, 3, 2, 10], [50, 20, 75, 0.1, 10, 92]],
    rain: [4, [30, 60, 15, 40, 3, 2, 10], [30, 20, 75, 0.1, 95, 15]],
    pest: [6, [10, 25, 15, 30, 90, 6, 10], [60, 20, 75, 0.1, 20, 20]],
    handled: [2, [15, 10, 5, 10, 3, 95, 10], [35, 20, 75, 0.1, 20, 20]],
  },
);
