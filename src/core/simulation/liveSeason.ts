import { MINUTES_A_POINT, PlayedPlanting, type PlantingOutcome, type Watch } from './playedPlanting';
import type { WayOfSeason } from './simulatedGarden';
import type { Stage } from './stage';
import { drawFrost, drawNight, drawWarmth, type Nature } from './truth';

export interface SeasonToLive {
  readonly way: WayOfSeason;
  /** Which one: the same has the same weather and flowers, however it is worked. */
  readonly season: number;
  /** Told of every flower that is pollinated. */
  readonly watch?: Watch;
}

/**
 * One season of a garden, lived day by day: weather, flowers, rounds, what sets, drops and ripens, until the frost or
 * the end of the season.
 *
 * @returns what came of each planting, in their order.
 */
export function liveSeason(
  stage: Stage,
  nature: Nature,
  { way, season, watch }: SeasonToLive,
): PlantingOutcome[] {
  const plantings = stage.plantings.map((staged) => new PlayedPlanting(staged, stage, nature, season, way));
  const outings = stage.outings.map((own) => own.map(({ at }) => plantings[at]!));
  const warmth = new Float64Array(stage.days);
  drawWarmth(nature, season, warmth);
  const isFrost = frostOf(stage, nature, season, warmth);
  let day = 0;
  for (; day < stage.days; day += 1) {
    const isLast = day === stage.days - 1;
    const frost = isFrost(day);
    for (const each of plantings) {
      each.passDay(day, warmth[day]!);
      if (isLast || (frost && each.canFreeze)) each.end();
    }
    if (plantings.every((each) => each.isOver(day))) {
      day += 1;
      break;
    }
    for (const own of outings) goRound(own, day, way, watch);
  }
  return plantings.map((each) => each.outcome(day));
}

/** Is there frost on a day, or was there: by the early one that the grower told, else by the climate, night by night. */
function frostOf(
  { garden, lowest }: Stage,
  nature: Nature,
  season: number,
  warmth: Float64Array,
): (day: number) => boolean {
  if (garden.earlyFrost === undefined)
    return (day) => lowest[day]! + warmth[day]! + drawNight(nature, season, day) <= 0;
  const first = garden.earlyFrost + drawFrost(nature, season);
  return (day) => day >= first;
}

const DAYS_A_WEEK = 7;

/** Rounds are spread evenly over the week. */
const isRoundDay = (day: number, { days }: WayOfSeason): boolean =>
  Math.floor(((day + 1) * days) / DAYS_A_WEEK) > Math.floor((day * days) / DAYS_A_WEEK);

/** Everything that is open on a day is gone to, as long as there is time and pollen. */
function goRound(
  plantings: readonly PlayedPlanting[],
  day: number,
  way: WayOfSeason,
  watch: Watch | undefined,
): void {
  const open = plantings.flatMap((each) => each.open(day)).sort((a, b) => a.turn - b.turn);
  if (open.length === 0) return;
  if (!isRoundDay(day, way)) {
    for (const flower of open) flower.of.leave(flower, day, 'late');
    return;
  }
  const pollen = portionsOf(plantings, day);
  const begins = way.hoursLate * 60;
  let worked = 0;
  for (const flower of open) {
    const { planting, of } = flower.of.staged;
    const portions = pollen.get(of)!;
    const minute = begins + worked / way.people;
    const ends = minute + planting.takes;
    const isLate =
      (way.minutes !== undefined && ends > begins + way.minutes) ||
      ends > planting.worth.length * MINUTES_A_POINT;
    if (isLate) flower.of.leave(flower, day, 'late');
    else if (portions.left <= 0) flower.of.leave(flower, day, 'withoutMale');
    else {
      const uses = Math.min(planting.malesWanted, portions.males, portions.left);
      portions.left -= uses;
      worked += planting.takes;
      flower.of.pollinate(flower, { day, minute, fewMales: uses < planting.malesWanted }, watch);
    }
  }
}

interface Portions {
  /** Flowers of which each serves several females. */
  readonly males: number;
  left: number;
}

/** The pollen of a day, variety by variety. */
function portionsOf(plantings: readonly PlayedPlanting[], day: number): Map<number, Portions> {
  const pollen = new Map<number, Portions>();
  for (const each of plantings) {
    const { of, planting } = each.staged;
    const here = each.males(day);
    const { males, left } = pollen.get(of) ?? { males: 0, left: 0 };
    pollen.set(of, { males: males + here, left: left + here * planting.serves });
  }
  return pollen;
}
