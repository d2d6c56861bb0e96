import { useEffect, useState } from 'react';
import { forecastRequest } from '@/core/opening/openingForecast';
import type { ForecastRequest, OpeningForecast } from '@/core/opening/forecastOpenings';
import { addDays, dayAt } from '@/core/time/calendar';
import { useView } from '@/data/hooks/useView';
import { Outdated } from '@/worker/client';
import { computeClient } from '@/worker/computeClient';

const DAYS = 5;

/** The flowers of tomorrow and the days after it, worked out by the worker; `undefined` until they are. */
export function useForecast(): OpeningForecast | undefined {
  const [answer, setAnswer] = useState<{
    readonly to: ForecastRequest;
    readonly forecast: OpeningForecast;
  }>();
  const request = useView('forecast-inputs', [], ({ store: { journal }, garden, now }) =>
    forecastRequest(journal, garden, addDays(dayAt(now, garden.zone), 1), DAYS),
  );
  useEffect(() => {
    if (!request || request.crops.length === 0) return undefined;
    const client = computeClient();
    client
      .ask((compute) => compute.forecastOpenings(request))
      .then((forecast) => setAnswer({ to: request, forecast }))
      .catch((error: unknown) => {
        if (!(error instanceof Outdated)) throw error;
      });
    return () => client.cancel();
  }, [request]);
  if (request?.crops.length === 0) return { days: request.days, varieties: [] };
  return answer?.to === request ? answer?.forecast : undefined;
}
