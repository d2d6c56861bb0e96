import type { Fact } from '../journal/entry';
import type { Journal } from '../journal/journal';
import { LONGEST } from '../journal/limits';
import type { Descent } from './descent';
import type { SeedLot } from './seedLot';

/** What a lot is to be put on the plan as. */
export interface AsVariety {
  readonly lot: Pick<SeedLot, 'varieties'>;
  readonly descent: Descent;
  /** What it is, in words: the name of a variety that is new here. */
  readonly name: string;
  /** Mints ids. */
  readonly newId: () => string;
}

/**
 * The variety as which a lot is planted: its own; what is no line and no F1 that was had, such as a cross, as one of its own name, which is
 * described first where there is none of that name yet.
 *
 * @example asVariety(journal, line).facts // []: its own variety
 */
export function asVariety(
  journal: Journal,
  { lot, descent, name, newId }: AsVariety,
): { readonly variety: string; readonly facts: readonly Fact[] } {
  const [mother] = lot.varieties;
  const described = journal.all('variety').get(mother ?? '');
  if (descent.of === 'line' || (descent.of === 'hybrid' && descent.filial === 1))
    return { variety: descent.variety, facts: [] };
  if (!described || descent.of === 'unknown') return { variety: mother ?? '', facts: [] };
  const called = name.slice(0, LONGEST.name).trim();
  const known = [...journal.all('variety').values()].find(
    (each) => each.name === called && each.crop === described.crop,
  );
  if (known) return { variety: known.variety, facts: [] };
  const variety = newId();
  return {
    variety,
    facts: [
      {
        kind: 'variety.described',
        body: {
          ...{ variety, name: called, crop: described.crop, purpose: 'seedForFun', seedSource: 'f1' },
          ...{ ownPollen: 'allowed', traits: described.traits },
        },
      },
    ],
  };
}
