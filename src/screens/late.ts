/**
 * Screens that are fetched when the first of them is opened: those with forms, and the garden's. One chunk, so that
 * what they share does not land in the scripts of every page.
 */
export { BedScreen as bed } from './garden/BedScreen';
export { BarrierScreen as barrier } from './garden/BarrierScreen';
export { CalendarScreen as calendar } from './garden/CalendarScreen';
export { CrossingScreen as crossing } from './garden/CrossingScreen';
export { DescribeScreen as describe } from './garden/DescribeScreen';
export { GardenScreen as garden } from './garden/GardenScreen';
export { OutsideScreen as outside } from './garden/OutsideScreen';
export { PlantsScreen as plants } from './garden/PlantsScreen';
export { StartScreen as start } from './garden/StartScreen';
export { SurroundingsScreen as surroundings } from './garden/SurroundingsScreen';
export { TableScreen as table } from './garden/TableScreen';
export { VarietyScreen as variety } from './garden/VarietyScreen';
export { WeatherScreen as weather } from './today/WeatherScreen';
