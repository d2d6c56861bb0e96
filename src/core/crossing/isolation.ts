import type { Purpose } from '../journal/entry';
import { metresBetween, type Place } from '../garden/places';
import type { Reason } from '../reason';
import { daysBetween } from '../time/calendar';
import type { Day } from '../time/types';
import { crossing, type Crossing, type CrossingTraits } from './crossing';
import { distanceWanted, type DistanceReason, type Ground, type Style } from './distanceWanted';
import { SPECIES } from './species';
import { waysOut, type WayOut } from './waysOut';

/** First and last day on which flowers are open, or pollen is shed. */
export type FloweringSpan = readonly [Day, Day];

/** A variety of the garden. */
export interface GrownVariety {
  readonly id: string;
  readonly traits: CrossingTraits;
  readonly style?: Style;
  readonly purpose: Purpose;
  readonly places: readonly Place[];
  readonly flowering?: FloweringSpan;
}

/** Something outside the garden that sheds pollen: a neighbour's patch, a field, feral plants. */
export interface OutsideSource {
  readonly id: string;
  readonly traits: CrossingTraits;
  readonly middle: Place;
  /** Metres. */
  readonly radius: number;
  readonly flowering?: FloweringSpan;
}

export interface IsolationQuestion {
  readonly varieties: readonly GrownVariety[];
  readonly outside: readonly OutsideSource[];
  readonly ground: Ground;
}

/** A source whose pollen may come, beside what is wanted of it. */
export interface Danger {
  readonly id: string;
  readonly where: 'garden' | 'outside';
  readonly crossing: Crossing;
  /** From the nearest plant to the nearest plant or edge. */
  readonly metres: number;
  /** Days between the two flowerings; 0 when they overlap, `undefined` when one is not known. */
  readonly daysApart: number | undefined;
  readonly guarded: 'byDistance' | 'byTime' | 'no';
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
  /** The cheapest that helps first; empty when nothing is wrong. */
  readonly ways: readonly WayOut[];
}

/** Days that corn wants between the last shed of one and the first silk of the other, for uniform varieties. */
const CORN_DAYS_APART = 14;

/**
 * For each variety: what can cross with it, how near that is, whether distance or time keeps it away, and what can
 * be done. A variety without plants has no dangers yet.
 *
 * Compares all pairs of plants.
 */
export function isolationReports(question: IsolationQuestion): IsolationReport[] {
  return question.varieties.map((variety) => reportOf(variety, question));
}

function reportOf(variety: GrownVariety, { varieties, outside, ground }: IsolationQuestion): IsolationReport {
  const { traits, purpose, style } = variety;
  const wanted = distanceWanted({ species: traits.species, purpose, ground, ...(style && { style }) });
  const dangers = [
    ...varieties
      .filter((other) => other !== variety)
      .flatMap((other) => fromGarden(variety, other, wanted.metres)),
    ...outside.flatMap((source) => fromOutside(variety, source, wanted.metres)),
  ].sort(worstFirst);
  const verdict = verdictOf(wanted.metres, dangers);
  return {
    variety: variety.id,
    verdict,
    wanted: wanted.metres,
    reasons: wanted.reasons,
    dangers,
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

function fromGarden(variety: GrownVariety, other: GrownVariety, wanted: number): Danger[] {
  const metres = nearestPair(variety.places, other.places);
  return dangerOf(variety, {
    id: other.id,
    where: 'garden',
    traits: other.traits,
    metres,
    wanted,
    flowering: other.flowering,
  });
}

function fromOutside(variety: GrownVariety, source: OutsideSource, wanted: number): Danger[] {
  const toMiddle = nearestPair(variety.places, [source.middle]);
  const metres = toMiddle === undefined ? undefined : Math.max(0, toMiddle - source.radius);
  return dangerOf(variety, {
    id: source.id,
    where: 'outside',
    traits: source.traits,
    metres,
    wanted,
    flowering: source.flowering,
  });
}

interface Near extends Pick<Danger, 'id' | 'where'> {
  readonly traits: CrossingTraits;
  readonly metres: number | undefined;
  readonly wanted: number;
  readonly flowering: FloweringSpan | undefined;
}

function dangerOf(variety: GrownVariety, { id, where, traits, metres, wanted, flowering }: Near): Danger[] {
  const found = crossing(variety.traits, traits);
  if (metres === undefined || found.how === 'no' || !matters(variety, found)) return [];
  const daysApart = apart(variety.flowering, flowering);
  const inTime = daysApart !== undefined && daysApart >= daysWanted(variety);
  const guarded = metres >= wanted ? 'byDistance' : inTime ? 'byTime' : 'no';
  return [{ id, where, crossing: found, metres, daysApart, guarded }];
}

/** Corn that is only eaten minds nothing but what changes its kernels. */
const matters = ({ purpose }: GrownVariety, { thisYear }: Crossing): boolean =>
  purpose !== 'eat' || thisYear === 'spoils' || thisYear === 'unknown';

const daysWanted = ({ traits }: GrownVariety): number =>
  SPECIES[traits.species].group === 'corn' ? CORN_DAYS_APART : 1;

/** Days from the end of the one flowering to the beginning of the other; 0 when they overlap. */
function apart(a: FloweringSpan | undefined, b: FloweringSpan | undefined): number | undefined {
  if (!a || !b) return undefined;
  return Math.max(0, daysBetween(a[1], b[0]), daysBetween(b[1], a[0]));
}

function nearestPair(some: readonly Place[], others: readonly Place[]): number | undefined {
  let nearest: number | undefined;
  for (const a of some) {
    for (const b of others) {
      const metres = metresBetween(a, b);
      if (nearest === undefined || metres < nearest) nearest = metres;
    }
  }
  return nearest;
}

const worstFirst = (a: Danger, b: Danger): number =>
  Number(a.guarded !== 'no') - Number(b.guarded !== 'no') ||
  Number(a.crossing.how === 'rarely') - Number(b.crossing.how === 'rarely') ||
  a.metres - b.metres ||
  (a.id < b.id ? -1 : 1);
