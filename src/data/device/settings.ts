import type { Units } from '@/core/text/units';

type ThemeChoice = 'auto' | 'day' | 'night';
export type HourStyle = 'auto' | 'h12' | 'h24';

export interface Settings {
  readonly theme: ThemeChoice;
  readonly units: Units;
  readonly hours: HourStyle;
}

export const DEFAULT_SETTINGS: Settings = { theme: 'auto', units: 'metric', hours: 'auto' };
