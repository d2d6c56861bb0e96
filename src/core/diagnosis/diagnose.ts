import type { FruitSign } from '../journal/kinds/fruit';
import type { EvidenceName, FailureRow, FailureTable, NamedCause } from './tables/failureTable';

/** What is known: so, or not so; what is missing nobody looked at or noted. */
export type Evidence = Readonly<Partial<Record<EvidenceName, boolean>>>;

/** A piece of evidence that speaks for a cause. */
interface Weight {
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

const likelihood = ({ shows }: FailureRow, evidence: EvidenceName, so: boolean): number => {
  const share = shows[evidence]! / 100;
  return so ? share : 1 - share;
};

/** Speaks for a cause where it is so many times likelier with it. Our default. */
const SPEAKS_FOR = 1.3;
const MAX_REASONS = 3;

/**
 * Why a fruit failed, by Bayes' rule over the table of what its flower bears. What was not looked at or noted says
 * nothing; nor does what the table does not name.
 *
 * @example diagnose({ darkPatch: true, grew: true }, failureTableOf(melon.flower)).causes[0].cause // 'blossomEndRot'
 */
export function diagnose(evidence: Evidence, table: FailureTable): Diagnosis {
  const seen = table.evidence.flatMap((name): Piece[] => {
    const so = evidence[name];
    return so === undefined ? [] : [{ evidence: name, so }];
  });
  const beliefs = beliefsFrom(seen, table);
  const causes = beliefs
    .map((belief): RankedCause => ({
      ...{ cause: belief.cause, chance: belief.chance },
      because: weightsFor(belief, beliefs, seen),
    }))
    .sort((a, b) => b.chance - a.chance);
  const lookAt = mostTelling(evidence, beliefs, table);
  return { causes, ...(lookAt !== undefined && { lookAt }) };
}

type Piece = Pick<Weight, 'evidence' | 'so'>;

interface Belief {
  readonly cause: NamedCause;
  readonly row: FailureRow;
  readonly chance: number;
}

function beliefsFrom(seen: readonly Piece[], { causes }: FailureTable): Belief[] {
  const weights = [...causes].map(([cause, row]) => ({
    ...{ cause, row },
    weight: seen.reduce((product, { evidence, so }) => product * likelihood(row, evidence, so), row.prior),
  }));
  const sum = weights.reduce((total, { weight }) => total + weight, 0);
  return weights.map(({ cause, row, weight }) => ({ cause, row, chance: weight / sum }));
}

/** Compared with the other causes, each as likely as it is without this piece of evidence. */
function weightsFor(belief: Belief, beliefs: readonly Belief[], seen: readonly Piece[]): Weight[] {
  return seen
    .flatMap(({ evidence, so }): Weight[] => {
      let [others, sum] = [0, 0];
      for (const other of beliefs) {
        if (other === belief) continue;
        sum += other.chance / likelihood(other.row, evidence, so);
        others += other.chance;
      }
      const times = likelihood(belief.row, evidence, so) / (others / sum);
      return times >= SPEAKS_FOR ? [{ evidence, so, times }] : [];
    })
    .sort((a, b) => b.times - a.times)
    .slice(0, MAX_REASONS);
}

/** Gains less than this of knowing are none, in bits. Our default. */
const TELLS_BITS = 0.02;

/** The sign that is expected to leave the least unknown [mutual information: Shannon 1948]. */
function mostTelling(
  evidence: Evidence,
  beliefs: readonly Belief[],
  { signs }: FailureTable,
): FruitSign | undefined {
  const unknown = entropy(beliefs.map(({ chance }) => chance));
  let best: { readonly sign: FruitSign; readonly gain: number } | undefined;
  for (const sign of signs) {
    if (evidence[sign] !== undefined) continue;
    let left = 0;
    for (const so of [true, false]) {
      const joint = beliefs.map(({ row, chance }) => chance * likelihood(row, sign, so));
      const sum = joint.reduce((total, each) => total + each, 0);
      left += sum * entropy(joint.map((each) => each / sum));
    }
    if (!best || unknown - left > best.gain) best = { sign, gain: unknown - left };
  }
  return best && best.gain >= TELLS_BITS ? best.sign : undefined;
}

const entropy = (chances: readonly number[]): number =>
  chances.reduce((sum, chance) => (chance > 0 ? sum - chance * Math.log2(chance) : sum), 0);
