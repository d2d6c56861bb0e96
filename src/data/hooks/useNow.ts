import { startTransition, useEffect, useState } from 'react';
import { useOpened } from './opening';

const CLOCK_EVENT = 'steady-trowel-clock';

/** The garden's time, UTC milliseconds, renewed every few seconds and whenever the demo's clock is moved. */
export function useNow(everyMs = 15_000): number {
  const { clock } = useOpened().session.garden;
  const [now, setNow] = useState(() => clock.now());
  useEffect(() => {
    // Another minute is drawn in slices: no tap waits for it.
    const tick = (): void => startTransition(() => setNow(clock.now()));
    tick();
    const timer = setInterval(tick, everyMs);
    window.addEventListener(CLOCK_EVENT, tick);
    return () => {
      clearInterval(timer);
      window.removeEventListener(CLOCK_EVENT, tick);
    };
  }, [clock, everyMs]);
  return now;
}

/**
 * Moves the demo's clock forward and tells every screen. To when is asked of the time there is at that moment: what is
 * shown may be behind it.
 */
export function useForward(): (to: (now: number) => number) => void {
  const { session, device } = useOpened();
  return (to) => {
    const { clock } = session.garden;
    clock.forwardTo(to(clock.now()));
    void device.writeClock(clock.memory()).catch(() => undefined);
    window.dispatchEvent(new Event(CLOCK_EVENT));
  };
}
