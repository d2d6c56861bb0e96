import { cropOf, type CropId } from '../crops/catalogue';
import type { Figure, Span } from '../crops/crop';
import { middleOf, type Place } from '../garden/places';
import { barrierEffect, type BarrierEffect } from '../pollen/barriers';
import { POLLEN_KERNELS, type KernelRange } from '../pollen/pollenKernel';
import { daysBetween } from '../time/calendar';
import {
  compatibility,
  crossingFrequency,
  RARE_CROSS_SUCCESS,
  type Compatibility,
  type CompatibilityTraits,
} from './compatibility';
import type { FloweringSpan, GrownVariety, IsolationQuestion, OutsideSource } from './question';

/** Where pollen can come from, by its index in the question. */
export interface SourceRef {
  readonly from: 'garden' | 'outside';
  readonly index: number;
}

/** A source whose pollen can father seed on a variety, however far away it is. */
export interface Candidate extends SourceRef {
  readonly compatibility: Compatibility;
  readonly barrier: BarrierEffect;
  /** Share of its pollen that counts: past barriers, shed on the same days, and able to fertilise. */
  readonly effectiveShare: number;
}

/** How pollen reaches a variety, and how much of its seed other plants may father. */
export function dispersalOf({ crop, style }: Pick<GrownVariety, 'crop' | 'style'>): {
  readonly kernels: KernelRange;
  readonly outcrossing: Figure<Span>;
} {
  const { pollenVector, outcrossing, exserted } = cropOf(crop);
  return {
    kernels: POLLEN_KERNELS[pollenVector],
    outcrossing: style === 'exserted' && exserted ? exserted.outcrossing : outcrossing,
  };
}

/** For each variety, every source whose pollen can father seed on it. */
export function candidatesOf(question: IsolationQuestion): Candidate[][] {
  const { varieties, outside } = question;
  const middles = varieties.map(({ places }) => middleOf(places));
  const compatibleCrops = compatibleCropsAmong([...varieties, ...outside]);
  return varieties.map((variety, i) => {
    const here = middles[i];
    if (!here) return [];
    const found: Candidate[] = [];
    varieties.forEach((other, index) => {
      const there = middles[index];
      if (index === i || !there || !compatibleCrops.get(variety.crop)!.has(other.crop)) return;
      found.push(candidate({ from: 'garden', index }, { variety, other, here, there }, question));
    });
    outside.forEach((other, index) => {
      if (!compatibleCrops.get(variety.crop)!.has(other.crop)) return;
      const pair = { variety, other, here, there: other.middle };
      found.push(candidate({ from: 'outside', index }, pair, question));
    });
    return found;
  });
}

/** The crops that cross with each crop, among those that are there. */
function compatibleCropsAmong(all: readonly CompatibilityTraits[]): Map<CropId, Set<CropId>> {
  const crops = [...new Set(all.map(({ crop }) => crop))];
  return new Map(
    crops.map((crop) => [crop, new Set(crops.filter((other) => crossingFrequency(crop, other) !== 'never'))]),
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
  const found = compatibility(variety, other);
  const barrier = barrierEffect(here, there, barriers, cropOf(variety.crop).pollenVector);
  const success = found.frequency === 'rarely' ? RARE_CROSS_SUCCESS : 1;
  const overlap = floweringOverlap(variety.flowering, other.flowering);
  const effectiveShare = barrier.transmission * success * overlap;
  // Field by field: spreading an object costs more than all the rest here.
  return { from: ref.from, index: ref.index, compatibility: found, barrier, effectiveShare };
}

/**
 * Share of the days of one flowering on which the other flowers too; 1 where one is not known.
 *
 * @example floweringOverlap(['2026-07-01', '2026-07-10'], ['2026-07-10', '2026-07-20']) // 0.1
 */
export function floweringOverlap(own: FloweringSpan | undefined, other: FloweringSpan | undefined): number {
  if (!own || !other) return 1;
  const from = own[0] > other[0] ? own[0] : other[0];
  const to = own[1] < other[1] ? own[1] : other[1];
  return Math.max(0, daysBetween(from, to) + 1) / (daysBetween(own[0], own[1]) + 1);
}

/**
 * Days from the end of one flowering to the beginning of the other; 0 when they overlap, `undefined` when one is not
 * known.
 *
 * @example daysBetweenFlowerings(['2026-07-01', '2026-07-10'], ['2026-07-24', '2026-08-20']) // 14
 */
export function daysBetweenFlowerings(
  a: FloweringSpan | undefined,
  b: FloweringSpan | undefined,
): number | undefined {
  if (!a || !b) return undefined;
  return Math.max(0, daysBetween(a[1], b[0]), daysBetween(b[1], a[0]));
}
