import type { FlowerForm } from '@/core/crops/flowerForm';
import { coverShapes, defectShapes } from './covers';
import { domeFace, domeSide } from './dome';
import { gourdSide } from './gourd';
import { faceShapes } from './gourdFace';
import { grassSide } from './grass';
import type { FlowerLooks, Standing } from './looks';
import { nightshadeFace, nightshadeSide } from './nightshade';
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
  return looks.form.type === 'nightshade'
    ? placed(own, { at: [0, standing.foot], turn: 180 })
    : placed(own, { at: [0, -standing.foot] });
}

function standingOf(looks: FlowerLooks): Standing {
  const { form } = looks;
  switch (form.type) {
    case 'gourd':
      return gourdSide({ ...looks, form });
    case 'grass':
      return grassSide({ ...looks, form });
    case 'nightshade':
      return nightshadeSide({ ...looks, form });
    case 'dome':
      return domeSide({ ...looks, form });
  }
}

/**
 * Can one look into flowers of a form? Corn has none to look into.
 *
 * @example hasFace({ type: 'grass' }) // false
 */
export const hasFace = ({ type }: FlowerForm): boolean => type !== 'grass';

/**
 * The open flower from the front, its middle at the origin.
 *
 * @returns nothing for corn.
 * @example flowerFace(looks).length
 */
export function flowerFace(looks: FlowerLooks): Shape[] {
  const { form } = looks;
  switch (form.type) {
    case 'gourd':
      return [...faceShapes({ ...looks, form }), ...defectShapes(looks)];
    case 'grass':
      return [];
    case 'nightshade':
      return nightshadeFace({ ...looks, form });
    case 'dome':
      return domeFace({ ...looks, form });
  }
}

/** How high and how wide the largest flower of a form is, px of its drawing. */
const FRAMES = {
  bell: { width: 150, height: 246 },
  wheel: { width: 96, height: 130 },
  nightshade: { width: 124, height: 136 },
  grass: { width: 190, height: 196 },
  dome: { width: 96, height: 142 },
} as const;

/**
 * The box in which all ages of a form are shown in one scale: the stalk ends at the middle of its lower edge. It grows
 * with what does not fit.
 *
 * @example frameOf(form, flowerSide(looks)).height // 246 for a squash
 */
export function frameOf(form: FlowerForm, shapes: readonly Shape[]): Box {
  const { width, height } =
    FRAMES[form.type === 'gourd' ? (form.petals === 'bell' ? 'bell' : 'wheel') : form.type];
  const own = boxOf(shapes);
  const hangs = form.type === 'nightshade';
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
