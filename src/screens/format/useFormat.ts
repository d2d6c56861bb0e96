import { useDevice } from '@/data/hooks/useDevice';
import { useZone } from '@/data/hooks/useGarden';
import { formatFor, type Format } from './format';

/** English of the device's own kind, so that dates read as words around them do. */
function englishLocale(): string {
  const wanted = typeof navigator === 'undefined' ? 'en-GB' : navigator.language;
  return wanted.startsWith('en') ? wanted : 'en-GB';
}

/** Numbers, times and days as this grower reads them. */
export const useFormat = (): Format => useFormatIn(useZone());

/** The same, with the times of a place other than the garden. */
export function useFormatIn(zone: string): Format {
  const { units, hours } = useDevice().settings;
  return formatFor(zone, units, hours, englishLocale());
}
