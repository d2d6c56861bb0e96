import { Z95 } from '../statistics/normal';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import { asWorked } from './asWorked';
import { liveSeason } from './liveSeason';
import type { SimulatedGarden, WayOfSeason } from './simulatedGarden';
import { stageOf, type Stage } from './stage';
import { natureOf } from './truth';

export interface SeasonsToPlay {
  readonly garden: SimulatedGarden;
  /** The way that is asked of first, and what it is compared with. */
  readonly ways: readonly [WayOfSeason] | readonly [WayOfSeason, WayOfSeason];
  /** 1 or more. */
  readonly seasons: number;
}

/** Of ten seasons one has less than the first and one more than the last; the two inner ones hold half of them. */
const FAN_QUANTILES = [0.1, 0.25, 0.5, 0.75, 0.9] as const;
export type Fan = readonly [number, number, number, number, number];

/** What one variety may bring, worked one way. */
export interface PlayedVariety {
  readonly variety: string;
  /** Fruit picked by the end of each of `days`. */
  readonly fan: readonly Fan[];
  /** In all: of each season, the fewest first. */
  readonly totals: Uint16Array;
  /** Of seed, how much of it comes from covered flowers: a share of all, 0 to 1; missing where none is wanted. */
  readonly covered?: number;
  /** On average of a season: bearing flowers that open, get pollen, get none for want of time, and for want of a male. */
  readonly opened: number;
  readonly pollinated: number;
  readonly late: number;
  readonly withoutMale: number;
}

/** What the second way brings more than the first, in the same seasons. */
export interface WayDifference {
  readonly variety: string;
  /** Of all seasons, and where its mean lies with 95 % by chance of which were played. */
  readonly mean: number;
  readonly low: number;
  readonly high: number;
  /** Share of seasons in which it brings more, and less. */
  readonly more: number;
  readonly less: number;
}

export interface PlayedSeasons {
  readonly days: readonly Day[];
  readonly seasons: number;
  readonly ways: readonly (readonly PlayedVariety[])[];
  /** Missing where one way alone was asked of. */
  readonly differences?: readonly WayDifference[];
}

/** One set of seasons for all questions, so that the answer to one does not change with another. */
const SEED = 20_261;
const TOLD_EVERY = 10;

/** Seasons that are played where nobody asks for more, and where somebody does. Our defaults. */
export const USUAL_SEASONS = 500;
export const MANY_SEASONS = 2000;
/** So many plants, season after season, take a phone a minute; a hundred seasons are played in any case. Our defaults. */
const MOST_PLANT_SEASONS = 400_000;
const FEWEST_SEASONS = 100;

/**
 * As many seasons as are wanted, or as a garden of this size leaves time for.
 *
 * @example seasonsFor({ ...garden, plantings: [{ ...squash, plants: 2000 }] }, 500) // 200
 */
export function seasonsFor({ plantings }: Pick<SimulatedGarden, 'plantings'>, wanted: number): number {
  const plants = plantings.reduce((sum, planting) => sum + planting.plants, 0);
  return Math.max(FEWEST_SEASONS, Math.min(wanted, Math.floor(MOST_PLANT_SEASONS / Math.max(1, plants))));
}

/**
 * Plays a garden's season many times, each with its own weather and luck, in one way of working or in two: these in the
 * very same seasons.
 *
 * @param onProgress told what share of it is done, from 0 to 1.
 * @example playSeasons({ garden: { ...garden, plantings: [] }, ways: [AS_PLANNED], seasons: 10 }).ways[0] // []
 */
export function playSeasons(
  { garden, ways, seasons }: SeasonsToPlay,
  onProgress?: (share: number) => void,
): PlayedSeasons {
  const nature = natureOf(SEED);
  const stage = asWorked(stageOf(garden), nature);
  const played = ways.map(() => stage.varieties.map(() => new Ledger(seasons, stage.days)));
  for (let season = 0; season < seasons; season += 1) {
    for (const [i, way] of ways.entries()) {
      const outcome = liveSeason(stage, nature, { way, season });
      for (const [at, each] of outcome.entries()) {
        const { of, planting } = stage.plantings[at]!;
        played[i]![of]!.add(season, each, planting.forSeed);
      }
    }
    if (season % TOLD_EVERY === 0) onProgress?.(season / seasons);
  }
  const lastDay = Math.max(1, ...played.flat().map((ledger) => ledger.lastDay));
  const shown = Math.min(stage.days, lastDay + 1);
  return {
    days: Array.from({ length: shown }, (_, day) => addDays(garden.from, day)),
    seasons,
    ways: played.map((varieties) => varieties.map((ledger, of) => ledger.close(stage.varieties[of]!, shown))),
    ...(played.length > 1 && { differences: differencesOf(stage, played[0]!, played[1]!) }),
  };
}

/** What one variety brought, season by season. */
class Ledger {
  readonly #seasons: number;
  readonly #days: number;
  readonly #picked: Uint16Array;
  #forSeed = false;
  #covered = 0;
  readonly #sums = { opened: 0, pollinated: 0, late: 0, withoutMale: 0 };

  constructor(seasons: number, days: number) {
    this.#seasons = seasons;
    this.#days = days;
    this.#picked = new Uint16Array(seasons * days);
  }

  add(season: number, outcome: ReturnType<typeof liveSeason>[number], forSeed: boolean): void {
    const own = this.#picked.subarray(season * this.#days, (season + 1) * this.#days);
    outcome.picked.forEach((count, day) => {
      own[day]! += count;
    });
    this.#forSeed ||= forSeed;
    this.#covered += outcome.covered.at(-1)!;
    for (const sum of ['opened', 'pollinated', 'late', 'withoutMale'] as const)
      this.#sums[sum] += outcome[sum];
  }

  total(season: number): number {
    return this.#picked[(season + 1) * this.#days - 1]!;
  }

  get totals(): Uint16Array {
    return Uint16Array.from({ length: this.#seasons }, (_, season) => this.total(season)).sort();
  }

  /** After it no season brings any more. */
  get lastDay(): number {
    return Array.from({ length: this.#seasons }, (_, season) =>
      this.#picked.subarray(season * this.#days, (season + 1) * this.#days).indexOf(this.total(season)),
    ).reduce((last, day) => Math.max(last, day), 0);
  }

  close(variety: string, days: number): PlayedVariety {
    const { totals } = this;
    const all = totals.reduce((sum, total) => sum + total, 0);
    const onDay = new Uint16Array(this.#seasons);
    const fan = Array.from({ length: days }, (_, day): Fan => {
      for (let season = 0; season < this.#seasons; season += 1)
        onDay[season] = this.#picked[season * this.#days + day]!;
      onDay.sort();
      return FAN_QUANTILES.map((share) => quantileOf(onDay, share)) as unknown as Fan;
    });
    const mean = (sum: number): number => sum / this.#seasons;
    return {
      ...{ variety, fan, totals },
      ...(this.#forSeed && { covered: all === 0 ? 0 : this.#covered / all }),
      opened: mean(this.#sums.opened),
      pollinated: mean(this.#sums.pollinated),
      late: mean(this.#sums.late),
      withoutMale: mean(this.#sums.withoutMale),
    };
  }
}

/**
 * Of some numbers in order, the one below which a share of them lies; of few, one of them.
 *
 * @example quantileOf(Uint16Array.of(1, 2, 3, 4, 5), 0.5) // 3
 */
const quantileOf = (sorted: Uint16Array, share: number): number =>
  sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!;

/**
 * The chance of at least so many fruits.
 *
 * @param totals the fewest first.
 * @example chanceOf(Uint16Array.of(1, 2, 3, 4), 3) // 0.5
 */
export const chanceOf = (totals: Uint16Array, wanted: number): number =>
  totals.filter((total) => total >= wanted).length / totals.length;

function differencesOf(
  { varieties }: Stage,
  first: readonly Ledger[],
  second: readonly Ledger[],
): WayDifference[] {
  return varieties.map((variety, of) => {
    const [one, other] = [first[of]!, second[of]!];
    const each = Array.from(one.totals, (_, season) => other.total(season) - one.total(season));
    const mean = each.reduce((sum, more) => sum + more, 0) / each.length;
    const variance = each.reduce((sum, more) => sum + (more - mean) ** 2, 0) / Math.max(1, each.length - 1);
    const off = Z95 * Math.sqrt(variance / each.length);
    const share = (keep: (more: number) => boolean): number => each.filter(keep).length / each.length;
    return {
      ...{ variety, mean, low: mean - off, high: mean + off },
      more: share((more) => more > 0),
      less: share((more) => more < 0),
    };
  });
}
