import zoneAt from '@photostructure/tz-lookup';
import { cityMapping } from 'city-timezones';
import { deviceZone } from '../clock';
import { parseCoordinates, type LatLon } from './coordinates';
import { PlaceIndex, type Place } from './findPlaces';
import type { PlaceFinder } from './placeFinder';

/** Looks places up in the shipped list of towns, and zones in the shipped map of them. */
export function placeFinder(): PlaceFinder {
  const index = new PlaceIndex(cityMapping, deviceZone());
  const at = ({ latitude, longitude }: LatLon): Place => {
    const near = index.nearest({ latitude, longitude });
    return {
      name: near ? `Near ${near.name}` : 'By coordinates',
      region: near?.region ?? '',
      country: near?.country ?? '',
      latitude,
      longitude,
      zone: zoneAt(latitude, longitude),
    };
  };
  return {
    at,
    find: (text) => {
      const coordinates = parseCoordinates(text);
      return coordinates ? [at(coordinates)] : index.find(text);
    },
  };
}
