import Joi from 'joi';
import type { Reading, StationAnswer } from '@/core/weather/readings';
import { madeOnce, record, within } from './fields';

const reading = (): Joi.ObjectSchema<Reading> =>
  record({
    ms: within('ms').integer(),
    tempC: within('airC'),
    humidity: within('humidity').optional(),
    rainMm: within('rainMm').optional(),
    wind: within('wind').optional(),
    light: within('light').optional(),
  });

/** More hours than any station answers at once. */
const MAX_HOURS = 24 * 30;

const answer = (): Joi.ObjectSchema => {
  const hours = Joi.array().items(reading()).max(MAX_HOURS);
  return record({ issued: within('ms').integer(), readings: hours, forecast: hours });
};

/**
 * What a station answered, if it can be shown.
 *
 * @throws Error when it is no weather.
 */
export function checkStationAnswer(value: unknown): StationAnswer {
  const { error, value: checked } = madeOnce('station', answer).validate(value, { convert: false });
  if (error) throw new Error(`The weather station’s answer cannot be read: ${error.message}`);
  return checked as StationAnswer;
}
