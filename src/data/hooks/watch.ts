import type { DeviceLog } from '../device/deviceLog';
import type { GardenStore } from '../garden/gardenStore';

const said = (reason: unknown): string =>
  reason instanceof Error ? `${reason.name}: ${reason.message}` : String(reason);

/** Notes errors that nothing else caught. @returns the way to stop. */
export function watchErrors(log: DeviceLog): () => void {
  const onError = (event: ErrorEvent): void => void log.note('error', said(event.error ?? event.message));
  const onRejection = (event: PromiseRejectionEvent): void => void log.note('error', said(event.reason));
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
