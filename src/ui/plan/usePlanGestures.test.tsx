import { act, render } from '@testing-library/react';
import { useRef } from 'react';
import { toCanvas, type PlanView } from './planView';
import { usePlanGestures, type PlanGestures } from './usePlanGestures';

const SIZE = { width: 400, height: 300 };
/** 20 pixels a metre, its middle at the middle of the canvas. */
const WHOLE: PlanView = { scale: 20, middle: { x: 5, y: 5 } };
const BEDS = [
  { id: 'north', x: 2, y: 6, length: 4, width: 2, turn: 0 },
  { id: 'turned', x: 8, y: 2, length: 3, width: 1, turn: 90 },
];
const ON_NORTH = { x: 4, y: 7 };
const ON_GROUND = { x: 1, y: 1 };

interface Received {
  readonly chosen: (string | undefined)[];
  readonly moved: { readonly bed: string; readonly x: number; readonly y: number }[];
  readonly now: () => PlanGestures;
  /** Sends events one after the other, as the browser does, without a drawing between them. */
  readonly send: (...events: Sent[]) => void;
  readonly element: HTMLElement;
}

interface Sent {
  readonly type: 'pointerdown' | 'pointermove' | 'pointerup' | 'pointercancel' | 'pointerleave' | 'wheel';
  readonly at: { readonly x: number; readonly y: number };
  readonly finger?: number;
  readonly button?: number;
  readonly turn?: number;
}

function eventOf({ type, at, finger, button = 0, turn = 0 }: Sent): Event {
  const place = { clientX: at.x, clientY: at.y, button, bubbles: true, cancelable: true };
  if (type === 'wheel') return new WheelEvent(type, { ...place, deltaY: turn });
  // Events of pointers are not known here: a mouse's, with what else they have.
  return Object.assign(new MouseEvent(type, place), {
    pointerId: finger ?? 0,
    pointerType: finger === undefined ? 'mouse' : 'touch',
  });
}

function renderPlan(): Received {
  const chosen: Received['chosen'] = [];
  const moved: Received['moved'] = [];
  let latest: PlanGestures | undefined;
  function Surface() {
    const surface = useRef<HTMLDivElement>(null);
    latest = usePlanGestures(surface, {
      size: SIZE,
      whole: WHOLE,
      opening: WHOLE,
      beds: BEDS,
      onChoose: (bed) => chosen.push(bed),
      onMove: (bed, by) => moved.push({ bed, x: round(by.x), y: round(by.y) }),
    });
    return <div ref={surface} data-testid="plan" />;
  }
  const element = render(<Surface />).getByTestId('plan');
  element.setPointerCapture = () => undefined;
  const send = (...events: Sent[]): void => {
    act(() => events.forEach((each) => element.dispatchEvent(eventOf(each))));
  };
  return { chosen, moved, now: () => latest!, send, element };
}

const round = (value: number): number => Math.round(value * 100) / 100;
const px = (spot: { x: number; y: number }, dx = 0, dy = 0): { x: number; y: number } => {
  const { x, y } = toCanvas(spot, WHOLE, SIZE);
  return { x: x + dx, y: y + dy };
};

test('a tap chooses the bed under it, one just next to a bed too, and one on the ground none', () => {
  const { chosen, send } = renderPlan();
  for (const at of [px(ON_NORTH), px({ x: 7.5, y: 3 }), px(ON_GROUND)]) {
    send({ type: 'pointerdown', at }, { type: 'pointerup', at: { x: at.x + 2, y: at.y } });
  }
  expect(chosen).toEqual(['north', 'turned', undefined]);
});

test('a mouse drags a bed to the nearest tenth of a metre, even when all its moves come at once', () => {
  const { chosen, moved, now, send } = renderPlan();
  send({ type: 'pointerdown', at: px(ON_NORTH) }, { type: 'pointermove', at: px(ON_NORTH, 11, -30) });
  expect(now().dragged?.bed).toBe('north');
  expect(round(now().dragged!.by.x)).toBe(0.6);
  send(
    { type: 'pointermove', at: px(ON_NORTH, 20, -30) },
    { type: 'pointermove', at: px(ON_NORTH, 40, -21) },
    { type: 'pointerup', at: px(ON_NORTH, 40, -21) },
  );
  expect(moved).toEqual([{ bed: 'north', x: 2, y: 1.1 }]);
  expect(now().dragged).toBeUndefined();
  expect(chosen).toEqual([]);
  expect(now().view).toEqual(WHOLE);
});

test('the bed under the mouse is known before it is pressed, and that of a finger is not', () => {
  const { now, send } = renderPlan();
  send({ type: 'pointermove', at: px(ON_NORTH) });
  expect(now().hovered).toBe('north');
  expect(now().dragged).toBeUndefined();
  send({ type: 'pointermove', at: px(ON_GROUND) });
  expect(now().hovered).toBeUndefined();
  send({ type: 'pointermove', at: px(ON_NORTH) }, { type: 'pointerleave', at: px(ON_NORTH) });
  expect(now().hovered).toBeUndefined();
  send({ type: 'pointermove', at: px(ON_NORTH), finger: 1 });
  expect(now().hovered).toBeUndefined();
});

test('a drag that the browser cancels leaves the bed where it was', () => {
  const { moved, now, send } = renderPlan();
  send(
    { type: 'pointerdown', at: px(ON_NORTH) },
    { type: 'pointermove', at: px(ON_NORTH, 60, 0) },
    { type: 'pointercancel', at: px(ON_NORTH, 60, 0) },
  );
  expect(moved).toEqual([]);
  expect(now().dragged).toBeUndefined();
});

test('a mouse on the ground moves the plan; the other button does nothing', () => {
  const { now, send } = renderPlan();
  send(
    { type: 'pointerdown', at: px(ON_GROUND), button: 2 },
    { type: 'pointermove', at: px(ON_GROUND, 50, 0) },
  );
  expect(now().view).toEqual(WHOLE);
  send(
    { type: 'pointerdown', at: px(ON_GROUND) },
    { type: 'pointermove', at: px(ON_GROUND, 20, 10) },
    { type: 'pointermove', at: px(ON_GROUND, 40, 20) },
    { type: 'pointerup', at: px(ON_GROUND, 40, 20) },
  );
  expect(now().view.scale).toBe(20);
  expect(now().view.middle.x).toBeCloseTo(3);
  expect(now().view.middle.y).toBeCloseTo(6);
});

test('one finger scrolls the page when all of the plan is in view, and moves a zoomed plan', () => {
  const { now, send } = renderPlan();
  const drag = (): void =>
    send(
      { type: 'pointerdown', at: px(ON_NORTH), finger: 1 },
      { type: 'pointermove', at: px(ON_NORTH, 30, 0), finger: 1 },
      { type: 'pointerup', at: px(ON_NORTH, 30, 0), finger: 1 },
    );
  expect(now().touchAction).toBe('pan-x pan-y');
  drag();
  expect(now().view).toEqual(WHOLE);
  act(() => now().zoom(2));
  expect(now().touchAction).toBe('none');
  const before = now().view.middle.x;
  drag();
  expect(before - now().view.middle.x).toBeCloseTo(30 / 40);
  expect(now().dragged).toBeUndefined();
});

test('two fingers zoom the plan by as much as they move apart, between two drawings too', () => {
  const { now, send } = renderPlan();
  const [left, right] = [px(ON_NORTH, -20, 0), px(ON_NORTH, 20, 0)];
  send({ type: 'pointerdown', at: left, finger: 1 }, { type: 'pointerdown', at: right, finger: 2 });
  const steps = Array.from({ length: 10 }, (_, i) => i + 1);
  send(
    ...steps.flatMap((i): Sent[] => [
      { type: 'pointermove', at: px(ON_NORTH, -20 - 4 * i, 0), finger: 1 },
      { type: 'pointermove', at: px(ON_NORTH, 20 + 4 * i, 0), finger: 2 },
    ]),
  );
  expect(now().view.scale).toBeCloseTo(20 * 3);
  const spot = toCanvas(ON_NORTH, now().view, SIZE);
  expect(Math.hypot(spot.x - px(ON_NORTH).x, spot.y - px(ON_NORTH).y)).toBeLessThan(15);
});

test('the wheel zooms in on the point under it and keeps the page still; all of the plan comes back', () => {
  const { now, send, element } = renderPlan();
  const at = px(ON_GROUND);
  send({ type: 'wheel', at, turn: -200 }, { type: 'wheel', at, turn: -200 });
  expect(now().view.scale).toBeCloseTo(20 * Math.E);
  const spot = toCanvas(ON_GROUND, now().view, SIZE);
  expect(spot.x).toBeCloseTo(at.x);
  expect(spot.y).toBeCloseTo(at.y);
  const wheel = new WheelEvent('wheel', { deltaY: 10, cancelable: true });
  act(() => void element.dispatchEvent(wheel));
  expect(wheel.defaultPrevented).toBe(true);
  act(() => now().showAll());
  expect(now().view).toEqual(WHOLE);
});
