import type { FlowerForm, StyleLength } from '../../crops/flowerForm';
import type { FruitFate } from '../fruitFate';
import type { FruitSign, LookFinding } from '../../journal/kinds/fruit';
import type { SignTable } from '../signs/sign';
import type { RogueSigns } from './rogueSigns';

/** Mistakes that a form of flower invites. Common practice, no source. */
export type FormMistake =
  | 'greenForEve'
  | 'onlyMales'
  | 'brushedOnce'
  | 'holeOverlooked'
  | 'pressedTooHard'
  | 'tagOnFlower'
  | 'silkOutside'
  | 'ownTassel'
  | 'oneDayOfSilk'
  | 'raysOut'
  | 'oneRing'
  | 'ownHead'
  | 'endRotForPollen';

/** Gaps that are both a sign to look for and drawn. */
export type FruitGap = FruitFate & FruitSign;

/**
 * All that the core knows of a form of flower beyond its measures; how it is drawn is in `ui/flowers/geometry`, what is
 * said of it in `screens/words/forms`.
 */
export interface FormFacts<Form extends FlowerForm = FlowerForm> {
  /** By what its flowers are told apart. */
  readonly signs: (form: Form) => SignTable;
  /** The lengths of style that its flowers may have, where these decide whether they set. */
  readonly styles?: (form: Form) => readonly StyleLength[];
  /** Are the sexes different parts of the plant, so that nobody takes one for the other? */
  readonly sexesApart?: true;
  /** Do petals under a cover stay shut, as they were the evening before? */
  readonly staysShut?: true;
  /** Will the faded flower of the day before do for fruit? */
  readonly fadedPollenServes?: true;
  /** What becomes of what it bears, as far as that is drawn. */
  readonly fates?: readonly FruitFate[];
  /** Which sign a finding says to be there already. */
  readonly saidBy: Readonly<Partial<Record<LookFinding, FruitSign>>>;
  /** Where gaps in it may be, each of which tells something else, the commonest first. */
  readonly gaps?: readonly FruitGap[];
  /** Are there whole plants to find buds on? */
  readonly plants?: true;
  /** Is its own pollen out before it opens, so that for a cross one is earlier than that? */
  readonly selfsInBud?: true;
  readonly mistakes: readonly FormMistake[];
  /** By what plants for seed are told that are not true to their variety. */
  readonly rogueBy: RogueSigns;
}
