import type { FlowerForm } from '@/core/crops/flowerForm';
import type { FruitFate } from '@/core/flowers/fruitFate';
import type { FlowerLooks, Standing } from './looks';
import type { Shape, Tone } from './shape';

/** How flowers of a form are drawn. */
export interface DrawnForm<Form extends FlowerForm = FlowerForm> {
  readonly side: (looks: FlowerLooks<Form>) => Standing;
  /** Into the open flower; missing where there is none to look into. */
  readonly face?: (looks: FlowerLooks<Form>) => Shape[];
  /** What became of what it bears, where that is no fruitlet. */
  readonly fate?: (fate: FruitFate) => Shape[];
  /** How wide and high the largest flower is, px of its drawing. */
  readonly frame: (form: Form) => { readonly width: number; readonly height: number };
  /** Do its flowers hang? */
  readonly hangs?: true;
  /** The colour of its petals, and what has a colour of its own. */
  readonly colours: (form: Form) => {
    readonly petals: 'yellow' | 'white' | 'violet';
    readonly own?: Readonly<Partial<Record<Tone, string>>>;
  };
  /** Are all its flowers male and female at once? */
  readonly perfect?: true;
  /** Can its stalk, its neighbours and its place on the vine be drawn? */
  readonly onVine?: true;
  /** May a hole, or a finger, be shown on its face? */
  readonly marksOnFace?: true;
}
