import type { WeatherBodies } from '@/core/journal/kinds/weather';
import { RAIN_AMOUNTS } from '@/core/weather/dayWeather';
import { day, oneOf, record, within, type KindSchemas } from '../fields';

export const WEATHER_SCHEMAS: KindSchemas<WeatherBodies> = {
  'weather.noted': () =>
    record({
      day,
      dawnC: within('dawnC'),
      maxC: within('maxC'),
      rain: oneOf(RAIN_AMOUNTS),
    }),
};
