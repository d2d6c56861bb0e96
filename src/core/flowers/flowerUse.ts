import type { Goal, Protocol, Span } from '../crops/crop';
import { ourDefault } from '../crops/figures';
import { daysToOpening, type CountedStage } from '../opening/budStages';
import { reason, type Reason } from '../text/reason';
import type { SeenCrop } from './kindsOf';
import { factsOf } from './forms/forms';
import type { Belief } from './identify';
import type { FlowerKind } from './signs/sign';

/** What can be done with a flower now. `lookCloser`: it may be one of two things that are treated differently. */
export type FlowerUse =
  'cover' | 'emasculate' | 'pollinate' | 'pollen' | 'fruitOnly' | 'comeBack' | 'leave' | 'lookCloser';

export type UseReason =
  | 'opensNext'
  | 'silkNotYet'
  | 'shedsOn'
  | 'opensLater'
  | 'openNow'
  | 'shutSoon'
  | 'coverHeld'
  | 'notCovered'
  | 'holeInIt'
  | 'coverOpened'
  | 'ownPollenInside'
  | 'coloursNotOpen'
  | 'selfsInBud'
  | 'selfedAlready'
  | 'setsAlone'
  | 'shortStyled'
  | 'faded'
  | 'over'
  | 'uncertain';

export interface FlowerCondition {
  readonly goal: Goal;
  /** Has the hour passed by which its females should be pollinated? */
  readonly late?: boolean;
  readonly hole?: boolean;
  readonly cover?: 'intact' | 'opened' | 'none';
}

export interface Use {
  readonly use: FlowerUse;
  /** Days until it can be used, as far as it must be waited for. */
  readonly inDays?: Span;
  readonly reasons: readonly Reason<UseReason>[];
}

/** Less sure than this of what is to be done, one looks once more. Our default. */
const SURE_ENOUGH = ourDefault(0.75, 'share');

/**
 * What can be done with a flower, as far as it is known what it is.
 *
 * @param beliefs what it may be; their chances sum to 1.
 * @returns the use that fits most of them, or `lookCloser` where none is sure enough.
 * @example flowerUse(pepo, [{ kind: { sex: 'male', stage: 'open' }, chance: 1 }], { goal: 'fruit' }).use // 'pollen'
 */
export function flowerUse(crop: SeenCrop, beliefs: readonly Belief[], condition: FlowerCondition): Use {
  const uses = new Map<FlowerUse, { chance: number; first: Belief; use: Use }>();
  for (const belief of beliefs) {
    const use = flowerUseOfKind(crop, belief.kind, condition);
    const same = uses.get(use.use);
    const isLikelier = !same || belief.chance > same.first.chance;
    uses.set(use.use, {
      chance: (same?.chance ?? 0) + belief.chance,
      first: isLikelier ? belief : same.first,
      use: isLikelier ? use : same.use,
    });
  }
  const [best, second] = [...uses.values()].toSorted((a, b) => b.chance - a.chance);
  if (best && best.chance >= SURE_ENOUGH.value) return best.use;
  return {
    use: 'lookCloser',
    reasons: [
      reason('uncertain', {
        one: best?.use.use ?? 'leave',
        other: second?.use.use ?? 'leave',
        percent: Math.round(100 * (best?.chance ?? 0)),
      }),
    ],
  };
}

/**
 * What can be done with a flower that is known for sure.
 *
 * @example flowerUseOfKind(corn, { sex: 'female', stage: 'green' }, { goal: 'seed' }).use // 'cover', before any silk shows
 */
export function flowerUseOfKind(crop: SeenCrop, kind: FlowerKind, condition: FlowerCondition): Use {
  if (kind.stage === 'spent') return afterwards(crop, kind, condition);
  if (kind.stage === 'open') return open(crop, kind, condition);
  if (kind.style === 'short') return { use: 'leave', reasons: [reason('shortStyled')] };
  return bud(crop, kind, kind.stage, condition);
}

/** As the crop is worked for a goal; where it is not worked for it in a way of its own, as for fruit. */
const protocolOf = ({ protocols }: SeenCrop, goal: Goal): Protocol | undefined =>
  protocols[goal] ?? (goal === 'cross' ? protocols.seed : protocols.fruit);

function bud(crop: SeenCrop, kind: FlowerKind, stage: CountedStage, { goal }: FlowerCondition): Use {
  const cover = protocolOf(crop, goal)?.cover;
  const at = cover && (kind.sex === 'male' ? cover.male : cover.bearing);
  const inDays = daysToOpening(stage);
  const { selfsInBud } = factsOf(crop.flower);
  if (goal === 'cross' && selfsInBud && stage !== 'pin')
    return stage === 'green'
      ? { use: 'emasculate', reasons: [reason('selfsInBud')] }
      : { use: 'leave', reasons: [reason('selfsInBud')] };
  // Heads are not: they are brushed.
  const canEmasculate = crop.habit !== 'perfect' || crop.methods.includes('emasculate');
  if (stage === 'eve' && goal === 'cross' && kind.sex === 'perfect' && canEmasculate)
    return { use: 'emasculate', reasons: [reason('coloursNotOpen')] };
  if (stage === 'eve' && cover) return { use: 'cover', inDays, reasons: [reason('opensNext')] };
  if (stage === 'green' && at === 'green') return { use: 'cover', inDays, reasons: [reason('silkNotYet')] };
  return {
    use: 'comeBack',
    inDays,
    reasons: [reason(stage === 'eve' ? 'opensNext' : 'opensLater', { from: inDays[0], to: inDays[1] })],
  };
}

function open(crop: SeenCrop, kind: FlowerKind, condition: FlowerCondition): Use {
  if (kind.style === 'short') return { use: 'leave', reasons: [reason('shortStyled')] };
  if (!isWorked(crop) && condition.goal !== 'cross') return { use: 'leave', reasons: [reason('setsAlone')] };
  const guarded = protocolOf(crop, condition.goal)?.cover !== undefined;
  // An open flower that bears both has had its own pollen.
  if (crop.habit === 'perfect' && condition.goal === 'cross') {
    const reasons = [reason('selfedAlready')] as const;
    return isGuarded(condition)
      ? { use: 'pollen', reasons: [...reasons, reason('coverHeld')] }
      : { use: 'leave', reasons: [...reasons, whyNotGuarded(condition)] };
  }
  // A tassel sheds for days: of its next pollen nothing foreign need be in the bag.
  if (guarded && !isGuarded(condition) && kind.sex === 'male' && factsOf(crop.flower).sexesApart)
    return { use: 'cover', reasons: [reason('shedsOn')] };
  if (guarded && !isGuarded(condition)) return { use: 'fruitOnly', reasons: [whyNotGuarded(condition)] };
  const reasons = [
    reason(guarded ? 'coverHeld' : 'openNow'),
    ...(condition.late && kind.sex !== 'male' ? [reason('shutSoon')] : []),
    ...(guarded && crop.habit !== 'perfect' && kind.sex === 'perfect' ? [reason('ownPollenInside')] : []),
  ];
  return { use: kind.sex === 'male' ? 'pollen' : 'pollinate', reasons };
}

/** Does anybody pollinate it by hand, for fruit or seed? */
const isWorked = ({ protocols, routine }: SeenCrop): boolean =>
  routine !== undefined ||
  [protocols.fruit, protocols.seed, protocols.cross].some((way) => way !== undefined);

const isGuarded = ({ hole, cover }: FlowerCondition): boolean => cover === 'intact' && !hole;

function whyNotGuarded({ hole, cover }: FlowerCondition): Reason<UseReason> {
  if (hole) return reason('holeInIt');
  return reason(cover === 'opened' ? 'coverOpened' : 'notCovered');
}

function afterwards(crop: SeenCrop, kind: FlowerKind, condition: FlowerCondition): Use {
  const forFruit = protocolOf(crop, condition.goal)?.cover === undefined;
  return kind.sex === 'male' && forFruit && factsOf(crop.flower).fadedPollenServes
    ? { use: 'pollen', reasons: [reason('faded')] }
    : { use: 'leave', reasons: [reason('over')] };
}
