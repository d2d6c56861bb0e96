import { FRUIT_SIGNS, type FruitSign } from '../journal/kinds/fruit';
import { EVIDENCE, LIKELIHOODS, NAMED_CAUSES, type EvidenceName, type NamedCause } from './likelihoods';

/** What is known: so, or not so; what is missing nobody looked at or noted. */
export type Evidence = Readonly<Partial<Record<EvidenceName, boolean>>>;

/** A piece of evidence that speaks for a cause. */
export interface Weight {
  readonly evidence: EvidenceName;
  readonly so: boolean;
  /** How many times likelier it is with this cause than with the others. */
  readonly times: number;
}

export interface RankedCause {
  readonly cause: NamedCause;
  /** 0 to 1; of all causes they add up to 1. */
  readonly chance: number;
  /** What speaks for it, the weightiest first. */
  readonly because: readonly Weight[];
}

export interface Diagnosis {
  /** The likeliest first. */
  readonly causes: readonly RankedCause[];
  /** The sign that would tell most, if somebody looked; missing where all was looked at, or nothing tells more. */
  readonly lookAt?: FruitSign;
}

const likelihood = (cause: NamedCause, evidence: EvidenceName, so: boolean): number => {
  const share = LIKELIHOODS[cause][evidence] / 100;
  return so ? share : 1 - share;
};

/** Speaks for a cause where it is so many times likelier with it. Our default. */
const SPEAKS_FOR = 1.3;
const MAX_REASONS = 3;

/**
 * Why a fruit failed, by Bayes' rule over the table of `likelihoods.ts`: what was not looked at or noted says nothing.
 *
 * @example diagnose({ darkPatch: true, grew: true }).causes[0].cause // 'blossomEndRot'
 */
export function diagnose(evidence: Evidence): Diagnosis {
  const chances = chancesOf(evidence);
  const causes = NAMED_CAUSES.map((cause, i): RankedCause => ({
    cause,
    chance: chances[i]!,
    because: weightsFor(cause, chances, evidence),
  })).sort((a, b) => b.chance - a.chance);
  const lookAt = mostTelling(evidence, chances);
  return { causes, ...(lookAt !== undefined && { lookAt }) };
}

function chancesOf(evidence: Evidence): number[] {
  const weights = NAMED_CAUSES.map((cause) =>
    EVIDENCE.reduce((product, name) => {
      const so = evidence[name];
      return so === undefined ? product : product * likelihood(cause, name, so);
    }, LIKELIHOODS[cause].prior),
  );
  const sum = weights.reduce((total, weight) => total + weight, 0);
  return weights.map((weight) => weight / sum);
}

/** Compared with the other causes, each as likely as it is without this piece of evidence. */
function weightsFor(cause: NamedCause, chances: readonly number[], evidence: Evidence): Weight[] {
  return EVIDENCE.flatMap((name): Weight[] => {
    const so = evidence[name];
    if (so === undefined) return [];
    let [others, sum] = [0, 0];
    for (const [i, other] of NAMED_CAUSES.entries()) {
      if (other === cause) continue;
      const without = chances[i]! / likelihood(other, name, so);
      sum += without;
      others += without * likelihood(other, name, so);
    }
    const times = likelihood(cause, name, so) / (others / sum);
    return times >= SPEAKS_FOR ? [{ evidence: name, so, times }] : [];
  })
    .sort((a, b) => b.times - a.times)
    .slice(0, MAX_REASONS);
}

/** Gains less than this of knowing are none, in bits. Our default. */
const TELLS_BITS = 0.02;

/** The sign that is expected to leave the least unknown [mutual information: Shannon 1948]. */
function mostTelling(evidence: Evidence, chances: readonly number[]): FruitSign | undefined {
  const unknown = entropy(chances);
  let best: { readonly sign: FruitSign; readonly gain: number } | undefined;
  for (const sign of FRUIT_SIGNS) {
    if (evidence[sign] !== undefined) continue;
    let left = 0;
    for (const so of [true, false]) {
      const joint = chances.map((chance, i) => chance * likelihood(NAMED_CAUSES[i]!, sign, so));
      const sum = joint.reduce((total, each) => total + each, 0);
      left += sum * entropy(joint.map((each) => each / sum));
    }
    if (!best || unknown - left > best.gain) best = { sign, gain: unknown - left };
  }
  return best && best.gain >= TELLS_BITS ? best.sign : undefined;
}

const entropy = (chances: readonly number[]): number =>
  chances.reduce((sum, chance) => (chance > 0 ? sum - chance * Math.log2(chance) : sum), 0);
