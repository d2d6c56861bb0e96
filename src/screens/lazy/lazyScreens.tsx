import { BlossomsScreen } from '../blossoms/BlossomsScreen';
import { MoreScreen } from '../more/MoreScreen';
import { CautionsScreen } from '../more/CautionsScreen';
import { FilesScreen } from '../more/FilesScreen';
import { GlossaryScreen } from '../more/GlossaryScreen';
import { ReportScreen } from '../more/ReportScreen';
import { SettingsScreen } from '../more/SettingsScreen';
import { SuppliesScreen } from '../more/SuppliesScreen';
import { TiesScreen } from '../more/TiesScreen';
import { TimesScreen } from '../more/TimesScreen';
import { FruitScreen } from '../fruit/FruitScreen';
import { LooksScreen } from '../fruit/LooksScreen';
import { OneFruitScreen } from '../fruit/OneFruitScreen';
import { PlantSeasonScreen } from '../fruit/PlantSeasonScreen';
import { SeasonAheadScreen } from '../fruit/SeasonAheadScreen';
import { SetRatesScreen } from '../fruit/SetRatesScreen';
import { TrialsScreen } from '../fruit/TrialsScreen';
import { BarrierScreen } from '../garden/BarrierScreen';
import { BedScreen } from '../garden/BedScreen';
import { BedsScreen } from '../garden/BedsScreen';
import { CageScreen } from '../garden/CageScreen';
import { CagesScreen } from '../garden/CagesScreen';
import { CalendarScreen } from '../garden/CalendarScreen';
import { CrossScreen } from '../garden/CrossScreen';
import { CrossingScreen } from '../garden/CrossingScreen';
import { DescribeScreen } from '../garden/DescribeScreen';
import { GardenScreen } from '../garden/GardenScreen';
import { LookedScreen } from '../garden/LookedScreen';
import { OutsideScreen } from '../garden/OutsideScreen';
import { PlantsScreen } from '../garden/PlantsScreen';
import { StartScreen } from '../garden/StartScreen';
import { SurroundingsScreen } from '../garden/SurroundingsScreen';
import { VarietyScreen } from '../garden/VarietyScreen';
import { WaysScreen } from '../garden/WaysScreen';
import { GuideScreen } from '../guide/GuideScreen';
import { IdentifyScreen } from '../identify/IdentifyScreen';
import { OpenNowScreen } from '../open/OpenNowScreen';
import { PrintScreen } from '../paper/PrintScreen';
import { ClassScreen } from '../practice/ClassScreen';
import { PhonesScreen } from '../phones/PhonesScreen';
import { PracticeScreen } from '../practice/PracticeScreen';
import { RoundListScreen } from '../round/RoundListScreen';
import { RoundScreen } from '../round/RoundScreen';
import { RoutineScreen } from '../routine/RoutineScreen';
import { PollenScreen } from '../pollen/PollenScreen';
import { PortionScreen } from '../pollen/PortionScreen';
import { AddLotScreen } from '../seed/AddLotScreen';
import { LotScreen } from '../seed/LotScreen';
import { MothersScreen } from '../seed/MothersScreen';
import { SegregationScreen } from '../seed/SegregationScreen';
import { SeedScreen } from '../seed/SeedScreen';
import { TakeSeedScreen } from '../seed/TakeSeedScreen';
import { WalkScreen } from '../walk/WalkScreen';
import { TableScreen } from '../table/TableScreen';
import { LoggerScreen } from '../weather/LoggerScreen';
import { WeatherScreen } from '../weather/WeatherScreen';
import { CloseSeasonScreen } from '../years/CloseSeasonScreen';
import { NextSeasonScreen } from '../years/NextSeasonScreen';
import { SeasonScreen } from '../years/SeasonScreen';
import { SeasonsScreen } from '../years/SeasonsScreen';
import { AheadScreen } from '../week/AheadScreen';

/**
 * All screens but Today, which loads them as soon as it has nothing better to do. One chunk, so that what they share
 * does not end up in the scripts of every page.
 */
const SCREENS = {
  addLot: AddLotScreen,
  again: NextSeasonScreen,
  ahead: AheadScreen,
  barrier: BarrierScreen,
  bed: BedScreen,
  beds: BedsScreen,
  blossoms: BlossomsScreen,
  more: MoreScreen,
  cage: CageScreen,
  cages: CagesScreen,
  calendar: CalendarScreen,
  cautions: CautionsScreen,
  close: CloseSeasonScreen,
  cross: CrossScreen,
  crossing: CrossingScreen,
  describe: DescribeScreen,
  files: FilesScreen,
  fruit: FruitScreen,
  garden: GardenScreen,
  glossary: GlossaryScreen,
  guide: GuideScreen,
  identify: IdentifyScreen,
  logger: LoggerScreen,
  oneFruit: OneFruitScreen,
  open: OpenNowScreen,
  lot: LotScreen,
  looked: LookedScreen,
  looks: LooksScreen,
  outside: OutsideScreen,
  phones: PhonesScreen,
  plants: PlantsScreen,
  plantSeason: PlantSeasonScreen,
  pollen: PollenScreen,
  portion: PortionScreen,
  class: ClassScreen,
  practice: PracticeScreen,
  print: PrintScreen,
  report: ReportScreen,
  round: RoundScreen,
  roundList: RoundListScreen,
  routine: RoutineScreen,
  walk: WalkScreen,
  setRates: SetRatesScreen,
  settings: SettingsScreen,
  season: SeasonScreen,
  seed: SeedScreen,
  mothers: MothersScreen,
  segregation: SegregationScreen,
  takeSeed: TakeSeedScreen,
  seasonAhead: SeasonAheadScreen,
  seasons: SeasonsScreen,
  start: StartScreen,
  supplies: SuppliesScreen,
  surroundings: SurroundingsScreen,
  table: TableScreen,
  ties: TiesScreen,
  times: TimesScreen,
  trials: TrialsScreen,
  variety: VarietyScreen,
  ways: WaysScreen,
  weather: WeatherScreen,
} as const;

export { BeforeFlowers } from '../week/BeforeFlowers';
export { FirstSteps } from '../week/FirstSteps';
export { TodayEnd } from '../week/TodayEnd';
export { WeekAhead } from '../week/WeekAhead';
/** What a round to come takes, for Today. */
export { roundMinutes } from '../round/roundMinutes';
/** Where no screen's own button tells what was undone. */
export { Undone } from '../shell/WithUndo';

export interface LoadedScreenProps {
  readonly screen: keyof typeof SCREENS;
}

export function LoadedScreen({ screen }: LoadedScreenProps) {
  const Screen = SCREENS[screen];
  return <Screen />;
}
