import type { SeedSource } from '../../crops/variety';
import { reason } from '../../text/reason';
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
const WORST_FIRST = Object.keys(STATES) as readonly SeedSource[];

/** Those of which nobody can say that the seed was true. */
const DOUBTED = ['f1', 'openGarden', 'unknown', 'swapped'] as const;

/** What mother and fathers were sown from; several of one where it is in doubt which of them was meant for it. */
export function seedSourceLink({
  seedSources,
  fatherSources,
}: Pick<PurityEvidence, 'seedSources' | 'fatherSources'>): Link {
  const worst = WORST_FIRST.find((each) => seedSources.includes(each)) ?? 'unknown';
  const father = DOUBTED.find((each) => fatherSources.includes(each));
  return worstOf([
    link('seedSource', STATES[worst], reason(`seed.${worst}` as const)),
    ...(father ? [link('seedSource', STATES[father], reason(`seed.father.${father}` as const))] : []),
  ]);
}
