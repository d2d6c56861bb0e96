import Joi from 'joi';
import { CROP_IDS } from '@/core/crops/catalogue';
import { READING_SOURCES, SEEN_HOURS, type WeatherBodies } from '@/core/journal/kinds/weather';
import { RAIN_AMOUNTS } from '@/core/weather/dayWeather';
import { day, oneOf, record, within, type KindSchemas } from '../fields';

/** Of an hour; what was not measured is `null`. */
const ROW = (): Joi.ArraySchema =>
  Joi.array().ordered(
    within('ms').integer().required(),
    within('airC').required(),
    ...(['humidity', 'rainMm', 'wind', 'light'] as const).map((each) => within(each).allow(null).required()),
  );

export const WEATHER_SCHEMAS: KindSchemas<WeatherBodies> = {
  'hours.seen': () => record({ crop: oneOf(CROP_IDS), day, seen: oneOf(SEEN_HOURS) }),
  'weather.noted': () =>
    record({
      day,
      dawnC: within('dawnC'),
      maxC: within('maxC'),
      rain: oneOf(RAIN_AMOUNTS),
      by: oneOf(['station', 'forecast']).optional(),
    }),
  'weather.read': () =>
    record({ day, source: oneOf(READING_SOURCES), readings: Joi.array().items(ROW()).min(1).max(48) }),
};
