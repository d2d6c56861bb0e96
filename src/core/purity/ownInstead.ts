import { pollinationsOf } from '../journal/pollinations';
import type { PurityEvidence } from './chain';

type Parents = Pick<PurityEvidence, 'bloom' | 'plants' | 'father' | 'variety'>;

/**
 * Was a cross meant, and did all pollen come of her own variety? Then it is pure seed of that, and not the cross.
 *
 * @example isOwnInstead({ bloom, plants, father: 'v', variety: { variety: 'v' } }) // false: no cross was meant
 */
export function isOwnInstead({ bloom, plants, father, variety }: Parents): boolean {
  const donors = pollinationsOf(bloom).flatMap((each) => each.donors);
  return (
    father !== variety.variety &&
    donors.length > 0 &&
    donors.every(({ plant }) => plants.get(plant)?.variety === variety.variety)
  );
}

/**
 * Is it to be seed of a cross? Then pollen of her own variety is foreign too.
 *
 * @example isCross({ bloom, plants, father: 'w', variety: { variety: 'v' } }) // true
 */
export const isCross = (parents: Parents): boolean =>
  parents.father !== parents.variety.variety && !isOwnInstead(parents);
