import { liveSeason } from './liveSeason';
import { worthAt } from './playedPlanting';
import { AS_PLANNED } from './simulatedGarden';
import type { Stage } from './stage';
import { LEFT_BY_FEW_MALES, type Nature } from './truth';

/** Seasons by which it is told what flowers usually meet; far from those that are played. Our default. */
const SEASONS = 10;
const FIRST_SEASON = 1_000_000;

/**
 * The same garden, of which it is known what its flowers meet when it is worked as planned. What is believed to be kept
 * is the share of flowers as they are usually worked, some hours after they opened and some with too few males, and not
 * of flowers of which all is well: these are kept oftener, by so much. How full their plants were nobody knows: the
 * share is taken to be that of plants with room.
 *
 * @example asWorked(stageOf(garden), natureOf(1)).plantings[0].usual // 0.93
 */
export function asWorked(stage: Stage, nature: Nature): Stage {
  const sums = stage.plantings.map(() => ({ flowers: 0, left: 0 }));
  for (let i = 0; i < SEASONS; i += 1) {
    liveSeason(stage, nature, {
      way: AS_PLANNED,
      season: FIRST_SEASON + i,
      watch: ({ planting, minute, fewMales }) => {
        const sum = sums[planting]!;
        sum.flowers += 1;
        sum.left += worthAt(stage.plantings[planting]!.planting, minute) * (fewMales ? LEFT_BY_FEW_MALES : 1);
      },
    });
  }
  const plantings = stage.plantings.map((each, at) => {
    const { flowers, left } = sums[at]!;
    return left > 0 ? { ...each, usual: left / flowers } : each;
  });
  return { ...stage, plantings, outings: stage.outings.map((own) => own.map(({ at }) => plantings[at]!)) };
}
