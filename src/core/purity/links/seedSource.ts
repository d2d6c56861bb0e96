import type { SeedSource } from '../../crops/variety';
import { reason } from '../../text/reason';
import { type Link, link, type LinkState } from '../chain';

export function seedSourceLink(source: SeedSource): Link {
  const states: Record<SeedSource, LinkState> = {
    ownGuarded: 'holds',
    boughtLine: 'holds',
    swapped: 'unknown',
    unknown: 'unknown',
    openGarden: 'doubtful',
    f1: 'broken',
  };
  return link('seedSource', states[source], reason(`seed.${source}` as const));
}
