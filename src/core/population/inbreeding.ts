/** Where a share of an individual's seed, or the chance of its being that seed, comes from. */
export interface ParentPair {
  /** Index of the individual; `undefined`: not known, and taken to be unrelated to all others. */
  readonly mother: number | undefined;
  readonly father: number | undefined;
  /** The chance that it is of these two. */
  readonly share: number;
}

/** A plant, or any one seed of a lot; those of which nobody knows where they come from have no parents. */
export interface Individual {
  /** Shares together 1; of a plant whose parents are known a single pair. */
  readonly parents: readonly ParentPair[];
}

export interface Inbreeding {
  /** Inbreeding coefficients, 0 to 1: the chance that two alleles of a plant are copies of the same one. */
  readonly coefficients: Float64Array;
  /**
   * Coancestry of two of them: the inbreeding that their offspring would have. Of one with itself: that of its selfed
   * seed.
   */
  readonly coancestry: (one: number, other: number) => number;
}

/**
 * Inbreeding coefficients of a pedigree [Wright 1922, Coefficients of inbreeding and relationship]. Each individual's
 * ancestors are gone through once, from the youngest back, without the table of all relationships [Meuwissen & Luo 1992,
 * Computing inbreeding coefficients in large populations]; where the parents are not known for certain, relationships are
 * means over the pairs that may be meant [Henderson 1988, Use of an average numerator relationship matrix for
 * multiple-sire joining]. Papers from memory.
 *
 * Whoever has no parents is taken to be neither inbred nor related to others.
 *
 * @param individuals parents before their offspring.
 * @throws RangeError where a parent does not come before its offspring, or shares are not 1 together.
 * @example inbreedingOf([founder, { parents: [{ mother: 0, father: 0, share: 1 }] }]).coefficients[1] // 0.5: selfed
 */
export function inbreedingOf(individuals: readonly Individual[]): Inbreeding {
  const gives = individuals.map(contributionsOf);
  const coefficients = new Float64Array(individuals.length);
  /** What its own chance of one allele or the other adds to its relationship with itself. */
  const sampling = new Float64Array(individuals.length);
  const [vector, second] = [new Float64Array(individuals.length), new Float64Array(individuals.length)];
  const known = new Map<string, number>();

  /** Hands what one ancestor carries on to its parents. */
  const handOn = (carried: Float64Array, from: number): void => {
    const share = carried[from]!;
    carried[from] = 0;
    for (const [parent, part] of gives[from]!) carried[parent]! += share * part;
  };
  /** Relationship of a mean of individuals with itself: the sum over its ancestors of what reaches each, squared. */
  const withItself = (of: ReadonlyMap<number, number>): number => {
    let sum = 0;
    for (const [parent, part] of of) vector[parent] = part;
    for (let j = Math.max(-1, ...of.keys()); j >= 0; j -= 1) {
      const carried = vector[j]!;
      if (carried === 0) continue;
      sum += carried ** 2 * sampling[j]!;
      handOn(vector, j);
    }
    return sum;
  };
  const related = (one: number, other: number): number => {
    let sum = 0;
    vector[one] = 1;
    second[other] = 1;
    for (let j = Math.max(one, other); j >= 0; j -= 1) {
      if (vector[j] === 0 && second[j] === 0) continue;
      sum += vector[j]! * second[j]! * sampling[j]!;
      handOn(vector, j);
      handOn(second, j);
    }
    return sum;
  };
  const ofPair = (mother: number | undefined, father: number | undefined): number => {
    if (mother === undefined || father === undefined) return 0;
    const key = mother < father ? `${mother} ${father}` : `${father} ${mother}`;
    const held = known.get(key) ?? related(mother, father) / 2;
    known.set(key, held);
    return held;
  };

  for (const [i, { parents }] of individuals.entries()) {
    for (const { mother, father, share } of parents) {
      if ((mother ?? -1) >= i || (father ?? -1) >= i)
        throw new RangeError('a parent comes before its offspring');
      coefficients[i]! += share * ofPair(mother, father);
    }
    sampling[i] = 1 + coefficients[i]! - withItself(gives[i]!);
  }
  return { coefficients, coancestry: (one, other) => related(one, other) / 2 };
}

/** Shares are sums of fractions. */
const ROUNDING = 1e-6;

/** What each parent gives of an individual's alleles, 0 to 1; who is not known gives none. */
function contributionsOf({ parents }: Individual): ReadonlyMap<number, number> {
  const total = parents.reduce((sum, { share }) => sum + share, 0);
  if (parents.length > 0 && Math.abs(total - 1) > ROUNDING) throw new RangeError('shares are 1 together');
  const gives = new Map<number, number>();
  for (const { mother, father, share } of parents)
    for (const parent of [mother, father])
      if (parent !== undefined) gives.set(parent, (gives.get(parent) ?? 0) + share / 2);
  return gives;
}
