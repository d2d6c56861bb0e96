import type { Drawing } from '@/core/paper/drawingSheet';
import type { Grey } from '@/core/paper/page';
import { flowerSide, frameOf } from './geometry/drawFlower';
import type { FlowerLooks } from './geometry/looks';
import { pathOf } from './geometry/shape';
import { toneColours } from './tones';

/** Fills are lighter than they are on a screen: outlines tell the parts apart where there is no colour. */
const DARKEST_FILL = 0.35;
const LINE = 0.25;

/** A flower from its side, in black and white, in one scale with all of its crop. */
export function flowerOnPaper(looks: FlowerLooks): Drawing {
  const shapes = flowerSide(looks);
  const colours = toneColours(looks.form, 'day', '#000000');
  return {
    ...frameOf(looks.form, shapes),
    shapes: shapes.map((shape) => {
      const fill = greyOf(colours[shape.fill]);
      const drawn = greyOf(colours[shape.line]);
      return {
        d: pathOf(shape),
        ...(fill !== undefined && { fill: DARKEST_FILL + (1 - DARKEST_FILL) * fill }),
        ...(drawn !== undefined && { line: drawn / 2, width: LINE }),
      };
    }),
  };
}

/**
 * How light a colour is; `undefined` of what lets through what is below it.
 *
 * @param colour `#RRGGBB`, with the luma of sRGB [ITU-R BT.709: 0.2126, 0.7152, 0.0722].
 */
function greyOf(colour: string): Grey | undefined {
  if (!/^#[\dA-F]{6}$/i.test(colour)) return undefined;
  const [red, green, blue] = [1, 3, 5].map((at) => parseInt(colour.slice(at, at + 2), 16) / 255);
  return 0.2126 * red! + 0.7152 * green! + 0.0722 * blue!;
}
