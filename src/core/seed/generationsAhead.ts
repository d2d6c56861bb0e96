import { plantsToGrow, type Family, type Inheritance } from './segregation';

/** How often a plant has the form of a gene that shows, 0 to 2, for each of two genes. */
type Genotype = readonly [number, number];

/** The kind that a plant is of, in the order of `expectedParts`. */
const KIND_OF: Readonly<Record<Inheritance, (genotype: Genotype) => number>> = {
  dominant: ([a]) => (a > 0 ? 0 : 1),
  between: ([a]) => 2 - a,
  twoTraits: ([a, b]) => (a > 0 ? (b > 0 ? 0 : 1) : b > 0 ? 2 : 3),
  either: ([a, b]) => (a + b > 0 ? 0 : 1),
  both: ([a, b]) => (a > 0 && b > 0 ? 0 : 1),
  hidesOther: ([a, b]) => (a === 0 ? 2 : b > 0 ? 0 : 1),
  hidesAll: ([a, b]) => (a > 0 ? 0 : b > 0 ? 1 : 2),
};

/** How many of four offspring of a selfed plant have a gene never, once and twice. */
const SELFED: readonly (readonly [number, number, number])[] = [
  [4, 0, 0],
  [1, 2, 1],
  [0, 0, 4],
];
/** Of an F1, crossed back to the parent that never has it. */
const BACK: readonly [number, number, number] = [2, 2, 0];

/** Two genes are inherited apart from each other. */
const offspring = (a: readonly number[], b: readonly number[]): [genotype: Genotype, parts: number][] =>
  a.flatMap((m, i) => b.flatMap((n, j): [Genotype, number][] => (m * n > 0 ? [[[i, j], m * n]] : [])));

/** The generation after the F1, with the parts of 16 of each genotype. */
const familyOf = (family: Family): [Genotype, number][] =>
  family === 'f2' ? offspring(SELFED[1]!, SELFED[1]!) : offspring(BACK, BACK);

/** A genotype of the kind, with its parts of 16, and the share of its selfed offspring that are of another kind. */
interface OfKind {
  readonly parts: number;
  readonly differs: number;
}

function genotypesOf(inheritance: Inheritance, family: Family, kind: number): readonly OfKind[] {
  const kindOf = KIND_OF[inheritance];
  return familyOf(family).flatMap(([genotype, parts]): OfKind[] => {
    if (kindOf(genotype) !== kind) return [];
    const [a, b] = genotype;
    const own = offspring(SELFED[a]!, SELFED[b]!);
    const others = own.reduce((sum, [each, part]) => sum + (kindOf(each) === kind ? 0 : part), 0);
    return [{ parts, differs: others / 16 }];
  });
}

/**
 * The share of the plants of a kind that breed true: whose own seed, selfed, gives that kind alone.
 *
 * @param kind its place among the parts.
 * @returns 0 to 1; `undefined` of a kind that is not in that family.
 * @example shareTrue('dominant', 'f2', 0) // 1/3: of three that show it
 */
export function shareTrue(inheritance: Inheritance, family: Family, kind: number): number | undefined {
  const own = genotypesOf(inheritance, family, kind);
  const partsOf = (of: readonly OfKind[]): number => of.reduce((sum, { parts }) => sum + parts, 0);
  return own.length === 0 ? undefined : partsOf(own.filter(({ differs }) => differs === 0)) / partsOf(own);
}

/** A season of a cross. */
export interface SeasonAhead {
  readonly grows: 'parents' | 'f1' | 'family' | 'offspring';
  readonly plants: number;
  readonly pollinations: number;
}

export interface GenerationsAhead {
  readonly seasons: readonly SeasonAhead[];
  /** Plants of the kind that are chosen, so that one of them breeds true; 1 where all of them do, or none. */
  readonly chosen: number;
  /** Of the plants of that kind, 0 to 1. */
  readonly shareTrue: number;
  /** Plants to grow of each chosen one, to see whether it does; 0 where all do. */
  readonly ofEach: number;
}

export interface AheadQuestion {
  readonly inheritance: Inheritance;
  readonly family: Family;
  readonly kind: number;
  /** Share of the kind in the family, above 0. */
  readonly share: number;
  /** Of pollinated flowers so many set, above 0 and at most 1. */
  readonly set: number;
  /** With which each step is to succeed, 0 to 1. */
  readonly chance: number;
}

/** One may die. Our default. */
const SPARE = 2;

/**
 * A cross, season by season: the parents, the F1, the generation in which the wanted kind is chosen, and the offspring
 * of each chosen plant, in which one sees whether it breeds true. Each number is the least with which a step succeeds
 * with the given chance.
 *
 * @returns `undefined` where the kind is not in that family, or more plants would be needed than anybody grows.
 * @example generationsAhead({ inheritance: 'dominant', family: 'f2', kind: 1, share: 1 / 4, … })?.seasons[2].plants // 11
 */
export function generationsAhead(question: AheadQuestion): GenerationsAhead | undefined {
  const { inheritance, family, kind, share, set, chance } = question;
  const isTrue = shareTrue(inheritance, family, kind);
  if (isTrue === undefined) return undefined;
  const chosen = isTrue === 0 ? 1 : plantsToGrow(isTrue, 1, chance);
  const family2 = chosen === undefined ? undefined : plantsToGrow(share, chosen, chance);
  // Of who does not breed true, that which shows it least.
  const differs = genotypesOf(inheritance, family, kind).flatMap((each) =>
    each.differs > 0 ? [each.differs] : [],
  );
  const ofEach = differs.length === 0 ? 0 : plantsToGrow(Math.min(...differs), 1, chance);
  if (chosen === undefined || family2 === undefined || ofEach === undefined) return undefined;
  const one = pollinationsFor(1, { set, chance });
  return {
    seasons: [
      { grows: 'parents', plants: 2, pollinations: one },
      { grows: 'f1', plants: SPARE, pollinations: one },
      { grows: 'family', plants: family2, pollinations: chosen * pollinationsFor(chosen, { set, chance }) },
      { grows: 'offspring', plants: ofEach > 0 ? chosen * ofEach : SPARE, pollinations: one },
    ],
    chosen,
    shareTrue: isTrue,
    ofEach,
  };
}

/** Pollinations of each of so many plants, so that each of them sets one fruit. */
function pollinationsFor(plants: number, { set, chance }: Pick<AheadQuestion, 'set' | 'chance'>): number {
  if (set >= 1) return 1;
  const failsAtMost = 1 - chance ** (1 / plants);
  return Math.max(1, Math.ceil(Math.log(failsAtMost) / Math.log(1 - set) - 1e-9));
}
