import { useCallback, useEffect, useLayoutEffect, useRef, useState, type RefObject } from 'react';
import { onPrinting } from '../parts/usePrinting';
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
  /** The view before anybody has touched it. */
  readonly opening: PlanView;
  readonly beds: readonly (BedBox & { readonly id: string })[];
  readonly onChoose: (bed: string | undefined) => void;
  readonly onMove: (bed: string, by: PlanSpot) => void;
}

interface DraggedBed {
  readonly bed: string;
  readonly by: PlanSpot;
}

export interface PlanGestures {
  readonly view: PlanView;
  readonly dragged: DraggedBed | undefined;
  /** The bed under a mouse that presses nothing: the one that may be dragged next. */
  readonly hovered: string | undefined;
  /** What the browser may do by itself with fingers on the plan. */
  readonly touchAction: 'none' | 'pan-x pan-y';
  readonly zoom: (times: number) => void;
  readonly showAll: () => void;
}

/** Pixels that a pointer may stray and still have tapped. */
const TAP_PX = 5;
/** Dragged beds snap to a grid, metres. */
const GRID_M = 0.1;
/** Wheel units for one e-fold of zoom. */
const WHEEL_PER_E = 400;

const onGrid = (metres: number): number => Math.round(metres / GRID_M) * GRID_M;

interface Pointer {
  readonly start: PlanSpot;
  at: PlanSpot;
}

/**
 * Pointers and wheel on the plan: a tap chooses a bed, a mouse drags one, any other drag moves the plan, two fingers
 * or the wheel zoom. A finger on a plan that is all in view scrolls the page as elsewhere.
 *
 * @param surface the element that receives the events.
 */
export function usePlanGestures(surface: RefObject<HTMLElement | null>, gestures: Gestures): PlanGestures {
  const [zoomedView, setView] = useState<PlanView>();
  const [dragged, setDragged] = useState<DraggedBed>();
  const [hovered, setHovered] = useState<string>();
  const view = zoomedView ?? gestures.opening;
  const live = useRef<LiveState>({ ...gestures, view, dragged });
  useLayoutEffect(() => {
    live.current = { ...gestures, view, dragged };
  });
  useEffect(() => {
    const element = surface.current;
    if (!element) return;
    return new PlanPointers(element, live, { setView, setDragged, setHovered }).listen();
  }, [surface]);
  useEffect(() => {
    // Printed is the whole plan, whatever is in view.
    let before: PlanView | undefined;
    return onPrinting((printing) => {
      if (printing) before = live.current.view;
      setView(printing ? live.current.whole : before);
    });
  }, []);
  const zoom = useCallback((times: number): void => {
    const { view: now, size, whole } = live.current;
    setView(zoomed(now, times, { x: size.width / 2, y: size.height / 2 }, { size, whole }));
  }, []);
  const showAll = useCallback((): void => setView(live.current.whole), []);
  return {
    view,
    dragged,
    hovered,
    touchAction: isAtRest(view, gestures) ? 'pan-x pan-y' : 'none',
    zoom,
    showAll,
  };
}

/** As it opens, or all of it: a finger scrolls the page as elsewhere. */
const isAtRest = (view: PlanView, { whole, opening }: Pick<Gestures, 'whole' | 'opening'>): boolean =>
  view === whole || view === opening;

/** What the handlers need of the latest drawing, and what they have changed since. */
type LiveState = Gestures & Pick<PlanGestures, 'view' | 'dragged'>;

interface Setters {
  readonly setView: (view: PlanView) => void;
  readonly setDragged: (dragged: DraggedBed | undefined) => void;
  readonly setHovered: (bed: string | undefined) => void;
}

/** The pointers that are down on the plan, and what their movements mean. */
class PlanPointers {
  readonly #element: HTMLElement;
  readonly #live: RefObject<LiveState>;
  readonly #setters: Setters;
  readonly #pointers = new Map<number, Pointer>();
  /** The bed that a mouse has pressed. */
  #pressed: string | undefined;

  constructor(element: HTMLElement, live: RefObject<LiveState>, setters: Setters) {
    this.#element = element;
    this.#live = live;
    this.#setters = setters;
  }

  /** @returns the function that stops listening. */
  listen(): () => void {
    const stop = new AbortController();
    const { signal } = stop;
    const on = (types: readonly PointerEventType[], handle: (event: PointerEvent) => void): void => {
      for (const type of types) this.#element.addEventListener(type, handle, { signal });
    };
    on(['pointerdown'], (event) => this.#down(event));
    on(['pointermove'], (event) => this.#move(event));
    on(['pointerup', 'pointercancel'], (event) => this.#up(event));
    on(['pointerleave'], () => this.#setters.setHovered(undefined));
    this.#element.addEventListener('wheel', (event) => this.#wheel(event), { signal, passive: false });
    return () => stop.abort();
  }

  #down(event: PointerEvent): void {
    if (event.button !== 0) return;
    const mouse = event.pointerType === 'mouse';
    const at = this.#spotOf(event);
    this.#pointers.set(event.pointerId, { start: at, at });
    this.#pressed = this.#pointers.size === 1 && mouse ? this.#bedAt(at) : undefined;
    if (mouse) this.#element.setPointerCapture(event.pointerId);
  }

  #move(event: PointerEvent): void {
    const mouse = event.pointerType === 'mouse';
    const pointer = this.#pointers.get(event.pointerId);
    if (!pointer) {
      if (mouse) this.#setters.setHovered(this.#bedAt(this.#spotOf(event)));
      return;
    }
    const before = pointer.at;
    pointer.at = this.#spotOf(event);
    const { view } = this.#live.current;
    if (this.#pointers.size === 2) this.#pinch(pointer, before);
    else if (this.#pressed !== undefined) this.#dragBed(this.#pressed, pointer);
    else if (mouse || !isAtRest(view, this.#live.current)) {
      this.#setView(moved(view, pointer.at.x - before.x, pointer.at.y - before.y));
    }
  }

  #pinch(pointer: Pointer, before: PlanSpot): void {
    const [a, b] = [...this.#pointers.values()] as [Pointer, Pointer];
    const other = pointer === a ? b : a;
    const distance = (spot: PlanSpot): number => Math.hypot(spot.x - other.at.x, spot.y - other.at.y);
    const middle = { x: (a.at.x + b.at.x) / 2, y: (a.at.y + b.at.y) / 2 };
    const { view, size, whole } = this.#live.current;
    const times = distance(pointer.at) / Math.max(1, distance(before));
    this.#setView(zoomed(view, times, middle, { size, whole }));
  }

  #dragBed(bed: string, pointer: Pointer): void {
    const { view, dragged } = this.#live.current;
    const by = {
      x: onGrid((pointer.at.x - pointer.start.x) / view.scale),
      y: onGrid((pointer.start.y - pointer.at.y) / view.scale),
    };
    if (dragged?.by.x !== by.x || dragged.by.y !== by.y) this.#setDragged({ bed, by });
  }

  #up(event: PointerEvent): void {
    const pointer = this.#pointers.get(event.pointerId);
    if (!pointer) return;
    this.#pointers.delete(event.pointerId);
    const { dragged, onChoose, onMove } = this.#live.current;
    const strayed = Math.hypot(pointer.at.x - pointer.start.x, pointer.at.y - pointer.start.y);
    if (event.type === 'pointerup' && strayed <= TAP_PX) onChoose(this.#bedAt(pointer.at));
    else if (event.type === 'pointerup' && dragged) onMove(dragged.bed, dragged.by);
    if (dragged) this.#setDragged(undefined);
    this.#pressed = undefined;
  }

  #wheel(event: WheelEvent): void {
    event.preventDefault();
    const { view, size, whole } = this.#live.current;
    this.#setView(zoomed(view, Math.exp(-event.deltaY / WHEEL_PER_E), this.#spotOf(event), { size, whole }));
  }

  // The next event may come before the next drawing, and continues from what this one made.
  #setView(view: PlanView): void {
    this.#live.current = { ...this.#live.current, view };
    this.#setters.setView(view);
  }

  #setDragged(dragged: DraggedBed | undefined): void {
    this.#live.current = { ...this.#live.current, dragged };
    this.#setters.setDragged(dragged);
  }

  #spotOf(event: PointerEvent | WheelEvent): PlanSpot {
    const { left, top } = this.#element.getBoundingClientRect();
    return { x: event.clientX - left, y: event.clientY - top };
  }

  #bedAt(spot: PlanSpot): string | undefined {
    const { beds, view, size } = this.#live.current;
    const at = toPlan(spot, view, size);
    const margin = Math.min(1, 8 / view.scale);
    return (beds.find((each) => isOnBed(each, at)) ?? beds.find((each) => isOnBed(each, at, margin)))?.id;
  }
}

type PointerEventType = 'pointerdown' | 'pointermove' | 'pointerup' | 'pointercancel' | 'pointerleave';
