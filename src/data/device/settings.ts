import type { LabelForm, LabelFormName } from '@/core/paper/labelForm';
import type { PaperName } from '@/core/paper/page';
import type { Units } from '@/core/text/units';

type ThemeChoice = 'auto' | 'day' | 'night';
export type HourStyle = 'auto' | 'h12' | 'h24';

export interface Settings {
  readonly theme: ThemeChoice;
  readonly units: Units;
  readonly hours: HourStyle;
  /** At a stop of a round: fewer and larger buttons, for gloves and wet hands. */
  readonly largeButtons?: boolean;
  /** Each stop of a round is read aloud. */
  readonly speech?: boolean;
  /** Done is felt in the hand; so it is until somebody says no. */
  readonly vibration?: boolean;
  /** What the printer is fed with; as it is usual in the device's country until somebody chose. */
  readonly paper?: PaperName;
  readonly labels?: LabelFormName | 'own';
  /** Labels that are none of those we know. */
  readonly ownLabels?: LabelForm;
}

export const DEFAULT_SETTINGS: Settings = { theme: 'auto', units: 'metric', hours: 'auto' };
