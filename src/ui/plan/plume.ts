import type { PlanSpot } from './planView';

/** Half width of a plume at its end, px, for a share of the seed: seen from a tenth of a per cent on. */
export const plumeHalf = (share: number): number => Math.max(2, Math.min(26, 26 * Math.sqrt(share)));

/**
 * The outline of a plume of pollen, a wedge from where it comes to where it goes, rounded at its wide end.
 *
 * @param from and `to` on the canvas, px.
 */
export function plumePath(from: PlanSpot, to: PlanSpot, share: number): string {
  const length = Math.hypot(to.x - from.x, to.y - from.y);
  if (length < 1) return '';
  const half = plumeHalf(share);
  const [ux, uy] = [(to.x - from.x) / length, (to.y - from.y) / length];
  const at = (along: number, aside: number): string =>
    `${(from.x + ux * along - uy * aside).toFixed(1)} ${(from.y + uy * along + ux * aside).toFixed(1)}`;
  const end = Math.max(length * 0.6, length - half);
  return `M${at(0, 0)}L${at(end, half)}Q${at(length + half * 0.3, half)} ${at(length, 0)}Q${at(length + half * 0.3, -half)} ${at(end, -half)}Z`;
}

/** Where the line from the middle of a canvas towards a far spot leaves it, a margin before its edge. */
export function atEdge(
  to: PlanSpot,
  { width, height }: { readonly width: number; readonly height: number },
  margin: number,
): PlanSpot {
  const middle = { x: width / 2, y: height / 2 };
  const [dx, dy] = [to.x - middle.x, to.y - middle.y];
  const times = Math.min(
    (width / 2 - margin) / Math.max(1e-6, Math.abs(dx)),
    (height / 2 - margin) / Math.max(1e-6, Math.abs(dy)),
  );
  return times >= 1 ? to : { x: middle.x + dx * times, y: middle.y + dy * times };
}
