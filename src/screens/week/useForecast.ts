import { useEffect, useState } from 'react';
import { forecastRequest } from '@/core/opening/openingForecast';
import type { ForecastRequest, OpeningForecast } from '@/core/opening/forecastOpenings';
import { addDays, dayAt } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import { useGarden } from '@/data/hooks/useGarden';
import { useView } from '@/data/hooks/useView';
import { useAnswer } from '../shell/useAnswer';

const DAYS = 5;

/** The flowers of tomorrow and the days after it, worked out by the worker; `undefined` until they are. */
export function useForecast(): OpeningForecast | undefined {
  const request = useView('forecast-inputs', [], ({ store: { journal }, garden, now }) =>
    forecastRequest(journal, garden, addDays(dayAt(now, garden.zone), 1), DAYS),
  );
  return useForecastFor(request);
}

/** After this the walk's first plant has long been shown. */
const LATER_MS = 600;

/**
 * What the walk should find for the flowers of some days, as it was expected when the walk began: what is counted on it
 * changes nothing of that.
 */
export function useExpectedOnWalk(from: Day | undefined, days: number): OpeningForecast | undefined {
  const { store } = useGarden();
  const [request, setRequest] = useState<ForecastRequest>();
  useEffect(() => {
    const { described, journal } = store;
    if (!described || from === undefined) return undefined;
    const later = setTimeout(() => setRequest(forecastRequest(journal, described, from, days)), LATER_MS);
    return () => clearTimeout(later);
  }, [store, from, days]);
  return useForecastFor(request);
}

function useForecastFor(request: ForecastRequest | undefined): OpeningForecast | undefined {
  const forecast = useAnswer(request?.crops.length === 0 ? undefined : request, (compute, asked) =>
    compute.forecastOpenings(asked),
  );
  return request?.crops.length === 0 ? { days: request.days, varieties: [] } : forecast;
}
