import { failureTable } from './failureTable';

/**
 * Why a strawberry stays small, or grows crooked: each of its pips swells the flesh round it, if it got pollen, and they
 * are ready in turn over two or three days. Frost in the flower leaves a black centre.
 */
export const BERRY_FAILURES = failureTable(
  ['wholeYellow', 'tapered', 'blackCentre', 'petalRot', 'hole', 'broken'],
  ['grew', 'oneDay', 'rained', 'hotOrCold'],
  {
    neverPollinated: [12, [92, 15, 3, 4, 3, 1], [3, 60, 25, 20]],
    partlyPollinated: [30, [10, 88, 1, 4, 4, 1], [85, 55, 30, 20]],
    notAllOpen: [22, [6, 85, 1, 4, 3, 1], [85, 92, 25, 20]],
    heatOrCold: [12, [45, 20, 85, 4, 3, 1], [15, 55, 15, 90]],
    wetRot: [12, [15, 8, 5, 93, 5, 1], [60, 55, 60, 15]],
    pest: [10, [8, 45, 1, 5, 85, 3], [70, 55, 20, 20]],
    handled: [2, [20, 5, 1, 4, 3, 95], [40, 55, 20, 20]],
  },
);
