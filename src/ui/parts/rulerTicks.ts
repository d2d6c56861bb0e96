/** One of the lengths that a ruler can show. */
export interface RulerTick {
  readonly mm: number;
  readonly x: number;
  readonly height: number;
  /** Whole centimetres or inches, where there is room for it. */
  readonly name?: string;
}

export const MM_PER_CM = 10;

/** Narrower than this, px, a finger of a drawn ruler is not told from the next. */
const TICK_ROOM = 5;
const NAME_ROOM = 22;

/**
 * The ticks of a ruler: whole ones, and their parts as far as there is room.
 *
 * @param whole mm of what is named: a centimetre, or an inch.
 * @example rulerTicks({ width: 300, most: 100, whole: 10 }).filter(({ name }) => name).length // 11: 0 to 10
 */
export function rulerTicks({
  width,
  most,
  whole,
}: {
  readonly width: number;
  readonly most: number;
  readonly whole: number;
}): RulerTick[] {
  const perMm = width / most;
  const parts = (whole === MM_PER_CM ? [10, 2, 1] : [16, 8, 4, 2, 1]).find(
    (count) => (whole / count) * perMm >= TICK_ROOM,
  );
  const each = parts === undefined ? whole : whole / parts;
  const perPart = parts ?? 1;
  const namedEvery = [1, 2, 5, 10, 20].find((every) => every * whole * perMm >= NAME_ROOM) ?? 50;
  return Array.from({ length: Math.floor(most / each + 1e-9) + 1 }, (_, i): RulerTick => {
    const count = i / perPart;
    const isWhole = Number.isInteger(count);
    return {
      mm: i * each,
      x: i * each * perMm,
      height: isWhole ? 30 : i % (perPart / 2) === 0 ? 20 : 12,
      ...(isWhole && count % namedEvery === 0 && { name: String(count) }),
    };
  });
}

/**
 * The size under a finger, to the nearest mm.
 *
 * @example sizeAt(150, { width: 300, most: 100 }) // 50
 */
export const sizeAt = (
  x: number,
  { width, most }: { readonly width: number; readonly most: number },
): number => Math.min(most, Math.max(1, Math.round((x / width) * most)));
