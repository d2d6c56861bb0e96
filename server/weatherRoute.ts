import type { RequestHandler } from 'express';
import Joi from 'joi';
import { isZone } from '../src/core/time/calendar';
import { weatherAtStation } from './weatherStation';

interface Query {
  readonly latitude: number;
  readonly longitude: number;
  readonly zone: string;
  readonly now: number;
}

const HOURS_BACK = 48;
const HOURS_AHEAD = 96;
/** The app's own clock: of the demo it is another than the server's. */
const EARLIEST = Date.UTC(2000, 0, 1);
const LATEST = Date.UTC(2100, 0, 1);

const QUERY = Joi.object<Query>({
  latitude: Joi.number().min(-90).max(90).required(),
  longitude: Joi.number().min(-180).max(180).required(),
  zone: Joi.string()
    .max(60)
    .required()
    .custom((zone: string, helpers) => (isZone(zone) ? zone : helpers.error('any.invalid'))),
  now: Joi.number().integer().min(EARLIEST).max(LATEST).required(),
});

/** Weather of the simulated station: the last two days by the hour, and a forecast of four. */
export const weatherRoute: RequestHandler = (request, response) => {
  const { value, error } = QUERY.validate(request.query);
  if (error) {
    response.status(400).json({ error: error.message });
    return;
  }
  const { now, ...site } = value;
  response
    .set('Cache-Control', 'no-store')
    .json(weatherAtStation({ site, now, hoursBack: HOURS_BACK, hoursAhead: HOURS_AHEAD }));
};
