import type { SeedSource } from '../../crops/variety';
import { reason } from '../../text/reason';
import { type Link, link, type LinkState } from '../chain';

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

/** @param sources what it was sown from; several where it is in doubt which of them was meant for it. */
export function seedSourceLink(sources: readonly SeedSource[]): Link {
  const worst = WORST_FIRST.find((each) => sources.includes(each)) ?? 'unknown';
  return link('seedSource', STATES[worst], reason(`seed.${worst}` as const));
}
