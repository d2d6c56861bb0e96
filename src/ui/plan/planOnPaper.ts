import { cornersOf } from '@/core/garden/places';
import type { Drawing, DrawnShape, DrawnWord } from '@/core/paper/drawingSheet';
import type { PlanBarrier, PlanBedDrawing } from './planParts';
import { plantsPath } from './plantShape';
import { boxAround, roundLength, type PlanSpot } from './planView';

/** Of the plan, metres: white round it, and a plant as it is drawn. */
const AROUND = 1;
const PLANT = 0.13;
const WORD = 4;

interface PlanToDraw {
  readonly beds: readonly PlanBedDrawing[];
  readonly barriers: readonly PlanBarrier[];
  /** A length in the grower's words. */
  readonly lengthInWords: (metres: number) => string;
}

/** The plan with north up, in metres: y grows downwards on paper. */
export function planOnPaper({ beds, barriers, lengthInWords }: PlanToDraw): Drawing {
  const corners = beds.map((bed) => cornersOf(bed));
  const { left, right, low, top } = boxAround([
    ...corners.flat(),
    ...barriers.flatMap(({ from, to }) => [from, to]),
  ]);
  const bar = roundLength((right - left) / 3);
  const foot = -low + AROUND;
  return {
    x: left - AROUND,
    y: -top - AROUND,
    width: right - left + 2 * AROUND,
    height: top - low + 3 * AROUND,
    shapes: [
      ...corners.map((each): DrawnShape => ({ d: `${through(each)}z`, line: 0, width: 0.3 })),
      ...beds.flatMap(({ patches }) =>
        patches.map(({ spots: plants, shape }): DrawnShape => ({
          d: plantsPath(plants.map(flipped), shape, PLANT),
          fill: 0.55,
          line: 0,
          width: 0.15,
        })),
      ),
      ...barriers.map(({ from, to }): DrawnShape => ({ d: through([from, to]), line: 0, width: 0.9 })),
      { d: `M${left} ${foot - 0.15}v0.15h${bar}v-0.15`, line: 0, width: 0.3 },
      { d: `M0.25 0L0 -0.5L-0.25 0z`, fill: 0 },
    ],
    words: [
      ...beds.map(({ name }, i): DrawnWord => ({
        ...above(corners[i]!),
        text: name,
        face: 'code',
        size: WORD,
        room: Math.max(1.5, widest(corners[i]!)),
      })),
      {
        x: left + bar / 2,
        y: foot + 0.35,
        text: lengthInWords(bar),
        face: 'text',
        size: WORD,
        room: right - left,
      },
      { x: 0, y: 0.4, text: 'Gate', face: 'text', size: WORD * 0.8, room: 4 },
    ],
  };
}

const flipped = ({ x, y }: PlanSpot): PlanSpot => ({ x, y: -y });

const through = (spots: readonly PlanSpot[]): string =>
  spots.map(({ x, y }, i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(3)} ${(-y).toFixed(3)}`).join('');

/** The middle of a bed's upper edge, a little above it. */
function above(corners: readonly PlanSpot[]): { readonly x: number; readonly y: number } {
  const xs = corners.map(({ x }) => x);
  return { x: (Math.min(...xs) + Math.max(...xs)) / 2, y: -Math.max(...corners.map(({ y }) => y)) - 0.3 };
}

const widest = (corners: readonly PlanSpot[]): number =>
  Math.max(...corners.map(({ x }) => x)) - Math.min(...corners.map(({ x }) => x));
