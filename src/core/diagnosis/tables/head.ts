import { failureTable } from './failureTable';

/**
 * Why a head has empty hulls: a ring of them is a morning that was missed, since florets open ring by ring; pollen of
 * its own plant fails in many lines; the middle opens last and dries up first.
 */
export const HEAD_FAILURES = failureTable(
  ['empty', 'scattered', 'emptyRing', 'emptyMiddle', 'petalRot', 'hole', 'broken'],
  ['grew', 'oneDay', 'ownPlant', 'unfitPollen', 'rained', 'hotOrCold'],
  {
    neverPollinated: [18, [88, 15, 3, 40, 3, 3, 1], [3, 60, 15, 0.1, 25, 20]],
    partlyPollinated: [22, [5, 85, 15, 35, 3, 3, 1], [85, 40, 15, 0.1, 30, 25]],
    notAllOpen: [25, [2, 10, 90, 40, 3, 3, 1], [90, 80, 15, 0.1, 25, 20]],
    incompatiblePollen: [8, [60, 70, 5, 30, 3, 3, 1], [15, 40, 90, 30, 20, 20]],
    heatOrCold: [10, [6, 30, 5, 90, 3, 3, 1], [60, 40, 15, 0.1, 10, 92]],
    wetRot: [6, [10, 20, 5, 15, 92, 5, 2], [50, 40, 15, 0.1, 65, 15]],
    pest: [9, [5, 20, 5, 8, 5, 92, 5], [60, 40, 15, 0.1, 20, 20]],
    handled: [2, [10, 10, 3, 10, 3, 3, 95], [35, 40, 15, 0.1, 20, 20]],
  },
);
