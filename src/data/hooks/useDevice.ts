import { useSyncExternalStore } from 'react';
import type { DeviceLog } from '../device/deviceLog';
import type { DeviceStore } from '../device/deviceStore';
import { useOpened } from './opening';

/** The device's store; renders again when a setting changes. */
export function useDevice(): DeviceStore {
  const { device } = useOpened();
  useSyncExternalStore(device.subscribe, device.snapshot, device.snapshot);
  return device;
}

/** The log of what went wrong on this device. */
export const useDeviceLog = (): DeviceLog => useOpened().log;
