import type { Bodies } from '../src/core/journal/kinds/kinds';
import { daysBetween } from '../src/core/time/calendar';
import type { Day } from '../src/core/time/types';
import type { Chance } from './chance';
import { FIRST_MORNING, HEAT, RAIN, type DemoVariety } from './estate';

/** A day's weather over the demo garden. */
export function weatherOf(day: Day): Omit<Bodies['weather.noted'], 'day'> {
  const swing = Math.sin(daysBetween(FIRST_MORNING, day) * 1.7);
  if (RAIN.includes(day)) return { dawnC: 11, maxC: 16, rain: 'long' };
  if (HEAT.includes(day)) return { dawnC: 18, maxC: 33, rain: 'none' };
  return {
    dawnC: Math.round(11 + 2 * swing),
    maxC: Math.round(23 + 3 * swing),
    rain: swing < -0.93 ? 'showers' : 'none',
  };
}

/** What fate has in store for a pollinated flower. */
export interface Fate {
  readonly dropsOn: number | undefined;
  readonly cause: Bodies['looked']['cause'];
}

/** Rain, heat and a single male cost fruit. */
export function fateOf(variety: DemoVariety, morning: Day, males: number, chance: Chance): Fate {
  const rain = RAIN.includes(morning);
  const heat = HEAT.includes(morning);
  const keeps = variety.keeps * (rain ? 0.45 : heat ? 0.65 : 1) * (males > 1 ? 1.1 : 0.9);
  if (chance.happens(keeps)) return { dropsOn: undefined, cause: undefined };
  const early = chance.happens(0.75);
  const dropsOn = Math.round(early ? chance.between(3, 7) : chance.between(9, 13));
  if (rain) return { dropsOn, cause: 'rain' };
  if (heat) return { dropsOn, cause: 'heatOrCold' };
  if (!early) return { dropsOn, cause: 'tooMuchFruit' };
  return { dropsOn, cause: chance.happens(0.6) ? 'neverPollinated' : 'partlyPollinated' };
}
