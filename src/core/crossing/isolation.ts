import { cropOf, type CropId } from '../crops/catalogue';
import { middleOf, type Place } from '../garden/places';
import type { Barrier } from '../journal/state';
import type { BarrierSort, Ground, HowSure, Purpose, VarietyTraits } from '../journal/entry';
import type { Reason } from '../reason';
import { daysBetween } from '../time/calendar';
import type { Day } from '../time/types';
import { barriersBetween, type Between } from './barriers';
import { crossesHow, crossing, RARE_TAKES, type Crossing, type CrossingTraits } from './crossing';
import { distanceWanted, type DistanceReason } from './distanceWanted';
import { foreignShare, type ForeignShare, type PollenSource, type ShareRange } from './foreignShare';
import { PlantTree } from './plantTree';
import { KERNELS, type KernelRange } from './pollenKernel';
import { waysOut, type WayOut } from './waysOut';

/** First and last day on which flowers are open; for corn from the first pollen to the last silk. */
export type FloweringSpan = readonly [Day, Day];

/** A variety of the garden. */
export interface GrownVariety extends CrossingTraits {
  readonly id: string;
  readonly style?: VarietyTraits['style'];
  readonly purpose: Purpose;
  readonly places: readonly Place[];
  readonly flowering?: FloweringSpan;
}

/** Something outside the garden that sheds pollen: a neighbour's patch, a field, feral plants. */
export interface OutsideSource extends CrossingTraits {
  readonly id: string;
  readonly middle: Place;
  /** Metres. */
  readonly radius: number;
  readonly plants: number;
  readonly sure: HowSure;
  readonly flowering?: FloweringSpan;
}

export interface IsolationQuestion {
  readonly varieties: readonly GrownVariety[];
  readonly outside: readonly OutsideSource[];
  readonly barriers: readonly Pick<Barrier, 'sort' | 'from' | 'to'>[];
  readonly ground: Ground;
}

/** A source whose pollen may come, beside what is wanted of it. */
export interface Danger {
  readonly id: string;
  readonly where: 'garden' | 'outside';
  readonly crossing: Crossing;
  /** From the nearest plant to the nearest plant or edge. */
  readonly metres: number;
  /** Distance asked for, less where a barrier stands between. */
  readonly wanted: number;
  readonly behind: readonly BarrierSort[];
  /** Days between the two flowerings; 0 when they overlap, `undefined` when one is not known. */
  readonly daysApart: number | undefined;
  readonly guarded: 'byDistance' | 'byTime' | 'no';
  /** For what lies outside: how well it is known. */
  readonly sure?: HowSure;
  /** Share of the seed that it will father if nothing is covered. */
  readonly share: ShareRange;
}

/**
 * `nothingAsked`: only eaten. `alone`: nothing that can cross. `guarded`: all that can is far enough or flowers at
 * another time. `watch`: what is near crosses rarely. `tooNear`: what crosses freely is near.
 */
export type IsolationVerdict = 'nothingAsked' | 'alone' | 'guarded' | 'watch' | 'tooNear';

export interface IsolationReport {
  readonly variety: string;
  readonly verdict: IsolationVerdict;
  /** Metres; 0 when none is asked. */
  readonly wanted: number;
  readonly reasons: readonly Reason<DistanceReason>[];
  /** The most dangerous first: unguarded before guarded, free before rare, near before far. */
  readonly dangers: readonly Danger[];
  /** Share of the seed that foreign pollen will father if the variety is left open. */
  readonly foreign: ShareRange;
  /** The cheapest that helps first; empty when nothing is wrong. */
  readonly ways: readonly WayOut[];
}

/** Where pollen can come from to a variety, by its place in the question. */
export interface SourceRef {
  readonly from: 'garden' | 'outside';
  readonly index: number;
}

export interface Candidate extends SourceRef {
  readonly crossing: Crossing;
  readonly between: Between;
  /** Share of its pollen that comes at all: past barriers, in the same days, and able to take. */
  readonly comes: number;
}

/** What has to be measured plant by plant. Metres are `undefined` where either has no plants. */
export interface Measured {
  metres(variety: number, source: SourceRef): number | undefined;
  /** @param candidates none of them without plants. */
  share(variety: number, candidates: readonly Candidate[]): ForeignShare;
}

const NOTHING: ShareRange = { share: 0, low: 0, high: 0 };

/**
 * For each variety: what can cross with it, how near that is, whether distance or time keeps it away, what share of
 * its seed would have a foreign father, and what can be done. A variety without plants has no dangers yet.
 */
export const isolationReports = (question: IsolationQuestion): IsolationReport[] =>
  judge(question, measureByTrees(question));

/** The reports, from distances and shares however they were measured. */
export function judge(question: IsolationQuestion, measured: Measured): IsolationReport[] {
  const candidates = candidatesOf(question);
  return question.varieties.map((_, i) => reportOf(question, measured, candidates[i]!, i));
}

/** Measures with a tree a variety, so that no pair of plants far apart is asked for by itself. */
function measureByTrees({ varieties, outside }: IsolationQuestion): Measured {
  const trees = varieties.map(({ places }) => new PlantTree(places));
  const known = new Map<number, number>();
  const betweenVarieties = (a: number, b: number): number => {
    const key = Math.min(a, b) * trees.length + Math.max(a, b);
    const held = known.get(key);
    if (held !== undefined) return held;
    const metres = Math.sqrt(trees[a]!.nearestPair2(trees[b]!));
    known.set(key, metres);
    return metres;
  };
  return {
    metres: (i, { from, index }) => {
      const own = trees[i]!;
      if (own.size === 0) return undefined;
      if (from === 'garden') return trees[index]!.size > 0 ? betweenVarieties(i, index) : undefined;
      const { middle, radius } = outside[index]!;
      return Math.max(0, Math.sqrt(own.nearest2(middle.x, middle.y, Infinity)) - radius);
    },
    share: (i, candidates) => {
      const sources = candidates.map(({ from, index, comes }): PollenSource =>
        from === 'garden' ? { tree: trees[index]!, comes } : { patch: outside[index]!, comes },
      );
      const { kernels, outcrossing } = travelOf(varieties[i]!);
      return foreignShare(trees[i]!, sources, kernels, outcrossing);
    },
  };
}

/** Share of the seed of a tomato whose style stands out that other plants father. Our default. */
const STYLE_OUT_CROSSES = [0.05, 0.3] as const;

/** How pollen comes to a variety, and how much of its seed it may father. */
export function travelOf({ crop, style }: Pick<GrownVariety, 'crop' | 'style'>): {
  readonly kernels: KernelRange;
  readonly outcrossing: ReturnType<typeof cropOf>['outcrossing'];
} {
  const { carrier, outcrossing } = cropOf(crop);
  return {
    kernels: KERNELS[carrier],
    outcrossing:
      style === 'out' ? { value: STYLE_OUT_CROSSES, unit: 'share', standing: 'default' } : outcrossing,
  };
}

/** All whose pollen can father seed on each variety, wherever they are. */
export function candidatesOf(question: IsolationQuestion): Candidate[][] {
  const { varieties, outside } = question;
  const middles = varieties.map(({ places }) => middleOf(places));
  const crossers = crossersOf([...varieties, ...outside]);
  return varieties.map((variety, i) => {
    const here = middles[i];
    if (!here) return [];
    const found: Candidate[] = [];
    varieties.forEach((other, index) => {
      const there = middles[index];
      if (index === i || !there || !crossers.get(variety.crop)!.has(other.crop)) return;
      found.push(candidate({ from: 'garden', index }, { variety, other, here, there }, question));
    });
    outside.forEach((other, index) => {
      if (!crossers.get(variety.crop)!.has(other.crop)) return;
      const pair = { variety, other, here, there: other.middle };
      found.push(candidate({ from: 'outside', index }, pair, question));
    });
    return found;
  });
}

/** The crops that cross with each crop, among those that are there. */
function crossersOf(all: readonly CrossingTraits[]): Map<CropId, Set<CropId>> {
  const crops = [...new Set(all.map(({ crop }) => crop))];
  return new Map(
    crops.map((crop) => [crop, new Set(crops.filter((other) => crossesHow(crop, other) !== 'no'))]),
  );
}

interface Pair {
  readonly variety: GrownVariety;
  readonly other: GrownVariety | OutsideSource;
  readonly here: Place;
  readonly there: Place;
}

function candidate(
  ref: SourceRef,
  { variety, other, here, there }: Pair,
  { barriers }: IsolationQuestion,
): Candidate {
  const found = crossing(variety, other);
  const between = barriersBetween(here, there, barriers, cropOf(variety.crop).carrier);
  const takes = found.how === 'rarely' ? RARE_TAKES : 1;
  const comes = between.passes * takes * overlap(variety.flowering, other.flowering);
  // Named one by one: to spread an object costs more than all the rest here.
  return { from: ref.from, index: ref.index, crossing: found, between, comes };
}

function reportOf(
  question: IsolationQuestion,
  measured: Measured,
  candidates: readonly Candidate[],
  i: number,
): IsolationReport {
  const variety = question.varieties[i]!;
  const { crop, purpose, style } = variety;
  const wanted = distanceWanted({ crop, purpose, ground: question.ground, ...(style && { style }) });
  const foreign = candidates.length > 0 ? measured.share(i, candidates) : { all: NOTHING, each: [] };
  const dangers = candidates
    .flatMap((candidate, c) =>
      matters(variety, candidate.crossing)
        ? dangerOf(question, i, candidate, {
            metres: measured.metres(i, candidate)!,
            wanted: wanted.metres,
            share: foreign.each[c]!,
          })
        : [],
    )
    .sort(worstFirst);
  const verdict = verdictOf(wanted.metres, dangers);
  return {
    variety: variety.id,
    verdict,
    wanted: wanted.metres,
    reasons: wanted.reasons,
    dangers,
    foreign: foreign.all,
    ways: verdict === 'tooNear' || verdict === 'watch' ? waysOut(variety, dangers, wanted.metres) : [],
  };
}

function verdictOf(wanted: number, dangers: readonly Danger[]): IsolationVerdict {
  if (wanted === 0) return 'nothingAsked';
  if (dangers.length === 0) return 'alone';
  const open = dangers.filter(({ guarded }) => guarded === 'no');
  if (open.length === 0) return 'guarded';
  return open.some((danger) => danger.crossing.how === 'freely') ? 'tooNear' : 'watch';
}

function dangerOf(
  { varieties, outside }: IsolationQuestion,
  i: number,
  candidate: Candidate,
  { metres, wanted, share }: Pick<Danger, 'metres' | 'wanted' | 'share'>,
): Danger {
  const variety = varieties[i]!;
  const inGarden = candidate.from === 'garden';
  const other = inGarden ? varieties[candidate.index]! : outside[candidate.index]!;
  const { asks, sorts } = candidate.between;
  const daysApart = apart(variety.flowering, other.flowering);
  const inTime = daysApart !== undefined && daysApart >= daysWanted(variety);
  return {
    id: other.id,
    where: candidate.from,
    crossing: candidate.crossing,
    metres,
    wanted: asks * wanted,
    behind: sorts,
    daysApart,
    guarded: metres >= asks * wanted ? 'byDistance' : inTime ? 'byTime' : 'no',
    ...(!inGarden && { sure: outside[candidate.index]!.sure }),
    share,
  };
}

/** Corn that is only eaten minds nothing but what changes its kernels. */
const matters = ({ purpose }: GrownVariety, { thisYear }: Crossing): boolean =>
  purpose !== 'eat' || thisYear === 'spoils' || thisYear === 'unknown';

const daysWanted = ({ crop }: GrownVariety): number => cropOf(crop).timeApart?.value[0] ?? 1;

/** Days from the end of the one flowering to the beginning of the other; 0 when they overlap. */
function apart(a: FloweringSpan | undefined, b: FloweringSpan | undefined): number | undefined {
  if (!a || !b) return undefined;
  return Math.max(0, daysBetween(a[1], b[0]), daysBetween(b[1], a[0]));
}

/** Share of the days of the one flowering on which the other flowers too; 1 where one is not known. */
export function overlap(own: FloweringSpan | undefined, other: FloweringSpan | undefined): number {
  if (!own || !other) return 1;
  const from = own[0] > other[0] ? own[0] : other[0];
  const to = own[1] < other[1] ? own[1] : other[1];
  return Math.max(0, daysBetween(from, to) + 1) / (daysBetween(own[0], own[1]) + 1);
}

const worstFirst = (a: Danger, b: Danger): number =>
  Number(a.guarded !== 'no') - Number(b.guarded !== 'no') ||
  Number(a.crossing.how === 'rarely') - Number(b.crossing.how === 'rarely') ||
  a.metres - b.metres ||
  (a.id < b.id ? -1 : 1);
