/** Every screen with a form: one chunk, fetched with the form library when the first of them is opened. */
export { AddBedScreen as bed } from '../garden/AddBedScreen';
export { AddPlantsScreen as plants } from '../garden/AddPlantsScreen';
export { StartScreen as start } from '../garden/StartScreen';
export { VarietyScreen as variety } from '../garden/VarietyScreen';
export { WeatherScreen as weather } from '../today/WeatherScreen';
