import type { DeviceLog } from '../device/deviceLog';
import { errorText } from '../device/errorText';
import { isLeftByStore } from '../storage';
import type { Trouble } from '../trouble';
import type { GardenStore } from '../garden/gardenStore';

const nameAndSaid = (reason: unknown): string =>
  reason instanceof Error ? `${reason.name}: ${reason.message}` : String(reason);

/** Notes errors that nothing else caught, and tells of what was begun and came to nothing. @returns the way to stop. */
export function watchErrors(log: DeviceLog, trouble: Trouble): () => void {
  const onError = (event: ErrorEvent): void =>
    void log.note('error', nameAndSaid(event.error ?? event.message));
  const onRejection = (event: PromiseRejectionEvent): void => {
    void log.note('error', nameAndSaid(event.reason));
    if (!isLeftByStore(event.reason)) trouble.note({ what: 'failed', detail: errorText(event.reason) });
  };
  window.addEventListener('error', onError);
  window.addEventListener('unhandledrejection', onRejection);
  return () => {
    window.removeEventListener('error', onError);
    window.removeEventListener('unhandledrejection', onRejection);
  };
}

/** Notes when a garden's entries are refused by the disk, and damage found in them. @returns the way to stop. */
export function watchGarden(log: DeviceLog, garden: GardenStore): () => void {
  let unsaved = 0;
  let damaged = 0;
  const look = (): void => {
    if (garden.unsaved.length > unsaved) void log.note('refused', `${garden.unsaved.length} entries waiting`);
    for (const { key, expected, recovered } of garden.damage.slice(damaged)) {
      void log.note('damage', `${key}: ${recovered} of ${expected ?? 'unknown'} recovered`);
    }
    unsaved = garden.unsaved.length;
    damaged = garden.damage.length;
  };
  look();
  return garden.subscribe(look);
}

/** Asks before the page is left while something is only in its memory. @returns the way to stop. */
export function watchLeaving(gardens: readonly GardenStore[]): () => void {
  const onLeave = (event: BeforeUnloadEvent): void => {
    if (gardens.some(({ unsaved, wiped }) => unsaved.length > 0 && !wiped)) event.preventDefault();
  };
  window.addEventListener('beforeunload', onLeave);
  return () => window.removeEventListener('beforeunload', onLeave);
}
