import { OpenNowScreen } from '../open/OpenNowScreen';
import { RoundScreen } from '../round/RoundScreen';
import { ScoutScreen } from '../scout/ScoutScreen';

/** The screens of the work at the plants: Today loads them as soon as it has nothing better to do. */
const SCREENS = { open: OpenNowScreen, round: RoundScreen, scout: ScoutScreen } as const;

export interface WorkScreenProps {
  readonly screen: keyof typeof SCREENS;
}

export function WorkScreen({ screen }: WorkScreenProps) {
  const Screen = SCREENS[screen];
  return <Screen />;
}
