import { useCallback, useEffect, useLayoutEffect, useRef, useState, type RefObject } from 'react';
import {
  isOnBed,
  moved,
  toPlan,
  zoomed,
  type BedBox,
  type CanvasSize,
  type PlanSpot,
  type PlanView,
} from './planView';

interface Gestures {
  readonly size: CanvasSize;
  /** The view that shows everything. */
  readonly whole: PlanView;
  readonly beds: readonly (BedBox & { readonly id: string })[];
  readonly onChoose: (bed: string | undefined) => void;
  readonly onMove: (bed: string, by: PlanSpot) => void;
}

export interface Carried {
  readonly bed: string;
  readonly by: PlanSpot;
}

export interface PlanGestures {
  readonly view: PlanView;
  readonly carried: Carried | undefined;
  /** The bed under a mouse that presses nothing: the one that may be carried next. */
  readonly under: string | undefined;
  /** What the browser may do by itself with fingers on the plan. */
  readonly touchAction: 'none' | 'pan-x pan-y';
  readonly zoom: (times: number) => void;
  readonly showAll: () => void;
}

/** Pixels that a pointer may stray and still have tapped. */
const TAP_PX = 5;
/** Beds are set down on a grid, metres. */
const GRID_M = 0.1;

const onGrid = (metres: number): number => Math.round(metres / GRID_M) * GRID_M;

interface Pointer {
  readonly start: PlanSpot;
  at: PlanSpot;
}

/**
 * Pointers and wheel on the plan: a tap chooses a bed, a mouse carries one, any other drag moves the plan, two
 * fingers or the wheel bring it nearer. A finger on a plan that is all in view scrolls the page as elsewhere.
 *
 * @param surface the element that hears them.
 */
export function usePlanGestures(surface: RefObject<HTMLElement | null>, gestures: Gestures): PlanGestures {
  const [zoomedView, setView] = useState<PlanView>();
  const [carried, setCarried] = useState<Carried>();
  const [under, setUnder] = useState<string>();
  const view = zoomedView ?? gestures.whole;
  const live = useRef({ ...gestures, view, carried });
  useLayoutEffect(() => {
    live.current = { ...gestures, view, carried };
  });
  useEffect(() => {
    const element = surface.current;
    if (!element) return;
    return listen(element, live, { setView, setCarried, setUnder });
  }, [surface]);
  const zoom = useCallback((times: number): void => {
    const { view: now, size, whole } = live.current;
    setView(zoomed(now, times, { x: size.width / 2, y: size.height / 2 }, { size, whole }));
  }, []);
  const showAll = useCallback((): void => setView(undefined), []);
  return { view, carried, under, touchAction: zoomedView ? 'none' : 'pan-x pan-y', zoom, showAll };
}

type Live = RefObject<Gestures & Pick<PlanGestures, 'view' | 'carried'>>;

interface Setters {
  readonly setView: (view: PlanView) => void;
  readonly setCarried: (carried: Carried | undefined) => void;
  readonly setUnder: (bed: string | undefined) => void;
}

function listen(element: HTMLElement, live: Live, { setView, setCarried, setUnder }: Setters): () => void {
  const pointers = new Map<number, Pointer>();
  let bed: string | undefined;
  // The next event may come before the next drawing, and goes on from what this one made.
  const look = (view: PlanView): void => {
    live.current = { ...live.current, view };
    setView(view);
  };
  const carry = (carried: Carried | undefined): void => {
    live.current = { ...live.current, carried };
    setCarried(carried);
  };
  const spotOf = (event: PointerEvent | WheelEvent): PlanSpot => {
    const { left, top } = element.getBoundingClientRect();
    return { x: event.clientX - left, y: event.clientY - top };
  };
  const bedAt = (spot: PlanSpot): string | undefined => {
    const { beds, view, size } = live.current;
    const at = toPlan(spot, view, size);
    const margin = Math.min(1, 8 / view.scale);
    return (beds.find((each) => isOnBed(each, at)) ?? beds.find((each) => isOnBed(each, at, margin)))?.id;
  };
  const down = (event: PointerEvent): void => {
    if (event.button !== 0) return;
    const at = spotOf(event);
    pointers.set(event.pointerId, { start: at, at });
    bed = pointers.size === 1 && event.pointerType === 'mouse' ? bedAt(at) : undefined;
    if (event.pointerType === 'mouse') element.setPointerCapture(event.pointerId);
  };
  const move = (event: PointerEvent): void => {
    const pointer = pointers.get(event.pointerId);
    if (!pointer) {
      if (event.pointerType === 'mouse') setUnder(bedAt(spotOf(event)));
      return;
    }
    const before = pointer.at;
    pointer.at = spotOf(event);
    const { view, size, whole } = live.current;
    if (pointers.size === 2) {
      const [a, b] = [...pointers.values()] as [Pointer, Pointer];
      const other = pointer === a ? b : a;
      const distance = (spot: PlanSpot): number => Math.hypot(spot.x - other.at.x, spot.y - other.at.y);
      const middle = { x: (a.at.x + b.at.x) / 2, y: (a.at.y + b.at.y) / 2 };
      look(zoomed(view, distance(pointer.at) / Math.max(1, distance(before)), middle, { size, whole }));
    } else if (bed !== undefined) {
      const by = {
        x: onGrid((pointer.at.x - pointer.start.x) / view.scale),
        y: onGrid((pointer.start.y - pointer.at.y) / view.scale),
      };
      const { carried } = live.current;
      if (carried?.by.x !== by.x || carried.by.y !== by.y) carry({ bed, by });
    } else if (event.pointerType === 'mouse' || view !== whole) {
      look(moved(view, pointer.at.x - before.x, pointer.at.y - before.y));
    }
  };
  const up = (event: PointerEvent): void => {
    const pointer = pointers.get(event.pointerId);
    if (!pointer) return;
    pointers.delete(event.pointerId);
    const { carried, onChoose, onMove } = live.current;
    const strayed = Math.hypot(pointer.at.x - pointer.start.x, pointer.at.y - pointer.start.y);
    if (event.type === 'pointerup' && strayed <= TAP_PX) onChoose(bedAt(pointer.at));
    else if (event.type === 'pointerup' && carried) onMove(carried.bed, carried.by);
    if (carried) carry(undefined);
    bed = undefined;
  };
  const leave = (): void => setUnder(undefined);
  const wheel = (event: WheelEvent): void => {
    event.preventDefault();
    const { view, size, whole } = live.current;
    look(zoomed(view, Math.exp(-event.deltaY / 400), spotOf(event), { size, whole }));
  };
  element.addEventListener('pointerdown', down);
  element.addEventListener('pointermove', move);
  element.addEventListener('pointerup', up);
  element.addEventListener('pointercancel', up);
  element.addEventListener('pointerleave', leave);
  element.addEventListener('wheel', wheel, { passive: false });
  return () => {
    element.removeEventListener('pointerdown', down);
    element.removeEventListener('pointermove', move);
    element.removeEventListener('pointerup', up);
    element.removeEventListener('pointercancel', up);
    element.removeEventListener('pointerleave', leave);
    element.removeEventListener('wheel', wheel);
  };
}
