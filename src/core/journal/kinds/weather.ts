import type { DayWeather } from '../../weather/dayWeather';
import type { KindDefinitions } from './definition';

export interface WeatherBodies {
  'weather.noted': DayWeather;
}

export const WEATHER_KINDS: KindDefinitions<WeatherBodies> = {
  'weather.noted': {
    version: 1,
    structural: false,
    clockDays: true,
    subjects: ({ day }, each) => each('weather', day),
  },
};
