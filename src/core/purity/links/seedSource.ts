import type { SeedSource } from '../../crops/variety';
import { reason } from '../../text/reason';
import { isCross } from '../ownInstead';
import { type Link, link, type LinkState, type PurityEvidence, worstOf } from '../chain';

/** What each source says of the seed, the worst first. */
const STATES = {
  f1: 'broken',
  openGarden: 'doubtful',
  unknown: 'unknown',
  swapped: 'unknown',
  boughtLine: 'holds',
  ownGuarded: 'holds',
} as const satisfies Record<SeedSource, LinkState>;
export const SOURCES_WORST_FIRST = Object.keys(STATES) as readonly SeedSource[];

/** Those of which nobody can say that the seed was true. */
const DOUBTED = ['f1', 'openGarden', 'unknown', 'swapped'] as const;

/** What mother and fathers were sown from; several of one where it is in doubt which of them was meant for it. */
export function seedSourceLink(evidence: PurityEvidence): Link {
  const crossed = isCross(evidence);
  // Both parents of a cross are known, though the offspring of an F1 differ.
  const judged = (sources: readonly SeedSource[]): readonly SeedSource[] =>
    sources.filter((each) => !(crossed && each === 'f1'));
  const hasHybrid = crossed && [...evidence.seedSources, ...evidence.fatherSources].includes('f1');
  const mothers = judged(evidence.seedSources);
  const mother =
    SOURCES_WORST_FIRST.find((each) => mothers.includes(each)) ?? (hasHybrid ? undefined : 'unknown');
  const father = DOUBTED.find((each) => judged(evidence.fatherSources).includes(each));
  return worstOf([
    ...(mother ? [link('seedSource', STATES[mother], reason(`seed.${mother}` as const))] : []),
    ...(father ? [link('seedSource', STATES[father], reason(`seed.father.${father}` as const))] : []),
    ...(hasHybrid ? [link('seedSource', 'holds', reason('seed.f1Parent'))] : []),
  ]);
}
