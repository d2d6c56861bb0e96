import { pollinationsOf } from '../journal/pollinations';
import { guarded, type Link, type LinkName, type LinkState, type PurityEvidence, WORST_FIRST } from './chain';
import type { Grade } from '../journal/kinds/grades';
import { isCross } from './ownInstead';
import { seedSourceLink } from './links/seedSource';
import { coverLink } from './links/cover';
import { intactLink } from './links/intact';
import { cleanPollenLink } from './links/cleanPollen';
import { closedAgainLink } from './links/closedAgain';
import { tagLink } from './links/tag';
import { plantsLink } from './links/plants';

export type { Grade };

export interface Purity {
  readonly grade: Grade;
  /** Some links are still pending: the grade may yet fall. */
  readonly soFar: boolean;
  readonly chain: readonly Link[];
  /** The first of the links that decide the grade; `undefined` when all hold. */
  readonly weakest?: Link;
  /** A known cross of two varieties, mother first. */
  readonly cross?: { readonly mother: string; readonly father: string };
}

/**
 * Grades the purity of one fruit: a chain from the seed that was sown to the tag at harvest, as strong as its
 * weakest link. Common practice, no source. Where the bloom or a male had no cover of its own, a cage or the distance
 * from all that can cross may take its place.
 */
export function fruitPurity(given: PurityEvidence): Purity {
  const evidence = isCross(given) ? { ...given, guardsOf: guardsOfCross(given) } : given;
  const chain = [
    seedSourceLink(evidence),
    guarded(coverLink(evidence), evidence),
    guarded(intactLink(evidence.bloom), evidence),
    cleanPollenLink(evidence),
    guarded(closedAgainLink(evidence), evidence),
    tagLink(evidence),
    plantsLink(evidence),
  ];
  const worst = WORST_FIRST.find((state) => chain.some((link) => link.state === state));
  const weakest = chain.find((link) => link.state === worst);
  const father = fatherVariety(evidence);
  return {
    grade: gradeOf(worst),
    soFar: chain.some(({ state }) => state === 'pending'),
    chain,
    ...(weakest && { weakest }),
    ...(father && { cross: { mother: evidence.variety.variety, father } }),
  };
}

/** What is to be crossed is not alone at any distance: her own flowers and her sisters shed on her. */
const guardsOfCross =
  ({ bloom, guardsOf }: PurityEvidence): PurityEvidence['guardsOf'] =>
  (each) =>
    each.bloom === bloom.bloom
      ? guardsOf(each).filter(({ by, ownInsects }) => by !== 'distance' && !ownInsects)
      : guardsOf(each);

/**
 * The grade without one of the links.
 *
 * @example gradeApartFrom(purity, 'seedSource') // 'true', of an F2 whose flowers were covered
 */
export const gradeApartFrom = ({ chain }: Pick<Purity, 'chain'>, without: LinkName): Grade =>
  gradeOf(
    WORST_FIRST.find((state) => chain.some(({ link, state: own }) => link !== without && own === state)),
  );

function gradeOf(worst: LinkState | undefined): Grade {
  switch (worst) {
    case 'broken':
      return 'notForSeed';
    case 'doubtful':
      return 'doubtful';
    case 'unknown':
      return 'unproven';
    default:
      return 'true';
  }
}

/** The father's variety where it is one other variety throughout. */
function fatherVariety({ bloom, plants, variety }: PurityEvidence): string | undefined {
  const fathers = new Set(
    pollinationsOf(bloom)
      .flatMap(({ donors }) => donors)
      .map(({ plant }) => plants.get(plant)?.variety),
  );
  const [father] = fathers;
  return fathers.size === 1 && father !== undefined && father !== variety.variety ? father : undefined;
}
