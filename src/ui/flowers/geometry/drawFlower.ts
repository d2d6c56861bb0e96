import type { FlowerForm } from '@/core/crops/flowerForm';
import { coverShapes, defectShapes } from './covers';
import { drawnAs } from './forms';
import type { FlowerLooks, Standing } from './looks';
import { boxOf, placed, type Box, type Shape } from './shape';

/** From the side, or into the open flower. */
export type FlowerView = 'side' | 'face';

/**
 * All shapes of a flower from the side, the end of its stalk at the origin, so that flowers of one crop can stand next to
 * each other in their true proportions.
 *
 * @param looks what the flower is.
 * @returns shapes in the order in which they are drawn; about 200 high for the open flower of a squash.
 * @example flowerSide(looks).length
 */
export function flowerSide(looks: FlowerLooks): Shape[] {
  const standing = standingOf(looks);
  const own = [...standing.shapes, ...defectShapes(looks, standing), ...coverShapes(looks, standing)];
  // Flowers of the tomato's family hang.
  return drawnAs(looks.form).hangs
    ? placed(own, { at: [0, standing.foot], turn: 180 })
    : placed(own, { at: [0, -standing.foot] });
}

const standingOf = (looks: FlowerLooks): Standing => drawnAs(looks.form).side(looks);

/**
 * Can one look into flowers of a form? Corn has none to look into.
 *
 * @example hasFace({ type: 'grass' }) // false
 */
export const hasFace = (form: FlowerForm): boolean => drawnAs(form).face !== undefined;

/**
 * The open flower from the front, its middle at the origin.
 *
 * @returns nothing for corn.
 * @example flowerFace(looks).length
 */
export function flowerFace(looks: FlowerLooks): Shape[] {
  const { face, marksOnFace } = drawnAs(looks.form);
  return [...(face?.(looks) ?? []), ...(marksOnFace ? defectShapes(looks) : [])];
}

/**
 * The box in which all ages of a form are shown in one scale: the stalk ends at the middle of its lower edge. It grows
 * with what does not fit.
 *
 * @example frameOf(form, flowerSide(looks)).height // 246 for a squash
 */
export function frameOf(form: FlowerForm, shapes: readonly Shape[]): Box {
  const { frame, hangs } = drawnAs(form);
  const { width, height } = frame(form);
  const own = boxOf(shapes);
  const half = Math.max(width / 2, -own.x, own.x + own.width);
  const tall = Math.max(height, own.height);
  return { x: -half, y: hangs ? own.y : own.y + own.height - tall, width: 2 * half, height: tall };
}

/** The smallest part of the frame's height that a close-up shows, so that a tiny bud stays one. */
const CLOSEST = 0.42;

/**
 * The box round one flower by itself, but no closer than a tiny bud bears.
 *
 * @example closeUp(form, flowerSide(pin)).height // 0.42 of the frame of its crop
 */
export function closeUp(form: FlowerForm, shapes: readonly Shape[]): Box {
  const own = boxOf(shapes);
  const tall = Math.max(own.height, CLOSEST * frameOf(form, shapes).height);
  return { x: own.x, y: own.y + own.height / 2 - tall / 2, width: own.width, height: tall };
}
