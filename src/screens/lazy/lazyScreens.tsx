import { FruitScreen } from '../fruit/FruitScreen';
import { OneFruitScreen } from '../fruit/OneFruitScreen';
import { SetRatesScreen } from '../fruit/SetRatesScreen';
import { BarrierScreen } from '../garden/BarrierScreen';
import { BedScreen } from '../garden/BedScreen';
import { CalendarScreen } from '../garden/CalendarScreen';
import { CrossingScreen } from '../garden/CrossingScreen';
import { DescribeScreen } from '../garden/DescribeScreen';
import { GardenScreen } from '../garden/GardenScreen';
import { OutsideScreen } from '../garden/OutsideScreen';
import { PlantsScreen } from '../garden/PlantsScreen';
import { StartScreen } from '../garden/StartScreen';
import { SurroundingsScreen } from '../garden/SurroundingsScreen';
import { TableScreen } from '../garden/TableScreen';
import { VarietyScreen } from '../garden/VarietyScreen';
import { WeatherScreen } from '../today/WeatherScreen';

/**
 * Screens that are loaded when the first of them is opened: those with forms, the garden's, the fruit's, and charts
 * that need a library. One chunk, so that what they share does not end up in the scripts of every page.
 */
const SCREENS = {
  barrier: BarrierScreen,
  bed: BedScreen,
  calendar: CalendarScreen,
  crossing: CrossingScreen,
  describe: DescribeScreen,
  fruit: FruitScreen,
  garden: GardenScreen,
  oneFruit: OneFruitScreen,
  outside: OutsideScreen,
  plants: PlantsScreen,
  setRates: SetRatesScreen,
  start: StartScreen,
  surroundings: SurroundingsScreen,
  table: TableScreen,
  variety: VarietyScreen,
  weather: WeatherScreen,
} as const;

export interface LoadedScreenProps {
  readonly screen: keyof typeof SCREENS;
}

export function LoadedScreen({ screen }: LoadedScreenProps) {
  const Screen = SCREENS[screen];
  return <Screen />;
}
