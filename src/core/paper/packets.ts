import { EDGE, line, PAPERS, THIN, type Mark, type Means, type Page, type PaperName } from './page';
import { CAPITALS, fitted, LEADING, textMark, wrapped } from './text';

/** What stands on a packet of seed that is folded from paper. */
export interface Packet {
  readonly head: string;
  /** Below the name, on the front. */
  readonly front: readonly string[];
  /** On the back, the most important first. */
  readonly back: readonly string[];
}

/** Of a packet when it is shut, mm; so that two are cut from a sheet of either paper. */
const WIDTH = 80;
const HEIGHT = 98;
/** What is glued: at the side of the back, below, and above once it is filled. */
const SIDE = 12;
const BELOW = 12;
const ABOVE = 18;
/** Flaps are narrower at their end, so that they do not catch. */
const SLANT = 4;
const INSIDE = 6;

const HEAD = 9;
const LEAST_HEAD = 4;
const BODY = 4;
const LEAST_BODY = 2.6;

const FOLD = { width: THIN, dash: [3, 2] } as const;
const TALL = ABOVE + HEIGHT + BELOW;

/**
 * Packets to cut out, fold along the broken lines and glue, two on a sheet: front and back side by side, a flap at the
 * side and one below to glue, one above to shut it.
 *
 * @example packetPages([packet, packet, packet], 'a4', means).length // 2
 */
export function packetPages(packets: readonly Packet[], paper: PaperName, means: Means): Page[] {
  const { width, height } = PAPERS[paper];
  const perPage = Math.floor((height - EDGE) / TALL);
  const left = (width - 2 * WIDTH - SIDE) / 2;
  const gap = (height - perPage * TALL) / (perPage + 1);
  return Array.from({ length: Math.ceil(packets.length / perPage) }, (_, page) => ({
    width,
    height,
    marks: packets
      .slice(page * perPage, (page + 1) * perPage)
      .flatMap((packet, i) => packetMarks(packet, left, gap + i * (TALL + gap), means)),
  }));
}

function packetMarks({ head, front, back }: Packet, x: number, y: number, means: Means): Mark[] {
  const [top, middle] = [y + ABOVE, x + WIDTH];
  const room = WIDTH - 2 * INSIDE;
  const name = fitted(head, room, { face: 'code', size: HEAD, least: LEAST_HEAD }, means);
  const base = top + INSIDE + name.size * CAPITALS;
  return [
    outline(x, y),
    line(x, top, middle, top, FOLD),
    line(x, top + HEIGHT, middle, top + HEIGHT, FOLD),
    line(middle, top, middle, top + HEIGHT, FOLD),
    line(middle + WIDTH, top, middle + WIDTH, top + HEIGHT, FOLD),
    textMark(x + INSIDE, base, name.text, { face: 'code', size: name.size }),
    line(x + INSIDE, base + 3, middle - INSIDE, base + 3),
    ...paragraphs(front, { x: x + INSIDE, y: base + 5, width: room, bottom: top + HEIGHT - INSIDE }, means),
    ...paragraphs(
      back,
      { x: middle + INSIDE, y: top + INSIDE, width: room, bottom: top + HEIGHT - INSIDE },
      means,
    ),
  ];
}

interface Block {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly bottom: number;
}

/** Texts below each other, in the largest type in which all of them have room; what has none in the smallest is left out. */
function paragraphs(texts: readonly string[], { x, y, width, bottom }: Block, means: Means): Mark[] {
  const linesAt = (size: number): string[] =>
    texts.flatMap((text) => wrapped(text, width, { face: 'text', size }, means));
  const tallOf = (size: number, lines: readonly string[]): number => lines.length * size * LEADING;
  let size = BODY;
  while (size > LEAST_BODY && tallOf(size, linesAt(size)) > bottom - y)
    size = Math.max(LEAST_BODY, size - 0.2);
  const most = Math.max(0, Math.floor((bottom - y) / (size * LEADING)));
  return linesAt(size)
    .slice(0, most)
    .map((text, i) => textMark(x, y + (i + 0.8) * size * LEADING, text, { face: 'text', size }));
}

/** Where it is cut, round front, back and flaps. */
const outline = (x: number, y: number): Mark => ({
  mark: 'path',
  x,
  y,
  scale: 1,
  d: [
    `M0 ${ABOVE}L${SLANT} 0H${WIDTH - SLANT}L${WIDTH} ${ABOVE}H${2 * WIDTH}`,
    `L${2 * WIDTH + SIDE} ${ABOVE + SLANT}V${ABOVE + HEIGHT - SLANT}L${2 * WIDTH} ${ABOVE + HEIGHT}`,
    `H${WIDTH}L${WIDTH - SLANT} ${TALL}H${SLANT}L0 ${ABOVE + HEIGHT}z`,
  ].join(''),
  line: 0,
  width: THIN,
});
