import { ripeningOf } from '../fruit/ripening';
import { STEP_MS } from '../opening/worth';
import { MS_PER_MINUTE } from '../time/calendar';
import type { SimulatedPlanting, WayOfSeason } from './simulatedGarden';
import type { Stage, StagedDay, StagedPlanting } from './stage';
import {
  chanceKept,
  countOf,
  drawPlant,
  drawVariety,
  dropDay,
  flowersFactor,
  keptFrom,
  leftByLoad,
  type Nature,
} from './truth';

/** What came of one planting in one season. */
export interface PlantingOutcome {
  /** Fruit picked by the end of each day, what was picked before the first one included. */
  readonly picked: Uint16Array;
  /** Of them those whose flowers were covered and pollinated by hand. */
  readonly covered: Uint16Array;
  /** Bearing flowers that opened, that were pollinated, for which there was no time, and for which there was no male. */
  readonly opened: number;
  readonly pollinated: number;
  readonly late: number;
  readonly withoutMale: number;
}

/** A flower as it was in truth, for who looks at what is estimated. */
export interface FlowerInTruth {
  /** Places in the garden's list of plantings, and in the planting. */
  readonly planting: number;
  readonly plant: number;
  readonly day: number;
  /** From the first opening of its outing, minutes. */
  readonly minute: number;
  readonly fewMales: boolean;
  /** Fruit that grows on its plant. */
  readonly load: number;
  /** The chance that it is kept. */
  readonly chance: number;
  /** Days after its pollination on which it drops; missing where it is kept. */
  readonly drops?: number;
}

interface Hanging {
  readonly plant: number;
  readonly since: number;
  /** How far the planting's ripening has to be for it to be ripe. */
  readonly ripe: number;
  /** Day on which it drops; Infinity where it is kept. */
  readonly drops: number;
  readonly covered: boolean;
}

/** A bearing flower of a day. */
export interface OpenFlower {
  readonly of: PlayedPlanting;
  readonly plant: number;
  /** Chance decides who comes first. */
  readonly turn: number;
  /** Its chances, even from 0 to 1: to be kept, of the day on which it drops, and with insects alone. */
  readonly kept: number;
  readonly drops: number;
  readonly insects: number;
}

const DIGITS = 1000;
/** However well it goes, some drop. */
const ALL_KEPT = 0.99;
/** A younger fruit takes nothing from a flower yet, days. */
const TAKES_FROM_DAYS = 3;
/** From one point of what an hour is worth to the next. */
export const MINUTES_A_POINT = STEP_MS / MS_PER_MINUTE;

/** One planting in one season, day by day. */
export class PlayedPlanting {
  readonly staged: StagedPlanting;
  readonly #plants: number;
  readonly #isCovered: boolean;
  readonly #nature: Nature;
  readonly #season: number;
  /** The share that is kept of flowers as they are usually worked, and of those of which all is well. */
  readonly #kept: number;
  readonly #keptAtBest: number;
  readonly #insects: number;
  readonly #startsIn: number;
  readonly #bearsAfter: number;
  /** Flowers that a usual plant opens on a mild day. */
  readonly #females: number;
  readonly #males: number;
  /** What each plant's flowers are of that, and its luck in set, log odds. */
  readonly #lush: Float64Array;
  readonly #luck: Float64Array;
  readonly #load: Uint16Array;
  /** Chances of four days' flowers, plant by plant, and of which four. */
  readonly #opening: Float64Array;
  readonly #drawnFor: Int16Array;
  readonly #picked: Uint16Array;
  readonly #covered: Uint16Array;
  #hanging: Hanging[];
  #mildDays = 0;
  #ripened = 0;
  #began: number | undefined;
  #ended = false;
  #weather: StagedDay = { mildDays: 0, isHot: false };
  #opened = 0;
  #pollinated = 0;
  #late = 0;
  #withoutMale = 0;

  constructor(staged: StagedPlanting, stage: Stage, nature: Nature, season: number, way: WayOfSeason) {
    const { planting, at, of } = staged;
    this.staged = staged;
    this.#nature = nature;
    this.#season = season;
    this.#plants = plantsOf(stage, staged, way);
    this.#isCovered = planting.covered && way.covers;
    // Plantings of one variety set as well as each other, and each comes into flower at its own time.
    const variety = drawVariety(nature, season, of);
    const own = drawVariety(nature, season, stage.varieties.length + at);
    this.#kept = quantile(planting.kept, variety.kept);
    this.#keptAtBest = Math.min(ALL_KEPT, this.#kept / staged.usual);
    this.#insects = quantile(planting.insects, variety.insects);
    this.#startsIn = planting.startsIn * own.pace;
    const [soon, late] = planting.bearsAfter;
    this.#bearsAfter = Math.round(soon + (late - soon) * own.wait);
    this.#females = planting.females.mean * flowersFactor(variety.flowers, planting.females.of);
    this.#males = planting.males.mean * flowersFactor(variety.flowers, planting.males.of);
    this.#lush = new Float64Array(this.#plants);
    this.#luck = new Float64Array(this.#plants);
    for (let plant = 0; plant < this.#plants; plant += 1)
      [this.#luck[plant], this.#lush[plant]] = drawPlant(nature, season, at, plant) as [number, number];
    this.#load = new Uint16Array(this.#plants);
    this.#opening = new Float64Array(4 * this.#plants);
    this.#drawnFor = new Int16Array(this.#plants).fill(-1);
    this.#picked = new Uint16Array(stage.days).fill(planting.picked);
    this.#covered = new Uint16Array(stage.days).fill(planting.pickedCovered);
    this.#hanging = this.#alreadyHanging();
  }

  /** What hangs when the season begins to be played; what was seen growing late has little left to fear. */
  #alreadyHanging(): Hanging[] {
    const { planting, at } = this.staged;
    const { hanging: chance } = this.#nature;
    return planting.hanging.flatMap(({ plant, age, ripened, grew, covered }, i): Hanging[] => {
      if (plant >= this.#plants) return [];
      chance.at(this.#season, at, i, 0);
      const [isKept, drops] = chance.drawn as unknown as readonly [number, number];
      const stays = isKept < keptFrom(this.#kept, grew, planting.dropsBy);
      const after = Math.max(dropDay(drops, planting.dropsBy), grew + 1);
      return [
        {
          ...{ plant, since: -age, covered: covered && this.#isCovered },
          ripe: planting.ripensIn[0] - ripened,
          drops: stays ? Infinity : Math.max(0, after - age),
        },
      ];
    });
  }

  /** A day passes: fruit drops, ripens or takes its share; the flowers come nearer. */
  passDay(day: number, warmer: number): void {
    this.#weather = this.staged.weather(day, warmer);
    this.#ripened += ripeningOf(this.staged.planting.ripensIn, this.#weather.mildDays);
    this.#load.fill(0);
    if (day > 0) {
      this.#picked[day] = this.#picked[day - 1]!;
      this.#covered[day] = this.#covered[day - 1]!;
    }
    let picked = 0;
    let covered = 0;
    this.#hanging = this.#hanging.filter((fruit) => {
      if (fruit.drops <= day) return false;
      // What is not kept fails before it is worth picking, however soon that would be.
      if (fruit.ripe <= this.#ripened && fruit.drops === Infinity) {
        picked += 1;
        covered += Number(fruit.covered);
        return false;
      }
      if (day - fruit.since >= TAKES_FROM_DAYS) this.#load[fruit.plant]! += 1;
      return true;
    });
    this.#pick(day, picked, covered);
    this.#mildDays += this.#weather.mildDays;
    if (this.#mildDays >= this.#startsIn) this.#began ??= day;
  }

  /** The frost, or the end of the season: what is not ripe is lost. */
  end(): void {
    this.#hanging = [];
    this.#ended = true;
  }

  #pick(day: number, picked: number, covered: number): void {
    this.#picked[day]! += picked;
    this.#covered[day]! += covered;
  }

  /** Does it stand in the open, grown up far enough to flower? Before that, frost is not waited for. */
  get canFreeze(): boolean {
    return this.#began !== undefined && !this.staged.planting.glass;
  }

  /** Will nothing more come of it? */
  isOver(day: number): boolean {
    return (
      this.#ended ||
      (this.#hanging.length === 0 && this.#daysInFlower(day) >= this.staged.planting.flowersFor)
    );
  }

  #daysInFlower(day: number): number {
    return this.#began === undefined ? -1 : day - this.#began;
  }

  #isInFlower(day: number, from = 0): boolean {
    const days = this.#daysInFlower(day);
    return !this.#ended && from <= days && days < this.staged.planting.flowersFor;
  }

  /** Its bearing flowers of a day. */
  open(day: number): OpenFlower[] {
    if (!this.#isInFlower(day, this.#bearsAfter) || (day === 0 && this.staged.planting.doneToday)) return [];
    const { opening, flower } = this.#nature;
    const { at } = this.staged;
    const flowers: OpenFlower[] = [];
    for (let plant = 0; plant < this.#plants; plant += 1) {
      // One draw has the chances of four days.
      if (this.#drawnFor[plant] !== day >> 2) {
        opening.at(this.#season, at, plant, day >> 2);
        this.#opening.set(opening.drawn, 4 * plant);
        this.#drawnFor[plant] = day >> 2;
      }
      const mean = this.#females * this.#lush[plant]! * this.#weather.mildDays;
      const count = countOf(mean, this.#opening[4 * plant + (day & 3)]!);
      for (let nth = 0; nth < count; nth += 1) {
        flower.at(this.#season, at + nth * 65_536, plant, day);
        flowers.push({
          of: this,
          plant,
          // What is left of a number beyond its first digits has nothing to do with them.
          turn: (flower.drawn[3]! * DIGITS) % 1,
          kept: flower.drawn[0]!,
          drops: flower.drawn[1]!,
          insects: flower.drawn[3]!,
        });
      }
    }
    this.#opened += flowers.length;
    return flowers;
  }

  /** Males of a day. */
  males(day: number): number {
    if (!this.#isInFlower(day)) return 0;
    const { males } = this.#nature;
    males.at(this.#season, this.staged.at, day, 0);
    return countOf(this.#males * this.#plants * this.#weather.mildDays, males.drawn[0]!);
  }

  /**
   * A female is pollinated by hand.
   *
   * @param minute from the first opening of its outing.
   */
  pollinate(flower: OpenFlower, { day, minute, fewMales }: Pollinated, watch?: Watch): void {
    const { planting, at } = this.staged;
    const { plant } = flower;
    const load = this.#load[plant]!;
    const byHand = chanceKept(this.#keptAtBest, {
      luck: this.#luck[plant]!,
      hour: worthAt(planting, minute),
      heat: this.#weather.isHot,
      fewMales,
      load: leftByLoad(load, planting.most),
    });
    // Insects come too where they can.
    const chance = this.#isCovered ? byHand : Math.max(byHand, this.#byInsects(plant));
    this.#pollinated += 1;
    const drops = this.#follow(flower, day, flower.kept < chance, this.#isCovered);
    watch?.({
      ...{ planting: at, plant, day, minute, fewMales, load, chance },
      ...(drops !== undefined && { drops }),
    });
  }

  /** A female that nobody came to: insects may, unless it is covered. */
  leave(flower: OpenFlower, day: number, why: 'late' | 'withoutMale'): void {
    if (why === 'late') this.#late += 1;
    else this.#withoutMale += 1;
    if (!this.#isCovered) this.#follow(flower, day, flower.insects < this.#byInsects(flower.plant), false);
  }

  #byInsects(plant: number): number {
    return chanceKept(this.#insects, {
      luck: this.#luck[plant]!,
      hour: 1,
      heat: this.#weather.isHot,
      fewMales: false,
      load: leftByLoad(this.#load[plant]!, this.staged.planting.most),
    });
  }

  /** @returns the days after which it drops, where it does. */
  #follow({ plant, drops }: OpenFlower, day: number, isKept: boolean, covered: boolean): number | undefined {
    const { dropsBy, ripensIn } = this.staged.planting;
    const after = isKept ? undefined : dropDay(drops, dropsBy);
    this.#hanging.push({
      plant,
      since: day,
      covered,
      ripe: this.#ripened + ripensIn[0],
      drops: after === undefined ? Infinity : day + after,
    });
    return after;
  }

  /** @param days that were lived. */
  outcome(days: number): PlantingOutcome {
    if (days > 0) {
      this.#picked.fill(this.#picked[days - 1]!, days);
      this.#covered.fill(this.#covered[days - 1]!, days);
    }
    return {
      ...{ picked: this.#picked, covered: this.#covered, opened: this.#opened },
      ...{ pollinated: this.#pollinated, late: this.#late, withoutMale: this.#withoutMale },
    };
  }
}

export interface Pollinated {
  readonly day: number;
  readonly minute: number;
  readonly fewMales: boolean;
}

export type Watch = (flower: FlowerInTruth) => void;

/**
 * What a female is worth at a minute of its outing, against the best: nothing once it has shut.
 *
 * @example worthAt({ worth: [1, 0.9] }, 12) // 0.9
 */
export const worthAt = ({ worth }: Pick<SimulatedPlanting, 'worth'>, minute: number): number =>
  worth[Math.floor(minute / MINUTES_A_POINT)] ?? 0;

/** The value of a belief at a share of it. */
const quantile = (of: readonly number[], share: number): number => of[Math.floor(share * of.length)]!;

/** Where a variety has another number of plants, its plantings share that as they share those that stand. */
function plantsOf(
  { plantings }: Stage,
  { planting, at, of }: StagedPlanting,
  { plants }: WayOfSeason,
): number {
  if (plants?.variety !== planting.variety) return planting.plants;
  const own = plantings.filter((each) => each.of === of);
  const standing = own.reduce((sum, each) => sum + each.planting.plants, 0);
  const until = (count: number): number => Math.round((count / Math.max(1, standing)) * plants.count);
  const before = own.filter((each) => each.at < at).reduce((sum, each) => sum + each.planting.plants, 0);
  return until(before + planting.plants) - until(before);
}
