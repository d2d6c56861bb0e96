import { cornersOf, metresBetween } from '@/core/garden/places';
import { boxRound, overlap, placeLabels, type LabelWish, type PlacedLabel } from './placeLabels';
import type { PlanBedDrawing } from './planParts';
import { atEdge } from './plume';
import {
  MARGIN,
  SCALE_BAR,
  scaleBarX,
  toCanvas,
  type CanvasSize,
  type PlanSpot,
  type PlanView,
} from './planView';

export interface NameProps {
  readonly beds: readonly Pick<PlanBedDrawing, 'id' | 'name' | 'x' | 'y' | 'length' | 'width' | 'turn'>[];
  /** Sources outside the garden. */
  readonly outside: readonly { readonly id: string; readonly name: string; readonly spot: PlanSpot }[];
  readonly chosenBed?: string;
  readonly view: PlanView;
  readonly size: CanvasSize;
  readonly lengthInWords: (metres: number) => string;
}

/** A mark on the canvas; with `towards`, degrees clockwise from right, an arrow to something out of view. */
export interface PlanMark {
  readonly id: string;
  readonly at: PlanSpot;
  readonly towards?: number;
}

/** Size of names, px. */
export const NAME_SIZE = 14;
/** Half a mark, px. */
const MARK = 8;
/** Beds out of view to which arrows lead: the nearest. */
const MAX_ARROWS = 6;

/**
 * Names and marks for a view of the plan. What is out of view gets an arrow at the edge with its name and how far it is:
 * a source outside the garden from the gate, a bed from the middle of the view.
 */
export function namesOn({ beds, outside, chosenBed, view, size, lengthInWords }: NameProps): {
  readonly marks: readonly PlanMark[];
  readonly labels: readonly PlacedLabel[];
} {
  const canvas = { x: 0, y: 0, ...size };
  const boxes = beds.map((bed) => ({
    bed,
    box: boxRound(cornersOf(bed).map((corner) => toCanvas(corner, view, size))),
  }));
  const inView = boxes.filter(({ box }) => overlap(box, canvas));
  const sources = outside.map(({ id, name, spot }) => ({
    id,
    text: name,
    tail: `, ${lengthInWords(metresBetween({ x: 0, y: 0 }, spot))}`,
    spot,
  }));
  const beyond = boxes
    .filter((each) => !inView.includes(each))
    .map(({ bed }) => ({ bed, metres: metresBetween(bed, view.middle) }))
    .sort((a, b) => a.metres - b.metres)
    .slice(0, MAX_ARROWS)
    .map(({ bed, metres }) => ({
      id: bed.id,
      text: bed.name,
      tail: `, ${lengthInWords(metres)}`,
      spot: bed,
    }));
  const marks = [...sources, ...beyond].map(({ id, text, tail, spot }) => {
    const there = toCanvas(spot, view, size);
    const at = atEdge(there, size, MARGIN / 2);
    const towards = (Math.atan2(there.y - at.y, there.x - at.x) * 180) / Math.PI;
    return { id, text, tail, at, ...(at !== there && { towards }) };
  });
  const bedWishes = inView.map(({ bed, box }): LabelWish => ({
    id: bed.id,
    text: bed.name,
    of: box,
    first: bed.id === chosenBed,
  }));
  const markWishes = marks.map(({ id, text, tail, at }): LabelWish => ({ id, text, tail, of: around(at) }));
  const obstacles = [
    ...inView.map(({ box }) => box),
    ...marks.map(({ at }) => around(at)),
    { x: scaleBarX(view, size), y: size.height - SCALE_BAR.height, ...SCALE_BAR },
  ];
  return { marks, labels: placeLabels([...bedWishes, ...markWishes], obstacles, size, NAME_SIZE) };
}

const around = ({ x, y }: PlanSpot) => ({ x: x - MARK, y: y - MARK, width: 2 * MARK, height: 2 * MARK });
