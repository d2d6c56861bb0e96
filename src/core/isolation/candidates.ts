import { cropOf, type CropId } from '../crops/catalogue';
import type { Figure, Span } from '../crops/crop';
import { shedsPollen } from '../crops/traits';
import { POLLEN_KERNELS, type KernelRange } from '../pollen/pollenKernel';
import { SEASON_DAYS } from '../journal/seasonDays';
import { addDays, daysBetween } from '../time/calendar';
import {
  compatibility,
  crossingFrequency,
  RARE_CROSS_SUCCESS,
  type Compatibility,
  type CompatibilityTraits,
} from './compatibility';
import type { Spell } from './expectedOutcrossing';
import type { FloweringSpan, GrownVariety, IsolationQuestion, OutsideSource } from './question';

/** Where pollen can come from, by its index in the question. */
export interface SourceRef {
  readonly from: 'garden' | 'outside';
  readonly index: number;
}

/** A source whose pollen can father seed on a variety, or on a planting of it, however far away it is. */
export interface Candidate extends SourceRef {
  readonly compatibility: Compatibility;
  /** Share of its pollen that is able to fertilise. */
  readonly success: number;
  /** Another planting of the same variety: its pollen is not foreign. */
  readonly own: boolean;
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
  const candidatesFor = candidatesIn(question);
  return question.varieties.map((_, i) => candidatesFor(i));
}

/**
 * Every source whose pollen can father seed on a variety, one variety at a time.
 *
 * @example candidatesIn({ ...question, varieties: [squash] })(0) // []
 */
export function candidatesIn({ varieties, outside }: IsolationQuestion): (variety: number) => Candidate[] {
  const compatibleCrops = compatibleCropsAmong([...varieties, ...outside]);
  return (i) => {
    const variety = varieties[i]!;
    if (variety.places.length === 0) return [];
    const compatible = compatibleCrops.get(variety.crop)!;
    const found: Candidate[] = [];
    varieties.forEach((other, index) => {
      if (index === i || other.places.length === 0 || !compatible.has(other.crop) || !shedsPollen(other))
        return;
      found.push(candidate('garden', index, variety, other));
    });
    outside.forEach((other, index) => {
      if (compatible.has(other.crop)) found.push(candidate('outside', index, variety, other));
    });
    return found;
  };
}

/** The crops that cross with each crop, among those that are there. */
function compatibleCropsAmong(all: readonly CompatibilityTraits[]): Map<CropId, Set<CropId>> {
  const crops = [...new Set(all.map(({ crop }) => crop))];
  return new Map(
    crops.map((crop) => [crop, new Set(crops.filter((other) => crossingFrequency(crop, other) !== 'never'))]),
  );
}

function candidate(
  from: SourceRef['from'],
  index: number,
  variety: GrownVariety,
  other: GrownVariety | OutsideSource,
): Candidate {
  const found = compatibility(variety, other);
  return {
    from,
    index,
    compatibility: found,
    success: found.frequency === 'rarely' ? RARE_CROSS_SUCCESS : 1,
    own: from === 'garden' && other.id === variety.id,
  };
}

/** A flowering that does not speak for another, since they are not of one season. */
const ofOneSeason = (a: FloweringSpan, b: FloweringSpan): boolean =>
  Math.max(daysBetween(a[1], b[0]), daysBetween(b[1], a[0])) <= SEASON_DAYS;

/**
 * The days of a flowering, cut wherever a source begins or ceases to shed; spells on which the same sources shed are
 * one. A source whose flowering is not known, or is of another season, sheds on all of them.
 *
 * @example spellsOf(['2026-07-01', '2026-07-10'], [['2026-07-10', '2026-07-20']]).map(({ share }) => share) // [0.9, 0.1]
 */
export function spellsOf(
  own: FloweringSpan | undefined,
  sources: readonly (FloweringSpan | undefined)[],
): Spell[] {
  const known = sources.map((span) => (own && span && ofOneSeason(own, span) ? span : undefined));
  if (!own || !known.some((span) => span)) return [{ share: 1, sheds: sources.map(() => true) }];
  const [first, last] = own;
  const cuts = known.flatMap((span) => (span ? [span[0], addDays(span[1], 1)] : []));
  const begins = [first, ...new Set(cuts.filter((day) => first < day && day <= last))].sort();
  const days = daysBetween(first, last) + 1;
  const spells = new Map<string, Spell>();
  begins.forEach((day, i) => {
    const length = daysBetween(day, begins[i + 1] ?? addDays(last, 1));
    const sheds = known.map((span) => !span || (span[0] <= day && day <= span[1]));
    const key = sheds.join();
    spells.set(key, { share: (spells.get(key)?.share ?? 0) + length / days, sheds });
  });
  return [...spells.values()];
}

/**
 * Days from the end of one flowering to the beginning of the other; 0 when they overlap, `undefined` when one is not
 * known or they are not of one season.
 *
 * @example daysBetweenFlowerings(['2026-07-01', '2026-07-10'], ['2026-07-24', '2026-08-20']) // 14
 */
export function daysBetweenFlowerings(
  a: FloweringSpan | undefined,
  b: FloweringSpan | undefined,
): number | undefined {
  if (!a || !b || !ofOneSeason(a, b)) return undefined;
  return Math.max(0, daysBetween(a[1], b[0]), daysBetween(b[1], a[0]));
}
